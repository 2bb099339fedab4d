import { LN10 } from '../system.ts'
import { evaluate } from './balances.ts'
import type { Workspace } from './workspace.ts'

const PASSES = 14
const LONGEST = 12
/** Near enough to leave the rest to Newton's method. */
const NEAR = 0.5
/** Part of the way taken where the balance of one component pulls on that of others. */
const CAREFUL = 0.85
/** Least total that a first guess is made of, and least excess of acid or alkali, mol/dm³. */
const LEAST_TOTAL = 1e-12
const LEAST_EXCESS = 1e-6
/** Ion product of water, log₁₀, as the table of species has it. */
const LOG_KW = -13.995

/** A first guess: most of each component free, hydrogen ion as its excess has it. */
export function guess({ n, totals, x, layout: { proton } }: Workspace): void {
  for (let j = 0; j < n; j++) {
    const total = totals[j]!
    if (j !== proton) x[j] = Math.log(Math.max(total, LEAST_TOTAL)) - 1
    else if (total > LEAST_EXCESS) x[j] = Math.log(total) - 1
    else x[j] = total < -LEAST_EXCESS ? LOG_KW * LN10 - Math.log(-total) : -7 * LN10
  }
}

/** What each component has and what it needs, every term on the side on which it counts above nought. */
function weighUp({ n, species, totals, c, has, needs, system: { begin, part, count } }: Workspace): void {
  for (let j = 0; j < n; j++) {
    const total = totals[j]!
    has[j] = total > 0 ? total : 1e-300
    needs[j] = total < 0 ? -total : 1e-300
  }
  for (let i = 0; i < species; i++) {
    const end = begin[i + 1]!
    for (let p = begin[i]!; p < end; p++) {
      const term = count[p]! * c[i]!
      if (term > 0) needs[part[p]!]! += term
      else has[part[p]!]! -= term
    }
  }
}

/**
 * Comes near a state without solids from far away, where Newton's method creeps: each component is moved by the
 * logarithm of what it has over what it needs, one pass after another (positive continuous fractions).
 *
 * Source: J. Carrayrou, R. Mosé, P. Behra, AIChE Journal 2002; from memory.
 */
export function approach(work: Workspace): void {
  const { n, x, has, needs, layout } = work
  for (let pass = 0; pass < PASSES; pass++) {
    evaluate(work, false)
    weighUp(work)
    let longest = 0
    for (let j = 0; j < n; j++) {
      const step = (CAREFUL * Math.log(has[j]! / needs[j]!)) / layout.most[j]!
      const held = Math.max(-LONGEST, Math.min(LONGEST, step))
      x[j]! += held
      longest = Math.max(longest, Math.abs(held))
    }
    if (longest < NEAR) return
  }
}
