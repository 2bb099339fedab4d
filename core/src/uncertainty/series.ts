import { readSeries } from '../curve/index.ts'
import { keyOf, onSeries, type Rest, type What } from '../reckon/index.ts'
import type { PartOf } from '../record/index.ts'
import { calibrationSource } from './calibration.ts'
import type { Source } from './source.ts'

/** The scatter of the points about a best line has two more points to be judged by; see `better`. */
const TWICE_AS_MANY = Math.SQRT1_2

/**
 * How well the best lines of a series are known from the scatter of the points.
 *
 * The numbers read off the lines hang together, so their joint effect on the crossing (or the gradient) is put on
 * one of them: an error of u(x₀)·|m₁ − m₂| in an intercept moves the crossing by u(x₀).
 */
export function seriesSource(part: PartOf<'series'>, rests: readonly Rest[]): Source | undefined {
  const { line, twoLines, mixing, points } = readSeries(part)
  const says = `scatter of the ${points.length} points about the line${line ? '' : 's'}`
  const source = (on: string, standard: number): Source => {
    const contribution = (size: number) => ({
      id: `series ${part.id}`,
      says,
      kind: 'repeat' as const,
      spread: { shape: 'normal' as const, standard: size },
      on: [on],
    })
    return {
      id: `series ${part.id}`,
      says,
      kind: 'repeat',
      contributions: [contribution(standard)],
      limits: [{ on, halfWidth: 2 * standard }],
      better: { says: 'twice as many points', contributions: [contribution(standard * TWICE_AS_MANY)] },
    }
  }
  const place = onSeries(part.id)
  const keyAt = (what: What, detail: string) => {
    const key = keyOf({ what, place, detail })
    return rests.some((rest) => rest.key === key) ? key : undefined
  }
  const crossing = keyAt('intercept', '2')
  if (twoLines?.uncertainty !== undefined && crossing !== undefined)
    return source(crossing, twoLines.uncertainty * Math.abs(twoLines.before.slope - twoLines.after.slope))
  const step = keyAt('y read off', 'after')
  if (mixing?.uncertainty !== undefined && step !== undefined) return source(step, mixing.uncertainty)
  if (line && keyAt('gradient of a line', '') !== undefined) return calibrationSource(part, line, rests)
  const top = keyAt('y read off', 'end')
  const drawn = line ?? twoLines?.before
  if (drawn?.scatter === undefined || top === undefined) return undefined
  const xs = points.map(({ x }) => x).toSorted((a, b) => a - b)
  const reach = line ? xs : xs.slice(0, twoLines?.split)
  return source(top, drawn.scatter.slope * (Math.max(...reach) - Math.min(...reach)))
}
