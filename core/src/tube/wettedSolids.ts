/** What one mol of a solid is in water where equilibrium does not know the solid itself. */
export interface Wetted {
  /** What dissolves, mol by formula. */
  readonly dissolves: Readonly<Record<string, number>>
  /** What stays as a solid, mol by formula. */
  readonly stays: Readonly<Record<string, number>>
}

/** What is left of solids that were heated, in water (common practice). */
export const WETTED_SOLIDS: Readonly<Record<string, Wetted>> = {
  ...Object.fromEntries(
    ['Ag', 'Hg', 'HgO', 'Fe2O3', 'Cr2O3', 'MnO2', 'PbO2', 'Pb3O4'].map((solid) => [
      solid,
      { dissolves: {}, stays: { [solid]: 1 } },
    ]),
  ),
  KClO3: { dissolves: { KCl: 1 }, stays: {} },
  NaClO3: { dissolves: { NaCl: 1 }, stays: {} },
  // 3MnO4^2- + 2H2O -> 2MnO4- + MnO2 + 4OH-: the green goes purple where there is no strong alkali.
  K2MnO4: { dissolves: { KMnO4: 2 / 3, KOH: 4 / 3 }, stays: { MnO2: 1 / 3 } },
}
