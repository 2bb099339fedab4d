import { ATOMIC_WEIGHTS } from './elements.ts'
import { type Formula, parseFormula, sameSpecies } from './formula.ts'
import { dissociate } from './ions.ts'
import { ION_TABLE } from './ionTable.ts'
import { isStandIn } from './standIns.ts'

/** Names of what is no ion of the table, in use in British schools (common practice; systematic names with oxidation numbers). */
export const SUBSTANCE_NAMES: Readonly<Record<string, string>> = {
  'HC8H4O4-': 'hydrogenphthalate',
  'HSO4-': 'hydrogensulfate',
  'e-': 'electron',
  HCl: 'hydrochloric acid',
  H2SO4: 'sulfuric acid',
  HNO3: 'nitric acid',
  H3PO4: 'phosphoric acid',
  CH3COOH: 'ethanoic acid',
  HCOOH: 'methanoic acid',
  H2C2O4: 'ethanedioic acid',
  'H2C2O4.2H2O': 'ethanedioic acid dihydrate',
  C6H8O7: 'citric acid',
  C6H8O6: 'ascorbic acid',
  C7H6O2: 'benzoic acid',
  C3H6O3: 'lactic acid',
  C4H6O6: 'tartaric acid',
  KHC8H4O4: 'potassium hydrogenphthalate',
  KHCO3: 'potassium hydrogencarbonate',
  NaHCO3: 'sodium hydrogencarbonate',
  NH3: 'ammonia',
  H2O: 'water',
  H2O2: 'hydrogen peroxide',
  I2: 'iodine',
  Br2: 'bromine',
  Cl2: 'chlorine',
  O2: 'oxygen',
  H2: 'hydrogen',
  CO2: 'carbon dioxide',
  SO2: 'sulfur dioxide',
  C2H5OH: 'ethanol',
}
const NAMED = [
  ...ION_TABLE.flatMap(({ ion, name }) => (name ? [[ion, name] as const] : [])),
  ...Object.entries(SUBSTANCE_NAMES),
].map(([text, name]) => ({ formula: parseFormula(text), name }))

const ONE_CHARGE = new Set(['Li', 'Na', 'K', 'Rb', 'Cs', 'Ag', 'Mg', 'Ca', 'Sr', 'Ba', 'Zn', 'Cd', 'Al'])
const ROMAN = ['', 'I', 'II', 'III', 'IV', 'V', 'VI', 'VII']

function knownName(formula: Formula): string | undefined {
  return NAMED.find((row) => sameSpecies(row.formula, formula))?.name
}

function elementOrIon(formula: Formula): string | undefined {
  const [first, ...more] = formula.parts
  if (first?.kind !== 'element' || more.length > 0 || first.count > 1 || isStandIn(first.symbol)) return undefined
  const name: string = ATOMIC_WEIGHTS[first.symbol].name
  if (formula.charge <= 0 || ONE_CHARGE.has(first.symbol)) return formula.charge < 0 ? undefined : name
  return `${name}(${ROMAN[formula.charge] ?? formula.charge})`
}

const FOUND = new WeakMap<Formula, string>()

/**
 * What a substance is called in a sentence: `manganate(VII)`, `iron(II)`, `potassium manganate(VII)`; the formula
 * itself where no name is known.
 */
export function nameOf(formula: Formula): string {
  const known = FOUND.get(formula)
  if (known !== undefined) return known
  const name = findName(formula)
  FOUND.set(formula, name)
  return name
}

function findName(formula: Formula): string {
  const simple = knownName(formula) ?? elementOrIon(formula)
  if (simple) return simple
  const ions = dissociate(formula)
  const names = ions?.map(({ ion }) => knownName(ion) ?? elementOrIon(ion))
  const hydrated = formula.parts.some((part) => part.kind === 'adduct' || part.kind === 'some water')
  if (!names || hydrated || names.some((name) => name === undefined) || names.includes('hydrogen ion')) return formula.text
  return names.join(' ')
}
