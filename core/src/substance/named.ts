import { ChemistryError } from '../problem/index.ts'
import { inSmallLetters, type Phrasebook, phrasebook, type WordAt, withPlainSignsButCharges } from '../wording/index.ts'
import { isElement } from './elements.ts'
import { compositionOf, type Formula, parseFormula } from './formula.ts'
import { ION_TABLE } from './ionTable.ts'
import { nameOf, SUBSTANCE_NAMES } from './names.ts'
import { saltOf } from './saltOf.ts'

/** A substance that a text names, with where its name stands. */
export interface NamedSubstance {
  readonly formula: string
  readonly from: number
  readonly to: number
  readonly written: 'name' | 'formula'
}

/** Anions that keep some hydrogen, and older names of others (common practice). */
const MORE_ANIONS: Readonly<Record<string, string>> = {
  hydrogencarbonate: 'HCO3-',
  'hydrogen carbonate': 'HCO3-',
  bicarbonate: 'HCO3-',
  hydrogensulfate: 'HSO4-',
  'hydrogen sulfate': 'HSO4-',
  hydrogenphthalate: 'HC8H4O4-',
  'hydrogen phthalate': 'HC8H4O4-',
  dihydrogenphosphate: 'H2PO4-',
  'dihydrogen phosphate': 'H2PO4-',
  permanganate: 'MnO4-',
  hypochlorite: 'ClO-',
  'hydrogen sulphate': 'HSO4-',
}

/** What is called otherwise than by its ions (common practice). */
const COMMON_NAMES: Readonly<Record<string, string>> = {
  'acetic acid': 'CH3COOH',
  'oxalic acid': 'H2C2O4',
  'formic acid': 'HCOOH',
  'muriatic acid': 'HCl',
  'vitamin c': 'C6H8O6',
  'carbonic acid': 'H2CO3',
  'aqueous ammonia': 'NH3',
  'ammonia solution': 'NH3',
  peroxide: 'H2O2',
  bromine: 'Br2',
  'carbon monoxide': 'CO',
  'manganese dioxide': 'MnO2',
  'sodium peroxide': 'Na2O2',
  limewater: 'Ca(OH)2',
  'lime water': 'Ca(OH)2',
  borax: 'Na2B4O7.10H2O',
  'washing soda': 'Na2CO3.10H2O',
  'epsom salt': 'MgSO4.7H2O',
  'epsom salts': 'MgSO4.7H2O',
  'caustic soda': 'NaOH',
  'caustic potash': 'KOH',
  permanganate: 'KMnO4',
  thiosulfate: 'Na2S2O3',
  edta: 'Na2H2Y',
  'disodium edta': 'Na2H2Y',
  'sodium edta': 'Na2H2Y',
  khp: 'KHC8H4O4',
  'sulfamic acid': 'HSO3NH2',
  'sodium tetraborate': 'Na2B4O7',
  'ammonium iron(ii) sulfate': '(NH4)2Fe(SO4)2.6H2O',
  'iron(ii) ammonium sulfate': '(NH4)2Fe(SO4)2.6H2O',
  ethanol: 'C2H5OH',
  propanone: 'C3H6O',
  acetone: 'C3H6O',
  'salicylic acid': 'C7H6O3',
  'acetylsalicylic acid': 'C9H8O4',
  aspirin: 'C9H8O4',
  sucrose: 'C12H22O11',
  glucose: 'C6H12O6',
  urea: 'CO(NH2)2',
}

/** Cations with oxidation numbers that no row of ions has: they stand in names of oxides and salts. */
const RARE_CATIONS = ['Cu+', 'Mn4+', 'Pb4+', 'Sn2+', 'Sn4+', 'Hg2+', 'Hg+', 'Bi3+', 'Cd2+', 'Ti4+', 'V5+', 'Cr2+', 'Co3+']

const HYDRATES: Readonly<Record<string, number>> = {
  monohydrate: 1,
  dihydrate: 2,
  trihydrate: 3,
  tetrahydrate: 4,
  pentahydrate: 5,
  hexahydrate: 6,
  heptahydrate: 7,
  octahydrate: 8,
  nonahydrate: 9,
  decahydrate: 10,
}

const small = (name: string) => inSmallLetters(name).replaceAll('sulph', 'sulf').replace('aluminum', 'aluminium')

/** Elements and anions of which more than one oxidation number is usual: the bare name would not tell which. */
const SEVERAL: ReadonlySet<string> = new Set(['iron', 'chromate', 'tin', 'mercury', 'vanadium', 'titanium'])

/** Names of an ion: with and without its oxidation number where only one is usual. */
function namesOfIon(formula: Formula, also: readonly string[]): readonly string[] {
  const own = nameOf(formula)
  const bare = own.replace(/\([IVX]+\)$/, '')
  return [...new Set([own, ...(SEVERAL.has(bare) ? [] : [bare]), ...also.filter((name) => name !== 'acid')].map(small))]
}

interface NamedIon {
  readonly formula: Formula
  readonly names: readonly string[]
}

const IONS: readonly NamedIon[] = [
  ...ION_TABLE.map(({ ion, also = [] }) => ({ ion, also })),
  ...Object.entries(MORE_ANIONS).map(([name, ion]) => ({ ion, also: [name] })),
].map(({ ion, also }) => {
  const formula = parseFormula(ion)
  return { formula, names: namesOfIon(formula, also) }
})
/** Those of them that are called by their oxidation number alone, since the bare name means a usual one. */
const RARE: readonly NamedIon[] = RARE_CATIONS.map((ion) => {
  const formula = parseFormula(ion)
  return { formula, names: [small(nameOf(formula))] }
})
const CATIONS = [...IONS, ...RARE].filter(({ formula }) => formula.charge > 0 && formula.text !== 'H+')
const ANIONS = IONS.filter(({ formula }) => formula.charge < 0)

/** Every name with its formula, in small letters; what comes later goes before what comes first. */
function* everyName(): Generator<readonly [name: string, formula: string]> {
  for (const { formula, names } of IONS)
    for (const name of names) {
      yield [`${name} ions`, formula.text]
      yield [`${name} ion`, formula.text]
      if (/\(/.test(name)) yield [name, formula.text]
    }
  for (const cation of CATIONS) {
    const element = /^([A-Z][a-z]?)\d?\+$/.exec(cation.formula.text)?.[1]
    for (const name of cation.names) {
      if (element !== undefined && !/\(/.test(name)) yield [name, element]
      for (const anion of ANIONS)
        for (const other of anion.names) yield [`${name} ${other}`, saltOf(cation.formula, anion.formula)]
    }
  }
  yield ['iron', 'Fe']
  for (const [formula, name] of Object.entries(SUBSTANCE_NAMES)) yield [small(name), formula]
  for (const [name, formula] of Object.entries(COMMON_NAMES)) yield [name, formula]
}

/** Names by words; an oxidation number belongs to its word: `iron(ii)`. */
let book: Phrasebook<string> | undefined
const names = (): Phrasebook<string> => (book ??= phrasebook(everyName()))

const WORD = /[a-z]+(?:\((?:i{1,3}|iv|vi{0,2}|v)\))?/g

function wordsOf(text: string): readonly WordAt[] {
  const plain = inSmallLetters(text)
  return [...plain.matchAll(WORD)].map((match) => ({
    word: match[0].replaceAll('sulph', 'sulf').replace('aluminum', 'aluminium'),
    from: match.index,
    to: match.index + match[0].length,
  }))
}

/** What may stand between the words of a name. */
const WITHIN = /^[\s-]+$/

function namesIn(text: string): readonly NamedSubstance[] {
  const words = wordsOf(text)
  const found: NamedSubstance[] = []
  for (let index = 0; index < words.length; index++) {
    const at = names().at(words, index)
    const first = words[index] as WordAt
    if (!at || !joined(text, words.slice(index, index + at.took))) continue
    const last = words[index + at.took - 1] as WordAt
    const after = words[index + at.took]
    const water = after && WITHIN.test(text.slice(last.to, after.from)) ? HYDRATES[after.word] : undefined
    const to = water === undefined ? last.to : (after?.to ?? last.to)
    const salt = at.entry.split('.')[0] ?? at.entry
    found.push({
      formula: water === undefined ? at.entry : `${salt}.${water === 1 ? '' : water}H2O`,
      from: first.from,
      to,
      written: 'name',
    })
    index += at.took - 1 + (water === undefined ? 0 : 1)
  }
  return found
}

const joined = (text: string, words: readonly WordAt[]) =>
  words.slice(1).every((word, index) => WITHIN.test(text.slice((words[index] as WordAt).to, word.from)))

/** Formulae are no longer than this. */
const LONGEST = 40
const FORMULA = /(?<![A-Za-z0-9.])[[(]?[A-Z][A-Za-z0-9()[\].]*(?:\^?\d*[+-](?![A-Za-z0-9])|[²³⁴][⁺⁻])?/g

/** The formula at the beginning of a piece of text, as long as it is one. */
function formulaOf(piece: string): string | undefined {
  for (let text = piece.replace(/\((?:s|l|g|aq)\)$/, ''); text !== ''; text = text.slice(0, -1)) {
    if (/[.([^]$/.test(text)) continue
    if (isFormula(text)) return text
    if (/[A-Za-z0-9]$/.test(text) && !/[)\].+⁺⁻-]/.test(text)) return undefined
  }
  return undefined
}

/** Formulae that are written in capitals alone, with those of unknown acids and bases. */
const ALL_CAPITALS: ReadonlySet<string> = new Set(
  'KI KF HF HI CO NO KOH HCN KCN KSCN HX HA HY MOH XOH ROH MX EDTA KHP'.split(' '),
)

function isFormula(text: string): boolean {
  try {
    const formula = parseFormula(text)
    const atoms = compositionOf(formula)
    if (/^[IVX]+$/.test(text)) return false
    // Two capitals may be the label of a bottle, FA or FB; a few formulae are written so.
    if (/^[A-Z]+$/.test(text) && !ALL_CAPITALS.has(text)) return false
    // Two elements at least, or a charge or a number; one of them no mere letter.
    return (atoms.size > 1 || formula.charge !== 0 || /\d/.test(text)) && [...atoms.keys()].some((symbol) => isElement(symbol))
  } catch (error) {
    if (error instanceof ChemistryError) return false
    throw error
  }
}

function formulaeIn(text: string, not: ReadonlySet<string>): readonly NamedSubstance[] {
  return [...text.matchAll(FORMULA)].flatMap((match): NamedSubstance[] => {
    // A code in brackets, `(HA)`, is the code.
    if (match[0].length > LONGEST || not.has(match[0]) || not.has(match[0].replace(/^\(|\)$/g, ''))) return []
    // A bracket may open a formula, as in (NH4)2SO4, or stand around one.
    const around = /^\[[^\]]*\]?$/.test(match[0])
    const within = around || (/^[[(]/.test(match[0]) && formulaOf(match[0]) === undefined) ? 1 : 0
    const formula = formulaOf(match[0].slice(within))
    if (formula === undefined || not.has(formula)) return []
    const from = match.index + within
    return [{ formula: parseFormula(formula).text, from, to: from + formula.length, written: 'formula' }]
  })
}

/**
 * The substances that a text names, by name or by formula, in the order in which they stand.
 *
 * @param not - codes that look like formulae and are none: labels of bottles (`N2`, `S`)
 * @example
 * substancesIn('hydrated copper(II) sulfate, CuSO4.5H2O') // CuSO4 by name, CuSO4.5H2O by formula
 */
export function substancesIn(text: string, not: ReadonlySet<string> = new Set()): readonly NamedSubstance[] {
  const plain = withPlainSignsButCharges(text).replace(/[•∙]/g, '.')
  const named = namesIn(plain)
  const written = formulaeIn(plain, not).filter(({ from, to }) => named.every((one) => one.to <= from || one.from >= to))
  return [...named, ...written].toSorted((a, b) => a.from - b.from)
}
