import { reagentNamed, usualAmount } from '../../tube/index.ts'
import { type Action, REVERSED, WATER } from './action.ts'
import type { Bottle, Building, Place } from './building.ts'
import type { ActToken } from './tokens.ts'

/** An act as it was read. */
export interface BuiltAct {
  readonly action: Action
  readonly place?: Place
  /** Words that may name a bottle and were not understood. */
  readonly asks: readonly string[]
  /** A bottle that was only half said: "acid". */
  readonly vague?: string
  /** Whether it holds nothing but a name that no bottle here has. */
  readonly asWritten: boolean
  /** Where its words stand. */
  readonly span: readonly [from: number, to: number]
}

/** An act with one more bottle put in, the last of them. */
export function withBottle(before: BuiltAct, reagent: string, amount: string | undefined): BuiltAct {
  const { action } = before
  const first: Bottle = { reagent: action.reagent ?? '', ...(action.amount === undefined ? {} : { amount: action.amount }) }
  const { amount: _, ...rest } = action
  const usual = amount ?? usualAmount(reagent)
  return {
    ...before,
    action: { ...rest, with: [...(action.with ?? []), first], reagent, ...(usual === undefined ? {} : { amount: usual }) },
  }
}

/** A spatula is of the dry substance. */
function dryIf({ reagent, amount }: Bottle): Bottle {
  const dry = reagent.replace(/\(aq\)$/, '(s)')
  // A little of a metal is a piece of it.
  if (amount === 'little' && usualAmount(reagent) === 'piece') return { reagent, amount: 'piece' }
  // A drop on a paper is no amount of the paper.
  if (reagentNamed(reagent)?.paper !== undefined) return { reagent }
  const isDry = amount === 'solid' || /measures$/.test(amount ?? '')
  const name = isDry && reagentNamed(dry) ? dry : reagent
  const usual = amount ?? usualAmount(name)
  return { reagent: name, ...(usual === undefined ? {} : { amount: usual }) }
}

/** Words that end the name of a bottle. */
const GOES_WITH = /^\s+(?:mixture|reagent|water|powder|alloy|salt)\b/i

/** What of a text names something unknown: its words from the first that is not known to the last. */
function nameIn(unknown: readonly ActToken[], written: string): string {
  const from = unknown[0]?.span[0] ?? 0
  const to = unknown.at(-1)?.span[1] ?? 0
  return written.slice(from, to + (GOES_WITH.exec(written.slice(to))?.[0].length ?? 0))
}

/** What is added dropwise, and not said how much of, is a few drops. */
const isDropwise = (now: Building, { amount }: Bottle) => amount === undefined && now.how.includes('dropwise') && !now.reversed

/** The act that was met in some words. */
export function built(now: Building, written: string): BuiltAct {
  const how = now.how.length > 0 ? { how: now.how } : {}
  const common = {
    // What was filtered off is kept; only an addition is done to it.
    ...(now.place && now.act !== 'filter' ? { place: now.place } : {}),
    span: [now.from, now.to] as const,
    ...(now.vague === undefined ? {} : { vague: now.vague }),
  }
  const named = now.unknown.length > 0 ? nameIn(now.unknown, written) : undefined
  const whole = { ...common, asks: named === undefined ? [] : [named], asWritten: false }
  if (now.act === 'gas' || (now.act !== undefined && now.act !== 'add' && now.test !== undefined)) {
    return { ...whole, action: { do: now.act as Action['do'], ...(now.test === undefined ? {} : { reagent: now.test }), ...how } }
  }
  if (now.act === 'dilute') {
    const amount = now.amount === undefined ? {} : { amount: now.amount }
    return { ...whole, action: { do: 'add', reagent: WATER, ...amount, ...how } }
  }
  if (now.act === 'dissolve') {
    const [solvent] = now.bottles
    return { ...whole, action: { do: 'dissolve', ...(solvent ? { ...solvent } : {}), ...how } }
  }
  if (now.act !== undefined && now.act !== 'add') return { ...whole, action: { do: now.act as Action['do'], ...how } }
  const bottles = now.bottles.map(dryIf)
  const [main] = bottles.slice(-1).map((bottle) => (isDropwise(now, bottle) ? { ...bottle, amount: 'drops' } : bottle))
  const onPaper = reagentNamed(main?.reagent ?? '')?.paper !== undefined
  const order = now.reversed && !onPaper ? { order: REVERSED } : {}
  if (main === undefined) {
    const amount = now.amount === undefined ? {} : { amount: now.amount }
    return { ...common, asks: [], asWritten: true, action: { do: 'add', reagent: named ?? '', ...amount, ...order, ...how } }
  }
  const others = bottles.slice(0, -1)
  return { ...whole, action: { do: 'add', ...main, ...(others.length > 0 ? { with: others } : {}), ...order, ...how } }
}
