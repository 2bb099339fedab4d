import { ALLOYS } from './alloyTable.ts'

/** What one mol of a solid is in water where equilibrium does not know the solid itself. */
export interface Wetted {
  /** What dissolves, mol by formula. */
  readonly dissolves: Readonly<Record<string, number>>
  /** What stays as a solid, mol by formula. */
  readonly stays: Readonly<Record<string, number>>
}

/** Metals, alloys and slow oxides lie in a liquid as they came; what they do there has rules of its own. */
export const LIES_AS_IT_CAME: ReadonlySet<string> = new Set([
  ...['Mg', 'Al', 'Zn', 'Fe', 'Cu', 'CuO', 'NiO', 'MnO2'],
  ...Object.keys(ALLOYS),
])

/** Metals that others put out of solution. */
export const DEPOSITS: ReadonlySet<string> = new Set(['Cu', 'Ag', 'Pb'])

/** Whether a solid lies at the bottom or sits on a metal, and hides nothing of the solution. */
export const hidesNothing = (formula: string): boolean => LIES_AS_IT_CAME.has(formula) || DEPOSITS.has(formula)

/** What is left of solids that were heated, in water (common practice). */
export const WETTED_SOLIDS: Readonly<Record<string, Wetted>> = {
  ...Object.fromEntries(
    ['Ag', 'Hg', 'HgO', 'Fe2O3', 'Cr2O3', 'PbO2', 'Pb3O4'].map((solid) => [solid, { dissolves: {}, stays: { [solid]: 1 } }]),
  ),
  KClO3: { dissolves: { KCl: 1 }, stays: {} },
  NaClO3: { dissolves: { NaCl: 1 }, stays: {} },
  // 3MnO4^2- + 2H2O -> 2MnO4- + MnO2 + 4OH-: the green goes purple where there is no strong alkali.
  K2MnO4: { dissolves: { KMnO4: 2 / 3, KOH: 4 / 3 }, stays: { MnO2: 1 / 3 } },
}
