import { reckonTask } from '@hop-lark/core/reckon'
import { newTask } from '@hop-lark/core/record'
import { stagesOf } from '@hop-lark/core/stages'
import { expect, it } from 'vitest'
import { stageAfter } from './goOn.ts'

const stages = (() => {
  const task = newTask('x', 'weigh-titrate', Math.random)
  return stagesOf(task, reckonTask(task))
})()
const done = (...ids: readonly string[]) =>
  stages.map((stage) => ({ ...stage, state: ids.includes(stage.id) ? ('done' as const) : ('empty' as const) }))

it.each([
  ['brief', [], 'w1'],
  ['brief', ['w1', 's1'], 't1'],
  ['w1', ['s1'], 't1'],
  // The working is what the readings were taken for: it is not passed over because it is done.
  ['t1', ['work-out'], 'work-out'],
  ['work-out', [], 'write-up'],
  ['write-up', [], undefined],
  ['gone', [], undefined],
])('after %s, with %j done, comes %s', (id, finished, next) => {
  expect(stageAfter(done(...finished), id)?.id).toBe(next)
})
