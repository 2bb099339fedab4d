import type { Offer } from '@hop-lark/core/identify'
import { adviseWording, type WordingAdvice } from '@hop-lark/core/observe'
import { type Action, completeAction, readAction, splitActs } from '@hop-lark/core/rack'
import { useMemo, useRef } from 'react'
import { useDrafts } from '../../notebook/drafts.ts'

/** What is being typed of the next step of a tube. */
interface Draft {
  readonly did: string
  readonly saw: string
}

/** The line that is being typed: its words, what they are read as, and how to change them. */
export interface StepLineState extends Draft {
  readonly action: Action | undefined
  /** Acts of the same line that come after it, as they are typed. */
  readonly rest: string
  /** Why what was done is not understood, or only kept as written, once there is something typed. */
  readonly problem: string | undefined
  readonly advice: WordingAdvice | undefined
  /** What the act that is being typed may become. */
  readonly completions: readonly string[]
  readonly setDid: (text: string) => void
  readonly setSaw: (text: string) => void
  /** Takes one of them. */
  readonly complete: (text: string) => void
  /** Takes the better wording. */
  readonly takeAdvice: () => void
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

/**
 * The line that is being typed in a tube.
 *
 * @param key - names the tube among all tasks
 * @param lastReagent - what "xs" alone goes on with
 */
export function useStepLine(key: string, lastReagent: string | undefined): StepLineState {
  const did = useDrafts(({ texts }) => texts[`${key} did`] ?? '')
  const saw = useDrafts(({ texts }) => texts[`${key} saw`] ?? '')
  const didField = useRef<HTMLInputElement>(null)
  const sawField = useRef<HTMLInputElement>(null)
  const [first = '', ...after] = useMemo(() => splitActs(did), [did])
  const rest = after.join(' then ')
  const read = useMemo(() => readAction(first, lastReagent), [first, lastReagent])
  const action = read.kind === 'notUnderstood' ? undefined : read.action
  const advice = useMemo(() => (saw === '' ? undefined : adviseWording(saw, action ?? { do: 'look' })[0]), [saw, action])
  return {
    did,
    saw,
    action,
    rest,
    problem: read.kind !== 'action' && did.trim() !== '' ? read.says : undefined,
    advice,
    completions: useMemo(() => completeAction(did), [did]),
    setDid: (text) => draft(key, { did: text, saw }),
    setSaw: (text) => draft(key, { did, saw: text }),
    complete: (text) => {
      draft(key, { did: text, saw })
      didField.current?.focus()
    },
    takeAdvice: () => {
      if (advice?.instead === undefined) return
      draft(key, { did, saw: `${saw.slice(0, advice.span[0])}${advice.instead}${saw.slice(advice.span[1])}` })
      sawField.current?.focus()
    },
    take: ({ says }) => {
      draft(key, { did, saw: says })
      sawField.current?.focus()
    },
    next: () => {
      draft(key, rest === '' ? undefined : { did: rest, saw: '' })
      const field = rest === '' ? didField : sawField
      field.current?.focus()
    },
    didField,
    sawField,
  }
}
