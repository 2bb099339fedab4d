import type { Point } from './line.ts'

/** A smooth curve through scattered points: its height and steepness anywhere among them. */
export interface SmoothCurve {
  readonly heightAt: (x: number) => number
  readonly slopeAt: (x: number) => number
}

/** Points that bear on each place of the curve; a parabola needs three, the others even the scatter out. */
const NEIGHBOURS = 5
const FEWEST = 3

interface Weighted {
  readonly distance: number
  readonly y: number
  readonly weight: number
}

/** The points near a place, weighted by how near: (1 − d³)³ of the reach, which is a little beyond the farthest. */
function neighbours(points: readonly Point[], x: number): readonly Weighted[] {
  const nearest = points
    .map((point) => ({ y: point.y, distance: point.x - x }))
    .toSorted((a, b) => Math.abs(a.distance) - Math.abs(b.distance))
    .slice(0, NEIGHBOURS)
  const reach = Math.max(...nearest.map(({ distance }) => Math.abs(distance))) * 1.001 || 1
  return nearest.map((point) => ({ ...point, weight: (1 - (Math.abs(point.distance) / reach) ** 3) ** 3 }))
}

/** Solves three equations in three unknowns by elimination; undefined where they do not determine them. */
function solveThree(matrix: readonly (readonly number[])[]): readonly [number, number, number] | undefined {
  const rows = matrix.map((row) => [...row])
  for (let column = 0; column < 3; column++) {
    const below = rows.slice(column)
    const pivot = below.reduce((best, row) => (Math.abs(row[column] ?? 0) > Math.abs(best[column] ?? 0) ? row : best))
    const top = rows[column] as number[]
    rows[rows.indexOf(pivot)] = top
    rows[column] = pivot
    if (Math.abs(pivot[column] ?? 0) < 1e-12) return undefined
    rows.forEach((row, index) => {
      if (index === column) return
      const factor = (row[column] ?? 0) / (pivot[column] ?? 1)
      for (let at = column; at < 4; at++) row[at] = (row[at] ?? 0) - factor * (pivot[at] ?? 0)
    })
  }
  const [a, b, c] = rows.map((row, index) => (row[3] ?? 0) / (row[index] ?? 1))
  return [a ?? 0, b ?? 0, c ?? 0]
}

/** Height, steepness and half the bend of the parabola that fits best around a place. */
function parabolaAt(points: readonly Point[], x: number): readonly [number, number, number] {
  const near = neighbours(points, x)
  // Distances are taken in units of the reach, so that large and small axes are solved equally well.
  const unit = Math.max(...near.map(({ distance }) => Math.abs(distance))) || 1
  const sum = (term: (at: Weighted, u: number) => number) =>
    near.reduce((total, at) => total + at.weight * term(at, at.distance / unit), 0)
  const moments = [0, 1, 2, 3, 4].map((power) => sum((_, u) => u ** power))
  const rows = [0, 1, 2].map((row) => [
    moments[row] ?? 0,
    moments[row + 1] ?? 0,
    moments[row + 2] ?? 0,
    sum(({ y }, u) => y * u ** row),
  ])
  const [height, slope, bend] = solveThree(rows) ?? [moments[0] ? sum(({ y }) => y) / (moments[0] ?? 1) : 0, 0, 0]
  return [height, slope / unit, bend / unit ** 2]
}

/**
 * Draws a smooth curve through points as a steady hand would: around each place the parabola of least squares, the
 * nearest points counting most. Points of any parabola are followed exactly. Source: W. S. Cleveland's locally weighted
 * regression, of degree two; from memory.
 *
 * @returns undefined with fewer than three different x
 */
export function smoothCurve(points: readonly Point[]): SmoothCurve | undefined {
  if (new Set(points.map(({ x }) => x)).size < FEWEST) return undefined
  return {
    heightAt: (x) => parabolaAt(points, x)[0],
    slopeAt: (x) => parabolaAt(points, x)[1],
  }
}
