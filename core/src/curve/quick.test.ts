import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { doubtfulPoints, timesUsual } from './doubtful.ts'
import { fitLine, heightAt, type Point, tooFewForLine, varianceAt } from './line.ts'
import { growingMoments, lineOf } from './moments.ts'
import { fitTwoLines } from './twoLines.ts'

const point = fc.record({
  x: fc.integer({ min: 0, max: 400 }).map((step) => step / 4),
  y: fc.integer({ min: 0, max: 400 }).map((step) => step / 10),
})
const points = (least: number) => fc.array(point, { minLength: least, maxLength: 24 })

describe('sums that grow by a point at a time', () => {
  it('give the line of least squares through the points so far', () => {
    fc.assert(
      fc.property(points(3), (all) => {
        growingMoments(all).forEach((moments, count) => {
          const some = all.slice(0, count)
          if (tooFewForLine(some)) return
          const [quick, exact] = [lineOf(moments), fitLine(some)]
          expect(quick.slope).toBeCloseTo(exact.slope, 7)
          expect(quick.intercept).toBeCloseTo(exact.intercept, 6)
          expect(quick.residual).toBeCloseTo(exact.residual, 6)
        })
      }),
    )
  })
})

/** The split by drawing both lines at every place, one after another. */
function byDrawingAll(all: readonly Point[]): number | undefined {
  const sorted = all.toSorted((a, b) => a.x - b.x)
  const least = sorted.length >= 6 ? 3 : 2
  const places = Array.from({ length: Math.max(0, sorted.length - 2 * least + 1) }, (_, index) => index + least)
  const found = places.flatMap((split) => {
    const [left, right] = [sorted.slice(0, split), sorted.slice(split)]
    if (tooFewForLine(left) || tooFewForLine(right)) return []
    const [before, after] = [fitLine(left), fitLine(right)]
    if (before.slope === after.slope) return []
    const x = (after.intercept - before.intercept) / (before.slope - after.slope)
    const [low, high] = [sorted[split - 2] ?? sorted[split - 1], sorted[split + 1] ?? sorted[split]]
    return [{ misfit: before.residual + after.residual, near: !!low && !!high && x >= low.x && x <= high.x }]
  })
  const near = found.filter((one) => one.near)
  return (near.length > 0 ? near : found).toSorted((a, b) => a.misfit - b.misfit)[0]?.misfit
}

describe('two lines', () => {
  it('lie as close to the points as those found by drawing them at every place', () => {
    fc.assert(
      fc.property(points(4), (all) => {
        const [found, best] = [fitTwoLines(all), byDrawingAll(all)]
        expect(found === undefined).toBe(best === undefined)
        if (found && best !== undefined) expect(found.before.residual + found.after.residual).toBeCloseTo(best, 5)
      }),
    )
  })
})

describe('a point that does not fit', () => {
  it('is found as by drawing the line again without each point', () => {
    const byDrawing = (all: readonly Point[], step: number) =>
      all.flatMap((one, index): (number | string)[] => {
        const others = all.filter((_, place) => place !== index)
        if (tooFewForLine(others)) return []
        const line = fitLine(others)
        const off = Math.abs(one.y - heightAt(line, one.x))
        const usual = Math.sqrt((line.scatter?.deviation ?? 0) ** 2 + varianceAt(line, one.x))
        const limit = Math.max(timesUsual(all.length) * usual, 2 * step)
        // On the very edge rounding decides.
        return Math.abs(off - limit) < 1e-6 ? ['edge'] : off > limit ? [index] : []
      })
    fc.assert(
      fc.property(points(4), (all) => {
        const expected = byDrawing(all, 0.1)
        if (!expected.includes('edge')) expect(doubtfulPoints(all, 0.1)).toEqual(expected)
      }),
    )
  })
})
