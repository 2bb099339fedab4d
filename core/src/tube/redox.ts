import type { Component } from '../aqueous/index.ts'
import type { SeenColour } from '../palette/index.ts'
import { type Contents, withAmounts, withInert } from './contents.ts'
import { REDOX, type Redox } from './redoxTable.ts'
import { ACID, ALKALI } from './thresholds.ts'

/** Colours of solids that only such reactions make. */
export const INERT_COLOURS: Readonly<Record<string, SeenColour>> = {
  S: 'pale yellow',
  MnO2: 'brown',
  CuI: 'off-white',
  I2: 'black',
  Hg: 'black',
  HgNH2Cl: 'white',
  Ag: 'grey',
  'CoO(OH)': 'brown',
  Cu: 'red-brown',
  Pb: 'grey',
  '(NH4)3PMo12O40': 'yellow',
  CuO: 'black',
  Fe2O3: 'red-brown',
  Cr2O3: 'green',
  HgO: 'orange',
  PbO2: 'brown',
  SnO2: 'white',
  Pb3O4: 'orange',
}

/** Least amount of a reaction that is worth telling, mol. */
const WORTH_TELLING = 1e-9

/** What reactions did: the contents after them, their equations, and gases, mol. */
export interface RedoxOutcome {
  readonly contents: Contents
  readonly equations: readonly string[]
  readonly gases: Readonly<Record<string, number>>
  /** Colours that came and faded. */
  readonly passing: readonly SeenColour[]
}

function allowed(
  { medium, hot, least = {}, pHBelow, pHAbove }: Redox,
  pH: number,
  { hot: isHot, amounts, volume }: Contents,
): boolean {
  if (hot && !isHot) return false
  if (pHBelow !== undefined && pH >= pHBelow) return false
  if (pHAbove !== undefined && pH <= pHAbove) return false
  const strong = Object.entries(least).every(
    ([name, concentration]) => ((amounts[name as Component] ?? 0) * 1000) / volume >= concentration,
  )
  if (!strong) return false
  switch (medium) {
    case 'acid':
      return pH < ACID
    case 'alkali':
      return pH > ALKALI
    case 'not acid':
      return pH >= ACID
    default:
      return true
  }
}

/** Reactions with what they use up laid out once, hydrogen ion excepted, which the medium has judged. */
const RUN = REDOX.map((reaction) => ({
  reaction,
  limits: Object.entries(reaction.uses).filter(([name]) => name !== 'H') as readonly (readonly [Component, number])[],
}))

/** How often a reaction can go: what runs out first. */
function extentOf(limits: readonly (readonly [Component, number])[], { amounts }: Contents): number {
  let least = Number.POSITIVE_INFINITY
  for (const [name, count] of limits) {
    const extent = (amounts[name] ?? 0) / count
    if (extent <= WORTH_TELLING) return 0
    if (extent < least) least = extent
  }
  return least
}

/** Runs every reaction that can go, the strongest first, to its limiting reagent. */
export function runRedox(contents: Contents, pH: number): RedoxOutcome {
  let now = contents
  const equations: string[] = []
  const gases: Record<string, number> = {}
  const passing: SeenColour[] = []
  for (const { reaction, limits } of RUN) {
    const extent = extentOf(limits, now)
    if (!(extent > WORTH_TELLING) || !allowed(reaction, pH, contents)) continue
    const change: Partial<Record<Component, number>> = {}
    for (const [name, count] of Object.entries(reaction.uses)) change[name as Component] = -count * extent
    for (const [name, count] of Object.entries(reaction.makes))
      change[name as Component] = (change[name as Component] ?? 0) + count * extent
    now = withAmounts(now, change)
    if (reaction.solids)
      now = withInert(
        now,
        Object.fromEntries(Object.entries(reaction.solids).map(([formula, count]) => [formula, count * extent])),
      )
    for (const [gas, amount] of Object.entries(reaction.gases ?? {})) gases[gas] = (gases[gas] ?? 0) + amount * extent
    equations.push(reaction.equation)
    if (reaction.passing) passing.push(reaction.passing)
  }
  return { contents: now, equations, gases, passing }
}
