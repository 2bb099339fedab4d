import { completedOn, readTypedReading } from '@hop-lark/core/number'
import { type Path, writePath } from '@hop-lark/core/record'
import { useId } from 'react'
import { useDraft } from '../notebook/drafts.ts'
import { padField } from '../pad/padField.ts'
import { usePad } from '../pad/usePad.ts'
import { CellSays } from './CellSays.tsx'
import { leaveField } from './leaveField.ts'
import { TYPED_ONLY } from './typedOnly.ts'

interface NextReadingProps {
  readonly label: string
  /** Path of the list it will stand in. */
  readonly at: Path
  readonly onReading: (value: string) => void
  /** How finely the scale is read: lost noughts are put in. */
  readonly step?: string | undefined
  /** Unit of the reading, which may be typed after it. */
  readonly unit?: string | undefined
  readonly className?: string
}

/** The reading to come in a list of them: Enter keeps it and opens the next. */
export function NextReading({ label, at, onReading, step, unit, className = 'w-full text-[1.35rem]' }: NextReadingProps) {
  const [text = '', setText] = useDraft(at)
  const says = useId()
  const pad = usePad()
  const typed = text.trim() === '' ? undefined : readTypedReading(text, unit)
  const wrong = typed?.wrong
  const keep = () => {
    if (typed?.text === undefined) return
    onReading(completedOn(typed.text, { step }))
    setText(undefined)
  }
  return (
    <div className="relative">
      <input
        aria-label={label}
        aria-invalid={wrong !== undefined}
        aria-describedby={wrong === undefined ? undefined : says}
        data-at={writePath(at)}
        data-asked=""
        {...padField({ step, unit })}
        inputMode={pad ? 'none' : 'decimal'}
        autoComplete="off"
        {...(text === '' ? {} : TYPED_ONLY)}
        value={text}
        placeholder="–"
        onChange={(event) => setText(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => {
          if (event.key === 'Enter' && !event.ctrlKey) keep()
          if (event.key !== 'Escape') return
          event.stopPropagation()
          if (text === '') leaveField(event.currentTarget)
          else setText(undefined)
        }}
        className={`num rounded-md border-2 px-1 py-1 text-right outline-none placeholder:text-ink-soft focus:border-hop ${className} ${wrong ? 'border-litmus bg-litmus-wash' : 'border-rule bg-sheet'}`}
      />
      {wrong && (
        <CellSays id={says} kind="wrong">
          {wrong}
        </CellSays>
      )}
    </div>
  )
}
