import type { Component } from '../aqueous/index.ts'
import type { SeenColour } from '../palette/index.ts'
import { reactAlloys } from './alloys.ts'
import { type Contents, pour, settle, withAmounts } from './contents.ts'
import { becameOf, dissolution, precipitation, wetting } from './equations.ts'
import { type Fact, factsOf, look, type View } from './facts.ts'
import { type GasOff, letGasOff, letOxygenOff, letSulfurDioxideOff, mayFizz } from './gases.ts'
import { dissolveOxides } from './oxides.ts'
import type { Reagent } from './reagent.ts'
import { runRedox } from './redox.ts'
import { sayFact } from './sentence.ts'
import type { Tube } from './tubeState.ts'
import { LIES_AS_IT_CAME } from './wettedSolids.ts'

/** What one step shows. */
export interface Shown {
  readonly facts: readonly Fact[]
  /** The facts in words. */
  readonly saw: readonly string[]
  /** mol of each solid in the tube, by formula. */
  readonly solids: Readonly<Record<string, number>>
  readonly gases: readonly string[]
  readonly pH: number
  /** Ionic equations of what happened. */
  readonly equations: readonly string[]
}

/** A tube after a step, and what the step showed. */
export interface Stepped {
  readonly tube: Tube
  readonly shown: Shown
}

/** One portion of something put in, with all that follows from it. */
export interface Played {
  readonly contents: Contents
  readonly view: View
  readonly equations: readonly string[]
  readonly gases: readonly GasOff[]
  /** Colours that came and faded. */
  readonly passing: readonly SeenColour[]
  /** No rule says what should be seen, if nothing else is. */
  readonly unknown?: true
}

/** How a portion is put in. */
interface Circumstances {
  readonly boiling?: boolean
  readonly warming?: boolean
  /** A gas that is passed in. */
  readonly passed?: string | undefined
}

/** Lets everything happen that can: redox to the limiting reagent, metals, equilibrium, gas. */
export function play(contents: Contents, { boiling = false, warming = false, passed }: Circumstances = {}): Played {
  const redox = runRedox(contents, settle(contents).pH)
  const metals = reactAlloys(redox.contents, warming)
  const oxides = dissolveOxides(metals.contents)
  const oxygen = letOxygenOff(oxides.contents)
  const gas = letGasOff(oxygen.contents, boiling, passed)
  const smelt = letSulfurDioxideOff(gas.contents)
  const made = Object.entries(redox.gases).map(([name, amount]) => ({ gas: name, amount, equation: '' }))
  const found = settle(smelt.contents)
  return {
    // The next portion changes little, so it is looked for from here.
    contents: { ...smelt.contents, near: found },
    view: look(smelt.contents, found),
    equations: [...redox.equations, ...metals.equations, ...oxides.equations],
    passing: redox.passing,
    ...(metals.unknown ? { unknown: true as const } : {}),
    gases: [...made, ...metals.off, ...oxygen.off, ...gas.off, ...smelt.off],
  }
}

/** How many times its own volume of the tube a drop meets where it falls. */
const MEETS = 1.5

/**
 * Gas where a drop falls, which the whole tube would hold: acid into carbonate fizzes though all of it together would
 * only make hydrogencarbonate. What comes off there is gone.
 */
export function gasWhereItFalls(
  tube: Contents,
  reagent: Reagent,
  volume: number,
): { contents: Contents; off: readonly GasOff[] } {
  const part = Math.min(1, (MEETS * volume) / tube.volume)
  if (!(tube.volume > 0) || !(volume > 0) || part >= 1 || !mayFizz(tube)) return { contents: tube, off: [] }
  const met: Contents = {
    ...tube,
    volume: tube.volume * part,
    amounts: Object.fromEntries(Object.entries(tube.amounts).map(([name, amount]) => [name, amount * part])),
  }
  const mixed = pour(met, reagent.putIn, volume)
  const after = letGasOff(mixed)
  if (after.off.length === 0) return { contents: tube, off: [] }
  const lost = Object.fromEntries(
    Object.entries(mixed.amounts).map(([name, amount]) => [name, (after.contents.amounts[name as Component] ?? 0) - amount]),
  )
  return { contents: withAmounts(tube, lost), off: after.off }
}

function equationsOf(
  before: View,
  dry: readonly string[],
  during: readonly View[],
  redox: readonly string[],
  gases: readonly GasOff[],
): readonly string[] {
  const after = during.at(-1) ?? before
  const had = new Map(before.solids.map(({ name, amount }) => [name, amount]))
  const has = new Map(after.solids.map(({ name, amount }) => [name, amount]))
  const come = [...new Set(during.flatMap(({ solids }) => solids.map(({ name }) => name)).filter((name) => !had.has(name)))]
  // What lay dry has not come down when it meets the liquid.
  const wetted = dry.flatMap((solid) => {
    const became = has.has(solid) ? undefined : becameOf(solid, come)
    const equations = became && wetting(solid, became, has.has(became), after.equilibrium)
    return equations ? [{ became, equations }] : []
  })
  const formed = come.filter((name) => !wetted.some(({ became }) => became === name))
  const precipitated = formed.flatMap((name) => precipitation(name) ?? [])
  const lost = [...had].filter(([name, amount]) => (has.get(name) ?? 0) < amount * 0.5).map(([name]) => name)
  const passed = formed.filter((name) => !has.has(name))
  const dissolved = [...lost, ...passed].flatMap((name) => dissolution(name, after.equilibrium) ?? [])
  const off = gases.flatMap(({ equation }) => (equation === '' ? [] : [equation]))
  return [...new Set([...redox, ...wetted.flatMap(({ equations }) => equations), ...precipitated, ...dissolved, ...off])]
}

function merged(gases: readonly GasOff[]): readonly GasOff[] {
  const sum = new Map<string, GasOff>()
  for (const one of gases) {
    const before = sum.get(one.gas)
    const quiet = (one.quiet ?? 0) + (before?.quiet ?? 0)
    const amount = one.amount + (before?.amount ?? 0)
    sum.set(one.gas, { ...one, amount, ...(quiet > 0 ? { quiet } : {}), equation: before?.equation || one.equation })
  }
  return [...sum.values()]
}

/** Whether a dry solid turns to another when it is wetted; what lies as it came has equations of its own. */
const isWetted = (solid: string) => !LIES_AS_IT_CAME.has(solid)

/** A tube with what a step did and showed. */
export function shown(
  tube: Tube,
  played: readonly Played[],
  {
    excess = false,
    more = [],
    seen = [],
  }: {
    readonly excess?: boolean
    /** Gases that came off besides. */
    readonly more?: readonly GasOff[]
    /** Facts that hang on more than views. */
    readonly seen?: readonly Fact[]
  } = {},
): Stepped {
  const last = played.at(-1)
  const contents = last?.contents ?? tube.contents
  const during = played.map(({ view }) => view)
  const after = during.at(-1) ?? tube.view
  const amounts = [tube.view, ...during].map(({ solids }) => solids.reduce((total, { amount }) => total + amount, 0))
  const peak = Math.max(tube.peak, ...amounts)
  const gases = merged([...played.flatMap((one) => one.gases), ...more])
  const viewed = factsOf({ before: tube.view, during, peak, excess, gases })
  const faded = [...new Set(played.flatMap(({ passing }) => passing))].map((colour): Fact => ({ kind: 'passing', colour }))
  const besides = [...faded, ...seen]
  const facts = besides.length > 0 ? [...besides, ...viewed.filter(({ kind }) => kind !== 'noChange')] : viewed
  const unknown = played.some((one) => one.unknown) && facts.every(({ kind }) => kind === 'noChange' || kind === 'insoluble')
  const redox = played.flatMap((one) => one.equations)
  return {
    tube: { ...tube, contents, view: after, peak: after.solids.length === 0 ? 0 : peak, above: gases },
    shown: describe(unknown ? [{ kind: 'notKnown' }] : facts, after, gases, () =>
      equationsOf(tube.view, Object.keys(tube.contents.dry).filter(isWetted), during, redox, gases),
    ),
  }
}

/** What a step showed. Words, solids and equations are made when they are asked for: identification plays thousands of steps and needs none. */
class Seen implements Shown {
  readonly facts: readonly Fact[]
  private readonly after: View
  private readonly off: readonly GasOff[]
  private readonly balance: () => readonly string[]
  private words: readonly string[] | undefined
  private balanced: readonly string[] | undefined

  constructor(facts: readonly Fact[], after: View, off: readonly GasOff[], balance: () => readonly string[]) {
    this.facts = facts
    this.after = after
    this.off = off
    this.balance = balance
  }

  get saw(): readonly string[] {
    this.words ??= this.facts.map(sayFact)
    return this.words
  }

  get solids(): Readonly<Record<string, number>> {
    return Object.fromEntries(this.after.solids.map(({ formula, amount }) => [formula, amount]))
  }

  get gases(): readonly string[] {
    return this.off.map(({ gas }) => gas)
  }

  get pH(): number {
    return this.after.equilibrium.pH
  }

  get equations(): readonly string[] {
    this.balanced ??= this.balance()
    return this.balanced
  }
}

/** What a step showed, from its facts. */
export function describe(
  facts: readonly Fact[],
  after: View,
  gases: readonly GasOff[],
  equations: () => readonly string[] = () => [],
): Shown {
  return new Seen(facts, after, gases, equations)
}
