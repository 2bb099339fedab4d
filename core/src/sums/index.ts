import { AMOUNTS } from './amounts.ts'
import { COMPARING } from './comparing.ts'
import { ENERGY } from './energy.ts'
import { EQUILIBRIA } from './equilibria.ts'
import { GASES } from './gases.ts'
import { RATES } from './rates.ts'
import type { Sum } from './sum.ts'
import { WATER_AND_OILS } from './waterAndOils.ts'

export { CONSTANTS, type Constant, GROUPS, type Group, type Sum, type SumLine, type Take, type Text } from './sum.ts'

/** Every named calculation, by group. */
export const SUMS: readonly Sum[] = [...AMOUNTS, ...GASES, ...ENERGY, ...RATES, ...EQUILIBRIA, ...COMPARING, ...WATER_AND_OILS]

const BY_ID = new Map(SUMS.map((sum) => [sum.id, sum]))

/** The calculation of a name, or undefined. */
export const sumOf = (id: string): Sum | undefined => BY_ID.get(id)
