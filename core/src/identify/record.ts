import { type ObservedFact, readObservation } from '../observe/index.ts'
import { type PartOf, stepName, tubeLine, tubesById } from '../record/index.ts'
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
/** What was done before a tube's own steps: everything in the tubes it was begun from, and the residue or filtrate taken. */
function stepsBefore(line: readonly RackTube[]): readonly TubeStep[] {
  return line.slice(0, -1).flatMap(({ steps }, index) => {
    const taken: readonly TubeStep[] = line[index + 1]?.take === 'residue' ? [{ do: 'residue' }] : []
    return [...steps.map(stepOf), ...taken]
  })
}

/** A step of the rack as the model plays it. */
const stepOf = ({ do: act, reagent, amount, order }: RackTube['steps'][number]): TubeStep => ({
  do: act,
  reagent,
  amount,
  ...(order ? { order } : {}),
})

/** A solid's tube without a volume holds a spatula tip of it; with one, so much of its solution. */
function recorded(tube: RackTube, line: readonly RackTube[], form: SampleForm): RecordedTube {
  const [first = tube] = line
  const before = stepsBefore(line)
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
  const tubes = tubesById(samples)
  const homes = new Map(samples.flatMap(({ material, tubes: own }) => own.map(({ id }) => [id, material] as const)))
  const rooted = samples.flatMap(({ material, tubes: own }) =>
    own.map((tube) => {
      const line = tubeLine(tube, tubes)
      const root = homes.get(line[0]?.id ?? '') ?? material
      return { material, root, tube: recorded(tube, line, forms[root] ?? 'solution') }
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
