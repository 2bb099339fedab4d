import { readMadeOf } from '../components.ts'
import { SOLIDS, SPECIES } from '../data/index.ts'
import { type Equilibrium, equilibrate, totalsOf } from '../index.ts'
import type { Moves } from '../system.ts'

/** Something published that follows from the constants: on moving one of them it must no longer hold. */
export interface Consequence {
  readonly says: string
  /** Where it is published; all from memory. */
  readonly source: string
  /** What the model says, in log units: a pH, the log of a solubility or of a constant. */
  readonly found: (moves: Moves) => number
  readonly published: number
  readonly within: number
  /** Whether a row of the tables can have a part in it: the others need not be tried. */
  readonly concerns: (row: string) => boolean
}

/** Rows of the tables by their names, a solid's with `(s)`. */
export const ROWS: ReadonlyMap<string, { readonly logK: number; readonly madeOf: string }> = new Map([
  ...SPECIES.map((row) => [row.formula, row] as const),
  ...SOLIDS.map((row) => [`${row.formula}(s)`, row] as const),
])

type PutIn = Readonly<Record<string, number>>

/** A row is part of a mixture when everything it is made of is. */
function isIn(putIn: PutIn): (row: string) => boolean {
  const present = new Set(['H', ...Object.keys(totalsOf(putIn))])
  return (row) => Object.keys(readMadeOf(ROWS.get(row)?.madeOf ?? '')).every((component) => present.has(component))
}

const settled = (putIn: PutIn, moves: Moves): Equilibrium => equilibrate(totalsOf(putIn), { activity: 'davies', moves })

/** pH of a solution of substances, mol/dm³. */
export const hasPH = (putIn: PutIn, published: number, within: number, source: string): Consequence => ({
  says: `pH of ${JSON.stringify(putIn)}`,
  source,
  found: (moves) => settled(putIn, moves).pH,
  published,
  within,
  concerns: isIn(putIn),
})

/** Solubility of a solid, mol/dm³, in water or in a solution: of three times as much, what is not left as that solid. */
export function dissolves(solid: string, solubility: number, within: number, source: string, medium: PutIn = {}): Consequence {
  const salt = solid.replace(/\.\d*H2O$/, '')
  const amount = 3 * solubility
  return {
    says: `solubility of ${solid} in ${JSON.stringify(medium)}`,
    source,
    found: (moves) => Math.log10(amount - (settled({ ...medium, [salt]: amount }, moves).solids.get(solid) ?? 0)),
    published: Math.log10(solubility),
    within,
    concerns: isIn({ ...medium, [salt]: amount }),
  }
}

/** pH at which a hydroxide begins to come down from a salt, 0.01 mol/dm³ if nothing is said, on adding alkali, or is all gone again. */
export function turnsAt(
  solid: string,
  salt: string,
  turn: 'begins' | 'is gone',
  published: number,
  within: number,
  source: string,
  concentration = 0.01,
): Consequence {
  const found = (moves: Moves) => {
    const state = (alkali: number) =>
      settled(alkali < 0 ? { [salt]: concentration, HNO3: -alkali } : { [salt]: concentration, NaOH: alkali }, moves)
    let [low, high] = turn === 'begins' ? [-0.1, 2 * concentration] : [2.5 * concentration, 3]
    for (let step = 0; step < 40; step++) {
      const middle = (low + high) / 2
      const there = (state(middle).solids.get(solid) ?? 0) > 0
      if (there === (turn === 'begins')) high = middle
      else low = middle
    }
    return state(low).pH
  }
  return {
    says: `pH at which ${solid} of ${salt} ${turn}`,
    source,
    found,
    published,
    within,
    concerns: isIn({ [salt]: 1, NaOH: 1, HNO3: 1 }),
  }
}

/** The same quantity measured by others: in a second compilation, or by another method. */
export const isAlso = (row: string, published: number, within: number, source: string): Consequence => ({
  says: `log K of ${row}`,
  source,
  found: (moves) => (ROWS.get(row)?.logK ?? Number.NaN) + (moves[row] ?? 0),
  published,
  within,
  concerns: (other) => other === row,
})

/** Standard potentials of ions against their metals, V, and how many electrons they take (CRC). */
const IONS = {
  Ag: [0.7996, 1],
  Hg2: [0.7973, 2],
  Pb: [-0.1262, 2],
  Cu: [0.3419, 2],
  Zn: [-0.7618, 2],
  Cd: [-0.403, 2],
  Mn: [-1.185, 2],
  Mg: [-2.372, 2],
  Ca: [-2.868, 2],
} as const
/** Nernst's factor at 25 °C, V. */
const NERNST = 0.059_16
const PKW = 13.995

/** A mixture, mol/dm³, from which a solid does not come down. */
export const staysClear = (solid: string, putIn: PutIn, source: string): Consequence => ({
  says: `${JSON.stringify(putIn)} stays clear of ${solid}`,
  source,
  found: (moves) => ((equilibrate(totalsOf(putIn), { moves }).solids.get(solid) ?? 0) > 0 ? 1 : 0),
  published: 0,
  within: 0.5,
  concerns: isIn(putIn),
})

/**
 * Potential of a metal in a complex or under a salt against that of its ion, V: log K = n (E°bound − E°ion) / 0.059 of a
 * solid, the opposite of a complex. Hydroxides are counted in hydrogen ions here, so that pKw comes in for each of them.
 */
export function shifts(row: string, ion: keyof typeof IONS, bound: number, within: number): Consequence {
  const [free, electrons] = IONS[ion]
  const found = ROWS.get(row)
  const { [ion]: metals = 1, H: protons = 0 } = found ? readMadeOf(found.madeOf) : {}
  const log = (metals * electrons * (free - bound)) / NERNST
  const solid = row.endsWith('(s)')
  return {
    ...isAlso(row, solid ? -log - protons * PKW : log + protons * PKW, within, 'CRC: standard potentials'),
    says: `potential of ${row}, ${bound} V, for ${free} V of the ion`,
  }
}
