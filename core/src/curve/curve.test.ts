import fc from 'fast-check'
import { linearRegression, linearRegressionLine, rSquared, sampleStandardDeviation } from 'simple-statistics'
import { describe, expect, it } from 'vitest'
import type { PartOf } from '../record/index.ts'
import {
  doubtfulPoints,
  extrapolateToMixing,
  fitLine,
  fitTwoLines,
  heightAt,
  readSeries,
  sensibleAxis,
  smoothCurve,
} from './index.ts'

/** NIST Statistical Reference Datasets, Norris (linear regression, 36 points of y and x), recalled from memory. */
const NORRIS =
  `0.1 0.2 338.8 337.4 118.1 118.2 888.0 884.6 9.2 10.1 228.1 226.5 668.5 666.3 998.5 996.3 449.1 448.6 778.9 777.0 559.2 558.2
0.3 0.4 0.1 0.6 778.1 775.5 668.8 666.9 339.3 338.0 448.9 447.5 10.8 11.6 557.7 556.0 228.3 228.1 998.0 995.8 888.8 887.6 119.6 120.2
0.3 0.3 0.6 0.3 557.6 556.8 339.3 339.1 888.0 887.2 998.5 999.0 778.9 779.0 10.2 11.1 117.6 118.3 228.9 229.2 668.4 669.1 449.2 448.9 0.2 0.5`
    .split(/\s+/)
    .map(Number)
    .flatMap((y, index, all) => (index % 2 === 0 ? [{ y, x: all[index + 1] as number }] : []))

const digits = (value: number, certified: number) => -Math.log10(Math.abs(value - certified) / Math.abs(certified))

describe('a straight line', () => {
  it('agrees with the certified values of NIST StRD Norris to nine digits and more', () => {
    expect(NORRIS).toHaveLength(36)
    const { slope, intercept, scatter } = fitLine(NORRIS)
    expect(digits(slope, 1.00211681802045)).toBeGreaterThan(9)
    expect(digits(intercept, -0.262323073774029)).toBeGreaterThan(9)
    expect(digits(scatter?.slope ?? 0, 0.429796848199937e-3)).toBeGreaterThan(9)
    expect(digits(scatter?.intercept ?? 0, 0.232818234301152)).toBeGreaterThan(9)
    expect(digits(scatter?.deviation ?? 0, 0.884796396144373)).toBeGreaterThan(9)
  })

  it('finds the line that points were put on', () => {
    const small = fc.integer({ min: -500, max: 500 }).map((value) => value / 10)
    fc.assert(
      fc.property(
        small,
        small,
        fc.uniqueArray(fc.integer({ min: 0, max: 100 }), { minLength: 2, maxLength: 12 }),
        (slope, intercept, xs) => {
          const line = fitLine(xs.map((x) => ({ x, y: slope * x + intercept })))
          return Math.abs(line.slope - slope) < 1e-9 && Math.abs(line.intercept - intercept) < 1e-7
        },
      ),
    )
  })

  it('is refused through one point, or several above one another', () => {
    expect(() => fitLine([{ x: 1, y: 2 }])).toThrow(/two points that differ in x/)
    expect(() =>
      fitLine([
        { x: 1, y: 2 },
        { x: 1, y: 3 },
      ]),
    ).toThrow(/two points/)
  })
})

const rising = (x: number) => ({ x, y: 20 + 0.3 * x })
const falling = (x: number) => ({ x, y: 31.5 - 0.16 * x })
/** They cross where 20 + 0.3x = 31.5 − 0.16x, at x = 25. */
const THERMOMETRIC = [...[0, 5, 10, 15, 20].map(rising), ...[30, 35, 40, 45].map(falling)]

describe('two lines', () => {
  it('cross where they were made to, not at the highest point', () => {
    const found = fitTwoLines(THERMOMETRIC)
    expect(found?.crossing.x).toBeCloseTo(25, 9)
    expect(found?.crossing.y).toBeCloseTo(27.5, 9)
    expect(found?.split).toBe(5)
  })

  it('are split where the student says', () => {
    const found = fitTwoLines(THERMOMETRIC, 32)
    expect(found?.split).toBe(6)
    expect(found?.crossing.x).not.toBeCloseTo(25, 3)
  })

  it('have an uncertainty that the scatter of many trials bears out', () => {
    let state = 7
    const noise = () => {
      state = (state * 48271) % 2147483647
      const first = state / 2147483647
      state = (state * 48271) % 2147483647
      return Math.sqrt(-2 * Math.log(first)) * Math.cos((2 * Math.PI * state) / 2147483647) * 0.1
    }
    const trials = Array.from({ length: 2000 }, () =>
      fitTwoLines(
        THERMOMETRIC.map(({ x, y }) => ({ x, y: y + noise() })),
        25,
      ),
    )
    const crossings = trials.map((trial) => trial?.crossing.x ?? Number.NaN)
    const mean = crossings.reduce((total, x) => total + x, 0) / crossings.length
    const spread = Math.sqrt(crossings.reduce((total, x) => total + (x - mean) ** 2, 0) / (crossings.length - 1))
    const claimed = Math.sqrt(trials.reduce((total, trial) => total + (trial?.uncertainty ?? 0) ** 2, 0) / trials.length)
    expect(claimed / spread).toBeGreaterThan(0.9)
    expect(claimed / spread).toBeLessThan(1.1)
  })

  it('are not there with too few points, or when they are parallel', () => {
    expect(fitTwoLines([rising(0), rising(5), falling(30)])).toBeUndefined()
    expect(fitTwoLines([0, 1, 2, 3].map((x) => ({ x, y: x })))).toBeUndefined()
  })
})

describe('a point that does not fit', () => {
  it('is queried, and the ones that fit are not', () => {
    const noisy = [0, 5, 10, 15, 20, 25].map((x, index) => ({ x, y: 20 + 0.3 * x + (index % 2 === 0 ? 0.1 : -0.1) }))
    expect(doubtfulPoints(noisy, 0.1)).toEqual([])
    expect(
      doubtfulPoints(
        noisy.map((point, index) => (index === 3 ? { ...point, y: point.y + 3 } : point)),
        0.1,
      ),
    ).toEqual([3])
  })

  it('is found in the half it belongs to, by its place in the record', () => {
    const part: PartOf<'series'> = {
      id: 'm',
      kind: 'series',
      x: { name: 'volume', unit: 'cm3' },
      y: { name: 'temperature', unit: '°C', step: '0.1' },
      reading: 'two-lines',
      splitAt: '25',
      points: THERMOMETRIC.toReversed().map(({ x, y }, index) => ({
        id: `p${index}`,
        x: String(x),
        y: (index === 6 ? y + 2 : y).toFixed(1),
      })),
    }
    expect(readSeries(part).doubtful).toEqual([6])
  })
})

describe('an axis on graph paper', () => {
  it('has squares of 1, 2 or 5, takes every value in, and is more than half filled', () => {
    const value = fc.integer({ min: -100000, max: 100000 }).map((number) => number / 100)
    fc.assert(
      fc.property(fc.array(value, { minLength: 2, maxLength: 20 }), fc.integer({ min: 6, max: 14 }), (values, squares) => {
        const { from, to, large, small } = sensibleAxis(values, squares)
        const [low, high] = [Math.min(...values), Math.max(...values)]
        const lead = large / 10 ** Math.floor(Math.log10(large) + 1e-9)
        const used = (to - from) / large
        return (
          [1, 2, 5, 10].some((step) => Math.abs(lead - step) < 1e-6) &&
          from <= low + 1e-9 &&
          to >= high - 1e-9 &&
          Math.abs(small * 10 - large) < 1e-9 * large &&
          used <= squares + 1e-6 &&
          (high === low || (high - low) / (to - from) > 0.5)
        )
      }),
    )
  })

  it('keeps zero when it is near, and lets it go when it is far', () => {
    expect(sensibleAxis([0, 45], 10)).toMatchObject({ from: 0, to: 45, large: 5, small: 0.5 })
    expect(sensibleAxis([20.1, 27.4], 10)).toMatchObject({ from: 20, to: 28, large: 1, small: 0.1 })
    expect(sensibleAxis([5, 5], 10).to).toBeGreaterThan(5)
  })
})

describe('against a general statistics package', () => {
  it('a line is the same through any points', () => {
    const coordinate = fc.integer({ min: -1000, max: 1000 }).map((value) => value / 8)
    fc.assert(
      fc.property(
        fc.uniqueArray(fc.tuple(coordinate, coordinate), { minLength: 3, maxLength: 15, selector: ([x]) => x }),
        (pairs) => {
          const line = fitLine(pairs.map(([x, y]) => ({ x, y })))
          const { m, b } = linearRegression(pairs)
          expect(line.slope).toBeCloseTo(m, 7)
          expect(line.intercept).toBeCloseTo(b, 5)
        },
      ),
    )
  })

  it('the scatter about a line is the deviation of what is left, with two degrees of freedom fewer', () => {
    const pairs = NORRIS.map(({ x, y }): [number, number] => [x, y])
    const predict = linearRegressionLine(linearRegression(pairs))
    const left = pairs.map(([x, y]) => y - predict(x))
    const n = pairs.length
    expect(fitLine(NORRIS).scatter?.deviation).toBeCloseTo(sampleStandardDeviation(left) * Math.sqrt((n - 1) / (n - 2)), 9)
    expect(rSquared(pairs, predict)).toBeGreaterThan(0.9999)
  })
})

describe('a smooth curve', () => {
  it('follows any parabola exactly, in height and steepness', () => {
    const small = fc.integer({ min: -50, max: 50 }).map((value) => value / 10)
    fc.assert(
      fc.property(small, small, small, fc.integer({ min: 3, max: 12 }), (a, b, c, count) => {
        const points = Array.from({ length: count }, (_, index) => ({
          x: index * 1.5,
          y: a + b * index * 1.5 + c * (index * 1.5) ** 2,
        }))
        const curve = smoothCurve(points)
        for (const x of [0, 0.7, (count - 1) * 1.5]) {
          expect(curve?.heightAt(x)).toBeCloseTo(a + b * x + c * x * x, 6)
          expect(curve?.slopeAt(x)).toBeCloseTo(b + 2 * c * x, 6)
        }
      }),
    )
  })

  it('finds the initial rate of a first-order reaction within five per cent, and later ones within three', () => {
    // V = 60(1 − e^(−0.02t)): the rate at the start is 60 × 0.02 = 1.2 cm³/s.
    const points = Array.from({ length: 13 }, (_, index) => ({ x: 10 * index, y: 60 * (1 - Math.exp(-0.2 * index)) }))
    expect(Math.abs((smoothCurve(points)?.slopeAt(0) ?? 0) / 1.2 - 1)).toBeLessThan(0.05)
    expect(Math.abs((smoothCurve(points)?.slopeAt(60) ?? 0) / (1.2 * Math.exp(-1.2)) - 1)).toBeLessThan(0.03)
  })

  it('wants three points', () => {
    expect(
      smoothCurve([
        { x: 0, y: 1 },
        { x: 1, y: 1 },
        { x: 1, y: 2 },
      ]),
    ).toBeUndefined()
  })
})

describe('drawing on to the moment of mixing', () => {
  const before = (x: number) => ({ x, y: 18.5 + 0.05 * x })
  const after = (x: number) => ({ x, y: 30.1 - 0.12 * x })

  it('finds the step between both lines, whatever the rise in between looks like', () => {
    const points = [...[0, 1, 2].map(before), { x: 4, y: 24 }, ...[5, 6, 7, 8, 9, 10].map(after)]
    const mixing = extrapolateToMixing(points, 3)
    // 30.1 − 0.36 − (18.5 + 0.15) = 11.09
    expect(mixing?.rise).toBeCloseTo(11.09, 9)
    expect(heightAt(mixing?.after ?? fitLine(points), 3)).toBeCloseTo(29.74, 9)
  })

  it('waits for two points on each side', () => {
    expect(extrapolateToMixing([before(0), after(5), after(6)], 3)).toBeUndefined()
  })
})
