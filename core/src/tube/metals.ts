import { type Contents, settle, withAmounts, withInert } from './contents.ts'
import type { GasOff } from './gases.ts'
import { ACID, ALKALI } from './thresholds.ts'

/** Part of a metal that reacts at once in an alkali that is still hot; warming lets the rest react. */
const AT_ONCE = 0.4

/** What a metal in the tube does: hydrogen from acid or hot alkali, ammonia from nitrate in hot alkali. */
export function reactMetals(
  contents: Contents,
  warming = false,
): { readonly contents: Contents; readonly off: readonly GasOff[] } {
  const { pH } = settle(contents)
  const [metal] = (['Al', 'Zn', 'Mg'] as const).filter((name) => (contents.inert[name] ?? 0) > 0)
  if (!metal) return { contents, off: [] }
  const amount = contents.inert[metal] ?? 0
  if (pH < ACID) return inAcid(contents, metal, amount, pH)
  if (pH > ALKALI && contents.hot && metal !== 'Mg') return inAlkali(contents, metal, amount, warming ? 1 : AT_ONCE)
  return { contents, off: [] }
}

const CHARGE = { Al: 3, Zn: 2, Mg: 2 } as const
const ION = { Al: 'Al3+', Zn: 'Zn2+', Mg: 'Mg2+' } as const

function inAcid(contents: Contents, metal: keyof typeof CHARGE, amount: number, pH: number) {
  const acid = (10 ** -pH * contents.volume) / 1000
  const used = Math.min(amount, acid / CHARGE[metal])
  const charge = CHARGE[metal]
  const equation =
    metal === 'Al' ? '2Al(s) + 6H+(aq) -> 2Al3+(aq) + 3H2(g)' : `${metal}(s) + 2H+(aq) -> ${ION[metal]}(aq) + H2(g)`
  return {
    contents: withInert(withAmounts(contents, { [metal]: used, H: -charge * used }), { [metal]: -used }),
    off: used > 0 ? [{ gas: 'H2', amount: (used * charge) / 2, equation }] : [],
  }
}

/** In hot alkali aluminium and zinc reduce nitrate and nitrite to ammonia; without them they give hydrogen. */
function inAlkali(contents: Contents, metal: 'Al' | 'Zn', most: number, part: number) {
  const amount = most * part
  const nitrate = (contents.amounts.NO3 ?? 0) * part
  const nitrite = (contents.amounts.NO2 ?? 0) * part
  // 8 electrons to a nitrate, 6 to a nitrite; the foil is in plenty, so what it can give is what limits.
  const electrons = amount * CHARGE[metal]
  const reduced = Math.min(nitrate, electrons / 8)
  const alsoReduced = Math.min(nitrite, Math.max(0, electrons - 8 * reduced) / 6)
  const dissolved = metal === 'Al' ? { Al: amount, H: -amount } : { Zn: amount, H: -2 * amount }
  const now = withInert(withAmounts(contents, { ...dissolved }), { [metal]: -amount })
  const spare = electrons - 8 * reduced - 6 * alsoReduced
  const hydrogen: GasOff = {
    gas: 'H2',
    amount: spare / 2,
    equation:
      metal === 'Al'
        ? '2Al(s) + 2OH-(aq) + 6H2O(l) -> 2Al(OH)4-(aq) + 3H2(g)'
        : 'Zn(s) + 2OH-(aq) + 2H2O(l) -> Zn(OH)4^2-(aq) + H2(g)',
  }
  if (reduced + alsoReduced <= 1e-7) return { contents: now, off: [hydrogen] }
  const equation =
    metal === 'Al'
      ? '8Al(s) + 3NO3-(aq) + 5OH-(aq) + 18H2O(l) -> 8Al(OH)4-(aq) + 3NH3(g)'
      : '4Zn(s) + NO3-(aq) + 7OH-(aq) + 6H2O(l) -> 4Zn(OH)4^2-(aq) + NH3(g)'
  return {
    contents: withAmounts(now, { NO3: -reduced, NO2: -alsoReduced }),
    off: [{ gas: 'NH3', amount: reduced + alsoReduced, equation }, ...(spare > 0 ? [hydrogen] : [])],
  }
}
