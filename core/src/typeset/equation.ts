import { formulaPieces } from '../substance/index.ts'
import { type Line, onLine } from './piece.ts'

const TERM = /^(\d*)\s*(.*?)(\((?:s|l|g|aq)\))?$/

/** A term of an equation as it is set. */
export interface SetTerm {
  readonly count: string
  readonly formula: string
  readonly state: string
}

/** The two sides of an equation, term by term. */
export function equationSides(text: string): readonly (readonly SetTerm[])[] {
  return text.split(/\s*(?:->|→|=|⇌)\s*/).map((side) =>
    side.split(/\s+\+\s+/).map((term) => {
      const [, count = '', formula = term, state = ''] = TERM.exec(term) ?? []
      return { count, formula, state }
    }),
  )
}

const joined = (lines: readonly Line[], by: string): Line =>
  lines.flatMap((line, index) => (index === 0 ? line : [...onLine(by), ...line]))

/** An equation on one line with true subscripts and charges. */
export function setEquation(text: string): Line {
  const sides = equationSides(text).map((terms) =>
    joined(
      terms.map(({ count, formula, state }) => [
        ...onLine(count && `${count}\u202f`),
        ...formulaPieces(formula),
        ...onLine(state),
      ]),
      ' + ',
    ),
  )
  return joined(sides, ' → ')
}
