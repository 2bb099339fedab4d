import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import {
  correctEntry,
  DEFAULT_CONVENTIONS,
  freshId,
  newTask,
  readTask,
  readTaskText,
  STARTING_SHEETS,
  type StartingSheet,
  settleRival,
  TaskFileError,
  taskJsonSchema,
  writeTask,
} from './index.ts'

const MINIMAL = { format: 'hop-lark/task', version: 1, id: 'x', title: 'A task' }
const DEMO = new URL('../../../demo/', import.meta.url)

function faultsOf(document: unknown): string[] {
  try {
    readTask(document)
    return []
  } catch (error) {
    if (!(error instanceof TaskFileError)) throw error
    return error.faults.map(({ at, says }) => `${at}: ${says}`)
  }
}

describe('reading a task file', () => {
  it('fills in the conventions that are not stated', () => {
    expect(readTask(MINIMAL)).toMatchObject({ conventions: DEFAULT_CONVENTIONS, materials: [], parts: [], questions: [] })
    expect(DEFAULT_CONVENTIONS).toMatchObject({
      figures: 3,
      carry: 'unrounded',
      atomicMasses: 'one-decimal',
      concordance: { within: '0.10', rule: 'largest-set', runs: 2, strict: false },
    })
  })

  it.each(readdirSync(DEMO))('reads the demo task %s and writes it back without losing anything', (name) => {
    const text = readFileSync(new URL(name, DEMO), 'utf8')
    const task = readTaskText(text)
    expect(task).toEqual(JSON.parse(text))
    expect(readTaskText(writeTask(task))).toEqual(task)
  })

  it.each([
    ['another format', { ...MINIMAL, format: 'other' }, /^format: must be 'hop-lark\/task'/],
    ['a newer version', { ...MINIMAL, version: 3 }, /^version: is 3, newer than this/],
    ['an unknown key', { ...MINIMAL, colour: 'red' }, /^colour: is not a field of a task file/],
    [
      'an unknown key deep inside',
      { ...MINIMAL, parts: [{ id: 'w1', kind: 'weighing', of: 'F1', waight: '1' }] },
      /^parts\.w1\.waight: is not a field/,
    ],
    [
      'a reading that is a number',
      { ...MINIMAL, parts: [{ id: 'w1', kind: 'weighing', of: 'F1', mass: 4.74 }] },
      /^parts\.w1\.mass: must be a number as written, in quotes/,
    ],
    [
      'a reading with a unit',
      {
        ...MINIMAL,
        parts: [
          {
            id: 't1',
            kind: 'titration',
            burette: 'F2',
            flask: [],
            reactions: [],
            runs: [{ kind: 'accurate', final: '22.50 cm3' }],
          },
        ],
      },
      /^parts\.t1\.runs\.run1\.final/,
    ],
    [
      'a strength without unit',
      { ...MINIMAL, materials: [{ id: 'F2', label: 'F2', form: 'solution', strength: { value: '0.02' } }] },
      /^materials\.F2\.strength\.unit: is the unit/,
    ],
    [
      'an id used twice',
      {
        ...MINIMAL,
        materials: [
          { id: 'F2', label: 'a', form: 'solid' },
          { id: 'F2', label: 'b', form: 'solid' },
        ],
      },
      /'F2' is the id of another one too/,
    ],
    ['what is missing', { ...MINIMAL, id: undefined }, /^id: is missing: it must be text in quotation marks\.$/],
    ['a number for text', { ...MINIMAL, title: 5 }, /^title: must be text in quotation marks, not a number/],
    ['an object for a list', { ...MINIMAL, parts: {} }, /^parts: must be a list in square brackets, not an object/],
    ['text for a number', { ...MINIMAL, minutes: '90' }, /^minutes: must be a number without quotation marks, not text/],
    ['half a figure', { ...MINIMAL, conventions: { figures: 2.5 } }, /^conventions\.figures: must be a whole number/],
    ['no choice of the list', { ...MINIMAL, conventions: { volumeUnit: 'l' } }, /must be one of 'cm3', 'mL'\.$/],
    ['a part of no kind', { ...MINIMAL, parts: [{ id: 't1', kind: 'mix' }] }, /^parts\.t1\.kind: must be one of 'weighing', /],
    [
      'a part without a kind',
      { ...MINIMAL, parts: [{ id: 't1' }] },
      /^parts\.t1\.kind: is missing: it must be one of 'weighing'/,
    ],
    ['a title as long as a page', { ...MINIMAL, title: 'x'.repeat(999) }, /^title: must be at most 300 characters\.$/],
    ['something that is no object', [1], /is a JSON object/],
  ])('refuses %s with the path', (_, document, says) => {
    expect(faultsOf(document).join('\n')).toMatch(says)
  })

  it('refuses text that is no JSON', () => {
    expect(() => readTaskText('{"format":')).toThrow(/This is not JSON/)
  })

  it('reads every kind of part and question of the contract', () => {
    const task = readTask({
      ...MINIMAL,
      parts: [
        {
          id: 'h',
          kind: 'heating',
          of: 'F1',
          container: '20.10',
          masses: ['25.10', { value: '21.70', was: [{ value: '21.08', why: 'misread' }] }],
          lost: 'H2O',
          within: '0.01',
        },
        {
          id: 'm',
          kind: 'series',
          x: { name: 'volume', unit: 'cm3', step: '0.5' },
          y: { name: 'temperature', unit: '°C', step: '0.5' },
          points: [['0', '19.5']],
          reading: 'two-lines',
        },
        {
          id: 'r',
          kind: 'rack',
          samples: [
            {
              material: 'P',
              tubes: [
                { id: 'P1', cm3: '1', steps: [{ do: 'add', reagent: 'NaOH(aq)', amount: 'drops', saw: 'white precipitate' }] },
              ],
            },
          ],
        },
        { id: 'c', kind: 'chromatogram', front: '80', spots: [{ label: 'red', distance: '40' }] },
        { id: 'n', kind: 'note', text: 'cloudy' },
      ],
      questions: [
        {
          id: 'a',
          find: { quantity: 'solubilityProduct', of: 'Ca(OH)2', in: 'S', added: { species: 'OH-', concentration: '0.05' } },
        },
        {
          id: 'b',
          find: { quantity: 'massToWeigh', of: 'NaCl', concentration: { value: '0.05', unit: 'mol/dm3' }, volume: '250' },
        },
        { id: 'c', find: { quantity: 'ions', in: 'P' } },
      ],
    })
    expect(task.parts.map(({ kind }) => kind)).toEqual(['heating', 'series', 'rack', 'chromatogram', 'note'])
  })
})

describe('the JSON Schema in docs', () => {
  it('is what the Zod schema says (npm run schema writes it anew)', () => {
    const written = JSON.parse(readFileSync(new URL('../../../docs/task-file.schema.json', import.meta.url), 'utf8'))
    expect(written).toEqual(taskJsonSchema())
  })
})

describe('a correction', () => {
  const first = '2026-05-12T10:04:12.000Z'
  const then = '2026-05-12T10:04:31.000Z'

  it('strikes the old value through and keeps it, with its time and reason', () => {
    expect(correctEntry({ value: '21.08', at: first }, '21.80', then, 'misread')).toEqual({
      value: '21.80',
      at: then,
      was: [{ value: '21.08', at: first, why: 'misread' }],
    })
    expect(correctEntry('21.08', '21.80', then)).toEqual({ value: '21.80', at: then, was: [{ value: '21.08' }] })
  })

  it('only rewrites the same number written otherwise', () => {
    expect(correctEntry({ value: '22.5', at: first }, '22.50', then)).toEqual({ value: '22.50', at: first })
  })

  it('settles two values entered at once by striking one', () => {
    const entry = { value: '21.80', at: first, rival: { value: '21.08', at: then } }
    expect(settleRival(entry, '21.08', then)).toEqual({
      value: '21.08',
      at: then,
      was: [{ value: '21.80', at: first, why: 'entered in two places' }],
    })
    expect(settleRival(entry, '21.80', then)).toEqual({
      value: '21.80',
      at: then,
      was: [{ value: '21.08', at: then, why: 'entered in two places' }],
    })
  })
})

describe('a new task', () => {
  it.each(Object.keys(STARTING_SHEETS) as StartingSheet[])('from the sheet %s is a task file', (sheet) => {
    const task = newTask('Monday', sheet, () => 0.5)
    expect(readTask(JSON.parse(writeTask(task)))).toEqual(task)
  })

  it('gets ids that are not taken', () => {
    expect(freshId('t', ['t1', 't3'])).toBe('t4')
  })
})
