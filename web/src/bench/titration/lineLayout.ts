/** A number line wide enough for all titres, with ticks at round volumes. */
export interface LineLayout {
  readonly from: number
  readonly to: number
  readonly ticks: readonly { readonly at: number; readonly labelled: boolean }[]
}

/** Steps between ticks, cm³; the first that gives few enough is taken, and every second tick is labelled. */
const STEPS = [0.1, 0.2, 0.5, 1, 2, 5]

/**
 * Lays out the line.
 *
 * @param volumes - titres in cm³, at least one
 * @param within - the concordance limit, so that one titre alone has room for its bracket
 * @param most - how many ticks there is room for
 */
export function layOutLine(volumes: readonly number[], within: number, most: number): LineLayout {
  const [low, high] = [Math.min(...volumes) - 1.5 * within, Math.max(...volumes) + 1.5 * within]
  const step = STEPS.find((candidate) => (high - low) / candidate <= most) ?? Math.ceil((high - low) / most)
  const first = Math.floor(low / step + 1e-9)
  const last = Math.ceil(high / step - 1e-9)
  const ticks = Array.from({ length: last - first + 1 }, (_, index) => ({
    at: (first + index) * step,
    labelled: (first + index) % 2 === 0,
  }))
  return { from: first * step, to: last * step, ticks }
}

/** Puts labels of dots that lie close together on different heights, so that none covers another. */
export function stackLabels(positions: readonly number[], apart: number): readonly number[] {
  const lastAt: number[] = []
  return positions.map((position) => {
    const free = lastAt.findIndex((last) => position - last >= apart)
    const height = free < 0 ? lastAt.length : free
    lastAt[height] = position
    return height
  })
}
