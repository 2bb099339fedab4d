import { numberSaid } from '../mention/quantities.ts'

const NUMBER = String.raw`(\d+(?:\.\d+)?)`
const VOLUME = String.raw`\s*-?\s*(?:cm3|mL|ml)`
const BY = [
  new RegExp(`${NUMBER}${VOLUME}\\s+(?:portions?|at a time|lots|aliquots|amounts|each time|steps|more)`, 'i'),
  new RegExp(`\\b(?:further|another|successive|next)\\s+${NUMBER}${VOLUME}`, 'i'),
  new RegExp(`\\b(?:portions?|lots|aliquots|steps|amounts) of\\s+${NUMBER}${VOLUME}`, 'i'),
  new RegExp(`\\b(?:run|add)(?: in)?\\s+${NUMBER}${VOLUME}`, 'i'),
  new RegExp(`\\bevery\\s+${NUMBER}${VOLUME}`, 'i'),
]
const TOTAL = [
  new RegExp(
    `\\b(?:a total of|in total|altogether|total volume of|up to|until(?: a total of)?|reaches|total of)\\s+${NUMBER}${VOLUME}`,
    'i',
  ),
  new RegExp(
    `\\b${NUMBER}${VOLUME}\\s+(?:have been|has been|in all|in total|altogether|of [A-Z][\\w ]{0,3} (?:has|have) been)`,
    'i',
  ),
]
const COUNTED = /\b(ten|nine|eight|seven|six|five|\d{1,2})\s+(?:portions|additions|times)\b/i

const first = (patterns: readonly RegExp[], text: string) =>
  patterns.map((pattern) => pattern.exec(text)?.[1]).find((found) => found !== undefined)

/** By how much, and up to how much, something is added in portions, cm³. */
export function additionsIn(text: string): { readonly by?: string; readonly until?: string } {
  const by = first(BY, text)
  const total = first(TOTAL, text)
  const counted = COUNTED.exec(text)?.[1]
  const count = counted === undefined ? Number.NaN : Number(numberSaid(counted))
  const until = total ?? (by !== undefined && Number.isFinite(count) ? String(Number(by) * count) : undefined)
  return { ...(by === undefined ? {} : { by }), ...(until === undefined ? {} : { until }) }
}
