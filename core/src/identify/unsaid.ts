import { reagentNamed, type TubeStep } from '../tube/index.ts'
import type { Features } from './features.ts'

/** Amounts that an amount which was not said may have been, and how often it is (judgement). */
export const UNSAID = [
  { amount: 'drops', share: 0.5 },
  { amount: 'equal', share: 0.2 },
  { amount: 'excess', share: 0.3 },
] as const

/** Whether a step adds a solution and does not say how much of it. */
export function isUnsaid({ do: act, reagent, amount, order }: TubeStep): boolean {
  if (act !== 'add' || reagent === undefined || amount !== undefined || order !== undefined) return false
  const bottle = reagentNamed(reagent)
  return bottle?.state === 'aq' && bottle.special === undefined
}

/** What a step shows whichever of the amounts it was; one thing where they all show the same. */
export function eitherOf(features: readonly Features[]): Features {
  const [first] = features
  if (!first) throw new Error('No amount was played.')
  const text = JSON.stringify(first)
  return features.every((one) => JSON.stringify(one) === text) ? first : { ...first, either: features }
}

/** What would show if it was the amount of a place. */
export const ifAmount = (features: Features, place: number): Features => features.either?.[place] ?? features
