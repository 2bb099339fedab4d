import { type Path, writePath } from '@hop-lark/core/record'
import { useId } from 'react'
import { goToNextAsked } from './nextAsked.ts'
import { TYPED_ONLY } from './typedOnly.ts'
import { useKeptText } from './useKeptText.ts'

interface TextFieldProps {
  readonly label: string
  readonly value: string
  /** Called with the text when the field is left or Enter is pressed, if it changed. */
  readonly onCommit: (text: string) => void
  readonly hint?: string
  readonly error?: string | undefined
  readonly unit?: string
  readonly mono?: boolean
  readonly hideLabel?: boolean
  readonly placeholder?: string
  readonly className?: string
  readonly inputMode?: 'text' | 'decimal'
  /** Path in the record, so that the margin can lead here, and what is typed outlives the page. */
  readonly at?: Path | undefined
  readonly list?: string
  /** Whether the next act waits for it: Enter elsewhere leads here. */
  readonly asked?: boolean
}

/**
 * One line of text. It is kept when the field is left, when Enter is pressed, which goes on, and when the page goes. What the record will
 * not have stays in the field as it was typed, with the reason beside it.
 */
export function TextField({
  label,
  value,
  onCommit,
  hint,
  error,
  unit,
  mono,
  hideLabel,
  placeholder,
  className = '',
  inputMode = 'text',
  at,
  list,
  asked = false,
}: TextFieldProps) {
  const id = useId()
  const { draft, setDraft, refusal, keep, drop } = useKeptText(at, value, onCommit, (typed) => typed.trim())
  const wrong = error ?? refusal
  return (
    <div className={className}>
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'mb-1 block text-sm font-semibold'}>
        {label}
      </label>
      <div className="flex items-center gap-2">
        <input
          id={id}
          data-at={at && writePath(at)}
          data-asked={asked ? '' : undefined}
          list={list}
          value={draft ?? value}
          placeholder={placeholder}
          inputMode={inputMode}
          aria-invalid={wrong !== undefined}
          aria-describedby={wrong || hint ? `${id}-hint` : undefined}
          {...(draft === undefined ? {} : TYPED_ONLY)}
          autoComplete="off"
          spellCheck={false}
          onChange={(event) => setDraft(event.target.value)}
          onBlur={keep}
          onKeyDown={(event) => {
            if (event.key === 'Enter' && !event.ctrlKey && keep()) goToNextAsked(event.currentTarget)
            if (event.key === 'Escape' && draft !== undefined) {
              event.stopPropagation()
              drop()
            }
          }}
          className={`min-h-9 w-full min-w-0 rounded-lg border bg-sheet px-3 placeholder:text-ink-soft ${wrong ? 'border-litmus' : 'border-rule'} ${mono ? 'font-mono' : ''}`}
        />
        {unit && <span className="text-sm whitespace-nowrap text-ink-soft">{unit}</span>}
      </div>
      {(wrong ?? hint) && (
        <p id={`${id}-hint`} className={`mt-1 text-sm ${wrong ? 'text-litmus' : 'text-ink-soft'}`}>
          {wrong ?? hint}
        </p>
      )}
    </div>
  )
}
