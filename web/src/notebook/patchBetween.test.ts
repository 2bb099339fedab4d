import { freshId, readTask, type Task } from '@hop-lark/core/record'
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
    for (const part of task.parts)
      if (part.kind === 'titration')
        part.runs.splice(1, 0, {
          id: freshId(
            'r',
            part.runs.map(({ id }) => id),
          ),
          kind: 'accurate',
          initial: '1.00',
        })
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
    if (rack?.kind === 'rack') rack.samples[0]?.tubes[0]?.steps.push({ id: 's4', do: 'cool', saw: 'no visible change' })
  })
  expect(patchBetween(before, after)).toEqual([
    { op: 'add', path: '/parts/0/samples/0/tubes/0/steps/3', value: { id: 's4', do: 'cool', saw: 'no visible change' } },
  ])
})

/** A titration of so many runs. Compared all with all, one of a thousand never came to an end. */
const long = (runs: number): Task =>
  readTask({
    format: 'hop-lark/task',
    version: 1,
    id: 'long',
    title: 'Long',
    materials: [{ id: 'M', label: 'M', form: 'solution' }],
    parts: [
      {
        id: 't1',
        kind: 'titration',
        burette: 'M',
        flask: [],
        reactions: [],
        runs: Array.from({ length: runs }, (_, index) => ({ kind: 'accurate', initial: '0.00', final: `${index % 40}.00` })),
      },
    ],
  })

it.each<[string, (runs: { id: string; kind: string; final?: unknown; initial?: unknown }[]) => void, number]>([
  ['a reading changed', (runs) => Object.assign(runs[1500] ?? {}, { final: '41.00' }), 1],
  ['a run put in at the front', (runs) => runs.unshift({ id: 'rough1', kind: 'rough' }), 1],
  [
    'a run put in and another changed',
    (runs) => {
      runs.splice(700, 0, { id: 'rough1', kind: 'rough' })
      Object.assign(runs[701] ?? {}, { initial: '1.00' })
    },
    4,
  ],
  ['three taken out', (runs) => runs.splice(20, 3), 3],
  ['the first and the last changed', (runs) => [0, -1].map((at) => Object.assign(runs.at(at) ?? {}, { final: '9.00' })), 2],
])('in a record of two thousand runs is as small as the change: %s', (_, change, most) => {
  const before = long(2000)
  const after = produce(before, (task) => {
    const [part] = task.parts
    if (part?.kind === 'titration') void change(part.runs)
  })
  const patch = patchBetween(before, after)
  expect(patch.length).toBeLessThanOrEqual(most)
  const patched = structuredClone(before)
  expect(applyPatch(patched, structuredClone(patch)).every((error) => error === null)).toBe(true)
  expect(patched).toEqual(after)
})
