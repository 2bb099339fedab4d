import { substancesIn } from '../../substance/index.ts'
import { equationsIn } from './equations.ts'
import { indicatorsIn } from './indicators.ts'
import type { Mention } from './mention.ts'
import { massesPerLitreIn, quantitiesIn, strengthsIn } from './quantities.ts'
import { vesselsIn } from './vessels.ts'

export const overlaps = (one: Mention, other: Mention) => one.from < other.to && other.from < one.to

/** "Lead the gas into …" is no metal. */
const LEADS = /^leads? (?:the|off|it|any|to|a)\b/i

/** What a text speaks of without its labels, in the order in which it stands. */
export function thingsIn(text: string, labels: ReadonlySet<string> = new Set()): readonly Mention[] {
  const found: Mention[] = []
  const put = (mentions: readonly Mention[]) => {
    for (const mention of mentions) if (!found.some((one) => overlaps(one, mention))) found.push(mention)
  }
  put(equationsIn(text))
  put(strengthsIn(text))
  put(massesPerLitreIn(text))
  put(vesselsIn(text))
  put(quantitiesIn(text))
  put(indicatorsIn(text))
  const named = substancesIn(text, labels).filter(({ from, to }) => !LEADS.test(text.slice(from, to + 6)))
  put(named.map(({ formula, from, to, written }) => ({ kind: 'substance', formula, written, from, to })))
  return found.toSorted((a, b) => a.from - b.from)
}
