import type { Component } from '../aqueous/index.ts'
import { type Contents, settle, withAmounts, withInert } from './contents.ts'

/** What air or light does to a solid while the tube stands. */
interface Change {
  /** The solid it happens to, as the table of solids names it. */
  readonly solid: string
  /** Part of it that has changed after some minutes: judgement, enough to be seen. */
  readonly part: number
  readonly uses: Readonly<Partial<Record<Component, number>>>
  readonly makes: Readonly<Partial<Record<Component, number>>>
  readonly solids?: Readonly<Record<string, number>>
  readonly equation: string
}

/** Common practice; from memory of Vogel's textbook. */
const CHANGES: readonly Change[] = [
  {
    solid: 'Fe(OH)2',
    part: 0.6,
    uses: { Fe2: 1, H: 1 },
    makes: { Fe3: 1 },
    equation: '4Fe(OH)2(s) + O2(g) + 2H2O(l) -> 4Fe(OH)3(s)',
  },
  {
    solid: 'Mn(OH)2',
    part: 0.6,
    uses: { Mn: 1 },
    makes: { H: 2 },
    solids: { MnO2: 1 },
    equation: '2Mn(OH)2(s) + O2(g) -> 2MnO2(s) + 2H2O(l)',
  },
  {
    solid: 'Co(OH)2',
    part: 0.6,
    uses: { Co: 1 },
    makes: { H: 2 },
    solids: { 'CoO(OH)': 1 },
    equation: '4Co(OH)2(s) + O2(g) -> 4CoO(OH)(s) + 2H2O(l)',
  },
  { solid: 'AgCl', part: 0.1, uses: { Ag: 1, Cl: 1 }, makes: {}, solids: { Ag: 1 }, equation: '2AgCl(s) -> 2Ag(s) + Cl2(g)' },
  {
    solid: 'Ag2S2O3',
    part: 1,
    uses: { S2O3: 1 },
    makes: { HS: 1, SO4: 1, H: 1 },
    equation: 'Ag2S2O3(s) + H2O(l) -> Ag2S(s) + SO4^2-(aq) + 2H+(aq)',
  },
]

/** Lets a tube stand in air and light for some minutes. */
export function standInAir(contents: Contents): { readonly contents: Contents; readonly equations: readonly string[] } {
  const { solids } = settle(contents)
  const dm3 = contents.volume / 1000
  let now = contents
  const equations: string[] = []
  for (const { solid, part, uses, makes, solids: left, equation } of CHANGES) {
    const extent = (solids.get(solid) ?? 0) * dm3 * part
    if (!(extent > 0)) continue
    const change: Partial<Record<Component, number>> = {}
    for (const [name, count] of Object.entries(uses)) change[name as Component] = -count * extent
    for (const [name, count] of Object.entries(makes))
      change[name as Component] = (change[name as Component] ?? 0) + count * extent
    now = withAmounts(now, change)
    if (left) now = withInert(now, Object.fromEntries(Object.entries(left).map(([formula, count]) => [formula, count * extent])))
    equations.push(equation)
  }
  return { contents: now, equations }
}
