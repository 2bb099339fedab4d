import { COMPONENTS, type Component } from '../aqueous/index.ts'
import type { Tube } from '../tube/index.ts'
import { contentsBefore } from './foretell.ts'
import type { Hypothesis } from './hypothesis.ts'
import { CANDIDATES } from './ions.ts'
import type { RecordedTube, SampleRecord } from './record.ts'
import { posteriorWithout, type Scored } from './scored.ts'
import type { Probability } from './tables/leftOut.ts'

/** mol/dm³ of an ion from which a product is said to hold it. */
const HOLDS_FROM = 2e-3
const COMPONENT_OF: ReadonlyMap<string, Component> = new Map(
  Object.entries(COMPONENTS).map(([name, { formula }]) => [formula, name as Component]),
)
/** Hypotheses whose products are worked out. */
const WORKED_OUT = 100

function holds({ contents }: Tube, ion: string): boolean {
  const component = COMPONENT_OF.get(ion === 'NH4+' ? 'NH3' : ion)
  const amount = component === undefined ? 0 : (contents.amounts[component] ?? 0)
  return (amount * 1000) / (contents.volume || 1) > HOLDS_FROM
}

const ionsOf = (tube: Tube | undefined) => (tube ? CANDIDATES.filter(({ ion }) => holds(tube, ion)).map(({ ion }) => ion) : [])

/** What is known of a sample that is the product of other tubes. */
export interface Product {
  /** Which hypotheses make a product that holds an ion; undefined where it was not worked out. */
  readonly holding: (ion: string) => readonly (boolean | undefined)[]
  /** Ions that came with the reagents: nothing can be said of them. */
  readonly brought: ReadonlySet<string>
  /** What an ion of the jar has become in the product; itself where it still is. */
  readonly became: (ion: string) => readonly string[]
}

/** What the likeliest hypotheses of a jar leave in the product that was made of it. */
export function productOf(scored: readonly Scored[], weights: readonly number[], { tubes }: SampleRecord): Product {
  const [tube] = tubes.filter(({ before }) => before.length > 0)
  const likeliest = new Set(
    scored
      .map((_, index) => index)
      .toSorted((a, b) => (weights[b] ?? 0) - (weights[a] ?? 0))
      .slice(0, WORKED_OUT),
  )
  const before = (hypothesis: Hypothesis, one: RecordedTube | undefined = tube) => one && contentsBefore(hypothesis, one)
  const contents = scored.map(({ hypothesis }, index) => (likeliest.has(index) ? before(hypothesis) : undefined))
  const brought = new Set(ionsOf(before({ ions: [] })))
  return {
    brought,
    holding: (ion) => contents.map((found) => found && holds(found, ion)),
    became: (ion) => {
      const candidate = CANDIDATES.filter((one) => one.ion === ion)
      const now = ionsOf(before({ ions: candidate })).filter((one) => !brought.has(one))
      return now.includes(ion) || now.length === 0 ? [ion] : now
    },
  }
}

/** Probability of what holds, among what was worked out. */
function sumWhere(holding: readonly (boolean | undefined)[], weights: readonly number[]): number {
  let [held, all] = [0, 0]
  holding.forEach((holds, index) => {
    if (holds === undefined) return
    all += weights[index] ?? 0
    if (holds) held += weights[index] ?? 0
  })
  return all > 0 ? held / all : 0
}

/** Probability of an ion in a product with one recorded step left out, or with none. */
export function probabilitiesIn(
  { holding }: Product,
  scored: readonly Scored[],
  weights: readonly number[],
  steps: number,
): Probability {
  const leftOut = Array.from({ length: steps }, (_, step) => posteriorWithout(scored, step))
  const holdings = new Map(CANDIDATES.map(({ ion }) => [ion, holding(ion)]))
  return (ion, without) => sumWhere(holdings.get(ion) ?? [], without === undefined ? weights : (leftOut[without] ?? []))
}
