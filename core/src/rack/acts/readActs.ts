import type { Action } from './action.ts'
import { ActBuilder } from './build.ts'
import type { Place } from './building.ts'
import type { BuiltAct } from './builtAct.ts'
import { actTokensOf, type SheetBottle } from './tokens.ts'

/** An act as it was read of a line. */
export interface ReadAct {
  readonly action: Action
  /** Where it is done, if not in the tube that stands there. */
  readonly place?: Place
  /** What was not understood of it, or is only kept as written. */
  readonly asks?: string
  /** Its own words. */
  readonly text: string
}

/** The acts of a line, one after another; or why there is none. */
export type ReadActs =
  | { readonly kind: 'acts'; readonly acts: readonly ReadAct[] }
  | { readonly kind: 'notUnderstood'; readonly says: string }

/** What bears on how a line is read. */
export interface ActContext {
  /** The bottle of the step before, which `xs` alone goes on with. */
  readonly last?: string | undefined
  /** What the samples of the rack are called. */
  readonly samples?: readonly string[]
  /** Bottles by what the sheet calls them. */
  readonly sheet?: readonly SheetBottle[]
}

const EXAMPLES = '3 drops NaOH, xs, warm with damp red litmus, boil, flame'
const WHICH_LITMUS = 'Which litmus? Red turns blue in ammonia and other alkalis, blue turns red in acids; damp, for a gas.'

/** Litmus without its colour tells nothing. */
const bareLitmus = (text: string) =>
  /\blitm[ui]s\b/i.test(text) &&
  !/\b(?:red|blue)\s+litm[ui]s\b|litm[ui]s\s+solution|litm[ui]s(?:\s+paper)?\s*[,(]?\s*(?:red|blue)\b/i.test(text)

function asksOf({ asks, vague, asWritten, action }: BuiltAct): string | undefined {
  if (asWritten)
    return `“${action.reagent}” is no bottle or act known here. It is kept as you wrote it, and tells the board nothing.`
  if (vague !== undefined) return `Which ${/alkali/i.test(vague) ? 'alkali' : 'acid'}? “${vague}” tells the board nothing.`
  if (asks.length === 0) return undefined
  return `Not understood: ${asks.map((words) => `“${words}”`).join(', ')}. Is it a bottle, or part of what was done?`
}

/**
 * Reads what was done, as it is typed at the bench: `3 drops NaOH`, `1 cm3 NaOH slowly with shaking`, `acidified silver
 * nitrate`, `warm, damp red litmus`, `HNO3 then AgNO3`. The bottle and its amount are read first, then the manner, then
 * what follows.
 */
export function readActs(text: string, { last, samples = [], sheet = [] }: ActContext = {}): ReadActs {
  const typed = text.trim()
  if (bareLitmus(typed)) return { kind: 'notUnderstood', says: WHICH_LITMUS }
  const tokens = actTokensOf(typed, samples, sheet)
  const acts = new ActBuilder(tokens, typed, last).build().filter(({ action }) => action.do !== 'add' || action.reagent !== '')
  if (acts.length > 0)
    return {
      kind: 'acts',
      acts: acts.map((act, index): ReadAct => {
        const asks = asksOf(act)
        const from = index === 0 ? 0 : act.span[0]
        const words = typed.slice(from, acts[index + 1]?.span[0] ?? typed.length)
        return {
          action: act.action,
          ...(act.place ? { place: act.place } : {}),
          ...(asks === undefined ? {} : { asks }),
          text: words.trim().replace(/(?:[\s,;.+&>]|\b(?:and|then|followed\s+by))+$/i, ''),
        }
      }),
    }
  const measured = tokens.some(({ kind }) => kind === 'amount')
  return {
    kind: 'notUnderstood',
    says: measured ? 'Of which reagent? Nothing has been added in this tube yet.' : `Type what you did, for example ${EXAMPLES}.`,
  }
}

/** Acts of a line as one addition under one observation; undefined where one of them is no addition, or done elsewhere. */
export function putTogether(acts: readonly ReadAct[]): Action | undefined {
  const plain = acts.every(({ action, place }) => action.do === 'add' && action.order === undefined && place === undefined)
  const last = acts.at(-1)?.action
  if (!plain || !last || acts.length < 2) return undefined
  const others = acts
    .slice(0, -1)
    .flatMap(({ action }) => [
      ...(action.with ?? []),
      { reagent: action.reagent ?? '', ...(action.amount === undefined ? {} : { amount: action.amount }) },
    ])
  return { ...last, with: [...others, ...(last.with ?? [])] }
}
