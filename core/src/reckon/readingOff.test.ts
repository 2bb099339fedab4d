import { describe, expect, it } from 'vitest'
import { checkTask } from '../check/index.ts'
import { path, type Question, readTask, type Task } from '../record/index.ts'
import { surenessOf } from '../uncertainty/index.ts'
import { judgeOwnLines, reckonTask } from './index.ts'

type Pairs = readonly (readonly [string, string])[]

function plotted(points: Pairs, fields: object, ...finds: readonly object[]): Task {
  return readTask({
    format: 'hop-lark/task',
    version: 2,
    id: 'x',
    title: 'x',
    parts: [
      {
        id: 'm',
        kind: 'series',
        x: { name: 'volume', unit: 'cm3' },
        y: { name: 'pH', unit: '' },
        points: points.map(([x, y], index) => ({ id: `p${index}`, x, y })),
        reading: 'curve-through-points',
        ...fields,
      },
    ],
    questions: finds.map((find, index) => ({ id: `q${index + 1}`, find })),
  })
}
const inM = (quantity: Question['find']['quantity'], more: object = {}) => ({ quantity, in: 'm', ...more })
const answered = (task: Task) => reckonTask(task).answers.map(({ value, unit, missing }) => missing ?? `${value} ${unit}`.trim())

/** 0.1 mol/dm³ acid of pKa 4.76, 25.0 cm³, with alkali of the same strength, from the exact charge balance. */
const WEAK: Pairs = [0, 2.5, 5, 7.5, 10, 12.5, 15, 17.5, 20, 22.5, 23.5, 24, 24.5, 24.8, 25.2, 25.5, 26, 27.5, 30].map(
  (volume) => {
    let [low, high] = [0, 14]
    for (let half = 0; half < 60; half++) {
      const pH = (low + high) / 2
      const h = 10 ** -pH
      const salt = (0.1 * volume) / (25 + volume)
      const charge = h + salt - 1e-14 / h - ((2.5 / (25 + volume)) * 10 ** -4.76) / (10 ** -4.76 + h)
      if (charge > 0) low = pH
      else high = pH
    }
    return [volume.toFixed(2), low.toFixed(2)] as const
  },
)

describe('a pH curve', () => {
  it('gives equivalence and pKa of the acid it was worked out for, and the pH at the equivalence', () => {
    const task = plotted(WEAK, {}, inM('equivalence'), inM('halfEquivalence'), inM('yAt', { x: { answer: 'q1' } }))
    const [volume, pKa, pH] = reckonTask(task).answers
    expect(volume).toMatchObject({ value: '25.00', unit: 'cm3' })
    expect(pKa?.value).toBe('4.76')
    // The pH of 0.05 mol/dm³ ethanoate: 7 + (4.76 + log 0.05)/2 = 8.73; a steep curve is read off to a few tenths.
    expect(pH?.unrounded).toBeGreaterThan(8.4)
    expect(pH?.unrounded).toBeLessThan(9.1)
    expect(pKa?.steps.at(-1)).toMatchObject({ substituted: 'read off the curve at 12.50' })
  })

  it('is worked by both derivatives to the last line', () => {
    const [silver] = reckonTask(
      // Chloride with silver nitrate: D. A. Skoog and others, Fundamentals of Analytical Chemistry; from memory. The book: 24.34.
      plotted(
        [
          ['24.10', '0.183'],
          ['24.20', '0.194'],
          ['24.30', '0.233'],
          ['24.40', '0.316'],
          ['24.50', '0.340'],
          ['24.60', '0.351'],
        ],
        { y: { name: 'voltage', unit: 'V' } },
        inM('equivalence'),
      ),
    ).answers
    expect(silver).toMatchObject({ value: '24.34', unit: 'cm3' })
    expect(silver?.steps.map(({ formula, value }) => `${formula} ${value}`)).toEqual([
      'm2 − m1 0.440',
      'd1 = (m2 − m1)/h1 4.40',
      'm3 − m2 -0.590',
      'd2 = (m3 − m2)/h2 -5.90',
      'd1 − d2 10.3',
      's = d1/(d1 − d2) 0.427',
      'x2 − x1 0.100',
      'Δx = s(x2 − x1) 0.0427',
      'x(eq) = x1 + Δx 24.34',
    ])
  })

  it.each([
    ['a second step of one', inM('equivalence', { which: 2 }), /a second steep place in pH: 1 can be told apart/],
    ['a place beyond the points', inM('yAt', { x: '31' }), /a place at which the curve reaches 31/],
    ['a height never reached', inM('xAt', { y: '13' }), /a place at which the curve reaches 13/],
    ['a highest place at the end', inM('highest', { axis: 'y' }), /on both sides of the highest place/],
    ['a volume in seconds', inM('yAt', { x: { value: '12', unit: 's' } }), /'cm3' is no unit for this quantity/],
    ['an area beyond the points', inM('area', { from: '0', to: '40' }), /the curve is not drawn beyond its points/],
    ['an area backwards', inM('area', { from: '20', to: '10' }), /begins before it ends/],
    ['an unknown there is none of', inM('xAt', { y: { unknown: 'u' } }), /an unknown called 'u'/],
  ])('%s is refused in words', (_, find, says) => {
    expect(answered(plotted(WEAK, {}, find))[0]).toMatch(says)
  })

  it('has no pKa where the acid is strong', () => {
    // 0.1 mol/dm³ hydrochloric acid, 25.0 cm³, with alkali of its strength: half-way the pH is −log(1.25/37.5) = 1.48.
    const strong: Pairs = [
      ['0.00', '1.00'],
      ['12.50', '1.48'],
      ['20.00', '1.95'],
      ['24.50', '3.00'],
      ['25.50', '11.00'],
      ['30.00', '11.96'],
    ]
    expect(answered(plotted(strong, {}, inM('halfEquivalence')))[0]).toMatch(/half-way the pH is 1\.5, as of a strong one/)
  })

  it('needs points, and says how many', () => {
    const few = plotted(
      [
        ['0', '3'],
        ['1', '4'],
      ],
      {},
      inM('yAt', { x: '1' }),
      inM('equivalence'),
      inM('area'),
    )
    expect(answered(few)).toEqual([
      expect.stringMatching(/two that differ in volume for a line, three for a curve/),
      expect.stringMatching(/two on each side/),
      expect.stringMatching(/two for a line, three for a curve/),
    ])
  })
})

/** Areas of peaks for isooctane in a hydrocarbon, in mol %: Skoog and others as above, from memory. */
const ISOOCTANE: Pairs = [
  ['0.352', '1.09'],
  ['0.803', '1.78'],
  ['1.08', '2.60'],
  ['1.38', '3.03'],
  ['1.75', '4.01'],
]
const AXES = { x: { name: 'isooctane', unit: '%' }, y: { name: 'area', unit: '' }, reading: 'line' }
const read = (...ys: readonly string[]) => ({
  unknowns: [{ id: 'u', label: 'U', readings: ys.map((y, index) => ({ id: `r${index}`, y })) }],
})

describe('a calibration', () => {
  it('finds the unknown of the book, 1.14 %, with its standard deviation: 0.076 from one reading, 0.046 from four', () => {
    const one = plotted(ISOOCTANE, { ...AXES, ...read('2.65') }, inM('xAt', { y: { unknown: 'u' } }))
    const [answer] = reckonTask(one).answers
    expect(answer).toMatchObject({ value: '1.14', unit: '%' })
    expect((surenessOf(one, 'q1')?.standard ?? 0) * (answer?.unrounded ?? 0)).toBeCloseTo(0.076, 3)
    const four = plotted(ISOOCTANE, { ...AXES, ...read('2.65', '2.65', '2.65', '2.65') }, inM('xAt', { y: { unknown: 'u' } }))
    expect((surenessOf(four, 'q1')?.standard ?? 0) * (answer?.unrounded ?? 0)).toBeCloseTo(0.046, 3)
  })

  it.each([
    ['2.9', '0.716', 0.26],
    ['13.5', '6.21', 0.24],
    ['23.0', '11.1', 0.26],
  ])('finds fluorescein of %s: %s pg/cm³, within %d', (y, x, deviation) => {
    // J. N. Miller and J. C. Miller, Statistics and Chemometrics for Analytical Chemistry, fluorescence of fluorescein; from memory.
    const points = ['2.1', '5.0', '9.0', '12.6', '17.3', '21.0', '24.7'].map(
      (height, index) => [String(2 * index), height] as const,
    )
    const task = plotted(points, { ...AXES, ...read(y) }, inM('xAt', { y: { unknown: 'u' } }))
    const [answer] = reckonTask(task).answers
    expect(answer?.value).toBe(x)
    expect((surenessOf(task, 'q1')?.standard ?? 0) * (answer?.unrounded ?? 0)).toBeCloseTo(deviation, 1)
  })

  it('can be forced through the origin', () => {
    const points: Pairs = [
      ['1', '0.21'],
      ['2', '0.39'],
      ['3', '0.63'],
    ]
    const task = plotted(
      points,
      { ...AXES, reading: 'line-from-origin', ...read('0.30') },
      inM('xAt', { y: { unknown: 'u' } }),
      inM('yAt', { x: '2' }),
    )
    // m = 2.88/14.
    expect(answered(task)).toEqual(['1.46 %', '0.411'])
    expect(surenessOf(task, 'q1')?.shares).toHaveLength(1)
  })

  it('has no place for a reading that cannot be plotted, and says which', () => {
    const axes = { ...AXES, y: { name: 'area', unit: '', plotted: 'ln' } }
    const task = plotted(ISOOCTANE, { ...axes, ...read('0') }, inM('xAt', { y: { unknown: 'u' } }))
    expect(answered(task)[0]).toMatch(/a reading of U that can be plotted as ln\(area\), instead of 0/)
    expect(checkTask(task)).toEqual([
      expect.objectContaining({ code: 'series.cannotPlot', at: path('parts', 'm', 'unknowns', 'u', 'readings', 'r0', 'y') }),
    ])
  })

  it('is asked about where the unknown lies beyond the standards', () => {
    const beyond = plotted(ISOOCTANE, { ...AXES, ...read('5.00') }, inM('xAt', { y: { unknown: 'u' } }))
    expect(checkTask(beyond)).toEqual([
      expect.objectContaining({ code: 'series.unknownBeyond', at: path('parts', 'm', 'unknowns', 'u', 'readings', 'r0', 'y') }),
    ])
    const within = plotted(ISOOCTANE, { ...AXES, ...read('2.00') }, inM('xAt', { y: { unknown: 'u' } }))
    expect(checkTask(within)).toEqual([])
  })
})

it('the activation energy of dinitrogen pentoxide is found from rate constants at five temperatures', () => {
  // Rate constants in 1/s, and the 103 kJ/mol found from them: P. Atkins, Physical Chemistry; from memory.
  const constants: Pairs = [
    ['25', '0.0000346'],
    ['35', '0.000135'],
    ['45', '0.000498'],
    ['55', '0.00150'],
    ['65', '0.00487'],
  ]
  const axes = {
    x: { name: 'temperature', unit: '°C', plotted: 'inverse kelvins' },
    y: { name: 'k', unit: '1/s', plotted: 'ln' },
    reading: 'line',
  }
  const energy = { quantity: 'sum', sum: 'arrheniusGradient', with: { gradient: { answer: 'q1' } } }
  const [gradient, found] = reckonTask(plotted(constants, axes, inM('gradient'), energy)).answers
  expect(gradient?.unit).toBe('K')
  expect(found).toMatchObject({ value: '103', unit: 'kJ/mol' })
})

describe('other things read off', () => {
  const HILL: Pairs = [
    ['0', '0'],
    ['2', '4'],
    ['4', '6'],
    ['6', '4'],
    ['8', '0'],
  ]
  const axes = { x: { name: 'time', unit: 's' }, y: { name: 'light', unit: 'V' } }

  it('the highest place of a curve, along either axis, and the first of two places with a height', () => {
    const task = plotted(HILL, axes, inM('highest', { axis: 'x' }), inM('highest', { axis: 'y' }), inM('xAt', { y: '4' }))
    expect(answered(task)).toEqual(['4.00 s', '6.00 V', '2.00 s'])
    expect(reckonTask(task).answers[2]?.steps.at(-1)?.says).toContain('the first of 2 places')
  })

  it('the crossing of two lines along either axis, which is their highest place too', () => {
    const points: Pairs = [
      ['0', '20'],
      ['5', '22'],
      ['10', '24'],
      ['20', '26'],
      ['25', '25'],
      ['30', '24'],
    ]
    const lines = { ...axes, reading: 'two-lines' }
    // 20 + 0.4x = 30 − 0.2x: x = 16.67, y = 26.67.
    const finds = [inM('crossing'), inM('crossing', { axis: 'y' }), inM('highest', { axis: 'y' }), inM('yAt', { x: '25' })]
    expect(answered(plotted(points, lines, ...finds))).toEqual(['16.7 s', '26.7 V', '26.7 V', '25 V'])
    expect(answered(plotted(points, lines, inM('lowest', { axis: 'y' })))[0]).toMatch(/a smooth curve .* lowest place/)
  })

  it('heat from where two lines cross, and from a step on mixing, without typing it again', () => {
    const points: Pairs = [
      ['0', '20'],
      ['5', '22'],
      ['10', '24'],
      ['20', '26'],
      ['25', '25'],
      ['30', '24'],
    ]
    const lines = { x: { name: 'volume', unit: 'cm3' }, y: { name: 'temperature', unit: '°C' }, reading: 'two-lines' }
    const sum = (id: string, worked: object) => ({ quantity: 'sum', sum: id, with: worked })
    const crossing = plotted(
      points,
      lines,
      inM('crossing', { axis: 'y' }),
      sum('temperatureChange', { T1: '20.0', T2: { answer: 'q1' } }),
      sum('heat', { m: '50.0', c: '4.18', dT: { answer: 'q2' } }),
    )
    // 26.667 − 20.0 = 6.667; 50.0 × 4.18 × 6.667/1000.
    expect(reckonTask(crossing).answers[2]?.unrounded).toBeCloseTo((50 * 4.18 * (80 / 3 - 20)) / 1000, 9)
    const mixed: Pairs = [
      ['0', '20.0'],
      ['1', '20.0'],
      ['2', '20.0'],
      ['4', '27.0'],
      ['5', '26.8'],
      ['6', '26.6'],
      ['7', '26.4'],
    ]
    const cooling = { ...lines, x: { name: 'time', unit: 'min' }, mixedAt: '3' }
    const step = plotted(mixed, cooling, inM('rise'), sum('heat', { m: '50.0', c: '4.18', dT: { answer: 'q1' } }))
    // Drawn back to 3 min the second line stands at 27.2: a rise of 7.2.
    expect(answered(step)).toEqual(['7.20 °C', '1.50 kJ'])
  })

  it('the area under a line exactly, and under a curve by strips', () => {
    const line: Pairs = [
      ['0', '1'],
      ['10', '3'],
    ]
    expect(answered(plotted(line, { ...axes, reading: 'line' }, inM('area'), inM('area', { from: '5', to: '10' })))).toEqual([
      '20.0 V s',
      '12.5 V s',
    ])
    const parabola = Array.from({ length: 13 }, (_, index) => [String(index), String(index * (12 - index))] as const)
    // ∫x(12 − x) from 0 to 12 is 288; by twenty strips a little less.
    const [area] = reckonTask(plotted(parabola, { ...axes, reading: 'curve' }, inM('area'))).answers
    expect(area?.unrounded).toBeCloseTo(288 * (1 - 1 / 400), 1)
    expect(area?.steps).toHaveLength(5)
  })

  it('solubility from a curve, and what falls out on cooling', () => {
    // Potassium nitrate, g to 100 g of water; CRC Handbook of Chemistry and Physics, from memory.
    const nitrate: Pairs = [
      ['0', '13.3'],
      ['20', '31.6'],
      ['40', '61.3'],
      ['60', '106'],
      ['80', '167'],
    ]
    const curve = { x: { name: 'temperature', unit: '°C' }, y: { name: 'solubility', unit: 'g' } }
    const out = { quantity: 'sum', sum: 'difference', with: { a: { answer: 'q1' }, b: { answer: 'q2' } } }
    expect(answered(plotted(nitrate, curve, inM('yAt', { x: '60' }), inM('yAt', { x: '20' }), out))).toEqual([
      '106.0 g',
      '31.6 g',
      '74.4 g',
    ])
  })
})

describe('a line of one’s own', () => {
  it.each([
    ['4.79', 'right', /as finely as it can be read off/],
    ['4.40', 'wrong', /Not right/],
  ])('%s off a curve at pH 4.76 is %s', (own, verdict, says) => {
    const task = plotted(WEAK, {}, inM('halfEquivalence'))
    const [answer] = reckonTask(task).answers
    const line = answer?.steps.at(-1)?.line ?? ''
    const [question] = task.questions
    const judged = question && judgeOwnLines(task, { ...question, own: [{ id: line, value: own }] })
    expect(judged).toEqual([expect.objectContaining({ verdict, says: expect.stringMatching(says) })])
  })
})
