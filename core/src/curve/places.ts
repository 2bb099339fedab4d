import type { Point } from './line.ts'
import type { SmoothCurve } from './smooth.ts'

/** Places a curve is looked at between its ends; what happens between two of them is narrowed down. */
const LOOKS = 400
const HALVINGS = 60
const GOLDEN = (Math.sqrt(5) - 1) / 2

interface Reach {
  readonly low: number
  readonly high: number
}

/** From the first to the last of the points. */
export function reachOf(points: readonly Point[]): Reach {
  const xs = points.map(({ x }) => x)
  return { low: Math.min(...xs), high: Math.max(...xs) }
}

const looksAlong = ({ low, high }: Reach) => Array.from({ length: LOOKS + 1 }, (_, index) => low + ((high - low) * index) / LOOKS)

/** Where a curve has a height, in order of x: each crossing narrowed down by halves. */
export function placesAtHeight({ heightAt }: SmoothCurve, reach: Reach, y: number): readonly number[] {
  const above = (x: number) => heightAt(x) - y
  const looks = looksAlong(reach)
  return looks.flatMap((from, index) => {
    const to = looks[index + 1]
    if (above(from) === 0) return [from]
    if (to === undefined || above(from) * above(to) >= 0) return []
    let [low, high] = [from, to]
    for (let half = 0; half < HALVINGS; half++) {
      const middle = (low + high) / 2
      if (above(low) * above(middle) <= 0) high = middle
      else low = middle
    }
    return [(low + high) / 2]
  })
}

/** The highest (or lowest) place of a curve; undefined where that is an end, beyond which it may go on. */
export function turningPoint({ heightAt }: SmoothCurve, reach: Reach, which: 'highest' | 'lowest'): Point | undefined {
  const sign = which === 'highest' ? 1 : -1
  const height = (x: number) => sign * heightAt(x)
  const looks = looksAlong(reach)
  const best = looks.reduce((top, x, index) => (height(x) > height(looks[top] as number) ? index : top), 0)
  const [before, after] = [looks[best - 1], looks[best + 1]]
  if (before === undefined || after === undefined) return undefined
  let [low, high] = [before, after]
  for (let cut = 0; cut < HALVINGS; cut++) {
    const width = (high - low) * GOLDEN
    if (height(high - width) > height(low + width)) high = low + width
    else low = high - width
  }
  const x = (low + high) / 2
  return { x, y: heightAt(x) }
}
