/** A symmetric positive matrix of n × n in one flat array, scaled to ones on its diagonal, as L·Lᵀ. */
export interface Factor {
  readonly size: number
  readonly lower: Float64Array
  readonly scale: Float64Array
}

/** Added to the diagonal where rounding has made a pivot vanish. */
const LEAST_PIVOT = 1e-14

/** Factors a symmetric positive matrix by Cholesky after scaling by its diagonal (Jacobi), which species of very different concentrations need. */
export function factorise(matrix: Float64Array, size: number): Factor {
  const scale = new Float64Array(size)
  for (let i = 0; i < size; i++) {
    const diagonal = matrix[i * size + i] as number
    scale[i] = diagonal > 0 ? 1 / Math.sqrt(diagonal) : 1
  }
  const lower = new Float64Array(size * size)
  for (let i = 0; i < size; i++) {
    for (let j = 0; j <= i; j++) {
      let sum = (matrix[i * size + j] as number) * (scale[i] as number) * (scale[j] as number)
      for (let k = 0; k < j; k++) sum -= (lower[i * size + k] as number) * (lower[j * size + k] as number)
      if (i === j) lower[i * size + i] = Math.sqrt(Math.max(sum, LEAST_PIVOT))
      else lower[i * size + j] = sum / (lower[j * size + j] as number)
    }
  }
  return { size, lower, scale }
}

/** Solves with a factored matrix; `right` is written over with the solution. */
export function solveFactored({ size, lower, scale }: Factor, right: Float64Array): Float64Array {
  for (let i = 0; i < size; i++) right[i] = (right[i] as number) * (scale[i] as number)
  for (let i = 0; i < size; i++) {
    let sum = right[i] as number
    for (let k = 0; k < i; k++) sum -= (lower[i * size + k] as number) * (right[k] as number)
    right[i] = sum / (lower[i * size + i] as number)
  }
  for (let i = size - 1; i >= 0; i--) {
    let sum = right[i] as number
    for (let k = i + 1; k < size; k++) sum -= (lower[k * size + i] as number) * (right[k] as number)
    right[i] = sum / (lower[i * size + i] as number)
  }
  for (let i = 0; i < size; i++) right[i] = (right[i] as number) * (scale[i] as number)
  return right
}

/**
 * Rows made independent: which column each row is solved for, and the rows reduced to ones there.
 * A row that the others make up is reported as dependent, with the weights of the others in it.
 */
export interface Reduction {
  /** Pivot column of each row. */
  readonly pivots: readonly number[]
  /** Reduced rows, rows × columns. */
  readonly rows: Float64Array
  /** Inverse of the pivot columns: reduced = inverse × original. */
  readonly inverse: Float64Array
}

const NOUGHT = 1e-9

/**
 * Gauss–Jordan elimination with a choice of pivots.
 *
 * @param weights - how much a column is liked as a pivot
 * @returns undefined where the rows depend on one another
 */
export function reduceRows(rows: Float64Array, count: number, columns: number, weights: Float64Array): Reduction | undefined {
  const work = rows.slice()
  const inverse = new Float64Array(count * count)
  for (let i = 0; i < count; i++) inverse[i * count + i] = 1
  const pivots: number[] = []
  for (let row = 0; row < count; row++) {
    let best = -1
    let size = NOUGHT
    for (let column = 0; column < columns; column++) {
      if (pivots.includes(column)) continue
      const value = Math.abs(work[row * columns + column] as number)
      const liked = value * (weights[column] as number)
      if (value > NOUGHT && liked > size) {
        best = column
        size = liked
      }
    }
    if (best < 0) return undefined
    pivots.push(best)
    const pivot = work[row * columns + best] as number
    for (let c = 0; c < columns; c++) work[row * columns + c] = (work[row * columns + c] as number) / pivot
    for (let c = 0; c < count; c++) inverse[row * count + c] = (inverse[row * count + c] as number) / pivot
    for (let other = 0; other < count; other++) {
      if (other === row) continue
      const factor = work[other * columns + best] as number
      if (factor === 0) continue
      for (let c = 0; c < columns; c++)
        work[other * columns + c] = (work[other * columns + c] as number) - factor * (work[row * columns + c] as number)
      for (let c = 0; c < count; c++)
        inverse[other * count + c] = (inverse[other * count + c] as number) - factor * (inverse[row * count + c] as number)
    }
  }
  return { pivots, rows: work, inverse }
}
