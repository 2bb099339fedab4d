/**
 * How often a student's record is wrong whatever the model says: by haste, a wrong tube, a wrong line. It belongs to the
 * record and not to a step, so that it is not known beforehand: careful, usual and careless ones, each with its share
 * (judgement, from simulated and written records).
 */
export const SLIPS: readonly { readonly rate: number; readonly share: number }[] = [
  { rate: 0.004, share: 0.35 },
  { rate: 0.03, share: 0.4 },
  { rate: 0.12, share: 0.25 },
]

/** What a first look reckons with. */
export const USUAL_SLIPS = 0.03

/** ln likelihood of a step that may be a slip: `chance` is how likely it is to be written whatever is in the tube. */
export const withSlip = (likely: number, chance: number, rate: number): number =>
  Math.log((1 - rate) * Math.exp(likely) + rate * chance)
