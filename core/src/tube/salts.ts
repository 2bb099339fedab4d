import { careOf, nameOf, parseFormula } from '../substance/index.ts'
import type { Reagent } from './reagent.ts'

/** Salts that stand on the bench in solution or as the solid, besides the reagents proper: samples and what is added the other way round. */
const SALTS =
  `ZnSO4 ZnCl2 Zn(NO3)2 MgCl2 Mg(NO3)2 Ca(NO3)2 SrCl2 Sr(NO3)2 Al2(SO4)3 AlCl3 Al(NO3)3 CuCl2 Cu(NO3)2 FeCl2 Fe(NO3)3 Fe2(SO4)3
  Pb(CH3COO)2 NiSO4 NiCl2 Ni(NO3)2 CoSO4 CoCl2 Co(NO3)2 MnSO4 MnCl2 Mn(NO3)2 CrCl3 Cr2(SO4)3 Cr(NO3)3 NaCl NaBr NaI NaNO3 NaNO2 NaHCO3 Na3PO4
  KNO3 K2SO4 K2CO3 KHCO3 KF NaF LiCl LiNO3 Li2SO4 (NH4)2SO4 NH4NO3 (NH4)2C2O4 Na2C2O4 K2C2O4 Zn(CH3COO)2 Ca(CH3COO)2`.split(/\s+/)

/** Salts of which the solution is a reagent of the bench: here as the solid. */
const SOLIDS =
  'MgSO4 Na2SO4 Na2SO3 Na2S2O3 KI KBr KCl KNO2 CaCl2 BaCl2 Ba(NO3)2 Pb(NO3)2 FeSO4 FeCl3 CuSO4.5H2O (NH4)2CO3 Na2HPO4 KMnO4'.split(
    ' ',
  )

/** The strength such a bottle usually has, mol/dm³ (common practice). */
const STRENGTH = 0.2

/** Names besides the systematic one: without oxidation number where only one is usual, and older words. */
function otherNames(name: string): readonly string[] {
  const bare = /^iron/.test(name) ? name : name.replace(/\([IVX]+\)/, '')
  const older = [name, bare].flatMap((one) => [
    one,
    one.replace('ethanoate', 'acetate'),
    one.replace('ethanedioate', 'oxalate'),
    one.replace('hydrogencarbonate', 'bicarbonate'),
    one.replace('hydrogencarbonate', 'hydrogen carbonate'),
  ])
  return [...new Set(older)].filter((one) => one !== name)
}

function saltBottle(formula: string, state: 'aq' | 's'): readonly [name: string, reagent: Reagent] {
  const name = nameOf(parseFormula(formula))
  const care = careOf(formula)
  return [
    `${formula}(${state})`,
    {
      putIn: { [formula]: state === 'aq' ? STRENGTH : 1 },
      state,
      says: state === 'aq' ? name : `solid ${name}`,
      also: state === 'aq' ? otherNames(name) : otherNames(name).map((one) => `solid ${one}`),
      purpose: 'a salt',
      ...(care ? { care } : {}),
    },
  ]
}

/** Bottles of salts by formula and state. */
export const SALT_BOTTLES: Readonly<Record<string, Reagent>> = Object.fromEntries([
  ...SALTS.flatMap((formula) => [saltBottle(formula, 'aq'), saltBottle(formula, 's')]),
  ...SOLIDS.map((formula) => saltBottle(formula, 's')),
])
