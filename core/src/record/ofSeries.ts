import type { Quantity } from './types.ts'

const OF_SERIES = {
  crossing: true,
  gradient: true,
  rise: true,
  yAt: true,
  xAt: true,
  highest: true,
  lowest: true,
  equivalence: true,
  halfEquivalence: true,
  area: true,
} as const satisfies Partial<Record<Quantity, true>>

/** What can be asked of a series of measurements and the lines through it. */
export type SeriesQuantity = keyof typeof OF_SERIES

/** Whether a question is about a series, which its `in` names. */
export const isOfSeries = (quantity: Quantity): quantity is SeriesQuantity => Object.hasOwn(OF_SERIES, quantity)
