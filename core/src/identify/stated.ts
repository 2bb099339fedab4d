import type { Stated } from './priors.ts'

const COUNTS: Readonly<Record<string, number>> = { a: 1, one: 1, single: 1, two: 2, three: 3, '1': 1, '2': 2, '3': 3 }

const COUNT = '(a single|one|two|three|[123]|a)'
const CATIONS = new RegExp(String.raw`\b${COUNT} (?:different )?(?:cations?|positive ions?|metal ions?)\b`, 'i')
const ANIONS = new RegExp(String.raw`\b${COUNT} (?:different )?(?:anions?|negative ions?)\b`, 'i')
const MIXTURE = /\bmixtures? of (?:two|three|2|3|several)(?: \w+)? (?:salts|solids|compounds|substances)\b/i
const PURE = /\b(?:one|a single|a pure) salt\b/i
const HYDRATED = /\bhydrated\b|\bwater of crystalli[sz]ation\b/i

const countIn = (text: string, pattern: RegExp) => COUNTS[pattern.exec(text)?.[1]?.toLowerCase().replace('a ', '') ?? '']

/**
 * What a sentence of a sheet states of a sample beforehand: "It contains one cation and one anion", "a mixture of two
 * salts", "a hydrated salt".
 */
export function statedIn(text: string): Stated {
  const pure = PURE.test(text)
  const cations = countIn(text, CATIONS) ?? (pure ? 1 : undefined)
  const anions = countIn(text, ANIONS) ?? (pure ? 1 : undefined)
  return {
    ...(cations === undefined ? {} : { cations }),
    ...(anions === undefined ? {} : { anions }),
    ...(MIXTURE.test(text) ? { mixture: true } : {}),
    ...(HYDRATED.test(text) ? { hydrated: true } : {}),
  }
}
