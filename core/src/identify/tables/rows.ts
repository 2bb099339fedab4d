import { type Features, NOTHING } from '../features.ts'
import type { RecordedStep } from '../record.ts'
import type { Scored } from '../scored.ts'
import { SLIPS, USUAL_SLIPS, withSlip } from '../slips.ts'
import { chancesOf, NOT_SEEN, type Seen, seenIn } from './blends.ts'
import { likelihoodOf, likelihoodWithSlip, NOTHING_SHOWN, numberOf } from './featureNumbers.ts'

/** What was seen in all recorded steps, and how likely each is to be written whatever is in the tube. */
export interface Rows {
  readonly seen: Seen
  readonly chances: Float64Array
}

export function rowsSeen(rows: readonly RecordedStep[]): Rows {
  const seen = seenIn(rows)
  return { seen, chances: chancesOf(seen) }
}

/** ln of how likely a record is with slips at the usual rate, and the hypothesis beforehand. */
export function usualTotal({ prior, steps }: Scored, { seen, chances }: Rows): number {
  let total = prior
  for (let row = 0; row < seen.length; row++)
    if (seen[row] !== NOT_SEEN) total += withSlip(steps[row]!, chances[row]!, USUAL_SLIPS)
  return total
}

/** The same of some rows, for features that were played. */
export function usualOf(features: readonly Features[], from: number, { seen }: Rows): number {
  let total = 0
  for (let row = from; row < features.length; row++)
    if (seen[row] !== NOT_SEEN) total += likelihoodWithSlip(seen[row]!, numberOf(features[row]!))
  return total
}

/** A hypothesis for a record of each kind of care. */
export function slipped(one: Scored, { seen, chances }: Rows): readonly Scored[] {
  return SLIPS.map(({ rate, share }) => ({
    ...one,
    prior: one.prior + Math.log(share),
    steps: one.steps.map((step, row) => (seen[row] === NOT_SEEN ? 0 : withSlip(step, chances[row]!, rate))),
  }))
}

/** What is not on the list shows nothing in so many steps, in others what some ion would, and in others anything (judgement). */
const SHOWS = { nothing: 0.3, some: 0.3, any: 0.4 } as const

/** ln likelihood of each step with something that is not on the list: what any of the ions would show, whichever. */
export function otherSteps(alone: readonly (readonly Features[])[], { seen, chances }: Rows): readonly number[] {
  const steps: number[] = []
  for (let row = 0; row < seen.length; row++) {
    const one = seen[row]!
    if (one === NOT_SEEN) {
      steps.push(0)
      continue
    }
    let some = 0
    for (const features of alone) some += Math.exp(likelihoodOf(one, numberOf(features[row] ?? NOTHING)))
    const nothing = Math.exp(likelihoodOf(one, NOTHING_SHOWN))
    steps.push(Math.log(SHOWS.nothing * nothing + (SHOWS.some * some) / alone.length + SHOWS.any * chances[row]!))
  }
  return steps
}
