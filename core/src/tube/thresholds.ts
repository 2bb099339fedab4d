/**
 * What is seen and what is not: judgements about eyes and tubes, all in one place (common practice where no other source
 * is named).
 */

/** A drop from a dropper, cm³; `drops` are so many, `excess` so much more, cm³. */
export const DROP = 0.05
export const DROPS = 3
export const EXCESS = 4
/** Excess is run in so: first by drops, then faster, so that what comes and goes is seen. Shares of the whole. */
export const RUN_IN = [1 / 80, 1 / 80, 1 / 40, 3 / 40, 1 / 8, 1 / 8, 1 / 4, 3 / 8] as const
/** A spatula measure, mol of solid. */
export const SPATULA = 0.002

/** Suspended solid, g/dm³: below the first nothing is seen, below the second it is slight. */
export const SOLID_SEEN = 0.02
export const SOLID_PLAIN = 0.2

/** Part of the peak that is left in excess: below the first it has dissolved, above the second it has not. */
export const DISSOLVED_BELOW = 0.05
export const INSOLUBLE_ABOVE = 0.5

/** Ammonia that shows on damp litmus over a warm tube, mol/dm³ dissolved. */
export const AMMONIA_ON_LITMUS = 0.002

/** What equilibrium is not asked about: acid enough for reactions that want acid, alkali enough for those that want it. */
export const ACID = 4
export const ALKALI = 10
