import { decimalPlaces, Exact, formatFigures } from '../number/index.ts'
import { expandedOf, type Gradient, gradientOf, type Program, varianceOf } from '../propagate/index.ts'
import { type Answer, type OpenNetwork, openNetwork } from '../reckon/index.ts'
import type { Task } from '../record/index.ts'
import type { Source } from './source.ts'
import { sourcesOf, statedIn } from './sources.ts'

/** What one source brings to an answer. */
export interface SourceShare {
  readonly source: Source
  /** Standard uncertainty of the answer from this source alone, as a part of the answer. */
  readonly relative: number
  /** Its part of the combined variance, 0 to 1. */
  readonly share: number
  /** The largest error of the answer from this source as schools add them up, as a part of the answer. */
  readonly limit: number
}

/** A change at the bench, and what it would make of the expanded uncertainty. */
export interface Gain {
  readonly says: string
  /** The source it is about. */
  readonly source: string
  /** Relative expanded uncertainty as it is, and as it would be. */
  readonly from: number
  readonly to: number
}

/** How sure an answer is, all as parts of the answer, so that they hold in any unit. */
export interface Sureness {
  /** Combined standard uncertainty. */
  readonly standard: number
  /** Expanded uncertainty, k = 2. */
  readonly expanded: number
  /** The school's sum of percentage errors, as a part of the answer. */
  readonly limit: number
  /** Largest share first. */
  readonly shares: readonly SourceShare[]
  /** The improvement that would help most. */
  readonly gain?: Gain
  /** What was taken as exact, in words. */
  readonly stated: readonly string[]
  readonly program: Program
}

const contributionsOf = (sources: readonly Source[]) => sources.flatMap(({ contributions }) => contributions)

/**
 * The largest error of an answer by the rule of schools: percentage errors are added where quantities are multiplied
 * or divided, errors themselves where they are added or taken away. To first order that is Σ |∂f/∂x|·a for readings x
 * known to ±a.
 */
function limitOf(gradient: Gradient, { limits }: Source): number {
  return limits.reduce((total, { on, halfWidth }) => total + Math.abs(gradient.by(on) * halfWidth), 0)
}

/** A source with the variance it brings to the answer. */
interface Weighed {
  readonly source: Source
  readonly variance: number
}

/** The change that helps most. What other sources bring stays as it is: only what a change itself leaves is worked out anew. */
function bestGain(gradient: Gradient, weighed: readonly Weighed[], total: number): Gain | undefined {
  const size = Math.abs(gradient.value)
  const from = expandedOf(total) / size
  const gains = weighed.flatMap(({ source, variance }): Gain[] => {
    if (!source.better) return []
    const left = Math.max(0, total - variance) + varianceOf(gradient, source.better.contributions)
    const to = expandedOf(left) / size
    return to < from ? [{ says: source.better.says, source: source.id, from, to }] : []
  })
  return gains.toSorted((a, b) => a.to - b.to)[0]
}

/** How sure an answer is, from the glass, the balance and the readings it rests on; undefined where there is no answer. */
export function surenessOf(task: Task, question: string, network: OpenNetwork = openNetwork(task)): Sureness | undefined {
  const program = network.program(question)
  if (!program) return undefined
  const rests = network.restsOf(question)
  const gradient = gradientOf(program)
  const weighed = sourcesOf(task, rests).map((source) => ({ source, variance: varianceOf(gradient, source.contributions) }))
  const total = weighed.reduce((sum, { variance }) => sum + variance, 0)
  // Where nothing is known of any source, to say ± 0 would be wrong.
  if (gradient.value === 0 || total === 0 || !Number.isFinite(total)) return undefined
  const size = Math.abs(gradient.value)
  const shares = weighed
    .map(
      ({ source, variance }): SourceShare => ({
        source,
        relative: Math.sqrt(variance) / size,
        share: variance / total,
        limit: limitOf(gradient, source) / size,
      }),
    )
    .filter(({ relative, limit }) => relative > 0 || limit > 0)
    .toSorted((a, b) => b.share - a.share)
  const gain = bestGain(gradient, weighed, total)
  return {
    standard: Math.sqrt(total) / size,
    expanded: expandedOf(total) / size,
    limit: shares.reduce((sum, { limit }) => sum + limit, 0),
    shares,
    ...(gain ? { gain } : {}),
    stated: statedIn(rests),
    program,
  }
}

/** Contributions of all sources, for trials. */
export function contributionsIn({ shares }: Sureness) {
  return contributionsOf(shares.map(({ source }) => source))
}

/**
 * The expanded uncertainty of an answer as it is written after ±: in the last place of the answer, and never nought.
 * In standard form only where the answer is.
 *
 * @param answer - the answer as written, and unrounded, in the unit it is given in
 * @example
 * plusMinus(sureness, { value: '12.2', unrounded: 12.169 }) // '0.1' where the sum is 0.078
 */
export function plusMinus(
  { expanded }: Sureness,
  answer: { readonly value: string; readonly unrounded: number },
): string | undefined {
  const size = new Exact(expanded).mul(Math.abs(answer.unrounded))
  if (size.isZero()) return undefined
  const [digits = '', exponent] = answer.value.split('e')
  const lastPlace = new Exact(10).pow(Number(exponent ?? 0) - decimalPlaces(digits))
  // In the places of the answer, so that both can be written beneath each other: 4.99 ± 0.12.
  const places = size.div(lastPlace).toDecimalPlaces(0, Exact.ROUND_HALF_UP)
  const rounded = places.isZero() ? lastPlace : places.mul(lastPlace)
  return exponent === undefined
    ? rounded.toFixed(decimalPlaces(digits))
    : formatFigures(rounded, Math.max(1, places.precision(true)))
}

/** How sure an answer is, and what is written after its ±. */
export interface Sure {
  readonly sureness: Sureness
  readonly plusMinus?: string
}

/** How sure every answer is that is there, by question. */
export function sureAnswers(task: Task, answers: readonly Answer[]): ReadonlyMap<string, Sure> {
  const network = openNetwork(task)
  return new Map(
    answers.flatMap(({ question, value, unrounded }) => {
      const sureness = value === null ? undefined : surenessOf(task, question, network)
      if (!sureness || value === null || unrounded === undefined) return []
      const written = plusMinus(sureness, { value, unrounded })
      return [[question, { sureness, ...(written === undefined ? {} : { plusMinus: written }) }] as const]
    }),
  )
}
