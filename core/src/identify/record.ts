import { type ObservedFact, readObservation, readTubes } from '../observe/index.ts'
import { type PartOf, sampleForms, sampleLooks, stepName, type Task, tubeLine, tubesById } from '../record/index.ts'
import { bringsUnknown, playedAmount, type TubeStep } from '../tube/index.ts'
import { type Features, featuresRead } from './features.ts'
import type { SampleForm } from './hypothesis.ts'
import { CANDIDATES } from './ions.ts'
import type { Stated } from './priors.ts'
import { statedIn } from './stated.ts'

export type Rack = PartOf<'rack'>
type Sample = Rack['samples'][number]
type RackTube = Sample['tubes'][number]

/** One step of a rack with what was read of it. */
export interface RecordedStep {
  /** Where it stands: `P1.3`. */
  readonly at: string
  readonly step: TubeStep
  readonly facts: readonly ObservedFact[]
  /** What the student wrote. */
  readonly saw: string
  /** Nothing where nothing was written or understood, or where the tube holds something the bench does not know. */
  readonly seen: Features | undefined
}

/** A tube: its steps, after those of the tubes it was begun from. */
export interface RecordedTube {
  readonly id: string
  /** What the first of the tubes it was begun from held, and how it came. */
  readonly cm3: number
  readonly form: SampleForm
  readonly before: readonly TubeStep[]
  readonly steps: readonly RecordedStep[]
  /** What was done in it, by itself. */
  readonly did: readonly TubeStep[]
}

const USUAL_PORTION = 1
/** What was done before a tube's own steps: everything in the tubes it was begun from, and the residue or filtrate taken. */
function stepsBefore(line: readonly RackTube[], drops: number | undefined): readonly TubeStep[] {
  return line.slice(0, -1).flatMap(({ steps }, index) => {
    const taken: readonly TubeStep[] = line[index + 1]?.take === 'residue' ? [{ do: 'residue' }] : []
    return [...steps.map((step) => stepOf(step, drops)), ...taken]
  })
}

/** A step of the rack as the model plays it. */
const stepOf = (
  { do: act, reagent, amount, order, with: others }: RackTube['steps'][number],
  dropsPerCm3: number | undefined,
): TubeStep => ({
  do: act,
  reagent,
  amount: playedAmount(amount, dropsPerCm3),
  ...(order ? { order } : {}),
  ...(others ? { with: others.map((one) => ({ ...one, amount: playedAmount(one.amount, dropsPerCm3) })) } : {}),
})

/** A solid's tube without a volume holds a spatula tip of it; with one, so much of its solution. */
function recorded(tube: RackTube, line: readonly RackTube[], form: SampleForm, drops: number | undefined): RecordedTube {
  const [first = tube] = line
  const before = stepsBefore(line, drops)
  const isSolid = form === 'solid' && first.cm3 === undefined
  const read = readTubes(line, isSolid).tubes.at(-1) ?? []
  let known = !before.some(bringsUnknown)
  return {
    id: tube.id,
    cm3: Number(first.cm3 ?? USUAL_PORTION),
    form: isSolid ? 'solid' : 'solution',
    before,
    did: tube.steps.map((step) => stepOf(step, drops)),
    steps: tube.steps.map((step, index): RecordedStep => {
      const saw = step.saw ?? ''
      const facts = read[index]?.observation.facts.map(({ fact }) => fact) ?? []
      known = known && !bringsUnknown(step)
      const seen = known ? featuresRead(facts, step) : undefined
      return { at: stepName(tube.id, index), step: stepOf(step, drops), facts, saw, seen }
    }),
  }
}

/** Everything that was recorded of what came from one jar. */
export interface SampleRecord {
  readonly material: string
  readonly tubes: readonly RecordedTube[]
  /** For a sample that is the product of other tubes: the jar it came from. */
  readonly root?: string
}

/** What is known of a rack besides what was done and seen. */
export interface RackKnown {
  /** How each sample came, by its material; a solution where nothing is said. */
  readonly forms?: Readonly<Record<string, SampleForm>>
  /** Materials that the sheet calls liquids, not solutions. */
  readonly liquids?: readonly string[]
  /** How each looked that came dissolved, in the student's words. */
  readonly looks?: Readonly<Record<string, string>>
  /** What the sheet states of each beforehand, by its material. */
  readonly stated?: Readonly<Record<string, Stated>>
  /** Drops of this bench's droppers to 1 cm³. */
  readonly dropsPerCm3?: number
}

/**
 * The ions that a sheet's list leaves. What names no ion that is known stays on the list as it was written, and counts for
 * nothing; a list of cations alone limits no anions, and the other way round.
 */
function fullList(listed: readonly string[]): readonly string[] {
  const named = CANDIDATES.filter(({ ion }) => listed.includes(ion))
  const unlimited = CANDIDATES.filter(({ kind, rare }) => !rare && named.every((one) => one.kind !== kind))
  return named.length > 0 ? [...named, ...unlimited].map(({ ion }) => ion) : []
}

/** What a task says of a rack of its. */
export function knownOf(task: Task, { dropsPerCm3, listed }: Rack): RackKnown {
  const named = fullList(listed ?? [])
  const stated = task.materials.flatMap(({ id, note }): readonly (readonly [string, Stated])[] => {
    const said: Stated = { ...statedIn(note ?? ''), ...(named.length > 0 ? { listed: named } : {}) }
    return Object.keys(said).length > 0 ? [[id, said]] : []
  })
  const liquids = task.materials.flatMap(({ id, form }) => (form === 'liquid' ? [id] : []))
  return {
    forms: sampleForms(task),
    ...(liquids.length > 0 ? { liquids } : {}),
    looks: sampleLooks(task),
    ...(stated.length > 0 ? { stated: Object.fromEntries(stated) } : {}),
    ...(dropsPerCm3 === undefined ? {} : { dropsPerCm3: Number(dropsPerCm3) }),
  }
}

/**
 * The record of every sample of a rack. What was seen of a product tells of the jar it came from, too: its tubes belong
 * to both.
 */
export function recordsOf(samples: readonly Sample[], known: RackKnown = {}): readonly SampleRecord[] {
  const { forms = {}, looks = {}, dropsPerCm3 } = known
  const tubes = tubesById(samples)
  const homes = new Map(samples.flatMap(({ material, tubes: own }) => own.map(({ id }) => [id, material] as const)))
  const rooted = samples.flatMap(({ material, tubes: own }) =>
    own.map((tube) => {
      const line = tubeLine(tube, tubes)
      const root = homes.get(line[0]?.id ?? '') ?? material
      return { material, root, tube: recorded(tube, line, forms[root] ?? 'solution', dropsPerCm3) }
    }),
  )
  return samples.map(({ material }): SampleRecord => {
    const mine = rooted.filter((one) => one.material === material)
    const [first] = mine
    const isProduct = first !== undefined && mine.every(({ root }) => root !== material && root === first.root)
    const belong = isProduct ? rooted.filter(({ root }) => root === first.root) : rooted.filter(({ root }) => root === material)
    const root = isProduct ? first.root : material
    const looked = lookedAt(looks[root])
    const all = [...(looked && belong.length > 0 ? [looked] : []), ...belong.map(({ tube }) => tube)]
    return { material, tubes: all, ...(isProduct ? { root } : {}) }
  })
}

/** Where the appearance of a sample stands as evidence. */
const APPEARANCE = 'appearance'
const LOOK: TubeStep = { do: 'look' }

/** How a solution looked before anything was done, as a step of its own. */
function lookedAt(saw: string | undefined): RecordedTube | undefined {
  const facts = readObservation(saw ?? '', LOOK).facts.map(({ fact }) => fact)
  const seen = featuresRead(facts.map(ofSolution), LOOK)
  if (saw === undefined || !seen) return undefined
  const step: RecordedStep = { at: APPEARANCE, step: LOOK, facts, saw, seen }
  return { id: APPEARANCE, cm3: USUAL_PORTION, form: 'solution', before: [], did: [LOOK], steps: [step] }
}

/** "Pale green", said of what is dissolved, is the colour of the solution. */
const ofSolution = (fact: ObservedFact): ObservedFact => (fact.kind === 'solid' ? { kind: 'solution', to: fact.colour } : fact)
