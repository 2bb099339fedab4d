import { type Measured, readMeasured, readStrength } from '@hop-lark/core/number'
import type { FindOf } from '@hop-lark/core/record'

/** What an answer is worked with, as the record has it: a number, the answer to another question, an unknown of a series. */
export type WorkedWith = FindOf<'xAt'>['y']

// A form has it as one text: `50.0 g`, or an answer or an unknown by its id, after what no number begins with.
const ANSWER = '='
const UNKNOWN = '?'

const A_PART = /^\s*1\s*\//

const after = (mark: string, text: string | undefined) => (text?.startsWith(mark) ? text.slice(mark.length) : undefined)

export const answerText = (question: string) => `${ANSWER}${question}`
const answerOf = (text: string | undefined): string | undefined => after(ANSWER, text)
export const unknownText = (unknown: string) => `${UNKNOWN}${unknown}`
const unknownOf = (text: string | undefined): string | undefined => after(UNKNOWN, text)

/** Whether it is an unknown of a series, which only the series can look up. */
export const isUnknown = (worked: WorkedWith): worked is { unknown: string } => typeof worked === 'object' && 'unknown' in worked

/** Whether a text of a form names something instead of being typed. */
export const isChosen = (text: string | undefined): boolean => answerOf(text) !== undefined || unknownOf(text) !== undefined

/** What is worked with as a form has it; a bare number is in `unit`. */
export function workedText(worked: WorkedWith, unit: string): string {
  if (typeof worked === 'string') return `${worked} ${unit}`.trim()
  if ('answer' in worked) return answerText(worked.answer)
  return isUnknown(worked) ? unknownText(worked.unknown) : `${worked.value} ${worked.unit}`.trim()
}

/** A number with its unit as it is typed; a strength may be spoken of, too: `M/20`, `1/20 M`, `a twentieth molar`. */
export const readTyped = (text: string): Measured | undefined =>
  (A_PART.test(text) ? undefined : readMeasured(text)) ?? readStrength(text)

/** What the text of a form is worked with; undefined where it is no number. */
export function workedFrom(text: string, unit: string): WorkedWith | undefined {
  const [answer, unknown] = [answerOf(text), unknownOf(text)]
  if (answer !== undefined) return { answer }
  if (unknown !== undefined) return { unknown }
  const typed = readTyped(text)
  if (!typed) return undefined
  return typed.unit === '' || typed.unit === unit ? typed.value : typed
}
