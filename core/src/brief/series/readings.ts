import { numberSaid } from '../mention/quantities.ts'

const NUMBER = String.raw`(\d+(?:\.\d+)?|half a|half|a|one|two|three|four|five|six|seven|eight|nine|ten|twelve|fifteen|twenty|thirty)`
const UNIT = '(s|secs?|seconds?|min|mins|minutes?)'
const SECONDS: Readonly<Record<string, number>> = { s: 1, m: 60 }
const seconds = (number: string, unit: string) =>
  Number(/^(?:half a|half)$/.test(number) ? '0.5' : /^a$/.test(number) ? '1' : numberSaid(number)) *
  (SECONDS[unit[0]?.toLowerCase() ?? 's'] ?? 1)

const EVERY = [
  new RegExp(`\\b(?:every|each|at intervals of|at|in steps of)\\s+(?:${NUMBER}[ -]?)?${UNIT}(?:[- ]intervals?)?\\b`, 'i'),
  new RegExp(`\\b${NUMBER}[ -]${UNIT} intervals`, 'i'),
]
const FOR = [
  new RegExp(
    `\\b(?:for(?: a total of| up to| the first)?|until|up to|during|over|after|to)\\s+(?:the first\\s+)?${NUMBER}\\s*${UNIT}(?:s)?\\b`,
    'gi',
  ),
]

/** Times at which something is read, in seconds: every so often, for so long. */
export interface Timing {
  readonly every: number
  readonly until: number
}

/** How often and how long some words say that something is read. */
export function timingIn(text: string): Partial<Timing> {
  const every = EVERY.map((pattern) => pattern.exec(text)).find((match) => match !== null)
  const lengths = FOR.flatMap((pattern) => [...text.matchAll(pattern)]).map((match) => seconds(match[1] ?? '', match[2] ?? ''))
  const step = every ? seconds(every[1] ?? '1', every[2] ?? 's') : undefined
  const until = lengths.filter((one) => step === undefined || one > step).toSorted((a, b) => b - a)[0]
  return { ...(step === undefined ? {} : { every: step }), ...(until === undefined ? {} : { until }) }
}

const LISTED = /(?:\bat|\()\s*((?:\d+(?:\.\d+)?(?:,\s*(?:and\s+)?|\s+and\s+)){1,}\d+(?:\.\d+)?)(?:\)| ?(s|seconds|min\w*)\b)/gi

/** Times that are listed one by one: "at 5, 6, 7 and 8 minutes", "(0, 1, 2 and 3)"; in the unit that they are written in. */
export function timesListed(text: string): readonly string[] {
  return [...text.matchAll(LISTED)].flatMap(([, list = '']) => list.match(/\d+(?:\.\d+)?/g) ?? [])
}

/** The places on an axis from 0 by equal steps, with as many decimals as they need. */
export function placesBy(step: number, until: number, places: number): string[] {
  if (!(step > 0) || !(until > 0) || until / step > MOST) return []
  return Array.from({ length: Math.round(until / step) + 1 }, (_, index) => (index * step).toFixed(places))
}

/** Nobody reads more often than this in one run. */
const MOST = 400
