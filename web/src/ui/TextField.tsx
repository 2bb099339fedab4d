import { type Path, writePath } from '@hop-lark/core/record'
import { useEffect, useId, useRef, useState } from 'react'

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
  /** Path in the record, so that the margin can lead here. */
  readonly at?: Path
  readonly list?: string
}

/** One line of text. It is kept when the field is left, when Enter is pressed, and when the page goes. */
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
}: TextFieldProps) {
  const id = useId()
  const [draft, setDraft] = useState<string>()
  const commit = useRef(() => {})
  commit.current = () => {
    if (draft !== undefined && draft.trim() !== value) onCommit(draft.trim())
    setDraft(undefined)
  }
  useEffect(() => () => commit.current(), [])
  return (
    <div className={className}>
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'mb-1 block text-sm font-semibold'}>
        {label}
      </label>
      <div className="flex items-center gap-2">
        <input
          id={id}
          data-at={at && writePath(at)}
          list={list}
          value={draft ?? value}
          placeholder={placeholder}
          inputMode={inputMode}
          aria-invalid={error !== undefined}
          aria-describedby={error || hint ? `${id}-hint` : undefined}
          autoComplete="off"
          spellCheck={false}
          onChange={(event) => setDraft(event.target.value)}
          onBlur={() => commit.current()}
          onKeyDown={(event) => {
            if (event.key === 'Enter') commit.current()
            if (event.key === 'Escape' && draft !== undefined) {
              event.stopPropagation()
              setDraft(undefined)
            }
          }}
          className={`min-h-9 w-full min-w-0 rounded-lg border bg-sheet px-3 placeholder:text-ink-soft ${error ? 'border-litmus' : 'border-rule'} ${mono ? 'font-mono' : ''}`}
        />
        {unit && <span className="text-sm whitespace-nowrap text-ink-soft">{unit}</span>}
      </div>
      {(error ?? hint) && (
        <p id={`${id}-hint`} className={`mt-1 text-sm ${error ? 'text-litmus' : 'text-ink-soft'}`}>
          {error ?? hint}
        </p>
      )}
    </div>
  )
}
