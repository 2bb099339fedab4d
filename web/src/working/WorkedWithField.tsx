import type { Choice } from '../ui/choices.ts'
import { Select } from '../ui/Select.tsx'
import { TextField } from '../ui/TextField.tsx'
import { isChosen } from './workedWith.ts'

const TYPED = 'typed'

interface WorkedWithFieldProps {
  readonly label: string
  readonly value: string
  readonly placeholder: string
  readonly error: string | undefined
  /** What can be chosen instead of typing a number. */
  readonly others: readonly Choice[]
  readonly onChange: (text: string) => void
}

/** Something that an answer is worked with: a number is typed, or an answer (or another thing that is known) chosen. */
export function WorkedWithField({ label, value, placeholder, error, others, onChange }: WorkedWithFieldProps) {
  const chosen = isChosen(value)
  return (
    <div className="flex flex-wrap items-start gap-2">
      {chosen ? (
        <span className="min-w-40 flex-1 text-sm font-semibold">{label}</span>
      ) : (
        <TextField
          className="min-w-40 flex-1"
          label={label}
          value={value}
          mono
          placeholder={placeholder}
          error={error}
          onCommit={onChange}
        />
      )}
      {others.length > 0 && (
        <Select
          label={`${label}: from`}
          value={chosen ? value : TYPED}
          choices={[{ value: TYPED, says: 'a number' }, ...others]}
          className={chosen ? 'w-full' : 'mt-6 max-w-40'}
          onChange={(from) => onChange(from === TYPED ? '' : from)}
        />
      )}
    </div>
  )
}
