import type { State } from './newton.ts'
import { evaluate } from './newton.ts'

const PASSES = 14
const LONGEST = 12
/** Part of the way taken where the balance of one component pulls on that of others. */
const CAREFUL = 0.85

/**
 * Comes near a state without solids from far away, where Newton's method creeps: each component is moved by the
 * logarithm of what it has over what it needs, one pass after another (positive continuous fractions).
 *
 * Source: J. Carrayrou, R. Mosé, P. Behra, AIChE Journal 2002; from memory.
 */
export function approach(state: State): void {
  const { system, totals, x, c } = state
  const { begin, part, count } = system
  const n = x.length
  const needs = new Float64Array(n)
  const has = new Float64Array(n)
  const most = new Float64Array(n).fill(1)
  for (let p = 0; p < part.length; p++)
    most[part[p] as number] = Math.max(most[part[p] as number] as number, Math.abs(count[p] as number))
  for (let pass = 0; pass < PASSES; pass++) {
    evaluate(state)
    for (let j = 0; j < n; j++) {
      const total = totals[j] as number
      has[j] = total > 0 ? total : 1e-300
      needs[j] = total < 0 ? -total : 1e-300
    }
    for (let i = 0; i < c.length; i++) {
      const end = begin[i + 1] as number
      for (let p = begin[i] as number; p < end; p++) {
        const term = (count[p] as number) * (c[i] as number)
        const j = part[p] as number
        if (term > 0) needs[j] = (needs[j] as number) + term
        else has[j] = (has[j] as number) - term
      }
    }
    let longest = 0
    for (let j = 0; j < n; j++) {
      const step = (CAREFUL * Math.log((has[j] as number) / (needs[j] as number))) / (most[j] as number)
      const held = Math.max(-LONGEST, Math.min(LONGEST, step))
      x[j] = (x[j] as number) + held
      longest = Math.max(longest, Math.abs(held))
    }
    if (longest < 0.5) break
  }
}
