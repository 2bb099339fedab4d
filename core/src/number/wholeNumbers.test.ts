import fc from 'fast-check'
import { expect, it } from 'vitest'
import { eliminate, gcd, shrink } from './index.ts'

it('the greatest common divisor divides both, and what is left has none', () => {
  const whole = fc.bigInt({ min: -(10n ** 12n), max: 10n ** 12n })
  fc.assert(
    fc.property(whole, whole, (a, b) => {
      const common = gcd(a, b)
      if (common === 0n) return a === 0n && b === 0n
      return a % common === 0n && b % common === 0n && [1n, -1n].includes(gcd(a / common, b / common))
    }),
  )
  expect(shrink([4n, -6n, 0n])).toEqual([2n, -3n, 0n])
  expect(shrink([0n, 0n])).toEqual([0n, 0n])
})

it('elimination leaves the solutions of a set of equations as they were', () => {
  const small = fc.bigInt({ min: -9n, max: 9n })
  const square = fc.array(fc.array(small, { minLength: 3, maxLength: 3 }), { minLength: 3, maxLength: 3 })
  fc.assert(
    fc.property(square, fc.array(small, { minLength: 3, maxLength: 3 }), (matrix, solution) => {
      const rows = matrix.map((row) => [...row, row.reduce((sum, entry, index) => sum + entry * (solution[index] ?? 0n), 0n)])
      const { rows: reduced } = eliminate(rows, 3)
      for (const row of reduced)
        expect(row.slice(0, 3).reduce((sum, entry, index) => sum + entry * (solution[index] ?? 0n), 0n)).toBe(row[3])
    }),
  )
})
