/** Salts as they stand in jars, with their water (common practice). */
const HYDRATES: Readonly<Record<string, string>> = {
  CuSO4: 'CuSO4.5H2O',
  FeSO4: 'FeSO4.7H2O',
  MgSO4: 'MgSO4.7H2O',
  ZnSO4: 'ZnSO4.7H2O',
  NiSO4: 'NiSO4.6H2O',
  CoSO4: 'CoSO4.7H2O',
  MnSO4: 'MnSO4.4H2O',
  CoCl2: 'CoCl2.6H2O',
  NiCl2: 'NiCl2.6H2O',
  CuCl2: 'CuCl2.2H2O',
  BaCl2: 'BaCl2.2H2O',
  CaCl2: 'CaCl2.6H2O',
  MgCl2: 'MgCl2.6H2O',
  FeCl3: 'FeCl3.6H2O',
  Na2CO3: 'Na2CO3.10H2O',
  Na2SO3: 'Na2SO3.7H2O',
  Na2S2O3: 'Na2S2O3.5H2O',
  'Cu(NO3)2': 'Cu(NO3)2.3H2O',
  'Zn(NO3)2': 'Zn(NO3)2.6H2O',
  'Mg(NO3)2': 'Mg(NO3)2.6H2O',
  'Al2(SO4)3': 'Al2(SO4)3.18H2O',
}

/** How often such a salt comes with its water: as a rule, and where the sheet calls it hydrated (a sheet may be misread). */
const HYDRATED_SHARE = { usual: 0.7, stated: 0.98 } as const

export const hydratedShare = (stated: boolean): number => HYDRATED_SHARE[stated ? 'stated' : 'usual']

/** The salt with its water; the salt itself where it has none. */
export const hydrateOf = (salt: string): string => HYDRATES[salt] ?? salt

/** Whether a salt has a hydrate that stands in jars. */
export const hasHydrate = (salt: string): boolean => Object.hasOwn(HYDRATES, salt)
