import { Memory } from '../memory/index.ts'
import { ChemistryError, type Problem } from '../problem/index.ts'
import { type Path, path, type Task } from '../record/index.ts'
import { balance, checkBalance, formatEquation, parseEquation, parseFormula } from '../substance/index.ts'
import { balancedIs, recordProblem, WRITE_EQUATION, WRITE_FORMULA } from './says.ts'

type Found = readonly Omit<Problem, 'at' | 'offer'>[]

/** What is typed is remembered. */
const MOST_REMEMBERED = 2000
const FORMULAE = new Memory<string, Found>(MOST_REMEMBERED)
const EQUATIONS = new Memory<string, EquationFault | undefined>(MOST_REMEMBERED)

/** A formula that cannot be read, with the character where it goes wrong. */
export function checkFormula(text: string, at: Path): readonly Problem[] {
  return FORMULAE.recall(text, findFormulaFaults).map((fault) => ({ ...fault, at }))
}

function findFormulaFaults(text: string): Found {
  try {
    parseFormula(text)
    return []
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error
    return [{ level: 'error', code: error.code, facts: error.facts, says: error.message, mend: WRITE_FORMULA }]
  }
}

/** What is wrong with an equation, with the balanced one where it can be balanced. */
interface EquationFault {
  readonly problem: (at: Path) => Problem
  readonly balanced?: string
}

/** An equation that cannot be read or does not balance; where it can be balanced, the balanced one is offered. */
export function checkEquation(text: string, at: Path): readonly Problem[] {
  const fault = text.trim() === '' ? undefined : EQUATIONS.recall(text, findEquationFault)
  if (!fault) return []
  const { problem, balanced } = fault
  return [{ ...problem(at), ...(balanced ? { offer: { label: 'Balance it', set: [{ at, text: balanced }] } } : {}) }]
}

function findEquationFault(text: string): EquationFault | undefined {
  try {
    const wrong = checkBalance(parseEquation(text))
    if (wrong.length === 0) return undefined
    const sides = wrong.map(({ what, left, right }) => `${what} ${left} on the left, ${right} on the right`).join('; ')
    const { mend, balanced } = mendOf(text)
    return {
      problem: (at) => recordProblem('equation.unbalanced', at, { sides, mend }),
      ...(balanced === undefined ? {} : { balanced }),
    }
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error
    const { code, facts, message } = error
    return { problem: (at) => ({ level: 'error', at, code, facts, says: message, mend: WRITE_EQUATION }) }
  }
}

function mendOf(text: string): { readonly mend: string; readonly balanced?: string } {
  try {
    const balanced = formatEquation(balance(parseEquation(text)))
    return { mend: balancedIs(balanced), balanced }
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error
    return { mend: error.message }
  }
}

/** Every formula and equation of a task. */
export function checkFormulae(task: Task): readonly Problem[] {
  return [
    ...task.materials.flatMap(({ id, solute }) => (solute?.trim() ? checkFormula(solute, path('materials', id, 'solute')) : [])),
    ...task.parts.flatMap((part) => {
      if (part.kind === 'titration') {
        return [
          ...part.reactions.flatMap(({ equation }, index) =>
            checkEquation(equation, path('parts', part.id, 'reactions', index, 'equation')),
          ),
          ...(part.inExcess ?? []).flatMap((species, index) => checkFormula(species, path('parts', part.id, 'inExcess', index))),
        ]
      }
      return part.kind === 'heating' && part.lost ? checkFormula(part.lost, path('parts', part.id, 'lost')) : []
    }),
    ...task.questions.flatMap(({ id, find }) =>
      'of' in find && find.quantity !== 'molarMass' ? checkFormula(find.of, path('questions', id, 'find', 'of')) : [],
    ),
  ]
}
