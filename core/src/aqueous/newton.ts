import { factorise, type Reduction, solveFactored } from './linear.ts'
import type { System } from './system.ts'

/** What a solve works on: totals, activity corrections, and what it has found so far. */
export interface State {
  readonly system: System
  /** Total of each component, mol/dm³; of hydrogen ion signed. */
  readonly totals: Float64Array
  /** ln of activity coefficients of the species. */
  readonly lnGamma: Float64Array
  /** ln of the activity of each component: what is looked for. */
  readonly x: Float64Array
  /** Concentration of each species. */
  readonly c: Float64Array
  /** Σ ν c − T of each component, and Σ |ν c| + |T|, which says how large rounding is. */
  readonly gradient: Float64Array
  readonly size: Float64Array
  /** Σ of the sizes of all terms of F, which cancel largely: one number. */
  readonly terms: Float64Array
}

/** Longest step of an ln of an activity. */
const LONGEST_STEP = 8
/** Part of the fall foretold that a step must bring (Armijo). */
const SUFFICIENT = 1e-4
const MOST_ITERATIONS = 200
/** Rounding in a sum of terms, as a part of the sum of their sizes. */
const ROUNDING = 2e-15
const LARGEST_EXPONENT = 230

/** Concentrations and balance for the present activities; returns F = Σ c − T·x. */
export function evaluate(state: State): number {
  const { system, totals, lnGamma, x, c, gradient, size, terms } = state
  const { begin, part, count, lnBeta } = system
  const n = x.length
  let f = 0
  let all = 0
  for (let j = 0; j < n; j++) {
    const total = totals[j] as number
    gradient[j] = -total
    size[j] = Math.abs(total)
    const term = total * (x[j] as number)
    f -= term
    all += Math.abs(term)
  }
  for (let i = 0; i < c.length; i++) {
    let ln = (lnBeta[i] as number) - (lnGamma[i] as number)
    const end = begin[i + 1] as number
    for (let p = begin[i] as number; p < end; p++) ln += (count[p] as number) * (x[part[p] as number] as number)
    const value = Math.exp(Math.min(ln, LARGEST_EXPONENT))
    c[i] = value
    f += value
    all += value
    for (let p = begin[i] as number; p < end; p++) {
      const j = part[p] as number
      const term = (count[p] as number) * value
      gradient[j] = (gradient[j] as number) + term
      size[j] = (size[j] as number) + Math.abs(term)
    }
  }
  terms[0] = all
  return f
}

/** Second derivatives of F: Σ ν ν c, into `matrix`. */
function hessian({ system, c, x }: State, matrix: Float64Array): void {
  const n = x.length
  const { begin, part, count } = system
  matrix.fill(0)
  for (let i = 0; i < c.length; i++) {
    const value = c[i] as number
    const end = begin[i + 1] as number
    for (let p = begin[i] as number; p < end; p++) {
      const first = (count[p] as number) * value
      const row = (part[p] as number) * n
      for (let q = begin[i] as number; q < end; q++) {
        const at = row + (part[q] as number)
        matrix[at] = (matrix[at] as number) + first * (count[q] as number)
      }
    }
  }
}

/** The second derivatives along the directions z: zᵀ H w for each pair. */
function reduceHessian(full: Float64Array, zs: readonly Float64Array[], n: number): Float64Array {
  const m = zs.length
  const matrix = new Float64Array(m * m)
  const along = new Float64Array(n)
  for (let b = 0; b < m; b++) {
    const w = zs[b] as Float64Array
    for (let j = 0; j < n; j++) {
      let sum = 0
      for (let k = 0; k < n; k++) if (w[k] !== 0) sum += (full[j * n + k] as number) * (w[k] as number)
      along[j] = sum
    }
    for (let a = 0; a <= b; a++) {
      const z = zs[a] as Float64Array
      let sum = 0
      for (let j = 0; j < n; j++) if (z[j] !== 0) sum += (z[j] as number) * (along[j] as number)
      matrix[a * m + b] = sum
      matrix[b * m + a] = sum
    }
  }
  return matrix
}

/** The directions that keep every active solid saturated: free components, and what the pivots must do with them. */
export interface Directions {
  readonly free: readonly number[]
  readonly reduction: Reduction | undefined
}

export function directionsOf(components: number, reduction: Reduction | undefined): Directions {
  const pivots = new Set(reduction?.pivots ?? [])
  return { free: Array.from({ length: components }, (_, j) => j).filter((j) => !pivots.has(j)), reduction }
}

/** Derivative of each component by a free one: itself, and the pivots that follow. */
function column(free: number, { reduction }: Directions, n: number): Float64Array {
  const z = new Float64Array(n)
  z[free] = 1
  reduction?.pivots.forEach((pivot, row) => {
    z[pivot] = -(reduction.rows[row * n + free] as number)
  })
  return z
}

/** Puts the pivots where every active solid is exactly saturated. */
function saturate(state: State, { reduction }: Directions, lnK: Float64Array): void {
  if (!reduction) return
  const { x } = state
  const n = x.length
  const { pivots, rows, inverse } = reduction
  const count = pivots.length
  pivots.forEach((pivot, row) => {
    let value = 0
    for (let s = 0; s < count; s++) value += (inverse[row * count + s] as number) * (lnK[s] as number)
    for (let j = 0; j < n; j++) if (!pivots.includes(j)) value -= (rows[row * n + j] as number) * (x[j] as number)
    x[pivot] = value
  })
}

/**
 * Newton's method for F among the free directions, with the active solids kept saturated.
 *
 * @param tolerance - largest imbalance allowed, as a part of what is balanced
 * @returns whether it came so far
 */
export function descend(state: State, directions: Directions, lnK: Float64Array, tolerance: number): boolean {
  const { x } = state
  const n = x.length
  const zs = directions.free.map((free) => column(free, directions, n))
  saturate(state, directions, lnK)
  const full = new Float64Array(n * n)
  let f = evaluate(state)
  for (let iteration = 0; iteration < MOST_ITERATIONS; iteration++) {
    const m = zs.length
    const reduced = new Float64Array(m)
    let done = true
    for (let a = 0; a < m; a++) {
      const z = zs[a] as Float64Array
      let g = 0
      let scale = 0
      for (let j = 0; j < n; j++) {
        g += (z[j] as number) * (state.gradient[j] as number)
        scale += Math.abs((z[j] as number) * (state.size[j] as number))
      }
      reduced[a] = g
      const own = state.size[directions.free[a] as number] as number
      if (Math.abs(g) > Math.max(tolerance * own, ROUNDING * scale * 4)) done = false
    }
    if (done) return true
    hessian(state, full)
    // Without solids every component is free, and the directions are the components themselves.
    const matrix = m === n ? full : reduceHessian(full, zs, n)
    const step = solveFactored(
      factorise(matrix, m),
      reduced.map((g) => -g),
    )
    const move = new Float64Array(n)
    for (let a = 0; a < m; a++) {
      const z = zs[a] as Float64Array
      for (let j = 0; j < n; j++) move[j] = (move[j] as number) + (step[a] as number) * (z[j] as number)
    }
    let longest = 0
    for (let j = 0; j < n; j++) longest = Math.max(longest, Math.abs(move[j] as number))
    let length = longest > LONGEST_STEP ? LONGEST_STEP / longest : 1
    let fall = 0
    for (let a = 0; a < m; a++) fall += (reduced[a] as number) * (step[a] as number)
    const from = x.slice()
    let better = false
    for (let halving = 0; halving < 50; halving++) {
      for (let j = 0; j < n; j++) x[j] = (from[j] as number) + length * (move[j] as number)
      const next = evaluate(state)
      if (next <= f + SUFFICIENT * length * fall + (state.terms[0] as number) * ROUNDING) {
        f = next
        better = true
        break
      }
      length /= 2
    }
    if (!better) {
      x.set(from)
      evaluate(state)
      return false
    }
    if (length === 1 && longest < 1e-13) return true
  }
  return false
}
