import { readTask, type Task } from '@hop-lark/core/record'
import fc from 'fast-check'
import { produce } from 'immer'
import { applyPatch } from 'rfc6902'
import { expect, it } from 'vitest'
import jars from '../../../demo/four-jars.hoplark.json'
import lawnSand from '../../../demo/iron-in-lawn-sand.hoplark.json'
import { patchBetween } from './patchBetween.ts'

/** Something a student may do to any task. */
type Change = (task: Task) => void

const CHANGES: readonly Change[] = [
  (task) => task.materials.push({ id: `X${task.materials.length}`, label: 'new', form: 'solid' }),
  (task) => void task.materials.shift(),
  (task) => void task.parts.reverse(),
  (task) => void task.questions.pop(),
  (task) => {
    task.title = `${task.title} again`
  },
  (task) => {
    for (const part of task.parts)
      if (part.kind === 'rack') part.samples[0]?.tubes.push({ id: `Z${part.samples[0].tubes.length}`, steps: [] })
  },
  (task) => {
    for (const part of task.parts) if (part.kind === 'rack') part.samples[1]?.tubes[0]?.steps.splice(1, 1)
  },
  (task) => {
    for (const part of task.parts)
      if (part.kind === 'rack') part.samples.unshift({ material: `new${part.samples.length}`, tubes: [] })
  },
  (task) => {
    for (const part of task.parts) if (part.kind === 'titration') part.runs.splice(1, 0, { kind: 'accurate', initial: '1.00' })
  },
]

it.each([
  ['four jars', jars],
  ['lawn sand', lawnSand],
])('leads from any state of %s to any other', (_, document) => {
  const before = readTask(document)
  fc.assert(
    fc.property(fc.array(fc.constantFrom(...CHANGES), { minLength: 1, maxLength: 6 }), (changes) => {
      const after = changes.reduce((task, change) => produce(task, (draft) => void change(draft)), before)
      const patched = structuredClone(before)
      expect(applyPatch(patched, structuredClone(patchBetween(before, after))).every((error) => error === null)).toBe(true)
      expect(patched).toEqual(after)
    }),
    { numRuns: 60 },
  )
})

it('is empty between a state and itself, and small where little was changed', () => {
  const before = readTask(jars)
  expect(patchBetween(before, before)).toEqual([])
  const after = produce(before, (task) => {
    const rack = task.parts.find((part) => part.kind === 'rack')
    if (rack?.kind === 'rack') rack.samples[0]?.tubes[0]?.steps.push({ do: 'cool', saw: 'no visible change' })
  })
  expect(patchBetween(before, after)).toEqual([
    { op: 'add', path: '/parts/0/samples/0/tubes/0/steps/-', value: { do: 'cool', saw: 'no visible change' } },
  ])
})
