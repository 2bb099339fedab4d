import type { Uniform } from '../number/index.ts'
import type { Spread } from './contribution.ts'

/**
 * Draws errors of a spread.
 *
 * Normal ones by the method of Box and Muller, √(−2 ln u₁)·cos 2πu₂ and its sine, which come in pairs; triangular
 * ones as the sum of two even ones.
 */
export function drawerOf(spread: Spread, uniform: Uniform): () => number {
  switch (spread.shape) {
    case 'uniform':
      return () => spread.halfWidth * (2 * uniform() - 1)
    case 'triangular':
      return () => spread.halfWidth * (uniform() + uniform() - 1)
    case 'normal': {
      let kept: number | undefined
      return () => {
        if (kept !== undefined) {
          const drawn = kept
          kept = undefined
          return drawn
        }
        const radius = spread.standard * Math.sqrt(-2 * Math.log(uniform()))
        const angle = 2 * Math.PI * uniform()
        kept = radius * Math.sin(angle)
        return radius * Math.cos(angle)
      }
    }
  }
}
