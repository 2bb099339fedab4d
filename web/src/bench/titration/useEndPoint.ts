import { type EndPoint, endPointOf, type Reacting } from '@hop-lark/core/indicator'
import { buretteOf, findMaterial, type PartOf, type Task, weighingOf } from '@hop-lark/core/record'
import { type Formula, parseEquation, parseFormula } from '@hop-lark/core/substance'
import { useMemo } from 'react'
import { useTask } from '../../notebook/derived.ts'

const formulaOr = (text: string | undefined): Formula | undefined => {
  try {
    return text === undefined ? undefined : parseFormula(text)
  } catch {
    return undefined
  }
}

/** What reacts in a titration: what the burette holds, and what is in the flask or in its equation. */
function reactingIn(task: Task, part: PartOf<'titration'>): Reacting {
  const solute = (id: string) => formulaOr(findMaterial(task, id)?.solute)
  const contents = part.flask.flatMap((content) => {
    const material = 'weighing' in content ? weighingOf(task, content.weighing)?.of : content.material
    return material === undefined ? [] : (solute(material) ?? [])
  })
  const equation = part.reactions.find(({ role }) => role === 'titration')?.equation
  const reactants = equation === undefined ? [] : reactantsOf(equation)
  return { burette: solute(buretteOf(part)), flask: [...contents, ...reactants] }
}

function reactantsOf(equation: string): readonly Formula[] {
  try {
    return parseEquation(equation).reactants.map(({ formula }) => formula)
  } catch {
    return []
  }
}

/** The colours to look for, for the indicator named and what is in the flask. */
export function useEndPoint(part: PartOf<'titration'>): { readonly endPoint: EndPoint | undefined; readonly reacting: Reacting } {
  const task = useTask()
  return useMemo(() => {
    const reacting = reactingIn(task, part)
    return { reacting, endPoint: endPointOf(part.indicator, reacting, task.conventions.endPoint) }
  }, [task, part])
}
