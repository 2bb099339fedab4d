import { Memory } from '../memory/index.ts'
import { ChemistryError } from '../problem/index.ts'
import { type Equation, type Formula, parseEquation, parseFormula } from '../substance/index.ts'

/** What is typed is remembered, whether it can be read or not. */
const MOST_REMEMBERED = 2000
const FORMULAE = new Memory<string, Formula | undefined>(MOST_REMEMBERED)
const EQUATIONS = new Memory<string, Equation | undefined>(MOST_REMEMBERED)

/** What does not parse is reported where it stands in the record; here it only means that nothing follows from it. */
function orNothing<Value>(read: (text: string) => Value): (text: string) => Value | undefined {
  return (text) => {
    try {
      return read(text)
    } catch (error) {
      if (!(error instanceof ChemistryError)) throw error
      return undefined
    }
  }
}

/** A formula, or undefined where the text is none. */
export function readFormula(text: string): Formula | undefined {
  return FORMULAE.recall(text, orNothing(parseFormula))
}

/** An equation, or undefined where the text is none. */
export function readEquation(text: string): Equation | undefined {
  return EQUATIONS.recall(text, orNothing(parseEquation))
}
