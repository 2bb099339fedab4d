import { meantOn, readTypedReading } from '@hop-lark/core/number'
import { type Entry, entryText, type Path, writePath } from '@hop-lark/core/record'
import { useId } from 'react'
import { useDerived } from '../notebook/derived.ts'
import { useDraft } from '../notebook/drafts.ts'
import { useNotebook } from '../notebook/store.ts'
import { padField } from '../pad/padField.ts'
import { usePad } from '../pad/usePad.ts'
import { CellSays } from './CellSays.tsx'
import { sayYes, useLastSaid, useSaidOf } from './lastSaid.ts'
import { leaveField } from './leaveField.ts'
import { goToNextAsked } from './nextAsked.ts'
import { SaidWords } from './SaidWords.tsx'
import { Struck } from './Struck.tsx'
import { TYPED_ONLY } from './typedOnly.ts'

interface ReadingCellProps {
  /** Path of the reading in the record. */
  readonly at: Path
  readonly label: string
  readonly entry: Entry | undefined
  /** How finely the scale is read; a reading with fewer decimals is completed, one between the marks is asked about. */
  readonly step?: string | undefined
  /** The last mark of the scale; a reading past it is asked about. */
  readonly most?: string | undefined
  /** Unit of the reading, which may be typed after it. */
  readonly unit?: string | undefined
  /** What an empty cell offers: Enter takes it. */
  readonly offer?: string | undefined
  readonly size?: 'large' | 'normal'
  readonly pale?: boolean
  /** Where the cursor goes when the cell is filled; without it, to the next thing that is asked for on the page. */
  readonly onDone?: (() => void) | undefined
  readonly problem?: 'error' | 'query' | 'advice' | undefined
  /** Whether what is said about it stands elsewhere: under the row where the next is typed. */
  readonly quiet?: boolean
}

const RINGS = {
  error: 'border-litmus bg-litmus-wash',
  query: 'border-iodine bg-iodine-wash',
  advice: 'border-transparent',
} as const

type Reading = Pick<ReadingCellProps, 'at' | 'entry' | 'step' | 'most' | 'unit' | 'offer'> & { readonly onDone: () => void }

/** What is typed into a cell, what is asked about it, and what the keys do with it. */
function useReading({ at, entry, step, most, unit, offer, onDone }: Reading) {
  const write = useNotebook((state) => state.write)
  const [draft, setDraft] = useDraft(at)
  const said = useSaidOf(at)
  const value = entry === undefined ? '' : entryText(entry)
  const shown = draft ?? value
  const typed = draft === undefined || draft.trim() === '' ? undefined : readTypedReading(draft, unit)
  /** Keeps what is typed, with the noughts of the scale; undefined where it is no number. */
  const keep = (): string | undefined => {
    if (draft === undefined) return value
    if (typed?.wrong !== undefined) return undefined
    const text = typed?.text ?? ''
    const meant = text === '' ? undefined : meantOn(text, { step, most })
    const kept = meant?.kind === 'completed' ? meant.text : text
    if (kept !== value) write(at, kept)
    const { say, drop } = useLastSaid.getState()
    if (meant?.kind === 'completed') say({ at, kept, typed: text })
    else if (meant?.kind === 'asked') say({ at, kept, better: meant.text })
    else drop()
    setDraft(undefined)
    return kept
  }
  const enter = () => {
    if (shown === '' && offer !== undefined) {
      write(at, offer)
      onDone()
      return
    }
    const kept = keep()
    // What is asked about a reading holds nobody up: the next number lands where the hand means it.
    if (kept !== undefined && kept !== '') onDone()
  }
  return {
    shown,
    said: draft === undefined ? said : undefined,
    isDraft: draft !== undefined,
    wrong: typed?.wrong,
    type: setDraft,
    enter,
    leave: keep,
  }
}

/**
 * A cell for one reading. Enter keeps it and moves on; lost noughts are put in, and said; another number is only asked about,
 * and put in by a yes, from this cell or any other. A number that changes is struck through, never lost; what is typed and not
 * entered, or no number, stays as it was typed.
 */
export function ReadingCell(props: ReadingCellProps) {
  const { at, label, entry, offer, size = 'large', pale, problem } = props
  const says = useId()
  const pad = usePad()
  const {
    shown,
    said: spoken,
    wrong,
    isDraft,
    type,
    enter,
    leave,
  } = useReading({
    ...props,
    onDone: () => (props.onDone ?? (() => goToNextAsked(at)))(),
  })
  const said = props.quiet ? undefined : spoken
  const speaks = said !== undefined || wrong !== undefined
  const mark = problem === 'advice' ? undefined : problem
  return (
    <div className="relative">
      <Struck entry={entry} />
      <input
        data-at={writePath(at)}
        data-asked=""
        aria-label={label}
        aria-invalid={wrong !== undefined || problem === 'error'}
        aria-describedby={speaks || mark ? says : undefined}
        {...padField({ step: props.step, most: props.most, unit: props.unit })}
        inputMode={pad ? 'none' : 'decimal'}
        autoComplete="off"
        value={shown}
        placeholder={offer ?? '–'}
        onChange={(event) => type(event.target.value)}
        {...(isDraft ? TYPED_ONLY : {})}
        onBlur={leave}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && !event.ctrlKey) {
            event.preventDefault()
            enter()
          } else if (event.key.toLowerCase() === 'y' && !event.altKey && sayYes()) event.preventDefault()
          else if (event.key === 'Escape') {
            if (isDraft) event.stopPropagation()
            if (isDraft) type(undefined)
            else leaveField(event.currentTarget)
          }
        }}
        className={`num w-full min-w-0 rounded-md border-2 px-1 py-1 text-right outline-none placeholder:text-ink-soft focus:border-hop focus:bg-sheet data-[pointed]:ring-2 data-[pointed]:ring-iodine ${size === 'large' ? 'text-[1.35rem]' : 'text-lg'} ${pale ? 'text-ink-soft' : 'font-semibold'} ${wrong ? 'border-litmus bg-litmus-wash' : problem ? RINGS[problem] : 'border-transparent'} ${problem || wrong ? '' : 'hover:border-rule'}`}
      />
      {wrong ? (
        <CellSays id={says} kind="wrong">
          {wrong}
        </CellSays>
      ) : (
        said && (
          <CellSays id={says} kind={'better' in said ? 'asks' : 'tells'}>
            <SaidWords said={said} />
          </CellSays>
        )
      )}
      {mark && !speaks && <Marked id={says} at={at} level={mark} />}
    </div>
  )
}

interface MarkedProps {
  readonly id: string
  readonly at: Path
  readonly level: 'error' | 'query'
}

/** Why a cell is marked, for whoever does not see the margin. */
function Marked({ id, at, level }: MarkedProps) {
  const place = writePath(at)
  const found = useDerived().problems.find((problem) => problem.level === level && writePath(problem.at) === place)
  return (
    <span id={id} className="sr-only">
      {found?.says}
    </span>
  )
}
