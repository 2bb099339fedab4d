import { ChemistryError } from '../problem/index.ts'
import { compositionOf, type Equation, type Formula, parseEquation, parseFormula } from '../substance/index.ts'

const FORMULAE = new Map<string, Formula | undefined>()
const EQUATIONS = new Map<string, Equation | undefined>()
const KEYS = new Map<string, string>()
/** The caches hold what is typed, so they are emptied now and then. */
const MOST_REMEMBERED = 2000

function remember<Value>(cache: Map<string, Value | undefined>, text: string, read: (text: string) => Value): Value | undefined {
  if (cache.has(text)) return cache.get(text)
  if (cache.size > MOST_REMEMBERED) cache.clear()
  let value: Value | undefined
  try {
    value = read(text)
  } catch (error) {
    // What does not parse is reported where it stands in the record; here it only means that nothing follows from it.
    if (!(error instanceof ChemistryError)) throw error
  }
  cache.set(text, value)
  return value
}

/** A formula, or undefined where the text is none. */
export function readFormula(text: string): Formula | undefined {
  return remember(FORMULAE, text, parseFormula)
}

/** An equation, or undefined where the text is none. */
export function readEquation(text: string): Equation | undefined {
  return remember(EQUATIONS, text, parseEquation)
}

/** Names a species by its atoms and charge, so that CH3COOH and C2H4O2 are one. */
export function speciesKey(formula: Formula): string {
  const known = KEYS.get(formula.text)
  if (known !== undefined) return known
  const atoms = [...compositionOf(formula)].toSorted(([a], [b]) => a.localeCompare(b))
  const key = `${atoms.map(([symbol, count]) => `${symbol}${count}`).join('')}|${formula.charge}`
  if (KEYS.size > MOST_REMEMBERED) KEYS.clear()
  KEYS.set(formula.text, key)
  return key
}
