import { isAlike, measureOf, readMeasured } from '@hop-lark/core/number'
import type { FindOf, Question } from '@hop-lark/core/record'
import { type Sum, sumOf, type Take } from '@hop-lark/core/sums'

/** A calculation as the form has it: what was typed, or which answer was chosen, by name. */
export interface AskedSum {
  readonly sum: string
  readonly texts: Readonly<Record<string, string | undefined>>
  /** `50.0 g`, or an answer by the id of its question (see {@link ANSWER}). */
  readonly with: Readonly<Record<string, string | undefined>>
}

/** What stands before the id of a question whose answer is used; no number begins so. */
const ANSWER = '='

export const answerText = (question: string) => `${ANSWER}${question}`
export const answerOf = (text: string | undefined): string | undefined =>
  text?.startsWith(ANSWER) ? text.slice(ANSWER.length) : undefined

/** A calculation that has just been chosen, with what is usual in its fields. */
export function freshSum(id: string): AskedSum {
  const filled = (sumOf(id)?.takes ?? []).flatMap(({ key, usual, unit }) =>
    usual === undefined ? [] : [[key, `${usual} ${unit}`.trim()] as const],
  )
  return { sum: id, texts: {}, with: Object.fromEntries(filled) }
}

type WorkedWith = NonNullable<FindOf<'sum'>['with']>[string]

function textOf(worked: WorkedWith, take: Take | undefined): string {
  if (typeof worked === 'string') return `${worked} ${take && take.unit !== 'any' ? take.unit : ''}`.trim()
  return 'answer' in worked ? answerText(worked.answer) : `${worked.value} ${worked.unit}`.trim()
}

/** A calculation of the record as the form has it. */
export function askedSumOf(find: FindOf<'sum'>): AskedSum {
  const takes = sumOf(find.sum)?.takes ?? []
  return {
    sum: find.sum,
    texts: find.texts ?? {},
    with: Object.fromEntries(
      Object.entries(find.with ?? {}).map(([name, worked]) => [
        name,
        textOf(
          worked,
          takes.find(({ key }) => key === name),
        ),
      ]),
    ),
  }
}

function workedFrom(text: string, { unit }: Take): WorkedWith | undefined {
  const answer = answerOf(text)
  if (answer !== undefined) return { answer }
  const typed = readMeasured(text)
  if (!typed) return undefined
  return typed.unit === '' || typed.unit === unit ? typed.value : typed
}

/** What is wrong with what was typed for something a calculation takes; nothing while it is empty. */
export function faultOf(text: string | undefined, take: Take): string | undefined {
  if (text === undefined || text === '' || answerOf(text) !== undefined) return undefined
  const example = `50.0${take.unit === 'any' || take.unit === '' ? '' : ` ${take.unit}`}`
  const typed = readMeasured(text)
  if (!typed) return `Write a number, with its unit if it is another: ${example}.`
  if (typed.unit === '' || take.unit === 'any') return undefined
  if (!measureOf(typed.unit)) return `'${typed.unit}' is no unit: write ${example}.`
  return isAlike(typed.unit, take.unit) ? undefined : `In ${take.unit || 'no unit'}, not in ${typed.unit}.`
}

/** The calculation that the form describes, or undefined while something is missing in it. */
export function findFromSum({ sum: id, texts, with: typed }: AskedSum): Question['find'] | undefined {
  const sum: Sum | undefined = sumOf(id)
  if (!sum) return undefined
  const given = sum.takes.map((take) => [take.key, workedFrom(typed[take.key] ?? '', take)] as const)
  const named = (sum.texts ?? []).map(({ key }) => [key, texts[key]?.trim() ?? ''] as const)
  const filled = given.flatMap(([key, worked]) => (worked === undefined ? [] : [[key, worked] as const]))
  const needed = sum.takes.filter(({ convention }) => convention === undefined).map(({ key }) => key)
  if (needed.some((key) => !filled.some(([name]) => name === key)) || named.some(([, text]) => text === '')) return undefined
  return {
    quantity: 'sum',
    sum: id,
    ...(named.length > 0 ? { texts: Object.fromEntries(named) } : {}),
    with: Object.fromEntries(filled),
  }
}

/** Whether a question is a calculation in which something of its own is not filled in yet. */
export const lacksSomething = ({ find }: Question): boolean =>
  find.quantity === 'sum' && findFromSum(askedSumOf(find)) === undefined
