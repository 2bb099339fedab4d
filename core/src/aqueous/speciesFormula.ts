import { COMPONENTS, type Component, chargeOf, type Stoichiometry } from './components.ts'

/** Species whose formula is not what their parts written side by side would give. */
const SPECIAL: Readonly<Record<string, string>> = {
  OH: 'OH-',
  NH4: 'NH4+',
  HAc: 'CH3COOH',
  HCO3: 'HCO3-',
  CO2: 'CO2',
  HSO4: 'HSO4-',
  HSO3: 'HSO3-',
  SO2: 'SO2',
  H2S: 'H2S',
  'S-2': 'S^2-',
  HPO4: 'HPO4^2-',
  H2PO4: 'H2PO4-',
  H3PO4: 'H3PO4',
  HOx: 'HC2O4-',
  H2Ox: 'H2C2O4',
  HCrO4: 'HCrO4-',
  Cr2O7: 'Cr2O7^2-',
  HNO2: 'HNO2',
  HTar: 'HC4H4O6-',
  H2Tar: 'H2C4H4O6',
  HPht: 'HC8H4O4-',
  H2Pht: 'H2C8H4O4',
  'B(OH)4': 'B(OH)4-',
  'B3O3(OH)4': 'B3O3(OH)4-',
  'B4O5(OH)4': 'B4O5(OH)4^2-',
  HFcy: 'HFe(CN)6^3-',
  H2Fcy: 'H2Fe(CN)6^2-',
  HS2O3: 'HS2O3-',
}

/** Writes a charge after a body: `Cu2+` after a lone element, `Cu(NH3)4^2+` after anything else. */
function withCharge(body: string, charge: number): string {
  if (charge === 0) return body
  const sign = charge > 0 ? '+' : '-'
  const size = Math.abs(charge)
  if (size === 1) return `${body}${sign}`
  return /^[A-Z][a-z]?$/.test(body) ? `${body}${size}${sign}` : `${body}^${size}${sign}`
}

/** The formula of a component without its charge. */
function body(name: Component): string {
  return COMPONENTS[name].formula.replace(/\^?\d?[+-]$/, (charge) =>
    /^\d[+-]$/.test(charge) && !/^[A-Z][a-z]?\d[+-]$/.test(COMPONENTS[name].formula) ? charge.slice(0, 1) : '',
  )
}

const ligand = (name: string, count: number) => {
  const simple = /^[A-Z][a-z]?$/.test(name)
  return count === 1 ? (simple ? name : `(${name})`) : simple ? `${name}${count}` : `(${name})${count}`
}

/** Formula of a species as chemists write it, made from its parts: metal first, then what is bound to it. */
export function formulaOfSpecies(name: string, madeOf: Stoichiometry): string {
  const special = SPECIAL[name]
  if (special) return special
  const { H: protons = 0, ...rest } = madeOf
  const [first, ...others] = Object.entries(rest) as [Component, number][]
  if (!first) return name
  const [metal, count] = first
  const head =
    count === 1 ? body(metal) : /^[A-Z][a-z]?$/.test(body(metal)) ? `${body(metal)}${count}` : `(${body(metal)})${count}`
  const bound = others.map(([other, number]) =>
    protons > 0 ? ligand(`H${protons === 1 ? '' : protons}${body(other)}`, number) : ligand(body(other), number),
  )
  const hydroxides = protons < 0 ? [protons === -1 ? 'OH' : `(OH)${-protons}`] : []
  return withCharge(`${head}${bound.join('')}${hydroxides.join('')}`, chargeOf(madeOf))
}
