import { ChemistryError } from '../problem/index.ts'
import { type Formula, parseFormula } from './formula.ts'

export type StateSymbol = 's' | 'l' | 'g' | 'aq'

/** One substance of an equation with its stoichiometric number. */
export interface Term {
  readonly count: number
  readonly formula: Formula
  readonly state?: StateSymbol
}

export interface Equation {
  readonly text: string
  readonly reactants: readonly Term[]
  readonly products: readonly Term[]
}

const ARROW = /\s*(?:<=>|<->|⇌|⇋|-->|->|→|⟶|=>|=)\s*/
/** A plus that joins substances is followed by one; the plus of a charge is not. */
const JOINING_PLUS = /\s*\+\s*(?=[A-Za-z0-9([])/
const STATE = /\s*\((s|l|g|aq)\)\s*$/
/** State symbols in mid-equation would look like the next substance to the joining plus, so they lose their bracket first. */
const INNER_STATE = /\s*\((s|l|g|aq)\)/g

function parseTerm(text: string, equation: string): Term {
  const marked = text.trim().replace(/@(s|l|g|aq)$/, '($1)')
  const state = STATE.exec(marked)?.[1] as StateSymbol | undefined
  const bare = marked.replace(STATE, '').trim()
  const [, digits = '', rest = bare] = /^(\d+)\s*(?=[A-Za-z([])(.*)$/.exec(bare) ?? []
  if (bare === '' || /\s\+$/.test(bare)) {
    throw new ChemistryError('equation.missingTerm', `In '${equation}' a substance is missing beside a plus or arrow.`, {
      text: equation,
    })
  }
  const formula = parseFormula(rest)
  const count = digits === '' ? 1 : Number(digits)
  return state ? { count, formula, state } : { count, formula }
}

/**
 * Reads an equation such as `MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O`. Arrows `->`, `→`, `=` and `⇌` are taken;
 * state symbols may follow each substance.
 *
 * @throws ChemistryError `equation.noArrow`, `equation.missingTerm`, or the `formula.…` error of a substance
 */
export function parseEquation(text: string): Equation {
  const sides = text.trim().split(ARROW)
  const [left, right, ...more] = sides
  if (!left || !right || more.length > 0) {
    throw new ChemistryError(
      'equation.noArrow',
      `'${text}' needs one arrow with substances on both sides, like H+ + OH- -> H2O.`,
      { text },
    )
  }
  const terms = (side: string) =>
    side
      .replace(INNER_STATE, '@$1')
      .split(JOINING_PLUS)
      .map((term) => parseTerm(term, text))
  return { text: text.trim(), reactants: terms(left), products: terms(right) }
}

function formatTerm({ count, formula, state }: Term): string {
  return `${count === 1 ? '' : count}${formula.text}${state ? `(${state})` : ''}`
}

/** Writes an equation with ` + ` and `->`, numbers straight before the formulae. */
export function formatEquation({ reactants, products }: Pick<Equation, 'reactants' | 'products'>): string {
  return `${reactants.map(formatTerm).join(' + ')} -> ${products.map(formatTerm).join(' + ')}`
}
