import { findUnit } from '../../number/index.ts'
import { path } from '../../record/index.ts'
import type { Facts } from '../facts.ts'
import type { Remark } from './remark.ts'

/** A quantity with a number after it and, perhaps, a unit. */
const STATED =
  /\b(titre|mass|volume|temperature|concentration|amount|time|distance|pressure)\b(?:\s+\w+){0,4}?\s*(?:=|:|\bis\b|\bwas\b|\bwere\b|\bof\b|\babout\b)\s*(-?\d+(?:[.,]\d+)?)\s*(?:×\s*10\S*\s*)?([^\s,;.)]*)/gi

/** What may stand for a unit after a number: a unit, a sign that is one, a word that counts. */
const isUnitLike = (word: string) =>
  word !== '' &&
  (findUnit(word) !== undefined ||
    /^(%|°C?|K|cm|dm|mL|ml|L|g|mg|kg|s|min|h|mol|kJ|J|kPa|Pa|atm|nm|times|degrees?|drops?|per)/i.test(word))

/** Numbers in the student's own words that lack a unit. */
export function lookAtWords({ task }: Facts): readonly Remark[] {
  const own = [
    ...(task.writeup?.sentences ?? []).map(({ id, text }) => ({ text, at: path('writeup', 'sentences', id, 'text') })),
    ...task.questions.flatMap(({ id, answer }) => (answer ? [{ text: answer, at: path('questions', id, 'answer') }] : [])),
  ]
  return own.flatMap(({ text, at }) =>
    [...text.matchAll(STATED)].flatMap(([, quantity = '', number = '', after = '']): Remark[] =>
      isUnitLike(after)
        ? []
        : [
            {
              code: 'look.unitMissing',
              at,
              says: `“${quantity} … ${number}” has no unit.`,
              mend: 'A number that was measured has its unit beside it.',
            },
          ],
    ),
  )
}
