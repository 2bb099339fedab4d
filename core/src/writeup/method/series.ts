import { buretteOf, entryText, type PartOf, partTitle, path } from '../../record/index.ts'
import type { Facts } from '../facts.ts'
import type { Proposed } from '../report.ts'
import { counted, introduced, listed, measured, propose } from '../words.ts'

import { putInto } from './titration.ts'

/** How a run was read: what against what, how often, from where to where. */
export function seriesDone(part: PartOf<'series'>, { task }: Facts): readonly Proposed[] {
  const { points, x, y, mixedAt, unknowns = [] } = part
  if (points.length === 0) return []
  const at = path('parts', part.id)
  const xs = points.map((point) => entryText(point.x)).toSorted((a, b) => Number(a) - Number(b))
  const [low = '', high = ''] = [xs[0], xs.at(-1)]
  const several = task.parts.filter(({ kind }) => kind === 'series').length > 1 ? `${partTitle(task, part)}: ` : ''
  const reach = points.length === 1 ? `at ${measured(low, x.unit)}` : `from ${measured(low, x.unit)} to ${measured(high, x.unit)}`
  const read = unknowns.filter(({ readings }) => readings.length > 0)
  const mixed =
    mixedAt === undefined
      ? []
      : [
          propose(
            `method ${part.id} mixed`,
            `The substances were mixed at ${measured(mixedAt, x.unit)}, where no reading was taken`,
            at,
          ),
        ]
  const looked =
    read.length === 0
      ? []
      : [
          propose(
            `method ${part.id} unknowns`,
            `The ${y.name} of ${listed(read.map(({ label }) => label))} was read in the same way and looked up on the line`,
            at,
          ),
        ]
  const crossing = task.parts.find((one) => one.kind === 'titration' && one.crossingOf === part.id)
  const set =
    crossing?.kind === 'titration'
      ? [
          propose(
            `method ${part.id} set up`,
            listed([...putInto(task, crossing, 'a cup'), `${introduced(task, buretteOf(crossing))} was run in from a burette`]),
            path('parts', crossing.id),
          ),
        ]
      : []
  return [
    ...set,
    propose(
      `method ${part.id} read`,
      `${several}the ${y.name} was read at ${counted(points.length, 'value')} of the ${x.name}, ${reach}`,
      at,
    ),
    ...mixed,
    ...looked,
  ]
}
