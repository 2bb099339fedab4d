import { numberSaid } from '../mention/quantities.ts'

const ITEMS = '(?:tablets|pills|lozenges)'
/** A number that begins a line is the number of a question. */
const COUNTED = new RegExp(`(?<!^[ \\t]*)\\b(\\d{1,2}|two|three|four|five|six|eight|ten) (?:\\w+ ){0,2}${ITEMS}\\b`, 'im')
const SEVERAL = new RegExp(
  `\\b(?:weigh|crush|grind|take|mass of)\\b[^.]{0,20}\\b(?:the|your|all|some|several) (?:\\w+ )?${ITEMS}\\b`,
  'i',
)

/** How many tablets a sheet weighs together; undefined where it weighs several and does not say how many. */
export function itemsIn(words: string): number | undefined {
  const counted = COUNTED.exec(words)?.[1]
  if (counted !== undefined) return Number(numberSaid(counted))
  return SEVERAL.test(words) ? undefined : 1
}
