import { type ObservedFact, readObservation } from '../observe/index.ts'
import { type PartOf, stepName } from '../record/index.ts'
import { bringsUnknown, type TubeStep } from '../tube/index.ts'
import { type Features, featuresRead } from './features.ts'
import type { SampleForm } from './hypothesis.ts'

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
/** Tubes begun from one another, at most: a ring of them would never end. */
const DEEPEST = 20

/** All tubes of a rack by their names. */
function tubesIn(samples: readonly Sample[]): ReadonlyMap<string, RackTube> {
  return new Map(samples.flatMap(({ tubes }) => tubes.map((tube) => [tube.id, tube] as const)))
}

/** What was done before a tube's own steps: everything in the tube it was begun from, and the residue or filtrate taken. */
function stepsBefore(tubes: ReadonlyMap<string, RackTube>, tube: RackTube, depth = 0): readonly TubeStep[] {
  const parent = tube.from === undefined || depth > DEEPEST ? undefined : tubes.get(tube.from)
  if (!parent) return []
  const taken: readonly TubeStep[] = tube.take === 'residue' ? [{ do: 'residue' }] : []
  return [...stepsBefore(tubes, parent, depth + 1), ...parent.steps.map(stepOf), ...taken]
}

/** A step of the rack as the model plays it. */
const stepOf = ({ do: act, reagent, amount, order }: RackTube['steps'][number]): TubeStep => ({
  do: act,
  reagent,
  amount,
  ...(order ? { order } : {}),
})

/** The sample a tube's contents come from in the end, and the tube it was first put in. */
function rootOf(samples: readonly Sample[], tube: RackTube, own: string, depth = 0): { material: string; tube: RackTube } {
  if (tube.from === undefined || depth > DEEPEST) return { material: own, tube }
  const parent = samples.find(({ tubes }) => tubes.some(({ id }) => id === tube.from))
  const inside = parent?.tubes.find(({ id }) => id === tube.from)
  return parent && inside ? rootOf(samples, inside, parent.material, depth + 1) : { material: own, tube }
}

/** A solid's tube without a volume holds a spatula tip of it; with one, so much of its solution. */
function recorded(tubes: ReadonlyMap<string, RackTube>, tube: RackTube, first: RackTube, form: SampleForm): RecordedTube {
  const before = stepsBefore(tubes, tube)
  let known = !before.some(bringsUnknown)
  return {
    id: tube.id,
    cm3: Number(first.cm3 ?? USUAL_PORTION),
    form: form === 'solid' && first.cm3 === undefined ? 'solid' : 'solution',
    before,
    did: tube.steps.map(stepOf),
    steps: tube.steps.map((step, index): RecordedStep => {
      const saw = step.saw ?? ''
      const facts = readObservation(saw).facts.map(({ fact }) => fact)
      known = known && !bringsUnknown(step)
      const seen = known ? featuresRead(facts, step) : undefined
      return { at: stepName(tube.id, index), step: stepOf(step), facts, saw, seen }
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

/**
 * The record of every sample of a rack. What was seen of a product tells of the jar it came from, too: its tubes belong
 * to both.
 *
 * @param forms - how each sample came, by its material; a solution where nothing is said
 */
export function recordsOf(samples: readonly Sample[], forms: Readonly<Record<string, SampleForm>> = {}): readonly SampleRecord[] {
  const tubes = tubesIn(samples)
  const rooted = samples.flatMap(({ material, tubes: own }) =>
    own.map((tube) => {
      const root = rootOf(samples, tube, material)
      const form = forms[root.material] ?? 'solution'
      return { material, root: root.material, tube: recorded(tubes, tube, root.tube, form) }
    }),
  )
  return samples.map(({ material }): SampleRecord => {
    const mine = rooted.filter((one) => one.material === material)
    const [first] = mine
    const isProduct = first !== undefined && mine.every(({ root }) => root !== material && root === first.root)
    const belong = isProduct ? rooted.filter(({ root }) => root === first.root) : rooted.filter(({ root }) => root === material)
    return { material, tubes: belong.map(({ tube }) => tube), ...(isProduct ? { root: first.root } : {}) }
  })
}
