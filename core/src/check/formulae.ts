import { Memory } from '../memory/index.ts'
import { ChemistryError, type Problem } from '../problem/index.ts'
import { type Path, path, type Task } from '../record/index.ts'
import { balance, checkBalance, formatEquation, parseEquation, parseFormula } from '../substance/index.ts'

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
    return [
      {
        level: 'error',
        code: error.code,
        says: error.message,
        mend: 'Write it as on the bottle, like KMnO4 or (NH4)2Fe(SO4)2.6H2O.',
      },
    ]
  }
}

/** What is wrong with an equation, with the balanced one where it can be balanced. */
interface EquationFault {
  readonly code: string
  readonly says: string
  readonly mend: string
  readonly balanced?: string
}

/** An equation that cannot be read or does not balance; where it can be balanced, the balanced one is offered. */
export function checkEquation(text: string, at: Path): readonly Problem[] {
  const fault = text.trim() === '' ? undefined : EQUATIONS.recall(text, findEquationFault)
  if (!fault) return []
  const { balanced, ...words } = fault
  return [
    { level: 'error', at, ...words, ...(balanced ? { offer: { label: 'Balance it', set: [{ at, text: balanced }] } } : {}) },
  ]
}

function findEquationFault(text: string): EquationFault | undefined {
  try {
    const wrong = checkBalance(parseEquation(text))
    if (wrong.length === 0) return undefined
    const says = wrong.map(({ what, left, right }) => `${what} ${left} on the left, ${right} on the right`).join('; ')
    return { code: 'equation.unbalanced', says: `This equation is not balanced: ${says}.`, ...mendOf(text) }
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error
    return { code: error.code, says: error.message, mend: 'Write it like MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O.' }
  }
}

function mendOf(text: string): Pick<EquationFault, 'mend' | 'balanced'> {
  try {
    const balanced = formatEquation(balance(parseEquation(text)))
    return { mend: `Balanced it is ${balanced}.`, balanced }
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
