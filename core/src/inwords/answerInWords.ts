import type { Question } from '../record/index.ts'
import type { InWords, Known, Topic, Way } from './answer.ts'
import { BETTERING } from './topics/bettering.ts'
import { EFFECTS } from './topics/effects.ts'
import { HEATS } from './topics/heats.ts'
import { OTHERS } from './topics/others.ts'
import { TESTS } from './topics/tests.ts'
import { TITRATING } from './topics/titrating.ts'

/** What is narrow goes before what is wide: a question about an indicator's colour is about the indicator. */
const TOPICS: readonly Topic[] = [
  ...HEATS,
  ...TITRATING.slice(0, 3),
  ...OTHERS,
  ...BETTERING,
  ...TESTS,
  ...EFFECTS,
  ...TITRATING.slice(3),
]

const NUMBERS: Readonly<Record<string, number>> = { two: 2, three: 3, four: 4, both: 2 }

/** How many are asked for: `two improvements`. */
function timesIn(question: string): number {
  const [, word = ''] =
    /\b(two|three|four|both)\b(?=\s+(?:\w+\s+){0,2}(?:improvements?|assumptions?|tests?|sources?|reasons?|errors?|ways))/i.exec(
      question,
    ) ?? []
  return NUMBERS[word.toLowerCase()] ?? 1
}

const unlike = (ways: readonly Way[]): readonly Way[] =>
  ways.filter(({ says }, index) => ways.findIndex((one) => one.says === says) === index)

/**
 * What a question that wants words wants, from the record and the model: ways to answer it, each with its points; undefined
 * where neither says anything about it. Nothing is made up: a question that is not understood is left to the student.
 */
export function answerInWords(known: Known, question: Question): InWords | undefined {
  const text = question.text?.trim() ?? ''
  if (question.find.quantity !== 'words' || text === '') return undefined
  for (const { topic, asked, ways } of TOPICS) {
    if (!asked.test(text)) continue
    const found = unlike(ways(known, text, question))
    if (found.length > 0) return { topic, times: Math.min(timesIn(text), found.length), ways: found }
  }
  return undefined
}

/** The answer in sentences: as many ways as are asked for. */
export const sayInWords = ({ ways, times }: InWords): string =>
  ways
    .slice(0, times)
    .map(({ says }) => says)
    .join(' ')
