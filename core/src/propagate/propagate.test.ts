import fc from 'fast-check'
import { mean, quantileSorted, sampleStandardDeviation } from 'simple-statistics'
import { describe, expect, it } from 'vitest'
import { uniformFrom } from '../number/index.ts'
import { columnProgram } from './columns/columnProgram.ts'
import { drawErrors } from './columns/errors.ts'
import { quantileOf, quantilesOf } from './columns/quantiles.ts'
import {
  budgetOf,
  type Contribution,
  freshSlots,
  gradientOf,
  type Operation,
  type Program,
  runProgram,
  runTrials,
  type Spread,
  standardUncertainty,
} from './index.ts'

/** y = a × b ÷ c − d */
const PROGRAM: Program = {
  inputs: ['a', 'b', 'c', 'd'],
  values: [6, 4, 3, 1],
  operations: [
    { kind: 'product', into: 4, over: [0, 1], under: [2], factor: 1 },
    { kind: 'sum', into: 5, plus: [4], minus: [3] },
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
    const budget = budgetOf(gradientOf(PROGRAM), [normal('a', 0.003), normal('b', 0.002), normal('c', 0.0015), normal('d', 0.01)])
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
    expect(budgetOf(gradientOf(ratio), [normal(['a', 'c'], 0.1)]).combined).toBeCloseTo(0, 12)
    expect(budgetOf(gradientOf(ratio), [normal('a', 0.1), normal('c', 0.1)]).combined).toBeCloseTo(Math.hypot(0.02, 0.02), 4)
  })

  it('leaves out what the result does not rest on', () => {
    expect(budgetOf(gradientOf(PROGRAM), [normal('elsewhere', 3)])).toMatchObject({ combined: 0, rows: [] })
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
      operations: [{ kind: 'sum', into: 4, plus: [0, 1, 2, 3], minus: [] }],
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
    expect(deviation / budgetOf(gradientOf(PROGRAM), contributions).combined).toBeCloseTo(1, 1)
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
    const column = new Float64Array(100_000)
    drawErrors(spread, uniformFrom(11), column)
    const drawn = [...column]
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

describe('many quantiles', () => {
  it.each(['even', 'with far ones', 'all the same', 'few different'])(
    'of very many values in any order are those of the sorted: %s',
    (kind) => {
      const random = uniformFrom(5)
      const draw = {
        even: () => random(),
        'with far ones': () => (random() - 0.5) ** 9 * 1e9,
        'all the same': () => 3,
        'few different': () => Math.floor(random() * 4),
      }
      const values = Float64Array.from({ length: 20_001 }, draw[kind as keyof typeof draw])
      const before = values.slice()
      const parts = [0, 0.001, 0.025, 0.5, 0.975, 1]
      const sorted = values.toSorted()
      expect(quantilesOf(values, parts)).toEqual(parts.map((part) => quantileOf(sorted, part)))
      expect(values).toEqual(before)
    },
  )
})

/** Programs of any operations, each on what was there before. */
const anyProgram = fc
  .record({
    values: fc.array(fc.double({ min: 0.5, max: 20, noNaN: true }), { minLength: 1, maxLength: 6 }),
    seeds: fc.array(fc.nat(), { minLength: 1, maxLength: 8 }),
  })
  .map(({ values, seeds }): Program => {
    const operations = seeds.map((seed, index): Operation => {
      const random = uniformFrom(seed)
      const into = values.length + index
      const some = (least: number) => Array.from({ length: least + Math.floor(3 * random()) }, () => Math.floor(random() * into))
      const kind = Math.floor(4 * random())
      if (kind === 0) return { kind: 'product', into, over: some(1), under: some(0), factor: 0.5 + random() }
      if (kind === 1) return { kind: 'sum', into, plus: some(1), minus: some(0) }
      const [of = 0] = some(1)
      return kind === 2
        ? { kind: 'mean', into, of: some(1) }
        : { kind: 'tangent', into, of, at: 10 * random(), height: 5 * random(), slope: random() - 0.5 }
    })
    const slots = values.length + operations.length
    return { inputs: values.map((_, index) => `x${index}`), values, operations, slots, result: slots - 1 }
  })

describe('columns', () => {
  it('come to what the program comes to, trial by trial', () => {
    fc.assert(
      fc.property(anyProgram, (program) => {
        const { columns, run, result } = columnProgram(program, 4)
        const moved = [0, 0.1, -0.05, 0.2]
        moved.forEach((error, trial) => {
          const column = columns[0] as Float64Array
          column[trial] = (column[trial] as number) + error
        })
        run()
        moved.forEach((error, trial) => {
          const slots = freshSlots(program)
          slots[0] = (slots[0] as number) + error
          const one = runProgram(program, slots)
          if (Number.isFinite(one)) expect((result[trial] as number) / one || 1).toBeCloseTo(1, 9)
        })
      }),
    )
  })

  it('are not made anew for an operation that only passes a slot on', () => {
    const program: Program = {
      ...PROGRAM,
      operations: [...PROGRAM.operations, { kind: 'mean', into: 6, of: [5] }],
      slots: 7,
      result: 6,
    }
    const { columns } = columnProgram(program, 2)
    expect(columns[6]).toBe(columns[5])
  })
})

describe('a gradient', () => {
  it('is that of differences, for any program', () => {
    fc.assert(
      fc.property(anyProgram, (program) => {
        const gradient = gradientOf(program)
        const at = (input: number, error: number) => {
          const slots = freshSlots(program)
          slots[input] = (slots[input] as number) + error
          return runProgram(program, slots)
        }
        const size = program.values.map((_, input) => Math.max(Math.abs(at(input, 1e-3)), Math.abs(at(input, -1e-3)), 1))
        // A difference that comes to nought within the step has a bend there, and no one gradient.
        fc.pre(size.every((one) => one < 1e6) && Number.isFinite(gradient.value))
        program.inputs.forEach((key, input) => {
          const [fine, coarse] = [1e-5, 1e-4].map((step) => (at(input, step) - at(input, -step)) / (2 * step)) as [number, number]
          if (Math.abs(fine - coarse) < 1e-5 * (1 + Math.abs(fine)))
            expect(Math.abs(gradient.by(key) - fine)).toBeLessThan(1e-3 * (1 + Math.abs(fine)))
        })
      }),
    )
  })

  it('is there of a product in which something is nought, and nought for what is not in it', () => {
    const product: Program = {
      inputs: ['a', 'b'],
      values: [0, 4],
      operations: [{ kind: 'product', into: 2, over: [0, 1], under: [], factor: 2 }],
      slots: 3,
      result: 2,
    }
    expect([gradientOf(product).by('a'), gradientOf(product).by('b'), gradientOf(product).by('z')]).toEqual([8, 0, 0])
  })

  it('takes as many steps for each reading of a thousand as of ten: each operation is met once forwards and once back', () => {
    const met = (readings: number) => {
      let count = 0
      const operations: Operation[] = [
        { kind: 'mean', into: readings, of: Array.from({ length: readings }, (_, index) => index) },
        { kind: 'product', into: readings + 1, over: [readings], under: [], factor: 2 },
      ]
      const get = (of: Operation, key: string | symbol) => {
        if (key === 'kind') count++
        return Reflect.get(of, key)
      }
      const watched = operations.map((operation) => new Proxy(operation, { get }))
      const program: Program = {
        inputs: Array.from({ length: readings }, (_, i) => `x${i}`),
        values: Array.from({ length: readings }, () => 1),
        operations: watched,
        slots: readings + 2,
        result: readings + 1,
      }
      const gradient = gradientOf(program)
      budgetOf(
        gradient,
        program.inputs.map((input) => normal(input, 0.1)),
      )
      return count
    }
    expect(met(1000)).toBe(met(10))
  })
})
