import fc from 'fast-check'
import { mean, quantileSorted, sampleStandardDeviation } from 'simple-statistics'
import { describe, expect, it } from 'vitest'
import { uniformFrom } from '../number/index.ts'
import { drawerOf } from './draw.ts'
import { budgetOf, type Contribution, type Program, quantileOf, runTrials, type Spread, standardUncertainty } from './index.ts'

/** y = a × b ÷ c − d */
const PROGRAM: Program = {
  inputs: ['a', 'b', 'c', 'd'],
  values: [6, 4, 3, 1],
  operations: [
    { kind: 'product', into: 4, over: [0, 1], under: [2], factor: 1 },
    { kind: 'sum', into: 5, plus: [4], minus: [3], size: false },
  ],
  slots: 6,
  result: 5,
}

const normal = (on: string | readonly string[], standard: number): Contribution => ({
  id: String(on),
  says: String(on),
  kind: 'stated',
  spread: { shape: 'normal', standard },
  on: typeof on === 'string' ? [on] : on,
})

function allTrials(program: Program, contributions: readonly Contribution[], trials: number, seed = 7) {
  const running = runTrials({ program, contributions, trials, seed })
  const reports: number[] = []
  for (;;) {
    const step = running.next()
    if (step.done) return { ...step.value, reports }
    reports.push(step.value)
  }
}

describe('a budget', () => {
  it('agrees with the partial derivatives by hand', () => {
    // y = ab/c − d = 7. ∂y/∂a = b/c = 4/3, ∂y/∂b = a/c = 2, ∂y/∂c = −ab/c² = −8/3, ∂y/∂d = −1.
    const budget = budgetOf(PROGRAM, [normal('a', 0.003), normal('b', 0.002), normal('c', 0.0015), normal('d', 0.01)])
    const byHand = Math.hypot((4 / 3) * 0.003, 2 * 0.002, (8 / 3) * 0.0015, 0.01)
    expect(budget.value).toBe(7)
    expect(budget.combined).toBeCloseTo(byHand, 8)
    expect(budget.expanded).toBeCloseTo(2 * byHand, 8)
    expect(budget.rows[0]?.contribution.id).toBe('d')
    expect(budget.rows.reduce((total, { share }) => total + share, 0)).toBeCloseTo(1, 12)
  })

  it('takes an error that acts on two inputs at once as one: the same error in a and c cancels in a/c', () => {
    const ratio: Program = {
      inputs: ['a', 'c'],
      values: [5, 5],
      operations: [{ kind: 'product', into: 2, over: [0], under: [1], factor: 1 }],
      slots: 3,
      result: 2,
    }
    expect(budgetOf(ratio, [normal(['a', 'c'], 0.1)]).combined).toBeCloseTo(0, 12)
    expect(budgetOf(ratio, [normal('a', 0.1), normal('c', 0.1)]).combined).toBeCloseTo(Math.hypot(0.02, 0.02), 4)
  })

  it('leaves out what the result does not rest on', () => {
    expect(budgetOf(PROGRAM, [normal('elsewhere', 3)])).toMatchObject({ combined: 0, rows: [] })
  })
})

describe('trials', () => {
  it('repeat for the same seed, and differ for another', () => {
    const run = (seed: number) => allTrials(PROGRAM, [normal('a', 0.1)], 5000, seed).mean
    expect(run(3)).toBe(run(3))
    expect(run(3)).not.toBe(run(4))
  })

  it('report while they run, so that they can be stopped', () => {
    expect(allTrials(PROGRAM, [normal('a', 0.1)], 60_000).reports).toEqual([20_000, 40_000])
  })

  // JCGM 101:2008, 9.2 (additive model): four inputs with standard uncertainty 1 each. Normal ones give
  // u(y) = 2.0 and a 95 % interval of ±3.92; evenly spread ones u(y) = 2.0 and ±3.88. From memory.
  it.each([
    ['normal', { shape: 'normal', standard: 1 } as Spread, 3.92],
    ['even', { shape: 'uniform', halfWidth: Math.sqrt(3) } as Spread, 3.88],
  ])('of the sum of four %s inputs give the interval of JCGM 101, 9.2', (_name, spread, edge) => {
    const sum: Program = {
      inputs: ['a', 'b', 'c', 'd'],
      values: [0, 0, 0, 0],
      operations: [{ kind: 'sum', into: 4, plus: [0, 1, 2, 3], minus: [], size: false }],
      slots: 5,
      result: 4,
    }
    const four = ['a', 'b', 'c', 'd'].map((on): Contribution => ({ ...normal(on, 1), spread }))
    const found = allTrials(sum, four, 400_000)
    expect(found.deviation).toBeCloseTo(2, 1)
    expect(Math.abs(found.high - edge)).toBeLessThan(0.03)
    expect(Math.abs(found.low + edge)).toBeLessThan(0.03)
  })

  it('agree with the budget where the model is nearly linear', () => {
    const contributions = [normal('a', 0.01), normal('b', 0.01), normal('c', 0.01)]
    const { deviation, failed, histogram } = allTrials(PROGRAM, contributions, 200_000)
    expect(deviation / budgetOf(PROGRAM, contributions).combined).toBeCloseTo(1, 1)
    expect(failed).toBe(0)
    const inBars = histogram.counts.reduce((total, count) => total + count, 0)
    expect(inBars / 200_000).toBeGreaterThan(0.99)
  })

  it('count those that divide by nought instead of giving nonsense', () => {
    const broken: Program = { ...PROGRAM, values: [6, 4, 0, 1] }
    expect(() => allTrials(broken, [], 10)).toThrow('nought')
  })

  it.each([0, -3, 2.5, 1_000_001, Number.NaN])('refuse %s trials', (trials) => {
    expect(() => allTrials(PROGRAM, [], trials)).toThrow('trials can be run')
  })
})

describe('drawn errors', () => {
  it.each<[string, Spread]>([
    ['uniform', { shape: 'uniform', halfWidth: 0.6 }],
    ['triangular', { shape: 'triangular', halfWidth: 0.6 }],
    ['normal', { shape: 'normal', standard: 0.3 }],
  ])('have the mean and standard uncertainty of a %s spread, by a statistics package', (_shape, spread) => {
    const draw = drawerOf(spread, uniformFrom(11))
    const drawn = Array.from({ length: 100_000 }, draw)
    expect(mean(drawn)).toBeCloseTo(0, 2)
    expect(sampleStandardDeviation(drawn) / standardUncertainty(spread)).toBeCloseTo(1, 1)
    if (spread.shape !== 'normal') expect(Math.max(...drawn.slice(0, 20_000).map(Math.abs))).toBeLessThanOrEqual(0.6)
  })
})

describe('a quantile', () => {
  // -0 and 0 are one number, and sorting leaves either first.
  it('lies between those of its neighbours, and at the ends is the smallest and the largest', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.double({ noNaN: true, min: -1e6, max: 1e6 }).map((value) => value + 0),
          { minLength: 2 },
        ),
        (values) => {
          const sorted = values.toSorted((a, b) => a - b)
          expect(quantileOf(sorted, 0)).toBe(sorted[0])
          expect(quantileOf(sorted, 1)).toBe(sorted.at(-1))
          const middle = quantileOf(sorted, 0.5)
          // The statistics package takes the mean of the middle two, as we do.
          expect(middle).toBeCloseTo(quantileSorted(sorted, 0.5), 6)
        },
      ),
    )
  })
})
