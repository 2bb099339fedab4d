import type { Workspace } from './workspace.ts'

/** How much a component is liked as a pivot, at least and at most. Hydrogen ion comes last of all. */
const PROTON_LIKED = 1e-4
const LEAST_LIKED = 1e-3
const MOST_LIKED = 1e6
/** A coefficient that elimination has made vanish. */
const NOUGHT = 1e-9

/**
 * What is liked as a pivot: components of which little is dissolved, since a pivot is moved to wherever its solid is
 * saturated, and a large move of what is plentiful throws everything else far off.
 */
export function weigh({ n, weights, totals, size, layout: { proton } }: Workspace): void {
  for (let j = 0; j < n; j++) {
    const total = Math.abs(totals[j]!)
    const dissolved = size[j]! - total
    const liked = total / (dissolved + total * 1e-12 + 1e-300)
    weights[j] = j === proton ? PROTON_LIKED : Math.min(MOST_LIKED, Math.max(LEAST_LIKED, liked))
  }
}

function layRows({ n, rows, inverse, active, system: { solidNu } }: Workspace, count: number): void {
  for (let r = 0; r < count; r++) {
    const solid = active[r]! * n
    for (let j = 0; j < n; j++) rows[r * n + j] = solidNu[solid + j]!
    for (let s = 0; s < count; s++) inverse[r * count + s] = r === s ? 1 : 0
  }
}

/** The column best liked for a row; −1 where nothing is left of it. */
function bestPivot({ n, rows, weights, isPivot }: Workspace, row: number): number {
  let best = -1
  let most = NOUGHT
  for (let j = 0; j < n; j++) {
    if (isPivot[j] === 1) continue
    const value = Math.abs(rows[row * n + j]!)
    const liked = value * weights[j]!
    if (value > NOUGHT && liked > most) {
      best = j
      most = liked
    }
  }
  return best
}

function eliminate({ n, rows, inverse }: Workspace, count: number, row: number, column: number): void {
  const pivot = rows[row * n + column]!
  for (let j = 0; j < n; j++) rows[row * n + j]! /= pivot
  for (let s = 0; s < count; s++) inverse[row * count + s]! /= pivot
  for (let other = 0; other < count; other++) {
    const factor = other === row ? 0 : rows[other * n + column]!
    if (factor === 0) continue
    for (let j = 0; j < n; j++) rows[other * n + j]! -= factor * rows[row * n + j]!
    for (let s = 0; s < count; s++) inverse[other * count + s]! -= factor * inverse[row * count + s]!
  }
}

/**
 * Gauss–Jordan elimination of the first `count` active solids, with a choice of pivots by `weights`.
 *
 * @returns false where the solids depend on one another
 */
export function reduce(work: Workspace, count: number): boolean {
  const { pivots, isPivot } = work
  isPivot.fill(0)
  layRows(work, count)
  for (let row = 0; row < count; row++) {
    const column = bestPivot(work, row)
    if (column < 0) return false
    pivots[row] = column
    isPivot[column] = 1
    eliminate(work, count, row, column)
  }
  return true
}

/**
 * Finds the directions in which every active solid stays saturated: free components, and pivots that follow them.
 *
 * @returns false where the solids depend on one another
 */
export function direct(work: Workspace): boolean {
  const { n, count, free, isPivot } = work
  if (count === 0) isPivot.fill(0)
  else {
    weigh(work)
    if (!reduce(work, count)) return false
  }
  let freeCount = 0
  for (let j = 0; j < n; j++) if (isPivot[j] === 0) free[freeCount++] = j
  work.freeCount = freeCount
  return true
}
