import { GASES } from '../gas/index.ts'
import { type Contents, settle, withAmounts } from './contents.ts'
import { AMMONIA_ON_LITMUS } from './thresholds.ts'

/** A gas that came off, mol, with the equation for it. */
export interface GasOff {
  readonly gas: string
  readonly amount: number
  readonly equation: string
  /** Of that what leaves the surface without bubbles, and is smelt or shown by a paper. */
  readonly quiet?: number
}

const RULES = GASES.flatMap(({ gas, comesOff }) => (comesOff ? [{ gas, ...comesOff }] : []))
type GasRule = (typeof RULES)[number]

/** What the gases that water lets go are made of, acid aside. */
const SOURCES = RULES.flatMap(({ takes }) =>
  (Object.keys(takes) as (keyof typeof takes)[]).filter((component) => component !== 'H' && (takes[component] ?? 0) > 0),
)

/** Whether there is anything in a tube that acid could set gas free from. */
export const mayFizz = ({ amounts }: Contents) => SOURCES.some((component) => (amounts[component] ?? 0) > 0)

/** Hot water holds a small part of what cold does. */
const HOT_HOLDS = 0.05
const MOST_ROUNDS = 12
/** Gas that comes off at once, mol/dm³, from which it stirs the tube; the part of what is held that then goes, too (judgement). */
const MUCH_GAS = 0.02
const CARRIED = 0.6
const LEAST = 1e-8

/**
 * Lets off what water cannot hold; every round shifts the equilibrium, so it is done until nothing more comes.
 *
 * @param passed - a gas that is passed in: what does not dissolve goes through, and tells nothing
 */
export function letGasOff(
  contents: Contents,
  boiling = false,
  passed?: string,
): { readonly contents: Contents; readonly off: readonly GasOff[] } {
  if (!mayFizz(contents)) return { contents, off: [] }
  let now = contents
  const amounts = new Map<GasRule, number>()
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const { species } = settle(now)
    let some = false
    for (const rule of RULES) {
      if (rule.gas === passed) continue
      const held = rule.held * (boiling ? 0 : now.hot ? HOT_HOLDS : 1)
      const over = (((species.get(rule.species) ?? 0) - held) * now.volume) / 1000
      if (over <= LEAST) continue
      // Much gas carries more with it than what water cannot hold.
      const carried = over > (MUCH_GAS * now.volume) / 1000 ? (CARRIED * held * now.volume) / 1000 : 0
      some = true
      now = withAmounts(now, rule.takes, -(over + carried))
      amounts.set(rule, (amounts.get(rule) ?? 0) + (over + carried) * rule.gives)
    }
    if (!some) break
  }
  return { contents: now, off: [...amounts].map(([{ gas, equation }, amount]) => ({ gas, amount, equation })) }
}

/** Part of the dissolved sulfur dioxide that leaves a tube during a step, cold and hot (judgement). */
const SULFUR_DIOXIDE_LEAVES = { cold: 0.05, hot: 0.25 } as const
/** Dissolved sulfur dioxide that is smelt over a tube, mol/dm³, cold and hot (judgement: its smell is met at once). */
const SULFUR_DIOXIDE_SMELT = { cold: 0.01, hot: 0.002 } as const

/** Sulfur dioxide, which water holds well, over the tube all the same. */
export function letSulfurDioxideOff(contents: Contents): { readonly contents: Contents; readonly off: readonly GasOff[] } {
  if (!((contents.amounts.SO3 ?? 0) > 0)) return { contents, off: [] }
  const how = contents.hot ? 'hot' : 'cold'
  const held = settle(contents).species.get('SO2') ?? 0
  if (held < SULFUR_DIOXIDE_SMELT[how]) return { contents, off: [] }
  const amount = (SULFUR_DIOXIDE_LEAVES[how] * held * contents.volume) / 1000
  const equation = 'SO3^2-(aq) + 2H+(aq) -> SO2(g) + H2O(l)'
  return {
    contents: withAmounts(contents, { SO3: -amount, H: -2 * amount }),
    off: [{ gas: 'SO2', amount, equation, quiet: amount }],
  }
}

/** Hydrogen peroxide on manganese(IV) oxide, which only hastens it. */
export function letOxygenOff(contents: Contents): { readonly contents: Contents; readonly off: readonly GasOff[] } {
  const peroxide = contents.amounts.H2O2 ?? 0
  const oxide = (contents.inert.MnO2 ?? 0) + (contents.dry.MnO2 ?? 0)
  if (!(oxide > 0) || !(peroxide > 1e-7)) return { contents, off: [] }
  const equation = '2H2O2(aq) -> 2H2O(l) + O2(g)'
  return { contents: withAmounts(contents, { H2O2: -peroxide }), off: [{ gas: 'O2', amount: peroxide / 2, equation }] }
}

/** Ammonia over a hot tube: what is dissolved as such; boiling drives it all off. */
export function letAmmoniaOff(
  contents: Contents,
  boiling: boolean,
): { readonly contents: Contents; readonly off: readonly GasOff[] } {
  const free = settle(contents).species.get('NH3') ?? 0
  if (!contents.hot || free < AMMONIA_ON_LITMUS) return { contents, off: [] }
  const amount = (free * contents.volume) / 1000
  // What is ammonium still stays: boiling drives off only what alkali has set free.
  const lost = boiling ? amount : amount / 4
  const equation = 'NH4+(aq) + OH-(aq) -> NH3(g) + H2O(l)'
  return { contents: withAmounts(contents, { NH3: -lost }), off: [{ gas: 'NH3', amount: lost, equation }] }
}
