import { INDICATORS } from '../../indicator/index.ts'
import type { Mention } from './mention.ts'

/** Names of indicators that no table of colours here has yet (common practice). */
const MORE = [
  'bromophenol blue',
  'bromocresol green',
  'bromocresol purple',
  'bromothymol blue',
  'thymol blue',
  'thymolphthalein',
  'phenol red',
  'cresol red',
  'murexide',
  'calmagite',
  'xylenol orange',
  'ferroin',
  'barium diphenylamine sulfonate',
  'diphenylamine sulfonate',
  'diphenylamine',
  'calcon',
  'universal indicator',
  'litmus solution',
]
const KNOWN = INDICATORS.filter(({ kind }) => kind !== 'manganate').flatMap(({ name, also }) =>
  [name, ...also.filter((one) => one.length > 4)].map((called) => [called.toLowerCase(), name] as const),
)
const NAMES: ReadonlyMap<string, string> = new Map([...MORE.map((name) => [name, name] as const), ...KNOWN])
const ANY = new RegExp(
  `(?<![A-Za-z])(?:${[...NAMES.keys()]
    .toSorted((a, b) => b.length - a.length)
    .map((name) => name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replace(/ /g, '\\s+'))
    .join('|')})(?![A-Za-z])`,
  'gi',
)

/** Indicators that a text names. */
export function indicatorsIn(text: string): readonly Mention[] {
  return [...text.matchAll(ANY)].map((match) => ({
    kind: 'indicator',
    name: NAMES.get(match[0].toLowerCase().replace(/\s+/g, ' ')) ?? match[0],
    from: match.index,
    to: match.index + match[0].length,
  }))
}
