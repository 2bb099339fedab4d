import type { Uniform } from '../../number/index.ts'
import type { Spread } from '../contribution.ts'

/**
 * Draws errors of a spread, a column of them at a time.
 *
 * Normal ones by the method of Box and Muller, √(−2 ln u₁)·cos 2πu₂ and its sine, which come in pairs; triangular ones as
 * the sum of two even ones.
 *
 * @param column - an even number of places, all written over
 */
export function drawErrors(spread: Spread, uniform: Uniform, column: Float64Array): void {
  switch (spread.shape) {
    case 'uniform':
      for (let t = 0; t < column.length; t++) column[t] = spread.halfWidth * (2 * uniform() - 1)
      return
    case 'triangular':
      for (let t = 0; t < column.length; t++) column[t] = spread.halfWidth * (uniform() + uniform() - 1)
      return
    case 'normal':
      for (let t = 0; t < column.length; t += 2) {
        const radius = spread.standard * Math.sqrt(-2 * Math.log(uniform()))
        const angle = 2 * Math.PI * uniform()
        column[t] = radius * Math.cos(angle)
        column[t + 1] = radius * Math.sin(angle)
      }
  }
}
