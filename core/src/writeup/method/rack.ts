import { materialLabel, type PartOf, path } from '../../record/index.ts'
import type { Facts } from '../facts.ts'
import type { Proposed } from '../report.ts'
import { counted, listed, propose } from '../words.ts'

/** How unknowns were tested: the table tells the rest. */
export function rackDone(rack: PartOf<'rack'>, { task }: Facts): readonly Proposed[] {
  const tested = rack.samples.filter(({ tubes }) => tubes.some(({ steps }) => steps.length > 0))
  if (tested.length === 0) return []
  const labels = listed(tested.map(({ material }) => materialLabel(task, material)))
  const portions = tested.reduce((sum, { tubes }) => sum + tubes.filter(({ steps }) => steps.length > 0).length, 0)
  const scheme = rack.route === 'scheme' ? 'worked through the groups' : 'tested in portions of their own'
  return [
    propose(
      `method ${rack.id} tested`,
      `${labels} ${tested.length === 1 ? 'was' : 'were'} ${scheme}, in ${counted(portions, 'test tube')}; each observation was written down when it was made`,
      path('parts', rack.id),
    ),
  ]
}
