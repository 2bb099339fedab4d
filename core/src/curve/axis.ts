/** An axis on graph paper: from, to, and what one large square (ten small ones) is worth. */
export interface Axis {
  readonly from: number
  readonly to: number
  /** Value of a large square: 1, 2 or 5 times a power of ten. */
  readonly large: number
  /** Value of a small square, a tenth of a large one. */
  readonly small: number
  /** Decimals its labels need. */
  readonly places: number
}

const STEPS = [1, 2, 5, 10]
/** Where an axis begins above zero only to give the points room, zero is kept if it takes less than this part of it. */
const WORTH_KEEPING_ZERO = 0.35

function sensibleStep(span: number, squares: number): number {
  const raw = span / squares
  const power = 10 ** Math.floor(Math.log10(raw))
  const step = STEPS.find((candidate) => candidate * power >= raw * (1 - 1e-9)) ?? 10
  return step * power
}

/**
 * Chooses an axis so that its squares are worth 1, 2 or 5 and the points fill more than half of it where that can be.
 *
 * @param values - what is to be plotted, at least one
 * @param squares - large squares there are on the paper
 */
export function sensibleAxis(values: readonly number[], squares: number): Axis {
  const [low, high] = [Math.min(...values), Math.max(...values)]
  const withZero = low >= 0 && low <= high * WORTH_KEEPING_ZERO
  const start = withZero ? 0 : low
  // Equal values have no spread; a hundredth of their size, or one, stands in for it.
  const span = high - start || Math.abs(high) / 100 || 1
  let large = sensibleStep(span, squares)
  let from = Math.floor(start / large + 1e-9) * large
  while (from + squares * large < high - large * 1e-9) {
    large = sensibleStep(large * squares * 1.01, squares)
    from = Math.floor(start / large + 1e-9) * large
  }
  const to = from + Math.max(1, Math.ceil((high - from) / large - 1e-9)) * large
  return {
    from: tidy(from),
    to: tidy(to),
    large: tidy(large),
    small: tidy(large / 10),
    places: Math.max(0, -Math.floor(Math.log10(large) + 1e-9)),
  }
}

/** Takes off what binary fractions add: 0.30000000000000004 is 0.3. */
function tidy(value: number): number {
  return Number(value.toPrecision(12))
}
