import type { SeenColour } from '../palette/index.ts'
import { isDry, settle, withAmounts } from './contents.ts'
import { colourOfDry, heatingOf, knowsHeating } from './drySolids.ts'
import { type Fact, look } from './facts.ts'
import { type GasOff, letAmmoniaOff } from './gases.ts'
import { describe, type Played, play, type Stepped, shown } from './playing.ts'
import type { Tube } from './tubeState.ts'

/** Part of the dissolved hydrogencarbonate that boiling turns into carbonate: judgement, a minute or so. */
const BOILED_AWAY = 0.4

function boilOffHydrogencarbonate(tube: Tube): Tube {
  const held = tube.view.equilibrium.species.get('HCO3-') ?? 0
  const amount = (BOILED_AWAY * held * tube.contents.volume) / 1000 / 2
  return amount < 1e-7 ? tube : { ...tube, contents: withAmounts(tube.contents, { CO3: -amount, H: -2 * amount }) }
}

/** Copper(II) hydroxide blackens when it is boiled. */
function dehydrate(played: Played): { readonly played: Played; readonly equations: readonly string[] } {
  const hydroxide = played.view.solids.find(({ name }) => name === 'Cu(OH)2')
  if (!hydroxide) return { played, equations: [] }
  const contents = withAmounts(played.contents, { Cu: -hydroxide.amount, H: 2 * hydroxide.amount })
  const dried = { ...contents, inert: { ...contents.inert, CuO: (contents.inert.CuO ?? 0) + hydroxide.amount } }
  return {
    played: { ...played, contents: dried, view: look(dried, settle(dried)) },
    equations: ['Cu(OH)2(s) -> CuO(s) + H2O(l)'],
  }
}

/** Warms or boils what is in a tube; a dry solid is heated strongly. */
export function heat(tube: Tube, boiling: boolean): Stepped {
  if (isDry(tube.contents)) return heatDry(tube)
  const before = boiling ? boilOffHydrogencarbonate(tube) : tube
  const warmed = play({ ...before.contents, hot: true }, { boiling, warming: true })
  const { played, equations } = boiling ? dehydrate(warmed) : { played: warmed, equations: [] }
  const ammonia = letAmmoniaOff(played.contents, boiling)
  const after = {
    ...played,
    contents: ammonia.contents,
    view: look(ammonia.contents, settle(ammonia.contents)),
    equations: [...played.equations, ...equations],
  }
  return shown(tube, [after], { more: ammonia.off })
}

function heatDry(tube: Tube): Stepped {
  const { dry } = tube.contents
  if (!Object.keys(dry).every(knowsHeating)) return unknownWhenHeated(tube)
  const left: Record<string, number> = {}
  const gases: GasOff[] = []
  const seen = new Set<string>()
  const equations: string[] = []
  for (const [formula, amount] of Object.entries(dry)) {
    const heating = heatingOf(formula)
    if (!heating) {
      left[formula] = (left[formula] ?? 0) + amount
      continue
    }
    equations.push(...heating.equation.split('; '))
    for (const one of heating.seen ?? []) seen.add(one)
    for (const [gas, count] of Object.entries(heating.gases)) gases.push({ gas, amount: count * amount, equation: '' })
    for (const [solid, count] of Object.entries(heating.leaves)) left[solid] = (left[solid] ?? 0) + count * amount
  }
  const contents = { ...tube.contents, dry: left, hot: true }
  const view = look(contents, settle(contents))
  const facts = dryFacts(tube, colourNow(left, true), seen, gases)
  const peak = Object.values(left).reduce((sum, amount) => sum + amount, 0)
  return { tube: { ...tube, contents, view, peak, above: gases }, shown: describe(facts, view, gases, () => equations) }
}

/** A solid of which no rule says what heat does to it: that nothing happens would be a guess. */
function unknownWhenHeated(tube: Tube): Stepped {
  return { tube: { ...tube, above: [] }, shown: describe([{ kind: 'notKnown' }], tube.view, []) }
}

const colourNow = (dry: Readonly<Record<string, number>>, hot: boolean) => {
  const [most] = Object.entries(dry).toSorted(([, a], [, b]) => b - a)
  return most ? colourOfDry(most[0], hot) : undefined
}

function dryFacts(
  tube: Tube,
  colour: SeenColour | undefined,
  seen: ReadonlySet<string>,
  gases: readonly GasOff[],
): readonly Fact[] {
  const was = tube.view.solids[0]?.colour
  const facts: Fact[] = []
  if (seen.has('crackles')) facts.push({ kind: 'heard', sound: 'crackled' })
  if (seen.has('melts')) facts.push({ kind: 'melts' })
  if (seen.has('sublimes')) facts.push({ kind: 'sublimes', colour: was ?? 'white' })
  if (colour !== undefined && was !== undefined && colour !== was)
    facts.push({ kind: 'solidTurns', from: was, to: colour, hot: true })
  for (const { gas } of gases) facts.push({ kind: 'gas', gas, bubbles: false })
  return facts.length > 0 ? facts : [{ kind: 'noChange' }]
}

/** Lets a tube cool. */
export function cool(tube: Tube): Stepped {
  const { dry } = tube.contents
  if (!isDry(tube.contents)) return shown(tube, [play({ ...tube.contents, hot: false })])
  const [was, is] = [colourNow(dry, tube.contents.hot), colourNow(dry, false)]
  const contents = { ...tube.contents, hot: false }
  const view = look(contents, settle(contents))
  const facts: readonly Fact[] =
    was !== undefined && is !== undefined && was !== is
      ? [{ kind: 'solidTurns', from: was, to: is, hot: false }]
      : [{ kind: 'noChange' }]
  return { tube: { ...tube, contents, view, above: [] }, shown: describe(facts, view, []) }
}
