import { fitToStep, isDecimalText } from '@hop-lark/core/number'
import { type Entry, entryText, type Path, writePath } from '@hop-lark/core/record'
import { useState } from 'react'
import { useNotebook } from '../notebook/store.ts'
import { Struck } from './Struck.tsx'

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

/** A decimal comma is read as a point; blanks around a number mean nothing. */
function tidy(text: string): string {
  return text.trim().replace(',', '.').replace(/^\./, '0.')
}

const RINGS = {
  error: 'border-litmus bg-litmus-wash',
  query: 'border-iodine bg-iodine-wash',
  advice: 'border-transparent',
} as const

const UNDER_THE_CELL = 'absolute top-full right-0 z-10 mt-1 rounded-md border px-2 py-1 text-sm whitespace-nowrap'

/** What is typed into a cell, what is suggested instead, and what the keys do with it. */
function useReading({ at, entry, step, offer, onDone }: Pick<ReadingCellProps, 'at' | 'entry' | 'step' | 'offer' | 'onDone'>) {
  const write = useNotebook((state) => state.write)
  const [draft, setDraft] = useState<string>()
  const [suggestion, setSuggestion] = useState<string>()
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
    setSuggestion(undefined)
    onDone?.()
  }
  const enter = () => {
    const ready = suggestion ?? (shown === '' ? offer : undefined)
    if (ready !== undefined) {
      take(ready)
      return
    }
    const kept = keep()
    if (kept === undefined || kept === '') return
    const better = step === undefined ? kept : fitToStep(kept, step)
    if (better !== kept && draft !== undefined) setSuggestion(better)
    else onDone?.()
  }
  return {
    shown,
    suggestion,
    wrong: draft !== undefined && draft.trim() !== '' && !isDecimalText(tidy(draft)),
    touched: draft !== undefined || suggestion !== undefined,
    type: (text: string | undefined) => {
      setDraft(text)
      setSuggestion(undefined)
    },
    enter,
    leave: () => {
      keep()
      setSuggestion(undefined)
    },
  }
}

/**
 * A cell for one reading. Enter keeps it and moves on; a reading with the wrong decimals is kept as typed and the better
 * one is suggested, which a second Enter takes. A number that changes is struck through, never lost.
 */
export function ReadingCell(props: ReadingCellProps) {
  const { at, label, entry, offer, size = 'large', pale, problem } = props
  const { shown, suggestion, wrong, touched, type, enter, leave } = useReading(props)
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
        onBlur={leave}
        onKeyDown={(event) => {
          if (event.key === 'Enter') {
            event.preventDefault()
            enter()
          } else if (event.key === 'Escape' && touched) {
            event.stopPropagation()
            type(undefined)
          }
        }}
        className={`num w-full min-w-0 rounded-md border-2 px-1 py-1 text-right outline-none placeholder:text-ink-soft focus:border-hop focus:bg-sheet data-[pointed]:ring-2 data-[pointed]:ring-iodine ${size === 'large' ? 'text-[1.35rem]' : 'text-lg'} ${pale ? 'text-ink-soft' : 'font-semibold'} ${wrong ? 'border-litmus bg-litmus-wash' : problem ? RINGS[problem] : 'border-transparent'} ${problem || wrong ? '' : 'hover:border-rule'}`}
      />
      {suggestion !== undefined && (
        <p role="status" className={`${UNDER_THE_CELL} border-lark bg-lark-wash`}>
          <span className="num font-semibold">{suggestion}</span>? Enter takes it
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
