import type { Offer } from '@hop-lark/core/identify'
import {
  adviseWording,
  type Observation,
  type OtherReading,
  readObservation,
  readOtherwise,
  type StepContext,
  type WordingAdvice,
} from '@hop-lark/core/observe'
import { type Action, completeAction, type Place, putTogether, readActs, type SheetBottle, sayAction } from '@hop-lark/core/rack'
import { useMemo, useRef } from 'react'
import { useDrafts } from '../../notebook/drafts.ts'

/** What is being typed of the next step of a tube. */
interface Draft {
  readonly did: string
  readonly saw: string
}

/** The line that is being typed: its words, what they are read as, and how to change them. */
export interface StepLineState extends Draft {
  /** Whether what is done stands there by the plan, so that what is seen is typed next. */
  readonly isPlanned: boolean
  readonly action: Action | undefined
  /** The words of that act. */
  readonly first: string
  /** Where it is done, if not in this tube. */
  readonly place: Place | undefined
  /** Acts of the same line that come after it, as they are typed. */
  readonly rest: string
  /** The acts of the line as one, with one observation; undefined where they cannot be. */
  readonly together: string | undefined
  /** Why what was done is not understood, or only kept as written, once there is something typed. */
  readonly problem: string | undefined
  /** What is read of what was seen, where it will stand. */
  readonly observation: Observation
  /** Other ways in which it may have been meant. */
  readonly others: readonly OtherReading[]
  readonly advice: WordingAdvice | undefined
  /** What the act that is being typed may become. */
  readonly completions: readonly string[]
  readonly setDid: (text: string) => void
  readonly setSaw: (text: string) => void
  /** Takes one of them. */
  readonly complete: (text: string) => void
  /** Takes the better wording. */
  readonly takeAdvice: () => void
  /** Writes what was seen in other words. */
  readonly mend: (text: string) => void
  readonly take: (offer: Offer) => void
  /** On to the next act of the line, or to an empty line. */
  readonly next: () => void
  readonly didField: React.RefObject<HTMLInputElement | null>
  readonly sawField: React.RefObject<HTMLInputElement | null>
}

/** Keeps what is typed of a line; what is empty is kept no longer. */
function draft(key: string, line: Draft | undefined): void {
  const { type } = useDrafts.getState()
  type(`${key} did`, line?.did || undefined)
  type(`${key} saw`, line?.saw || undefined)
}

/** What the line stands in. */
interface LineContext {
  /** What "xs" alone goes on with. */
  readonly lastReagent: string | undefined
  /** What the samples of the rack are called. */
  readonly samples: readonly string[]
  /** Bottles by what the sheet calls them. */
  readonly sheet: readonly SheetBottle[]
  /** Where an observation of an act will stand. */
  readonly contextOf: (action: Action) => StepContext
  /** What is planned next in this tube: it stands in the line until something else is typed. */
  readonly planned: Action | undefined
  /** Whether more is planned after that: what was seen is then the next thing to type. */
  readonly goesOn: boolean
}

const LOOK: Action = { do: 'look' }

/** The acts that are typed: the first, the rest, and what is asked about. */
function useActs(did: string, { lastReagent, samples, sheet }: LineContext) {
  const labels = JSON.stringify({ samples, sheet })
  return useMemo(() => {
    const read = readActs(did, { last: lastReagent, ...JSON.parse(labels) })
    if (read.kind === 'notUnderstood') return { first: '', rest: '', problem: did.trim() === '' ? undefined : read.says }
    const [first, ...after] = read.acts
    const one = after.length > 0 ? putTogether(read.acts) : undefined
    return {
      action: first?.action,
      first: first?.text ?? '',
      place: first?.place,
      rest: after.map(({ text }) => text).join(' then '),
      together: one && sayAction(one),
      problem: first?.asks,
    }
  }, [did, lastReagent, labels])
}

/** What was seen as it is read where it will stand, how else it may be meant, and how to put it better. */
function useSeen(saw: string, context: StepContext) {
  const { do: act, reagent, amount, test, precipitate, dry } = context
  return useMemo(() => {
    const given: StepContext = { do: act, reagent, amount, test, precipitate, dry }
    return {
      observation: readObservation(saw, given),
      others: readOtherwise(saw, given),
      advice: saw === '' ? undefined : adviseWording(saw, given)[0],
    }
  }, [saw, act, reagent, amount, test, precipitate, dry])
}

/**
 * The line that is being typed in a tube.
 *
 * @param key - names the tube among all tasks
 */
export function useStepLine(key: string, context: LineContext): StepLineState {
  const typed = useDrafts(({ texts }) => texts[`${key} did`])
  const planned = context.planned && sayAction(context.planned)
  const did = typed ?? planned ?? ''
  const saw = useDrafts(({ texts }) => texts[`${key} saw`] ?? '')
  const didField = useRef<HTMLInputElement>(null)
  const sawField = useRef<HTMLInputElement>(null)
  const { action, first, place, rest, together, problem } = useActs(did, context)
  const { observation, others, advice } = useSeen(saw, context.contextOf(action ?? LOOK))
  const mend = (text: string) => {
    draft(key, { did: typed ?? '', saw: text })
    sawField.current?.focus()
  }
  return {
    did,
    isPlanned: typed === undefined && planned !== undefined,
    saw,
    action,
    first,
    place,
    rest,
    together,
    problem,
    observation,
    others,
    advice,
    completions: useMemo(() => completeAction(did), [did]),
    // An emptied field is kept as a blank where a plan would fill it again.
    setDid: (text) => draft(key, { did: text === '' && planned !== undefined ? ' ' : text, saw }),
    setSaw: (text) => draft(key, { did: typed ?? '', saw: text }),
    complete: (text) => {
      draft(key, { did: text, saw })
      didField.current?.focus()
    },
    takeAdvice: () => {
      if (advice?.instead === undefined) return
      mend(`${saw.slice(0, advice.span[0])}${advice.instead}${saw.slice(advice.span[1])}`)
    },
    mend,
    take: ({ says }) => mend(says),
    next: () => {
      draft(key, rest === '' ? undefined : { did: rest, saw: '' })
      const field = rest === '' && !context.goesOn ? didField : sawField
      field.current?.focus()
    },
    didField,
    sawField,
  }
}
