import { type Path, writePath } from '@hop-lark/core/record'
import { useId } from 'react'
import { TYPED_ONLY } from './typedOnly.ts'
import { useKeptText } from './useKeptText.ts'

interface WordsFieldProps {
  readonly label: string
  readonly value: string
  /** Called with the text when the field is left, if it changed. */
  readonly onCommit: (text: string) => void
  /** Path in the record, so that the margin can lead here, and what is typed outlives the page. */
  readonly at: Path
  readonly placeholder?: string
  readonly hideLabel?: boolean
  readonly className?: string
  readonly fieldClassName?: string
}

/**
 * Several lines of text. They are kept when the field is left and when the page goes; what the record will not have stays as it
 * was typed, with the reason beneath.
 */
export function WordsField({
  label,
  value,
  onCommit,
  at,
  placeholder,
  hideLabel,
  className = '',
  fieldClassName = '',
}: WordsFieldProps) {
  const id = useId()
  const { draft, setDraft, refusal, keep } = useKeptText(at, value, onCommit, (typed) => (typed.trim() === '' ? '' : typed))
  return (
    <div className={className}>
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'mb-1 block text-sm font-semibold'}>
        {label}
      </label>
      <textarea
        id={id}
        value={draft ?? value}
        placeholder={placeholder}
        onChange={(event) => setDraft(event.target.value)}
        onBlur={keep}
        data-at={writePath(at)}
        aria-invalid={refusal !== undefined}
        {...(draft === undefined ? {} : TYPED_ONLY)}
        className={`field-sizing-content min-h-20 w-full rounded-xl border border-rule bg-sheet p-4 leading-relaxed placeholder:text-ink-soft ${fieldClassName}`}
      />
      {refusal && (
        <p role="alert" className="mt-1 text-sm text-litmus">
          {refusal}
        </p>
      )}
    </div>
  )
}
