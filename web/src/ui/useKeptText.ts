import type { Path } from '@hop-lark/core/record'
import { useEffect, useRef, useState } from 'react'
import { useDraft } from '../notebook/drafts.ts'
import { refusalOf } from '../notebook/store.ts'

interface KeptText {
  /** What is typed and not entered; undefined where nothing is. */
  readonly draft: string | undefined
  readonly setDraft: (text: string | undefined) => void
  /** Why the record will not have it. */
  readonly refusal: string | undefined
  /** Whether there is nothing left that is only typed. */
  readonly keep: () => boolean
  /** Takes back what was typed. */
  readonly drop: () => void
}

/**
 * Text that is kept when its field is left and when the page goes; what the record will not have stays as it was typed.
 *
 * @param tidy - what is kept of what was typed
 */
export function useKeptText(
  at: Path | undefined,
  value: string,
  onCommit: (text: string) => void,
  tidy: (typed: string) => string,
): KeptText {
  const [draft, setDraft] = useDraft(at)
  const [refusal, setRefusal] = useState<string>()
  const keep = useRef((): boolean => true)
  keep.current = () => {
    if (draft === undefined) return true
    const text = tidy(draft)
    const refused = text === value ? undefined : refusalOf(() => onCommit(text))
    setRefusal(refused)
    if (refused === undefined) setDraft(undefined)
    return refused === undefined
  }
  useEffect(
    () => () => {
      keep.current()
    },
    [],
  )
  return {
    draft,
    setDraft,
    refusal,
    keep: () => keep.current(),
    drop: () => {
      // A field that goes in the same moment must not keep what was given up.
      keep.current = () => true
      setDraft(undefined)
      setRefusal(undefined)
    },
  }
}
