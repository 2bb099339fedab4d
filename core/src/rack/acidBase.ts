import { reagentNamed, USUAL_DROPS, volumeOf } from '../tube/index.ts'
import type { Action } from './acts/action.ts'
import { oneByOne } from './tubeHolds.ts'

/** mol of acid that a mol gives, or, below 0, takes up. */
const GIVES: Readonly<Record<string, number>> = {
  HCl: 1,
  HNO3: 1,
  H2SO4: 2,
  CH3COOH: 1,
  H2C2O4: 2,
  NaOH: -1,
  KOH: -1,
  NH3: -1,
  Na2CO3: -2,
  '(NH4)2CO3': -2,
}

/** mol/dm³ of acid that a bottle gives; below 0 for one that takes it up, 0 for what does neither. */
const strengthOf = (reagent: string | undefined): number => {
  const bottle = reagent === undefined ? undefined : reagentNamed(reagent)
  if (bottle?.state !== 'aq') return 0
  return Object.entries(bottle.putIn).reduce((sum, [substance, strength]) => sum + (GIVES[substance] ?? 0) * strength, 0)
}

/** mmol of acid in a tube from what went into it; below 0 where there is more alkali. What was not said how much is a few drops. */
function acidIn(acts: readonly Action[], portion: number): number {
  let volume = portion
  let acid = 0
  for (const { do: act, reagent, amount } of acts.flatMap(oneByOne)) {
    if (act !== 'add' || reagent === undefined || reagentNamed(reagent)?.state !== 'aq') continue
    const cm3 = volumeOf(amount, volume)
    volume += cm3
    acid += cm3 * strengthOf(reagent)
  }
  return acid
}

/** cm³ of a reagent that what is in the tube uses up first. */
export interface UsedUp {
  readonly cm3: number
  readonly drops: number
  /** What uses it. */
  readonly by: 'acid' | 'alkali'
}

/** Less than a drop is not spoken of, cm³. */
const LEAST = 0.05

/**
 * How much of an alkali the acid in a tube uses up before there is any too much, or of an acid the alkali; undefined where
 * there is nothing of the kind.
 *
 * @param before - what was done in the tube
 * @param portion - cm³ that it began with
 */
export function usedUpFirst(
  act: Action,
  before: readonly Action[],
  portion: number,
  dropsPerCm3 = USUAL_DROPS,
): UsedUp | undefined {
  const strength = strengthOf(act.reagent)
  const earlier = [...before, ...(act.with ?? []).map((one): Action => ({ do: 'add', ...one }))]
  const acid = acidIn(earlier, portion)
  if (act.do !== 'add' || act.order !== undefined || strength * acid >= 0) return undefined
  const cm3 = -acid / strength
  return cm3 < LEAST ? undefined : { cm3, drops: Math.ceil(cm3 * dropsPerCm3), by: acid > 0 ? 'acid' : 'alkali' }
}

/** mol/dm³ to which samples are taken, at most, and mol of hydroxide or ammonia that an ion of them may take (judgement). */
const SAMPLE = 0.2
const TAKES = 4
/** Bottles of which it is asked whether a precipitate dissolves in an excess. */
const IN_EXCESS: readonly string[] = ['NaOH(aq)', 'KOH(aq)', 'NH3(aq)']

/**
 * cm³ of a reagent from which on it is an excess over the sample in a tube, what uses it up first included; undefined for
 * bottles of which an excess tells nothing.
 */
export function excessFrom(act: Action, before: readonly Action[], portion: number): number | undefined {
  if (act.do !== 'add' || act.order !== undefined || !IN_EXCESS.includes(act.reagent ?? '')) return undefined
  const needed = (portion * SAMPLE * TAKES) / -strengthOf(act.reagent)
  return needed + (usedUpFirst(act, before, portion)?.cm3 ?? 0)
}
