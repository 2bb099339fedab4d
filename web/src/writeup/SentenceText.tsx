import { path, writePath } from '@hop-lark/core/record'
import { setText } from '@hop-lark/core/typeset'
import type { Sentence } from '@hop-lark/core/writeup'
import { useEffect, useRef } from 'react'
import { SetLine } from '../ui/Chem.tsx'

const LOOKS = {
  made: 'shadow-[inset_0_-2px_0_var(--rule)]',
  adopted: 'shadow-[inset_0_-2px_0_var(--hop)]',
  own: 'rounded bg-hop-wash',
} as const
const SAYS = { made: 'written for you', adopted: 'taken over', own: 'your own words' } as const

interface SentenceTextProps {
  readonly sentence: Sentence
  /** Whether it has just been left, and gets the cursor back. */
  readonly isLeft: boolean
  readonly onOpen: () => void
}

/** A sentence as it will be handed in; chosen by click or Enter, it can be changed. */
export function SentenceText({ sentence, isLeft, onOpen }: SentenceTextProps) {
  const here = useRef<HTMLSpanElement>(null)
  useEffect(() => {
    if (isLeft) here.current?.focus()
  }, [isLeft])
  const { id, text, state, since } = sentence
  const gone = text.trim() === ''
  return (
    <>
      {/* A real button would not run on over the end of a line, as a sentence does. */}
      {/* biome-ignore lint/a11y/useSemanticElements: see above */}
      <span
        ref={here}
        role="button"
        tabIndex={0}
        data-at={writePath(path('writeup', 'sentences', id, 'text'))}
        data-state={state}
        title={`${SAYS[state]}: choose to change`}
        className={`cursor-text hover:bg-lark-wash ${gone ? 'text-ink-soft italic print:hidden' : LOOKS[state]} print:bg-transparent print:shadow-none`}
        onClick={onOpen}
        onKeyDown={(event) => {
          if (event.key !== 'Enter' && event.key !== ' ') return
          event.preventDefault()
          onOpen()
        }}
      >
        {gone ? '(a sentence left out)' : <SetLine line={setText(text)} />}
        <span className="sr-only"> ({SAYS[state]})</span>
      </span>
      {since !== undefined && <span className="ml-1 text-sm text-iodine print:hidden">(the record says now: {since})</span>}
    </>
  )
}
