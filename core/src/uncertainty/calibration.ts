import { type Line, placeAtHeight, varianceAt } from '../curve/index.ts'
import type { Contribution } from '../propagate/index.ts'
import { keyOf, onSeries, type Rest } from '../reckon/index.ts'
import type { PartOf } from '../record/index.ts'
import type { Source } from './source.ts'

/** Readings of an unknown that an answer rests on. */
const readingsIn = (rests: readonly Rest[], series: string) =>
  rests.filter(({ of }) => of.what === 'reading of an unknown' && of.place?.kind === 'series' && of.place.id === series)

/** Where on the x axis a line is read: at the x asked about, or where it has the y asked about or read of an unknown. */
function placeRead(line: Line, unknowns: readonly Rest[], rests: readonly Rest[]): number | undefined {
  const asked = (axis: 'x' | 'y') => rests.find(({ of }) => of.what === 'worked with' && of.detail === axis)?.value.toNumber()
  const x = asked('x')
  if (x !== undefined) return x
  const total = unknowns.reduce((sum, { value }) => sum + value.toNumber(), 0)
  const y = unknowns.length > 0 ? total / unknowns.length : asked('y')
  return y === undefined ? undefined : placeAtHeight(line, y)
}

/**
 * How well a value looked up on a best line is known, from the scatter of its points: of the line where it is read, and of
 * each reading of an unknown, which scatters as the points do. Together that is the usual s(x₀) = (s/m)√(1/k + 1/n +
 * (x₀ − x̄)²/Σ(x − x̄)²). Source: J. N. Miller and J. C. Miller, Statistics and Chemometrics for Analytical Chemistry,
 * on errors of a concentration from a calibration; from memory.
 */
export function calibrationSource(part: PartOf<'series'>, line: Line, rests: readonly Rest[]): Source | undefined {
  if (line.scatter === undefined) return undefined
  const unknowns = readingsIn(rests, part.id)
  const x = placeRead(line, unknowns, rests)
  if (x === undefined) return undefined
  const fromOrigin = part.reading === 'line-from-origin'
  const on = keyOf({ what: fromOrigin ? 'gradient of a line' : 'intercept', place: onSeries(part.id) })
  const ofLine = fromOrigin ? line.scatter.slope : Math.sqrt(varianceAt(line, x))
  const says = `scatter of the ${line.points} points about the line`
  const contribution = (key: string, standard: number, index: number): Contribution => ({
    id: `series ${part.id} ${index}`,
    says,
    kind: 'repeat',
    spread: { shape: 'normal', standard },
    on: [key],
  })
  const spread = line.scatter.deviation
  const contributions = [contribution(on, ofLine, 0), ...unknowns.map(({ key }, index) => contribution(key, spread, index + 1))]
  return {
    id: `series ${part.id}`,
    says,
    kind: 'repeat',
    contributions,
    limits: contributions.map(({ on: [key = ''], spread }) => ({
      on: key,
      halfWidth: spread.shape === 'normal' ? 2 * spread.standard : 0,
    })),
  }
}
