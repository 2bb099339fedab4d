import { isAlike, measureOf } from '@hop-lark/core/number'
import type { FindOf, Question } from '@hop-lark/core/record'
import { type Sum, sumOf, type Take } from '@hop-lark/core/sums'
import { isChosen, isUnknown, readTyped, workedFrom, workedText } from './workedWith.ts'

/** A calculation as the form has it: what was typed, or which answer was chosen, by name. */
export interface AskedSum {
  readonly sum: string
  readonly texts: Readonly<Record<string, string | undefined>>
  /** As `workedWith.ts` writes it. */
  readonly with: Readonly<Record<string, string | undefined>>
}

export const NO_SUM: AskedSum = { sum: '', texts: {}, with: {} }

/** A calculation that has just been chosen, with what is usual in its fields. */
export function freshSum(id: string): AskedSum {
  const filled = (sumOf(id)?.takes ?? []).flatMap(({ key, usual, unit }) =>
    usual === undefined ? [] : [[key, `${usual} ${unit}`.trim()] as const],
  )
  return { sum: id, texts: {}, with: Object.fromEntries(filled) }
}

const unitOf = (take: Take | undefined) => (take && take.unit !== 'any' ? take.unit : '')

/** A calculation of the record as the form has it. */
export function askedSumOf(find: FindOf<'sum'>): AskedSum {
  const takes = sumOf(find.sum)?.takes ?? []
  return {
    sum: find.sum,
    texts: find.texts ?? {},
    with: Object.fromEntries(
      Object.entries(find.with ?? {}).map(([name, worked]) => [
        name,
        workedText(worked, unitOf(takes.find(({ key }) => key === name))),
      ]),
    ),
  }
}

/** What is wrong with what was typed for something a calculation takes; nothing while it is empty. */
export function faultOf(text: string | undefined, take: Take): string | undefined {
  if (text === undefined || text === '' || isChosen(text)) return undefined
  const example = `50.0${take.unit === 'any' || take.unit === '' ? '' : ` ${take.unit}`}`
  const typed = readTyped(text)
  if (!typed) return `Write a number, with its unit if it is another: ${example}.`
  if (typed.unit === '' || take.unit === 'any') return undefined
  if (!measureOf(typed.unit)) return `'${typed.unit}' is no unit: write ${example}.`
  return isAlike(typed.unit, take.unit) ? undefined : `In ${take.unit || 'no unit'}, not in ${typed.unit}.`
}

/** The calculation that the form describes, or undefined while something is missing in it. */
export function findFromSum({ sum: id, texts, with: typed }: AskedSum): Question['find'] | undefined {
  const sum: Sum | undefined = sumOf(id)
  if (!sum) return undefined
  const given = sum.takes.map((take) => [take.key, workedFrom(typed[take.key] ?? '', take.unit)] as const)
  const named = (sum.texts ?? []).map(({ key }) => [key, texts[key]?.trim() ?? ''] as const)
  const filled = given.flatMap(([key, worked]) => (worked === undefined || isUnknown(worked) ? [] : [[key, worked] as const]))
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
