import type { Scale } from './meant.ts'
import { decimalPlaces, Exact } from './reading.ts'
import { stepPlaces } from './step.ts'

const DIGITS = ['0', '1', '2', '3', '4', '5', '6', '7', '8', '9'] as const
/** Where nothing is known of the scale, no reading of a school needs more. */
const MOST_PLACES = 4

/** Which keys can come next in a reading. */
export interface KeysAfter {
  readonly digits: ReadonlySet<string>
  readonly point: boolean
}

/** Whether a text with some decimals is, or begins, a reading that lies on the scale. */
function begins(text: string, { step, most }: Scale, places: number): boolean {
  const value = new Exact(text)
  if (most !== undefined && value.gt(most)) return false
  if (step === undefined || !text.includes('.')) return true
  // The last place that may still be typed: 24.5 begins everything from 24.50 to 24.59.
  const reach = new Exact(10).pow(-decimalPlaces(text)).sub(new Exact(10).pow(-places))
  const first = value.div(step).ceil().mul(step)
  return first.lte(value.add(reach)) && (most === undefined || first.lte(most))
}

/**
 * The keys with which a reading can go on, so that it ends on its scale: after `24.5` on a burette read to 0.05 only 0 and 5.
 *
 * @param text - what is typed so far: digits, perhaps a point; empty at the start
 */
export function keysAfter(text: string, scale: Scale): KeysAfter {
  const places = scale.step === undefined ? MOST_PLACES : stepPlaces(scale.step)
  const decimals = text.includes('.')
  const full = decimals && decimalPlaces(text) >= places
  const bare = text.replace(/^-/, '')
  // A nought before the point stands alone.
  const closed = !decimals && bare === '0'
  const digits = full || closed ? [] : DIGITS.filter((digit) => begins(`${text}${digit}`, scale, places))
  const atMost = scale.most !== undefined && bare !== '' && new Exact(text).gt(scale.most)
  return { digits: new Set(digits), point: !decimals && bare !== '' && places > 0 && !atMost }
}
