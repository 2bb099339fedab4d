import { checkEquation } from '@hop-lark/core/check'
import type { Path } from '@hop-lark/core/record'
import type { ReactNode } from 'react'
import { Button } from './Button.tsx'
import { EquationText } from './Chem.tsx'
import { TextField } from './TextField.tsx'

interface EquationFieldProps {
  readonly label?: string
  readonly value: string
  readonly at: Path
  readonly placeholder: string
  /** @param says - what the change is called when it is undone */
  readonly onWrite: (says: string, text: string) => void
  /** What stands behind the field in its line. */
  readonly children?: ReactNode
}

/** An equation as it is typed, with what is wrong in it, the balanced one by one key, and how it is set. */
export function EquationField({ label = 'Equation', value, at, placeholder, onWrite, children }: EquationFieldProps) {
  const [fault] = value.trim() === '' ? [] : checkEquation(value, at)
  const balanced = fault?.offer?.set[0]?.text
  return (
    <div className="mb-3">
      <div className="flex flex-wrap items-end gap-2">
        <TextField
          label={label}
          value={value}
          mono
          error={fault?.says}
          className="min-w-72 flex-1"
          placeholder={placeholder}
          at={at}
          onCommit={(text) => onWrite('write the equation', text)}
        />
        {children}
      </div>
      {fault && balanced && (
        <p className="mt-1 text-sm">
          {fault.mend}{' '}
          <Button look="quiet" onClick={() => onWrite('balance the equation', balanced)}>
            {fault.offer?.label}
          </Button>
        </p>
      )}
      {!fault && value.trim() !== '' && (
        <p className="mt-1 text-ink-soft">
          <EquationText text={value} />
        </p>
      )}
    </div>
  )
}
