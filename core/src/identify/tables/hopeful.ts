import { type HalfBlend, NOT_SEEN, type Seen } from './blends.ts'
import { likelihoodWithSlip } from './featureNumbers.ts'

/** Halves of which the record is not so much worse explained, ln, than of the best of them. */
export function hopefulAmong(halves: readonly HalfBlend[], seen: Seen, hopeless: number): readonly HalfBlend[] {
  const totals = Float64Array.from(halves, ({ features }) => {
    let total = 0
    for (let step = 0; step < seen.length; step++)
      if (seen[step] !== NOT_SEEN) total += likelihoodWithSlip(seen[step]!, features[step]!)
    return total
  })
  const best = totals.reduce((most, one) => Math.max(most, one), Number.NEGATIVE_INFINITY)
  return halves.filter((_, place) => totals[place]! > best - hopeless)
}
