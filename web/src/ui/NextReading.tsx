import { isDecimalText } from '@hop-lark/core/number'
import { type Path, writePath } from '@hop-lark/core/record'
import { useDraft } from '../notebook/drafts.ts'
import { TYPED_ONLY } from './typedOnly.ts'
import { UNDER_THE_CELL } from './underTheCell.ts'

interface NextReadingProps {
  readonly label: string
  /** Path of the list it will stand in. */
  readonly at: Path
  readonly onReading: (value: string) => void
  readonly className?: string
}

/** The reading to come in a list of them: Enter keeps it and opens the next. */
export function NextReading({ label, at, onReading, className = 'w-full text-[1.35rem]' }: NextReadingProps) {
  const [text = '', setText] = useDraft(at)
  const value = text.trim().replace(',', '.')
  const wrong = value !== '' && !isDecimalText(value)
  const keep = () => {
    if (!isDecimalText(value)) return
    onReading(value)
    setText(undefined)
  }
  return (
    <div className="relative">
      <input
        aria-label={label}
        aria-invalid={wrong}
        data-at={writePath(at)}
        inputMode="decimal"
        autoComplete="off"
        {...(text === '' ? {} : TYPED_ONLY)}
        value={text}
        placeholder="–"
        onChange={(event) => setText(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => {
          if (event.key === 'Enter') keep()
          if (event.key !== 'Escape') return
          event.stopPropagation()
          if (text === '') event.currentTarget.blur()
          else setText(undefined)
        }}
        className={`num rounded-md border-2 px-1 py-1 text-right outline-none placeholder:text-ink-soft focus:border-hop ${className} ${wrong ? 'border-litmus bg-litmus-wash' : 'border-rule bg-sheet'}`}
      />
      {wrong && (
        <p role="alert" className={`${UNDER_THE_CELL} border-litmus bg-litmus-wash`}>
          digits and a point only, no unit
        </p>
      )}
    </div>
  )
}
