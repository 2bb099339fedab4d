import { formatFigures, significantFigures } from '../number/index.ts'
import type { Problem } from '../problem/index.ts'
import { checkedLabels } from '../reckon/index.ts'
import { materialLabel, path, type Task } from '../record/index.ts'
import { recordProblem } from './says.ts'

/** A titration in school does not lie so far from a label that is true. */
const FAR_OFF = 0.05

/** Labels with too few figures to work with, and labels that the titration contradicts. */
export function checkLabels(task: Task): readonly Problem[] {
  const fewFigures = task.materials.flatMap(({ id, strength }) =>
    strength && significantFigures(strength.value) === 1
      ? [recordProblem('strength.oneFigure', path('materials', id, 'strength'), { value: strength.value, unit: strength.unit })]
      : [],
  )
  const contradicted = checkedLabels(task).flatMap(({ material, stated, found, unit }) => {
    if (stated.isZero() || found.sub(stated).abs().div(stated.abs()).lte(FAR_OFF)) return []
    const facts = { of: materialLabel(task, material), stated: formatFigures(stated, 3), found: formatFigures(found, 3), unit }
    return [recordProblem('strength.contradicted', path('materials', material, 'strength'), facts)]
  })
  return [...fewFigures, ...contradicted]
}
