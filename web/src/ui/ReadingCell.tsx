import { Exact, fitToStep, isDecimalText } from '@hop-lark/core/number'
import { type Entry, entryText, type Path, writePath } from '@hop-lark/core/record'
import { useState } from 'react'
import { useDraft } from '../notebook/drafts.ts'
import { useNotebook } from '../notebook/store.ts'
import { Struck } from './Struck.tsx'
import { TYPED_ONLY } from './typedOnly.ts'
import { UNDER_THE_CELL } from './underTheCell.ts'

interface ReadingCellProps {
  /** Path of the reading in the record. */
  readonly at: Path
  readonly label: string
  readonly entry: Entry | undefined
  /** How finely the scale is read; a reading with other decimals gets a suggestion. */
  readonly step?: string | undefined
  /** What an empty cell offers: Enter takes it. */
  readonly offer?: string | undefined
  readonly size?: 'large' | 'normal'
  readonly pale?: boolean
  /** Called when the cell is filled and the cursor should move on. */
  readonly onDone?: (() => void) | undefined
  readonly problem?: 'error' | 'query' | 'advice' | undefined
}

/** Whether a reading was meant otherwise: what is kept, what the scale would allow, and whether that is the same number. */
interface Question {
  readonly kept: string
  readonly better: string
  readonly sameNumber: boolean
}

/** A decimal comma is read as a point; blanks around a number mean nothing. */
function tidy(text: string): string {
  return text.trim().replace(',', '.').replace(/^\./, '0.')
}

const RINGS = {
  error: 'border-litmus bg-litmus-wash',
  query: 'border-iodine bg-iodine-wash',
  advice: 'border-transparent',
} as const

/** What is typed into a cell, what is suggested instead, and what the keys do with it. */
function useReading({ at, entry, step, offer, onDone }: Pick<ReadingCellProps, 'at' | 'entry' | 'step' | 'offer' | 'onDone'>) {
  const write = useNotebook((state) => state.write)
  const [draft, setDraft] = useDraft(at)
  const [question, setQuestion] = useState<Question>()
  const value = entry === undefined ? '' : entryText(entry)
  const shown = draft ?? value
  const keep = (): string | undefined => {
    if (draft === undefined) return value
    const text = tidy(draft)
    if (text !== '' && !isDecimalText(text)) return undefined
    if (text !== value) write(at, text)
    setDraft(undefined)
    return text
  }
  const take = (text: string) => {
    write(at, text)
    setQuestion(undefined)
    onDone?.()
  }
  const enter = () => {
    // Another number is never taken without a yes; the same one with its nought is no other.
    const ready = question?.sameNumber ? question.better : shown === '' ? offer : undefined
    if (ready !== undefined) {
      take(ready)
      return
    }
    const kept = keep()
    if (kept === undefined || kept === '') return
    const better = step === undefined ? kept : fitToStep(kept, step)
    if (better !== kept && draft !== undefined) setQuestion({ kept, better, sameNumber: new Exact(better).eq(kept) })
    else {
      setQuestion(undefined)
      onDone?.()
    }
  }
  return {
    shown,
    question,
    isDraft: draft !== undefined,
    yes: () => question && take(question.better),
    wrong: draft !== undefined && draft.trim() !== '' && !isDecimalText(tidy(draft)),
    touched: draft !== undefined || question !== undefined,
    type: (text: string | undefined) => {
      setDraft(text)
      setQuestion(undefined)
    },
    enter,
    leave: () => {
      keep()
      setQuestion(undefined)
    },
  }
}

/**
 * A cell for one reading. Enter keeps it and moves on; a reading with the wrong decimals is kept as typed and the better
 * one is suggested: a lost nought is put in by a second Enter, another number only by a yes. A number that changes is
 * struck through, never lost; what is typed and not entered, or no number, stays as it was typed.
 */
export function ReadingCell(props: ReadingCellProps) {
  const { at, label, entry, offer, size = 'large', pale, problem } = props
  const { shown, question, wrong, isDraft, touched, type, enter, yes, leave } = useReading(props)
  return (
    <div className="relative">
      <Struck entry={entry} />
      <input
        data-at={writePath(at)}
        aria-label={label}
        aria-invalid={wrong || problem === 'error'}
        inputMode="decimal"
        autoComplete="off"
        value={shown}
        placeholder={offer ?? '–'}
        onChange={(event) => type(event.target.value)}
        {...(isDraft ? TYPED_ONLY : {})}
        onBlur={leave}
        onKeyDown={(event) => {
          if (event.key === 'Enter') {
            event.preventDefault()
            enter()
          } else if (event.key.toLowerCase() === 'y' && question !== undefined) {
            event.preventDefault()
            yes()
          } else if (event.key === 'Escape') {
            if (touched) event.stopPropagation()
            if (touched) type(undefined)
            else event.currentTarget.blur()
          }
        }}
        className={`num w-full min-w-0 rounded-md border-2 px-1 py-1 text-right outline-none placeholder:text-ink-soft focus:border-hop focus:bg-sheet data-[pointed]:ring-2 data-[pointed]:ring-iodine ${size === 'large' ? 'text-[1.35rem]' : 'text-lg'} ${pale ? 'text-ink-soft' : 'font-semibold'} ${wrong ? 'border-litmus bg-litmus-wash' : problem ? RINGS[problem] : 'border-transparent'} ${problem || wrong ? '' : 'hover:border-rule'}`}
      />
      {question !== undefined && (
        <p role="status" className={`${UNDER_THE_CELL} border-lark bg-lark-wash`}>
          <span className="num font-semibold">{question.better}</span>?{' '}
          {question.sameNumber ? 'Enter takes it' : `Y takes it, Enter keeps ${question.kept}`}
        </p>
      )}
      {wrong && (
        <p role="alert" className={`${UNDER_THE_CELL} border-litmus bg-litmus-wash`}>
          digits and a point only, no unit
        </p>
      )}
    </div>
  )
}
