import type { Component } from '../aqueous/index.ts'
import { type Contents, settle, withAmounts } from './contents.ts'
import { AMMONIA_ON_LITMUS, GAS_HELD } from './thresholds.ts'

/** A gas that came off, mol, with the equation for it. */
export interface GasOff {
  readonly gas: string
  readonly amount: number
  readonly equation: string
}

interface GasRule {
  readonly species: keyof typeof GAS_HELD
  readonly gas: string
  /** What one mol of the dissolved gas takes with it. */
  readonly takes: Readonly<Partial<Record<Component, number>>>
  /** mol of gas from one of the dissolved. */
  readonly gives: number
  readonly equation: string
}

const RULES: readonly GasRule[] = [
  { species: 'CO2', gas: 'CO2', takes: { CO3: 1, H: 2 }, gives: 1, equation: 'CO3^2-(aq) + 2H+(aq) -> CO2(g) + H2O(l)' },
  { species: 'SO2', gas: 'SO2', takes: { SO3: 1, H: 2 }, gives: 1, equation: 'SO3^2-(aq) + 2H+(aq) -> SO2(g) + H2O(l)' },
  { species: 'H2S', gas: 'H2S', takes: { HS: 1, H: 1 }, gives: 1, equation: 'HS-(aq) + H+(aq) -> H2S(g)' },
  // 3HNO2 -> HNO3 + 2NO + H2O; brown NO2 where NO meets the air.
  {
    species: 'HNO2',
    gas: 'NO2',
    takes: { NO2: 1, H: 2 / 3, NO3: -1 / 3 },
    gives: 2 / 3,
    equation: '3NO2-(aq) + 2H+(aq) -> NO3-(aq) + 2NO(g) + H2O(l)',
  },
]

/** Whether there is anything in a tube that acid could set gas free from. */
export const mayFizz = ({ amounts }: Contents) =>
  (amounts.CO3 ?? 0) > 0 || (amounts.SO3 ?? 0) > 0 || (amounts.HS ?? 0) > 0 || (amounts.NO2 ?? 0) > 0

/** Hot water holds a small part of what cold does. */
const HOT_HOLDS = 0.05
const MOST_ROUNDS = 12
const LEAST = 1e-8

/** Lets off what water cannot hold; every round shifts the equilibrium, so it is done until nothing more comes. */
export function letGasOff(contents: Contents, boiling = false): { readonly contents: Contents; readonly off: readonly GasOff[] } {
  if (!mayFizz(contents)) return { contents, off: [] }
  let now = contents
  const amounts = new Map<GasRule, number>()
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const { species } = settle(now)
    let some = false
    for (const rule of RULES) {
      const held = GAS_HELD[rule.species] * (boiling ? 0 : now.hot ? HOT_HOLDS : 1)
      const over = (((species.get(rule.species) ?? 0) - held) * now.volume) / 1000
      if (over <= LEAST) continue
      some = true
      now = withAmounts(now, rule.takes, -over)
      amounts.set(rule, (amounts.get(rule) ?? 0) + over * rule.gives)
    }
    if (!some) break
  }
  return { contents: now, off: [...amounts].map(([{ gas, equation }, amount]) => ({ gas, amount, equation })) }
}

/** Hydrogen peroxide on manganese(IV) oxide, which only hastens it. */
export function letOxygenOff(contents: Contents): { readonly contents: Contents; readonly off: readonly GasOff[] } {
  const peroxide = contents.amounts.H2O2 ?? 0
  if (!((contents.inert.MnO2 ?? 0) > 0) || !(peroxide > 1e-7)) return { contents, off: [] }
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

/** What a gas does in its tests, as it is seen (common practice). */
export const GAS_TESTS: Readonly<Record<string, string>> = {
  CO2: 'gas turned limewater milky',
  SO2: 'choking gas turned acidified potassium manganate(VII) paper from purple to colourless',
  H2S: 'gas smelling of rotten eggs turned lead(II) ethanoate paper black',
  NO2: 'brown gas',
  NO: 'brown gas where it met the air',
  NH3: 'gas turned damp red litmus paper blue',
  H2: 'gas burnt with a pop at a lighted splint',
  O2: 'gas relit a glowing splint',
  Cl2: 'greenish gas bleached damp litmus paper',
  HCl: 'steamy fumes turned damp blue litmus paper red',
  Br2: 'orange-brown vapour',
  I2: 'purple vapour',
  H2O: 'colourless droplets formed high in the tube, which turned cobalt(II) chloride paper from blue to pink',
}
