import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { path, readTask, readTaskText, type Task } from '../record/index.ts'
import { reckonTask } from './index.ts'

const KILN = readTaskText(readFileSync(new URL('../../../demo/kiln-wash-alkali.hoplark.json', import.meta.url), 'utf8'))
const answers = (task: Task) => reckonTask(task).answers

function series(fields: object, quantity: 'crossing' | 'gradient' | 'rise', at?: string): Task {
  return readTask({
    format: 'hop-lark/task',
    version: 1,
    id: 'x',
    title: 'x',
    parts: [
      {
        id: 'm',
        kind: 'series',
        x: { name: 'time', unit: 's' },
        y: { name: 'volume', unit: 'cm3' },
        points: [
          ['0', '0.0'],
          ['10', '5.0'],
          ['20', '10.0'],
        ],
        ...fields,
      },
    ],
    questions: [{ id: 'q', find: { quantity, in: 'm', ...(at ? { at } : {}) } }],
  })
}

describe('kiln-wash alkali', () => {
  it('is neutralised where the lines cross, worked through both lines', () => {
    const [crossing] = answers(KILN)
    // First line by least squares through (0, 19.5) … (20, 26.5): 19.6 + 0.35x; second through (25, 27.0) … (45, 24.0): 30.65 − 0.15x.
    expect(crossing).toMatchObject({ value: '22.1', unit: 'cm3', unrounded: expect.closeTo((30.65 - 19.6) / 0.5, 9) })
    expect(crossing?.steps.map(({ substituted, unit }) => `${substituted} | ${unit}`)).toEqual([
      '30.65 − 19.60 | °C',
      '0.3500 − (-0.1500) | °C/cm3',
      '11.05 / 0.5000 | cm3',
    ])
    expect(crossing?.steps[0]?.uses.map(({ at }) => at)).toEqual([path('parts', 'm1'), path('parts', 'm1')])
  })

  it('has its gradient taken along the first line only', () => {
    expect(answers(KILN)[1]).toMatchObject({ value: '0.350', unit: '°C/cm3' })
    expect(answers(KILN)[1]?.steps[1]?.substituted).toBe('20.00 − 0.00')
  })
})

describe('a gradient', () => {
  it('has the units of both axes', () => {
    expect(answers(series({ reading: 'line' }, 'gradient'))[0]).toMatchObject({ value: '0.500', unit: 'cm3/s', unrounded: 0.5 })
  })

  it.each([
    [
      'two points of a curve',
      {
        reading: 'curve',
        points: [
          ['0', '1'],
          ['1', '2'],
        ],
      },
      'gradient',
      /three points of volume/,
    ],
    ['lines without mixing', { reading: 'two-lines' }, 'rise', /at which things were mixed/],
    ['one side of mixing', { reading: 'two-lines', mixedAt: '15' }, 'rise', /two points of volume before mixing/],
    ['one point', { points: [['0', '1']] }, 'gradient', /two points of volume that differ in time/],
    ['one line', { reading: 'line' }, 'crossing', /two best lines/],
    ['too few points', { reading: 'two-lines' }, 'crossing', /more points/],
  ] as const)('is not had from %s, and the answer says why', (_, fields, quantity, says) => {
    expect(answers(series(fields, quantity))[0]).toMatchObject({ value: null, missing: expect.stringMatching(says) })
  })

  it('names a series that is not there', () => {
    const task = series({}, 'gradient')
    expect(answers({ ...task, questions: [{ id: 'q', find: { quantity: 'gradient', in: 'gone' } }] })[0]?.missing).toMatch(
      /a series called 'gone'/,
    )
  })
})

/** V = 6t − 0.1t², so that the rate is 6 − 0.2t: 6 at the start, 4 at 10 s. */
const PARABOLA = { reading: 'curve', points: [0, 5, 10, 15, 20, 25].map((t) => [String(t), String(6 * t - 0.1 * t * t)]) }

describe('the tangent to a curve', () => {
  it.each([
    [undefined, '6.00'],
    ['10', '4.00'],
    ['22', '1.60'],
  ])('at %s s has the gradient %s cm³/s', (at, value) => {
    expect(answers(series(PARABOLA, 'gradient', at))[0]).toMatchObject({ value, unit: 'cm3/s' })
  })
})

describe('the step on mixing', () => {
  it('is read off both lines at the moment of mixing', () => {
    // Steady at 19.0 before; after mixing at 3 it falls along 26.5 − 0.1x, of which the first point is still rising.
    const points = [
      ['0', '19.0'],
      ['1', '19.0'],
      ['2', '19.0'],
      ['4', '24.0'],
      ['5', '26.0'],
      ['6', '25.9'],
      ['7', '25.8'],
      ['8', '25.7'],
    ]
    // At x = 3 the second line is at 26.2: a rise of 7.2, more than the 7.0 that was ever read.
    expect(answers(series({ reading: 'two-lines', mixedAt: '3', points }, 'rise'))[0]).toMatchObject({
      value: '7.20',
      unit: 'cm3',
    })
  })
})
