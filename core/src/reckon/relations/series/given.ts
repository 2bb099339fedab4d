import { Exact } from '../../../number/index.ts'
import { type FindOf, path } from '../../../record/index.ts'
import { ofQuestion } from '../../place.ts'
import { relateInUnit, unitKept } from '../inUnit.ts'
import type { AnswerTo } from '../sum.ts'
import type { Target } from '../target.ts'
import type { Plot } from './plot.ts'

/** A place on an axis: a number in the unit of the axis or with its own, or the answer to another question. */
type Place = FindOf<'yAt'>['x']

/** The question a place on an axis is stated in. */
export interface Asking {
  readonly id: string
  readonly answerTo: AnswerTo
}

function placed({ bench, ...plot }: Plot, { id, answerTo }: Asking, axis: 'x' | 'y', given: Place): Target {
  if (typeof given === 'object' && 'answer' in given) return answerTo(given.answer)
  const { value, unit } = typeof given === 'string' ? { value: given, unit: plot[axis].unit } : given
  const key = bench.network.define({
    of: { what: 'worked with', detail: axis, place: ofQuestion(id) },
    says: `${plot[axis].name} asked about`,
    symbol: axis,
    fullSymbol: axis,
    ...unitKept(unit),
  })
  const at = path('questions', id, 'find', axis, ...(typeof given === 'string' ? [] : ['value']))
  bench.network.give(key, { value: new Exact(value), text: value, at, reading: true })
  return { key }
}

/** The key of a place on an axis, in the unit of the axis. */
export function placeOnAxis(plot: Plot, asking: Asking, axis: 'x' | 'y', given: Place): Target {
  const found = placed(plot, asking, axis, given)
  if ('missing' in found) return found
  const { key, refused } = relateInUnit(plot.bench, found.key, plot[axis].unit)
  return refused ? { missing: `${plot[axis].name} in ${plot[axis].unit || 'no unit'}: ${refused.why}` } : { key }
}
