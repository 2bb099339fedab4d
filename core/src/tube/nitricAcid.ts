import type { Component } from '../aqueous/index.ts'
import type { Dissolved, Parts } from './alloyTable.ts'
import { type Contents, settle, withAmounts, withInert } from './contents.ts'
import type { GasOff } from './gases.ts'
import { ACID } from './thresholds.ts'

/** mol/dm³ of nitrate from which an acid is nitric acid to a metal: it gives oxides of nitrogen, not hydrogen; and concentrated. */
const NITRIC = 0.7
const CONCENTRATED = 8

/** Ions of charge two that nitric acid makes; tin becomes a white solid (common practice). */
const ION: Readonly<Record<Exclude<Dissolved, 'Sn'>, Component>> = { Cu: 'Cu', Zn: 'Zn', Pb: 'Pb' }

const ELECTRONS: Readonly<Record<Dissolved, number>> = { Cu: 2, Zn: 2, Pb: 2, Sn: 4 }

function equationOf(metal: Dissolved, concentrated: boolean): string {
  if (metal === 'Sn')
    return concentrated
      ? 'Sn(s) + 4H+(aq) + 4NO3-(aq) -> SnO2(s) + 4NO2(g) + 2H2O(l)'
      : '3Sn(s) + 4H+(aq) + 4NO3-(aq) -> 3SnO2(s) + 4NO(g) + 2H2O(l)'
  return concentrated
    ? `${metal}(s) + 4H+(aq) + 2NO3-(aq) -> ${metal}2+(aq) + 2NO2(g) + 2H2O(l)`
    : `3${metal}(s) + 8H+(aq) + 2NO3-(aq) -> 3${metal}2+(aq) + 2NO(g) + 4H2O(l)`
}

/** How a tube stands as nitric acid to a metal: undefined where it is none. */
export function nitricIn(contents: Contents): 'slow' | 'dilute' | 'concentrated' | undefined {
  const strength = ((contents.amounts.NO3 ?? 0) * 1000) / contents.volume
  if (!(strength >= NITRIC) || settle(contents).pH >= ACID) return undefined
  return strength > CONCENTRATED ? 'concentrated' : contents.hot ? 'dilute' : 'slow'
}

/**
 * What hot or concentrated nitric acid does to so many mol of a metal or an alloy, as far as there is acid: it is for
 * the caller to take away what was used.
 */
export function dissolveInNitricAcid(
  contents: Contents,
  parts: Parts,
  amount: number,
  concentrated: boolean,
): {
  readonly contents: Contents
  readonly used: number
  readonly off: readonly GasOff[]
  readonly equations: readonly string[]
} {
  const metals = Object.entries(parts) as readonly (readonly [Dissolved, number])[]
  const electrons = metals.reduce((sum, [metal, part]) => sum + part * ELECTRONS[metal], 0)
  // One electron makes NO2 of a nitrate, three make NO; ions take their charge in hydrogen ions besides.
  const [gas, each] = concentrated ? (['NO2', 1] as const) : (['NO', 3] as const)
  const nitrate = electrons / each
  const acid = nitrate + 2 * (1 - (parts.Sn ?? 0))
  const { NO3 = 0, H = 0 } = contents.amounts
  const used = Math.min(amount, NO3 / nitrate, H / acid)
  const change: Partial<Record<Component, number>> = { NO3: -nitrate * used, H: -acid * used }
  for (const [metal, part] of metals) if (metal !== 'Sn') change[ION[metal]] = part * used
  const now = withAmounts(contents, change)
  const [first = '', ...equations] = metals.map(([metal]) => equationOf(metal, concentrated))
  return {
    contents: parts.Sn ? withInert(now, { SnO2: parts.Sn * used }) : now,
    used,
    off: [{ gas, amount: nitrate * used, equation: first }],
    equations,
  }
}
