import { heightAt, type Line, placeAtHeight } from './line.ts'
import { placesAtHeight, reachOf } from './places.ts'
import type { SeriesReading } from './series.ts'

/** What is drawn through points, as it is looked up from either axis. */
export interface LookUp {
  /** What it is: `the curve`. */
  readonly says: string
  /** @returns undefined where nothing is drawn */
  readonly heightAt: (x: number) => number | undefined
  readonly slopeAt: (x: number) => number
  /** Every x with a height, in order. */
  readonly placesAt: (y: number) => readonly number[]
}

/** Two lines of which the first counts up to a place, the second from there on. */
function ofTwo(before: Line, after: Line, parting: number): LookUp {
  const lineAt = (x: number) => (x < parting ? before : after)
  return {
    says: 'the best line there',
    heightAt: (x) => heightAt(lineAt(x), x),
    slopeAt: (x) => lineAt(x).slope,
    placesAt: (y) =>
      [before, after].flatMap((line) => {
        const x = placeAtHeight(line, y)
        return x !== undefined && lineAt(x) === line ? [x] : []
      }),
  }
}

/** What a reading has drawn, to be looked up; nothing for a single line, which is worked with as an equation. */
export function lookUpOn({ points, twoLines, mixing, smooth }: SeriesReading): LookUp | undefined {
  if (mixing) return ofTwo(mixing.before, mixing.after, mixing.at)
  if (twoLines) return ofTwo(twoLines.before, twoLines.after, twoLines.crossing.x)
  if (!smooth) return undefined
  const reach = reachOf(points)
  const isDrawn = (x: number) => x >= reach.low && x <= reach.high
  return {
    says: 'the curve',
    heightAt: (x) => (isDrawn(x) ? smooth.heightAt(x) : undefined),
    slopeAt: smooth.slopeAt,
    placesAt: (y) => placesAtHeight(smooth, reach, y),
  }
}
