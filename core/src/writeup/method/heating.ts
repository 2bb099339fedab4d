import { assessHeating } from '../../heating/index.ts'
import { materialLabel, type PartOf, path } from '../../record/index.ts'
import type { Facts } from '../facts.ts'
import type { Proposed } from '../report.ts'
import { counted, measured, propose } from '../words.ts'

/** How a solid was heated; nothing before its second weighing. */
export function heatingDone(part: PartOf<'heating'>, { task }: Facts): readonly Proposed[] {
  const { steps, constant, within } = assessHeating(part)
  const heatings = steps.length - 1
  if (heatings < 1) return []
  const label = materialLabel(task, part.of)
  const times = heatings === 1 ? 'once' : heatings === 2 ? 'twice' : counted(heatings, 'time')
  const end = constant
    ? `until two masses agreed within ${measured(within, 'g')}, which was taken for constant mass`
    : 'constant mass was not reached'
  return [
    propose(
      `method ${part.id} heated`,
      `${label} was weighed in its container, heated, left to cool and weighed again, ${times}${constant ? `, ${end}` : `; ${end}`}`,
      path('parts', part.id),
    ),
  ]
}
