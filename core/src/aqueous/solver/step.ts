import type { Workspace } from './workspace.ts'

/** Least pivot of a factor, where rounding has made it vanish. */
const LEAST_PIVOT = 1e-14

/** The upper half of the second derivatives from the lower. */
function mirror({ n, hessian }: Workspace): void {
  for (let i = 1; i < n; i++) for (let j = 0; j < i; j++) hessian[j * n + i] = hessian[i * n + j]!
}

/** The second derivatives among the free directions: zᵀ H z, where a pivot follows a free component by its row. */
function reduceHessian(work: Workspace): Float64Array {
  const { n, count, freeCount, free, pivots, rows, hessian, along, matrix } = work
  // Without solids every component is free, and the directions are the components themselves.
  if (count === 0) return hessian
  mirror(work)
  for (let a = 0; a < freeCount; a++) {
    for (let j = 0; j < n; j++) {
      let sum = hessian[j * n + free[a]!]!
      for (let r = 0; r < count; r++) sum -= hessian[j * n + pivots[r]!]! * rows[r * n + free[a]!]!
      along[j * freeCount + a] = sum
    }
  }
  for (let a = 0; a < freeCount; a++) {
    for (let b = 0; b <= a; b++) {
      let sum = along[free[a]! * freeCount + b]!
      for (let r = 0; r < count; r++) sum -= rows[r * n + free[a]!]! * along[pivots[r]! * freeCount + b]!
      matrix[a * freeCount + b] = sum
    }
  }
  return matrix
}

/** Factors a symmetric positive matrix (its lower half) as L·Lᵀ after scaling it by its diagonal (Jacobi), which species of very different concentrations need. */
function factorise({ freeCount: m, lower, scale }: Workspace, matrix: Float64Array): void {
  for (let i = 0; i < m; i++) {
    const diagonal = matrix[i * m + i]!
    scale[i] = diagonal > 0 ? 1 / Math.sqrt(diagonal) : 1
  }
  for (let i = 0; i < m; i++) {
    for (let j = 0; j <= i; j++) {
      let sum = matrix[i * m + j]! * scale[i]! * scale[j]!
      for (let k = 0; k < j; k++) sum -= lower[i * m + k]! * lower[j * m + k]!
      lower[i * m + j] = i === j ? Math.sqrt(Math.max(sum, LEAST_PIVOT)) : sum / lower[j * m + j]!
    }
  }
}

/** Solves with the factored matrix for −`reduced`, into `step`. */
function solveFactored({ freeCount: m, lower, scale, step, reduced }: Workspace): void {
  for (let i = 0; i < m; i++) {
    let sum = -reduced[i]! * scale[i]!
    for (let k = 0; k < i; k++) sum -= lower[i * m + k]! * step[k]!
    step[i] = sum / lower[i * m + i]!
  }
  for (let i = m - 1; i >= 0; i--) {
    let sum = step[i]!
    for (let k = i + 1; k < m; k++) sum -= lower[k * m + i]! * step[k]!
    step[i] = sum / lower[i * m + i]!
  }
  for (let i = 0; i < m; i++) step[i]! *= scale[i]!
}

/** How far a Newton step goes, and what it promises. */
export interface NewtonStep {
  /** Longest move of an ln of an activity. */
  longest: number
  /** Change of F that is foretold to first order: below nought. */
  fall: number
}

const found: NewtonStep = { longest: 0, fall: 0 }

/** The Newton step from where the state is, into `move`. What it returns is written over by the next. */
export function newtonStep(work: Workspace): NewtonStep {
  const { n, count, freeCount, free, pivots, rows, reduced, step, move } = work
  factorise(work, reduceHessian(work))
  solveFactored(work)
  found.longest = 0
  found.fall = 0
  for (let a = 0; a < freeCount; a++) {
    move[free[a]!] = step[a]!
    found.fall += reduced[a]! * step[a]!
    found.longest = Math.max(found.longest, Math.abs(step[a]!))
  }
  for (let r = 0; r < count; r++) {
    let follows = 0
    for (let a = 0; a < freeCount; a++) follows -= rows[r * n + free[a]!]! * step[a]!
    move[pivots[r]!] = follows
    found.longest = Math.max(found.longest, Math.abs(follows))
  }
  return found
}
