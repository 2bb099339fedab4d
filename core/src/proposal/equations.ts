import { ChemistryError } from '../problem/index.ts'
import { dissociate, type Formula, parseFormula, saltOf } from '../substance/index.ts'

/** What reacts with what in titrations that are no neutralisations (common practice; half-equations as in textbooks). */
const PAIRS: readonly (readonly [burette: RegExp, flask: RegExp, equation: string])[] = [
  [/MnO4/, /Fe/, 'MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O'],
  [/MnO4/, /C2O4/, '2MnO4- + 5C2O4^2- + 16H+ -> 2Mn2+ + 10CO2 + 8H2O'],
  [/MnO4/, /H2O2/, '2MnO4- + 5H2O2 + 6H+ -> 2Mn2+ + 5O2 + 8H2O'],
  [/MnO4/, /NO2/, '2MnO4- + 5NO2- + 6H+ -> 2Mn2+ + 5NO3- + 3H2O'],
  [/Cr2O7/, /Fe/, 'Cr2O7^2- + 14H+ + 6Fe2+ -> 2Cr3+ + 6Fe3+ + 7H2O'],
  [/S2O3/, /I2|Cu|ClO|IO3|BrO3/, 'I2 + 2S2O3^2- -> 2I- + S4O6^2-'],
  [/I2|I3/, /C6H8O6/, 'C6H8O6 + I2 -> C6H6O6 + 2HI'],
  [/I2|I3/, /SO3/, 'SO3^2- + I2 + H2O -> SO4^2- + 2HI'],
  [/AgNO3/, /Cl/, 'Ag+ + Cl- -> AgCl'],
  [/H2Y|EDTA/, /Ca|hard/, 'Ca2+ + H2Y^2- -> CaY^2- + 2H+'],
  [/H2Y|EDTA/, /Mg/, 'Mg2+ + H2Y^2- -> MgY^2- + 2H+'],
  [/H2Y|EDTA/, /Zn/, 'Zn2+ + H2Y^2- -> ZnY^2- + 2H+'],
  [/H2Y|EDTA/, /Cu/, 'Cu2+ + H2Y^2- -> CuY^2- + 2H+'],
  [/H2Y|EDTA/, /Ni/, 'Ni2+ + H2Y^2- -> NiY^2- + 2H+'],
]
/** Reactions in the flask before the titration, by what is in it (common practice). */
const BEFORE: readonly (readonly [burette: RegExp, flask: RegExp, equation: string])[] = [
  [/S2O3/, /Cu/, '2Cu2+ + 4I- -> 2CuI + I2'],
  [/S2O3/, /ClO/, 'ClO- + 2I- + 2H+ -> I2 + Cl- + H2O'],
  [/S2O3/, /IO3/, 'IO3- + 5I- + 6H+ -> 3I2 + 3H2O'],
]

/** Protons that an acid gives in a titration to its last end-point, with the anion that is left. */
const ACIDS: Readonly<Record<string, readonly [anion: string, protons: number]>> = {
  HCl: ['Cl-', 1],
  HBr: ['Br-', 1],
  HNO3: ['NO3-', 1],
  H2SO4: ['SO4^2-', 2],
  CH3COOH: ['CH3COO-', 1],
  HCOOH: ['HCOO-', 1],
  H2C2O4: ['C2O4^2-', 2],
}
/** Acids whose salts are written only by their formula. */
const ORGANIC: Readonly<Record<string, (base: 'Na' | 'K') => string>> = {
  KHC8H4O4: (base) => `KHC8H4O4 + ${base}OH -> K${base}C8H4O4 + H2O`,
  C6H8O7: (base) => `C6H8O7 + 3${base}OH -> ${base}3C6H5O7 + 3H2O`,
  C4H6O6: (base) => `C4H6O6 + 2${base}OH -> ${base}2C4H4O6 + 2H2O`,
  C9H8O4: (base) => `C9H8O4 + ${base}OH -> ${base}C9H7O4 + H2O`,
  C7H6O2: (base) => `C7H6O2 + ${base}OH -> ${base}C7H5O2 + H2O`,
  C3H6O3: (base) => `C3H6O3 + ${base}OH -> ${base}C3H5O3 + H2O`,
}

const bare = (formula: string) => formula.split('.')[0] ?? formula
const counted = (count: number, formula: string) => (count === 1 ? formula : `${count}${formula}`)

function ionsOf(formula: string): readonly { readonly ion: Formula; readonly count: number }[] | undefined {
  try {
    return dissociate(parseFormula(formula))
  } catch (error) {
    if (error instanceof ChemistryError) return undefined
    throw error
  }
}

/** An acid with a hydroxide, a carbonate, a hydrogencarbonate, ammonia or borax. */
function neutralisation(acid: string, base: string): string | undefined {
  const [anion, protons] = ACIDS[acid] ?? []
  if (anion === undefined || protons === undefined) {
    const metal = /^(Na|K)OH$/.exec(base)?.[1]
    const organic = ORGANIC[acid]
    return organic && (metal === 'Na' || metal === 'K') ? organic(metal) : undefined
  }
  if (base === 'NH3')
    return protons === 1
      ? `NH3 + ${acid} -> ${saltOf(parseFormula('NH4+'), parseFormula(anion))}`
      : `2NH3 + ${acid} -> ${saltOf(parseFormula('NH4+'), parseFormula(anion))}`
  if (base === 'Na2B4O7' && protons === 1)
    return `Na2B4O7 + 2${acid} + 5H2O -> 2${saltOf(parseFormula('Na+'), parseFormula(anion))} + 4H3BO3`
  return withMetalBase({ acid, anion, protons }, base)
}

function withMetalBase(
  { acid, anion, protons }: { acid: string; anion: string; protons: number },
  base: string,
): string | undefined {
  const kind = /CO3|OH|^[A-Z][a-z]?O$/.exec(base)?.[0]
  const ions = ionsOf(base)
  const metal = ions?.find(({ ion }) => ion.charge > 0 && ion.text !== 'H+')
  if (kind === undefined || !metal) return undefined
  const isHydrogencarbonate = /HCO3/.test(base)
  const takes = isHydrogencarbonate ? 1 : metal.ion.charge * metal.count
  const salt = saltOf(metal.ion, parseFormula(anion))
  const [acids, bases] = shared(takes, protons)
  const metals = metal.count * bases
  const perSalt = metal.ion.charge === protons ? 1 : protons / gcd(metal.ion.charge, protons)
  const salts = metals / perSalt
  const others =
    kind === 'CO3' ? `${counted(bases, 'H2O')} + ${counted(bases, 'CO2')}` : counted(kind === 'OH' ? takes * bases : bases, 'H2O')
  return `${counted(bases, base)} + ${counted(acids, acid)} -> ${counted(salts, salt)} + ${others}`
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b))
/** How many acids and bases give and take the same number of protons. */
function shared(takes: number, gives: number): readonly [acids: number, bases: number] {
  const common = gcd(takes, gives)
  return [takes / common, gives / common]
}

/**
 * The equation of a titration that a sheet gives none for, or undefined where none is usual.
 *
 * @param burette - formula of what the burette holds
 * @param flask - formula of what the flask holds, or an ion of it
 */
export function proposeEquation(burette: string | undefined, flask: string | undefined): string | undefined {
  if (burette === undefined || flask === undefined) return undefined
  const redox = PAIRS.find(([one, other]) => one.test(burette) && other.test(flask))?.[2]
  if (redox !== undefined) return redox
  const [one, other] = [bare(burette), bare(flask)]
  return neutralisation(one, other) ?? neutralisation(other, one)
}

/**
 * The equations of a titration that are usual with what the burette holds, where nothing is known of the flask: the student
 * knows which of them the sheet is about.
 */
export function equationsWith(burette: string): readonly string[] {
  return PAIRS.filter(([one]) => one.test(burette)).map(([, , equation]) => equation)
}

/** What happens in the flask before the titration, where that is usual: iodine set free. */
export function proposeBefore(burette: string | undefined, flask: string | undefined): string | undefined {
  if (burette === undefined || flask === undefined) return undefined
  return BEFORE.find(([one, other]) => one.test(burette) && other.test(flask))?.[2]
}
