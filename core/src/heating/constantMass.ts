import { decimalPlaces, Exact } from '../number/index.ts'
import { entryText, type PartOf } from '../record/index.ts'

/** Two masses that differ by no more than this are constant, in g, where the task says nothing: the last digit of a two-place balance. */
const USUAL_LIMIT = '0.01'

/** One weighing of a heating: the container with the solid, and how it changed since the one before. */
export interface HeatingStep {
  readonly index: number
  readonly mass: Exact
  /** As written. */
  readonly text: string
  /** This mass less the one before, g; undefined for the first. */
  readonly change?: Exact
}

/** What the weighings of a heating come to. */
export interface HeatingAssessment {
  readonly steps: readonly HeatingStep[]
  /** The last two masses after heating agree within the limit. */
  readonly constant: boolean
  /** Mass driven off so far, g, with the decimals of the balance. */
  readonly lost?: { readonly mass: Exact; readonly text: string }
  readonly within: string
}

/**
 * Judges whether constant mass has been reached: the last two weighings after heating differ by no more than the limit.
 * The first mass is that before heating, so three are needed. Common practice.
 */
export function assessHeating({ masses, within = USUAL_LIMIT }: Pick<PartOf<'heating'>, 'masses' | 'within'>): HeatingAssessment {
  const texts = masses.map(({ mass }) => entryText(mass))
  const read = texts.map((text) => new Exact(text))
  const places = Math.max(0, ...texts.map(decimalPlaces))
  const steps = read.map((mass, index): HeatingStep => {
    const [before, text = ''] = [read[index - 1], texts[index]]
    return before ? { index, mass, text, change: mass.sub(before) } : { index, mass, text }
  })
  const [first, last] = [read[0], read.at(-1)]
  const lastChange = read.length > 2 ? steps.at(-1)?.change : undefined
  return {
    steps,
    constant: lastChange?.abs().lte(within) ?? false,
    within,
    ...(first && last && read.length > 1 ? { lost: { mass: first.sub(last), text: first.sub(last).toFixed(places) } } : {}),
  }
}
