import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readTask } from '../record/index.ts'
import {
  curveThrough,
  drawnAxis,
  fitLineFromOrigin,
  lookUpOn,
  lookUpUnknowns,
  placesAtHeight,
  reachOf,
  readSeries,
  stepsOf,
  turningPoint,
  unitPer,
} from './index.ts'

type Pairs = readonly (readonly [number, number])[]
const points = (pairs: Pairs) => pairs.map(([x, y]) => ({ x, y }))

function series(fields: object) {
  const task = readTask({
    format: 'hop-lark/task',
    version: 2,
    id: 'x',
    title: 'x',
    parts: [{ id: 'm', kind: 'series', x: { name: 'x', unit: '' }, y: { name: 'y', unit: '' }, points: [], ...fields }],
  })
  const [part] = task.parts
  if (part?.kind !== 'series') throw new Error('no series')
  return part
}
const written = (pairs: readonly (readonly [string, string])[]) => pairs.map(([x, y], index) => ({ id: `p${index}`, x, y }))

const steadyPoints = fc
  .uniqueArray(fc.tuple(fc.integer({ min: 0, max: 1000 }), fc.integer({ min: -500, max: 500 })), {
    minLength: 3,
    maxLength: 14,
    selector: ([x]) => x,
  })
  .map((pairs) => points(pairs).toSorted((a, b) => a.x - b.x))

describe('a curve through every point', () => {
  it('goes through them, and between two of them stays between them', () => {
    fc.assert(
      fc.property(steadyPoints, fc.double({ min: 0, max: 1, noNaN: true }), (given, part) => {
        const curve = curveThrough(given)
        return given.every(({ x, y }, index) => {
          const next = given[index + 1] ?? { x, y }
          const height = curve?.heightAt(x + part * (next.x - x)) ?? Number.NaN
          const room = 1e-9 * (1 + Math.abs(y) + Math.abs(next.y))
          return (
            Math.abs((curve?.heightAt(x) ?? Number.NaN) - y) <= room &&
            height >= Math.min(y, next.y) - room &&
            height <= Math.max(y, next.y) + room
          )
        })
      }),
    )
  })

  it('follows a straight line exactly, and is as steep', () => {
    const curve = curveThrough(points([0, 1, 4, 5, 9].map((x) => [x, 3 * x - 2])))
    expect(curve?.heightAt(2.5)).toBeCloseTo(5.5, 12)
    expect(curve?.slopeAt(4.5)).toBeCloseTo(3, 12)
  })

  it('takes the mean of points above one another, and needs three places', () => {
    const curve = curveThrough(
      points([
        [0, 0],
        [1, 2],
        [1, 4],
        [2, 6],
      ]),
    )
    expect(curve?.heightAt(1)).toBe(3)
    expect(
      curveThrough(
        points([
          [0, 0],
          [1, 2],
          [1, 4],
        ]),
      ),
    ).toBeUndefined()
  })
})

/**
 * Potentiometric titration of chloride with 0.1000 mol/dm³ silver nitrate: volumes and volts. D. A. Skoog and others,
 * Fundamentals of Analytical Chemistry, on potentiometric titrations, recalled from memory; by the second derivative the
 * book finds 24.34 cm³.
 */
const SILVER: Pairs = [
  [5, 0.062],
  [15, 0.085],
  [20, 0.107],
  [22, 0.123],
  [23, 0.138],
  [23.5, 0.146],
  [23.8, 0.161],
  [24, 0.174],
  [24.1, 0.183],
  [24.2, 0.194],
  [24.3, 0.233],
  [24.4, 0.316],
  [24.5, 0.34],
  [24.6, 0.351],
  [24.7, 0.358],
  [25, 0.373],
  [25.5, 0.385],
  [26, 0.396],
  [28, 0.426],
]

/** pH while alkali of the same strength runs into 25 of an acid of two protons: exact charge balance, solved by halves. */
function ofTwoProtons(pK1: number, pK2: number, volume: number): number {
  const [k1, k2] = [10 ** -pK1, 10 ** -pK2]
  let [low, high] = [0, 14]
  for (let half = 0; half < 60; half++) {
    const pH = (low + high) / 2
    const h = 10 ** -pH
    const total = 2.5 / (25 + volume)
    const below = h * h + k1 * h + k1 * k2
    const charge = h + (0.1 * volume) / (25 + volume) - 1e-14 / h - (total * (k1 * h + 2 * k1 * k2)) / below
    if (charge > 0) low = pH
    else high = pH
  }
  return (low + high) / 2
}

describe('the steep places of a curve', () => {
  it('are where the book finds the end-point of chloride with silver', () => {
    const [only, ...more] = stepsOf(points(SILVER))
    expect(more).toEqual([])
    expect(only?.x).toBeCloseTo(24.34, 2)
    // The first derivatives it prints: 0.39, 0.83 and 0.24 V/cm³.
    expect(only?.chords.map(({ slope }) => slope.toFixed(2))).toEqual(['0.39', '0.83', '0.24'])
  })

  it('are two for an acid of two protons that part, one at each equivalence', () => {
    const volumes = Array.from({ length: 61 }, (_, index) => index)
    const steps = stepsOf(volumes.map((x) => ({ x, y: ofTwoProtons(2, 7, x) })))
    expect(steps).toHaveLength(2)
    expect(steps[0]?.x).toBeCloseTo(25, 0)
    expect(steps[1]?.x).toBeCloseTo(50, 0)
  })

  it('are none where the steepest place is an end, or nothing changes', () => {
    expect(
      stepsOf(
        points([
          [0, 0],
          [1, 5],
          [2, 6],
          [3, 6.5],
        ]),
      ),
    ).toEqual([])
    expect(
      stepsOf(
        points([
          [0, 1],
          [1, 1],
          [2, 1],
          [3, 1],
        ]),
      ),
    ).toEqual([])
    expect(stepsOf([])).toEqual([])
  })
})

describe('looking up', () => {
  const hill = curveThrough(
    points([
      [0, 0],
      [2, 4],
      [4, 6],
      [6, 4],
      [8, 0],
    ]),
  )

  it('finds every place with a height', () => {
    expect(hill && placesAtHeight(hill, { low: 0, high: 8 }, 4)).toEqual([expect.closeTo(2, 6), expect.closeTo(6, 6)])
    expect(hill && placesAtHeight(hill, { low: 0, high: 8 }, 7)).toEqual([])
  })

  it('finds a highest place, but none at an end', () => {
    expect(hill && turningPoint(hill, { low: 0, high: 8 }, 'highest')).toEqual({
      x: expect.closeTo(4, 4),
      y: expect.closeTo(6, 8),
    })
    expect(hill && turningPoint(hill, { low: 0, high: 8 }, 'lowest')).toBeUndefined()
    expect(
      reachOf(
        points([
          [3, 0],
          [1, 0],
        ]),
      ),
    ).toEqual({ low: 1, high: 3 })
  })

  it('takes of two lines the one that counts there', () => {
    const part = series({
      reading: 'two-lines',
      points: written([
        ['0', '0'],
        ['1', '1'],
        ['2', '2'],
        ['5', '3'],
        ['6', '2'],
        ['7', '1'],
      ]),
    })
    const drawn = lookUpOn(readSeries(part))
    expect(drawn?.heightAt(1)).toBeCloseTo(1, 9)
    expect(drawn?.heightAt(6)).toBeCloseTo(2, 9)
    expect(drawn?.placesAt(2)).toEqual([expect.closeTo(2, 9), expect.closeTo(6, 9)])
  })
})

describe('a line from the origin', () => {
  it('has the gradient Σxy/Σx² and its scatter, by hand', () => {
    const { slope, intercept, scatter } = fitLineFromOrigin(
      points([
        [1, 2.1],
        [2, 3.9],
        [3, 6.3],
      ]),
    )
    // Σxy = 2.1 + 7.8 + 18.9 = 28.8, Σx² = 14; residuals 0.0429, −0.2143, 0.1286: Σr² = 0.0643, s² = 0.03214.
    expect(slope).toBeCloseTo(28.8 / 14, 12)
    expect(intercept).toBe(0)
    expect(scatter?.deviation).toBeCloseTo(Math.sqrt(0.0642857 / 2), 6)
    expect(scatter?.slope).toBeCloseTo(Math.sqrt(0.0642857 / 2 / 14), 6)
  })

  it('is refused where every x is nought', () => {
    expect(() =>
      fitLineFromOrigin(
        points([
          [0, 1],
          [0, 2],
        ]),
      ),
    ).toThrow(/from the origin needs a point away from it/)
    expect(readSeries(series({ reading: 'line-from-origin', points: written([['0', '1']]) })).line).toBeUndefined()
  })
})

describe('what is plotted instead of what is read', () => {
  it.each([
    ['inverse', 's', '4', 0.25, '1/time', '1/s'],
    ['inverse kelvins', '°C', '25', 1 / 298.15, '1/time', '1/K'],
    ['inverse kelvins', 'K', '300', 1 / 300, '1/time', '1/K'],
    ['ln', 's', '4', Math.log(4), 'ln(time)', ''],
    ['log', '', '100', 2, 'log(time)', ''],
    ['ln of inverse', 's', '4', -Math.log(4), 'ln(1/time)', ''],
    ['log of inverse', 's', '100', -2, 'log(1/time)', ''],
    ['square', 'mol/dm3', '3', 9, 'time²', '(mol/dm3)^2'],
  ] as const)('%s of %s: %s becomes %d', (plotted, unit, read, value, name, drawnUnit) => {
    const axis = drawnAxis({ name: 'time', unit, plotted })
    expect(axis).toMatchObject({ name, unit: drawnUnit })
    expect(axis.of(Number(read))).toBeCloseTo(value, 12)
  })

  it('leaves out what cannot be plotted, and knows where the rest stands', () => {
    const part = series({
      y: { name: 'k', unit: '', plotted: 'ln' },
      points: written([
        ['1', '1'],
        ['2', '0'],
        ['3', '20.1'],
      ]),
    })
    const { points: drawn, places, line } = readSeries(part)
    expect(places).toEqual([0, 2])
    expect(drawn.map(({ y }) => y.toFixed(2))).toEqual(['0.00', '3.00'])
    expect(line?.slope).toBeCloseTo(1.5, 3)
  })

  it.each([
    ['1/K', '', 'K'],
    ['1/K', 'kJ', 'kJ K'],
    ['s', 'cm3', 'cm3/s'],
    ['', '°C', '°C'],
    ['mol/dm3', '', 'dm3/mol'],
    ['s', '1/s', '1/s/s'],
  ])('a gradient over %s of %s is in %s', (x, y, unit) => {
    expect(unitPer({ x: { unit: x }, y: { unit: y } })).toBe(unit)
  })
})

it('an unknown is looked up by the mean of its readings, and told where it lies beyond the points', () => {
  const part = series({
    points: written([
      ['0', '0.1'],
      ['1', '0.3'],
      ['2', '0.5'],
    ]),
    unknowns: [
      {
        id: 'u',
        label: 'tub',
        readings: [
          { id: 'a', y: '0.19' },
          { id: 'b', y: '0.21' },
        ],
      },
      { id: 'v', label: '', readings: [{ id: 'a', y: '0.7' }] },
      { id: 'w', label: 'later', readings: [] },
    ],
  })
  expect(lookUpUnknowns(part)).toEqual([
    { id: 'u', label: 'tub', y: expect.closeTo(0.2, 9), x: expect.closeTo(0.5, 9), beyond: false },
    { id: 'v', label: '', y: 0.7, x: expect.closeTo(3, 9), beyond: true },
    { id: 'w', label: 'later', beyond: false },
  ])
})
