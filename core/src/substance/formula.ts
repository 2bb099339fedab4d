import { ChemistryError } from '../problem/index.ts'
import { withPlainSigns } from '../wording/index.ts'
import { type ElementSymbol, isElement } from './elements.ts'
import { isStandIn, SHORT_FORMULAE, SHORT_NAMES, type StandIn } from './standIns.ts'

/** An element, or a letter for one that is not said. */
export type AtomSymbol = ElementSymbol | StandIn

export type FormulaPart =
  | { readonly kind: 'element'; readonly symbol: AtomSymbol; readonly count: number }
  | { readonly kind: 'group'; readonly open: '(' | '['; readonly parts: readonly FormulaPart[]; readonly count: number }
  /** What follows a hydrate dot, nearly always water. */
  | { readonly kind: 'adduct'; readonly parts: readonly FormulaPart[]; readonly count: number }
  /** Water of crystallisation of which it is not said how much: xH2O. */
  | { readonly kind: 'some water' }

/** A chemical formula taken apart. The electron is a formula without parts and a charge of −1. */
export interface Formula {
  readonly text: string
  readonly parts: readonly FormulaPart[]
  readonly charge: number
}

/** Atoms in one formula unit. */
export type Composition = ReadonlyMap<AtomSymbol, number>

const CLOSERS = { '(': ')', '[': ']' } as const
/** A charge set apart from what it belongs to: `SO4^2-`, `SO4 2-`, `Fe^{3+}`. */
const SET_APART = /(?:\^\{?(\d*)|\s+(\d+))([+\-−])\}?$/
/** A lone element and its charge: `Fe2+`, `Na+`, `Cl-`. The digit is the charge, not a subscript. */
const LONE_ION = /^([A-Z][a-z]?)(\d?)([+\-−])$/
/** Two digits before the sign, the last of which is the charge: `SO42-`; or a closed bracket around the whole: `[Fe(CN)6]4-`. */
const RUN_TOGETHER = /^(.*\d)(\d)([+\-−])$/
/** A short name and its charge: `H2EDTA2-`. */
const SHORT_ION = /^(.*EDTA)(\d?)([+\-−])$/
const WHOLE_BRACKET = /^(\[.*\])(\d*)([+\-−])$/
const SINGLE = /^(.*?)([+\-−])$/
/** Triiodide is the one common ion of a lone element whose digit is a subscript. */
const LONE_BUT_SUBSCRIPT = new Set(['I3-'])

/** A formula on the line: raised charges with a sign before them, `SO4^2-` but `Ca2+`, lowered figures as figures. */
const onTheLine = (text: string) =>
  withPlainSigns(text.replace(/(?<!^[A-Z][a-z]?)[²³⁴](?=[⁺⁻]$)/, (digit) => `^${digit}`).replaceAll('·', '\u0000')).replaceAll(
    '\u0000',
    '·',
  )

/** Atoms may be counted to so many in one place; a longer number is a slip of the keyboard. */
const LARGEST_COUNT = 999
/** A metal’s oxide and an amine, which nobody takes for molybdenum and radon. */
const MEANT_AS_WRITTEN = new Set(['MO', 'RN'])
const SOME_WATER = /^[xnyz]\s*H2O/

function signed(digits: string, sign: string): number {
  return (sign === '+' ? 1 : -1) * (digits === '' ? 1 : Number(digits))
}

function splitCharge(text: string): { body: string; charge: number } {
  const apart = SET_APART.exec(text)
  if (apart) return { body: text.slice(0, apart.index), charge: signed(apart[1] ?? apart[2] ?? '', apart[3] ?? '+') }
  if (!/[+\-−]$/.test(text)) return { body: text, charge: 0 }
  const lone = LONE_BUT_SUBSCRIPT.has(text) ? null : LONE_ION.exec(text)
  const bracket = SHORT_ION.exec(text) ?? WHOLE_BRACKET.exec(text)
  const together = RUN_TOGETHER.exec(text)
  const [, body = '', digits = '', sign = '+'] = lone ?? bracket ?? together ?? []
  if (body) return { body, charge: signed(digits, sign) }
  const single = SINGLE.exec(text)
  return { body: single?.[1] ?? text, charge: signed('', single?.[2] ?? '+') }
}

/** Reads a formula from left to right, remembering where it is so that an error can point there. */
class FormulaReader {
  private at = 0
  private readonly body: string
  private readonly whole: string

  constructor(body: string, whole: string) {
    this.body = body
    this.whole = whole
  }

  read(): readonly FormulaPart[] {
    const first = this.parts(undefined)
    const adducts: FormulaPart[] = []
    while (/[.·•*]/.test(this.body[this.at] ?? '')) {
      this.at++
      if (SOME_WATER.test(this.body.slice(this.at))) {
        this.at += SOME_WATER.exec(this.body.slice(this.at))?.[0].length ?? 0
        adducts.push({ kind: 'some water' })
        continue
      }
      const count = this.number(true)
      adducts.push({ kind: 'adduct', parts: this.parts(undefined), count })
    }
    if (this.at < this.body.length) this.fail('formula.unexpected', 'cannot stand in a formula')
    return [...first, ...adducts]
  }

  private parts(closer: string | undefined): readonly FormulaPart[] {
    const found: FormulaPart[] = []
    for (let next = this.body[this.at]; next !== undefined; next = this.body[this.at]) {
      if (next === closer || /[.·•*]/.test(next)) break
      if (next === '(' || next === '[') found.push(this.group(next))
      else if (/[A-Za-z]/.test(next)) found.push(this.element())
      else break
    }
    if (found.length === 0) this.fail('formula.unexpected', 'was found where an element should stand')
    return found
  }

  private group(open: '(' | '['): FormulaPart {
    const opened = this.at
    this.at++
    const parts = this.parts(CLOSERS[open])
    if (this.body[this.at] !== CLOSERS[open]) {
      this.at = opened
      this.fail('formula.unclosed', `is never closed: add '${CLOSERS[open]}'`)
    }
    this.at++
    return { kind: 'group', open, parts, count: this.number() }
  }

  private element(): FormulaPart {
    const short = Object.keys(SHORT_NAMES).find((name) => this.body.startsWith(name, this.at))
    if (short !== undefined) {
      this.at += short.length
      return { kind: 'group', open: '(', parts: new FormulaReader(SHORT_NAMES[short] ?? '', this.whole).read(), count: 1 }
    }
    const [two = '', one = ''] = [this.body.slice(this.at, this.at + 2), this.body.slice(this.at, this.at + 1)]
    const symbol = /^[A-Z][a-z]$/.test(two) ? two : one
    if (isStandIn(symbol)) {
      this.refuseCapitals()
      this.at++
      return { kind: 'element', symbol, count: this.number() }
    }
    if (!isElement(symbol)) {
      const hint = /[a-z]/.test(symbol[0] ?? '') ? '; element symbols begin with a capital' : ''
      this.fail('formula.unknownElement', `is not an element${hint}`, symbol)
    }
    this.at += symbol.length
    return { kind: 'element', symbol: symbol as ElementSymbol, count: this.number() }
  }

  /** NAOH and HCL are sodium hydroxide and hydrochloric acid in capitals, not compounds of unknowns A and L. */
  private refuseCapitals(): void {
    for (const from of [this.at - 1, this.at]) {
      const pair = this.body.slice(Math.max(0, from), from + 2)
      const meant = `${pair.charAt(0)}${pair.charAt(1).toLowerCase()}`
      if (from < 0 || !/^[A-Z]{2}$/.test(pair) || !isElement(meant) || MEANT_AS_WRITTEN.has(pair)) continue
      this.at = from
      this.fail('formula.capitals', `looks like ${meant}: an element’s second letter is a small one`, pair)
    }
  }

  private number(decimal = false): number {
    const digits = (decimal ? /^\d+(\.\d+(?=[A-Z([]))?/ : /^\d+/).exec(this.body.slice(this.at))?.[0]
    if (digits === undefined) return 1
    if (Number(digits) === 0 || Number(digits) > LARGEST_COUNT) {
      this.fail('formula.count', `is no sensible count: use 1 to ${LARGEST_COUNT}`, digits)
    }
    this.at += digits.length
    return Number(digits)
  }

  private fail(code: string, says: string, shown = this.body[this.at] ?? 'the end'): never {
    throw new ChemistryError(code, `In '${this.whole}', '${shown}' at character ${this.at + 1} ${says}.`, {
      text: this.whole,
      position: this.at,
    })
  }
}

/**
 * Takes a formula apart: brackets, subscripts, hydrates (`.` or `·`) and charge.
 *
 * Charges are read as `Fe2+`, `MnO4-`, `SO4^2-`, `SO4 2-`, `SO42-` and `SO₄²⁻`. A digit straight before the sign is the
 * charge only after a lone element or after another digit.
 *
 * @throws ChemistryError `formula.…` with the position of the first character that does not fit
 */
export function parseFormula(text: string): Formula {
  const tidy = /[⁺⁻⁰-⁹²³¹₀-₉]/.test(text) ? onTheLine(text.trim()) : text.trim()
  if (/^e[-−]$/.test(tidy)) return { text: tidy, parts: [], charge: -1 }
  if (tidy === '') throw new ChemistryError('formula.empty', 'A formula is missing. Write it like KMnO4.', { text })
  const { body, charge } = splitCharge(SHORT_FORMULAE[tidy] ?? tidy)
  return { text: tidy, parts: new FormulaReader(body, tidy).read(), charge }
}

function gather(parts: readonly FormulaPart[], times: number, into: Map<AtomSymbol, number>): void {
  for (const part of parts) {
    if (part.kind === 'some water') continue
    if (part.kind === 'element') into.set(part.symbol, (into.get(part.symbol) ?? 0) + part.count * times)
    else gather(part.parts, times * part.count, into)
  }
}

// Formulae are never changed, so their atoms are counted once.
const COUNTED = new WeakMap<readonly FormulaPart[], Composition>()

/** Counts the atoms in one formula unit, water of crystallisation included where it is said how much there is. */
export function compositionOf({ parts }: Pick<Formula, 'parts'>): Composition {
  const counted = COUNTED.get(parts)
  if (counted) return counted
  const atoms = new Map<AtomSymbol, number>()
  gather(parts, 1, atoms)
  COUNTED.set(parts, atoms)
  return atoms
}

/** Whether a formula leaves open how much water a salt holds. */
export const hasSomeWater = ({ parts }: Pick<Formula, 'parts'>): boolean => parts.some(({ kind }) => kind === 'some water')

/** The letters in a formula that stand for something not said. */
export const standInsOf = (formula: Pick<Formula, 'parts'>): readonly StandIn[] =>
  [...compositionOf(formula).keys()].filter(isStandIn)

const KEYS = new WeakMap<Formula, string>()

/** Names a species by its atoms and charge, so that CH3COOH and C2H4O2 are one: `C2H4O2|0`. */
export function speciesKey(formula: Formula): string {
  const known = KEYS.get(formula)
  if (known !== undefined) return known
  const atoms = [...compositionOf(formula)].toSorted(([a], [b]) => a.localeCompare(b))
  const water = hasSomeWater(formula) ? '+water' : ''
  const key = `${atoms.map(([symbol, count]) => `${symbol}${count}`).join('')}${water}|${formula.charge}`
  KEYS.set(formula, key)
  return key
}

/** Whether two formulae are the same species: same atoms and same charge, however they are written. */
export function sameSpecies(one: Formula, other: Formula): boolean {
  if (one.charge !== other.charge || hasSomeWater(one) !== hasSomeWater(other)) return false
  const [a, b] = [compositionOf(one), compositionOf(other)]
  return a.size === b.size && [...a].every(([symbol, count]) => b.get(symbol) === count)
}

/** Splits a hydrate into the salt without its water and the number of waters (0 for anything else). */
export function waterOf(formula: Formula): { readonly salt: Formula; readonly water: number } {
  const adducts = formula.parts.filter((part) => part.kind === 'adduct')
  const water = adducts.reduce((total, part) => total + part.count, 0)
  const parts = formula.parts.filter((part) => part.kind !== 'adduct' && part.kind !== 'some water')
  return { salt: { ...formula, text: formula.text.split(/[.·•*]/)[0] ?? formula.text, parts }, water }
}
