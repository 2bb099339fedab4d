import type { Component } from '../aqueous/index.ts'
import { type Contents, NONE, settle, withAmounts, withInert } from './contents.ts'
import { ACID } from './thresholds.ts'

/** Oxides that acid dissolves only when it is hot, in the time of a test, with what they bring (common practice). */
const SLOW_OXIDES: Readonly<Record<string, { readonly brings: Component; readonly ion: string }>> = {
  CuO: { brings: 'Cu', ion: 'Cu2+' },
  NiO: { brings: 'Ni', ion: 'Ni2+' },
}

/** Acids that are held back give more hydrogen ion as it is used up. */
const ROUNDS = 6
const LEAST = 1e-7

/** Dissolves in hot acid what cold acid leaves. */
export function dissolveOxides(contents: Contents): { readonly contents: Contents; readonly equations: readonly string[] } {
  const there = (now: Contents, oxide: string) => (now.inert[oxide] ?? 0) + (now.dry[oxide] ?? 0)
  const oxide = Object.keys(SLOW_OXIDES).find((one) => there(contents, one) > 0)
  const row = oxide === undefined ? undefined : SLOW_OXIDES[oxide]
  if (!contents.hot || !row || oxide === undefined) return { contents, equations: [] }
  let now = contents
  for (let round = 0; round < ROUNDS; round++) {
    const { pH } = settle(now)
    const used = Math.min(there(now, oxide), (10 ** -pH * now.volume) / 2000)
    if (pH >= ACID || used < LEAST) break
    now = withAmounts(without(now, oxide, used), { [row.brings]: used, H: -2 * used })
  }
  return now === contents
    ? { contents, equations: [] }
    : { contents: now, equations: [`${oxide}(s) + 2H+(aq) -> ${row.ion}(aq) + H2O(l)`] }
}

/** Takes an amount of a solid away, from what lies as it came first. */
function without(contents: Contents, oxide: string, amount: number): Contents {
  const lay = contents.dry[oxide] ?? 0
  const rest = lay - Math.min(lay, amount)
  const { [oxide]: _, ...others } = contents.dry
  const dry = rest > LEAST ? { ...others, [oxide]: rest } : others
  return withInert({ ...contents, dry: Object.keys(dry).length > 0 ? dry : NONE }, lay < amount ? { [oxide]: lay - amount } : {})
}
