import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { reckonTask } from '../reckon/index.ts'
import { newTask, readPath, readTask, readTaskText, STARTING_SHEETS, type StartingSheet, type Task } from '../record/index.ts'
import { placeName, stagesOf, summariseTask } from './index.ts'

const demo = (name: string): Task =>
  readTaskText(readFileSync(new URL(`../../../demo/${name}.hoplark.json`, import.meta.url), 'utf8'))
const shown = (task: Task) =>
  stagesOf(task, reckonTask(task)).map(({ title, state, figure }) => `${title} | ${state} | ${figure}`)

describe('the stages of a task', () => {
  it('say how far each is and its most important number', () => {
    expect(shown(demo('iron-in-lawn-sand'))).toEqual([
      'Brief | done | 4 materials',
      'Weigh F1 | done | 4.74 g',
      'Make up F4 | done | 250.0 cm³',
      'Titrate | done | 20.68 cm³',
      'Work out | done | 12.2 %',
      'Write up | empty | ',
    ])
  })

  it('put weighings of one material together, and show what is not finished', () => {
    expect(shown(demo('acid-in-orchard-vinegar'))).toEqual([
      'Brief | done | 4 materials',
      'Weigh potassium hydrogenphthalate | done | 3 of 3',
      'Standardise N | done | 3 agree',
      'Dilute V | done | 250.0 cm³',
      'Titrate D | partly | 21.05 cm³',
      'Work out | partly | 0.100 mol/dm³',
      'Write up | empty | ',
    ])
  })

  it('are there for every kind of part', () => {
    const task = readTask({
      format: 'hop-lark/task',
      version: 1,
      id: 'x',
      title: 'x',
      brief: { text: 'Do it.' },
      parts: [
        { id: 'w', kind: 'weighing', of: 'S', withSample: '1.00' },
        { id: 's', kind: 'solution', from: [], gives: 'S' },
        { id: 't', kind: 'titration', burette: 'B', flask: [], reactions: [], runs: [{ kind: 'rough', initial: '0.00' }] },
        { id: 'h', kind: 'heating', of: 'S', masses: ['1.00'] },
        { id: 'm', kind: 'series', x: { name: 'time', unit: 's' }, y: { name: 'volume', unit: 'cm3' }, points: [] },
        { id: 'r', kind: 'rack', samples: [] },
        { id: 'c', kind: 'chromatogram', spots: [{ label: 'red', distance: '40' }] },
        { id: 'n', kind: 'note', text: '' },
      ],
    })
    expect(shown(task)).toEqual([
      'Brief | partly | ',
      'Weigh S | partly | ',
      'Make up S | empty | ',
      'Titrate | partly | ',
      'Heat S | partly | 1 weighing',
      'Measure volume | empty | ',
      'Tubes | empty | ',
      'Chromatogram | partly | 1 spot',
      'Note | empty | ',
      'Work out | empty | ',
      'Write up | empty | ',
    ])
  })
})

it.each([
  ['iron-in-lawn-sand', 'parts.t1', 'Titrate'],
  ['iron-in-lawn-sand', 'parts.t1.runs.run2', 'Titrate, run 2'],
  ['iron-in-lawn-sand', 'parts.t1.runs.rough1.final', 'Titrate, rough, final reading'],
  ['iron-in-lawn-sand', 'parts.w1.withSample', 'Weigh F1, container and sample'],
  ['four-jars', 'parts.r1.samples.G.tubes.G1', 'Four jars, G1'],
  ['four-jars', 'parts.r1.samples.G.tubes.G1.steps.s2', 'Four jars, G1.2'],
  ['kiln-wash-alkali', 'parts.m1.points.p3', 'Temperature of K with H, point 3'],
  ['dyes-of-lichen-inks', 'parts.c1.spots.nowhere', 'Run the inks'],
  ['iron-in-lawn-sand', 'parts.gone', 'something that is no longer in the record'],
])('names a place in a sentence: %s %s', (name, at, says) => expect(placeName(demo(name), readPath(at))).toBe(says))

it('sums a task up for the shelf', () => {
  const { progress, stages, answers } = summariseTask(demo('iron-in-lawn-sand'))
  expect(progress).toBe('done')
  expect(stages).toHaveLength(6)
  expect(answers).toEqual([
    { says: 'Amount of iron(II) in the 250 cm³ flask', value: '0.0103', unit: 'mol' },
    { says: 'Percentage by mass of iron in F1', value: '12.2', unit: '%' },
  ])
})

it.each(Object.keys(STARTING_SHEETS) as StartingSheet[])(
  'a task that begins as %s counts as new, and nothing of it as done',
  (sheet) => {
    const { progress, stages } = summariseTask(newTask('x', sheet, Math.random))
    expect(progress).toBe('new')
    expect(stages.filter(({ state }) => state === 'done')).toEqual([])
  },
)

it('a task counts as begun from its first reading on', () => {
  const task = newTask('x', 'weigh-titrate', Math.random)
  const parts = task.parts.map((part) => (part.kind === 'weighing' ? { ...part, withSample: '31.46' } : part))
  expect(summariseTask({ ...task, parts }).progress).toBe('begun')
})
