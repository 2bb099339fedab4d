import type { ComponentProps } from 'react'
import { useController } from 'react-hook-form'
import type { Choice } from '../choices.ts'
import { Select } from '../Select.tsx'
import { TextField } from '../TextField.tsx'
import { useFieldPath, useKeep } from './KeptForm.tsx'

interface TextOfProps extends Omit<ComponentProps<typeof TextField>, 'value' | 'onCommit'> {
  readonly name: string
  /** An empty field is nothing at all, rather than a text without letters. */
  readonly optional?: boolean
  /** The text as the schema has it: a comma turned into a point. */
  readonly tidy?: (text: string) => string
  /** How what the record has is written in the field. */
  readonly write?: (value: unknown) => string
  /** What is said of a text that is refused, where the schema's words are too many for the field. */
  readonly refusal?: string
}

const asIs = (text: string) => text
const written = (value: unknown) => (typeof value === 'string' ? value : '')

/** A line of text of a form that keeps each field by itself. */
export function TextOf({ name, optional = false, tidy = asIs, write = written, refusal, error, ...rest }: TextOfProps) {
  const at = useFieldPath(name)
  const keep = useKeep()
  const { field, fieldState } = useController({ name })
  return (
    <TextField
      at={at}
      {...rest}
      value={write(field.value)}
      error={fieldState.error ? (refusal ?? fieldState.error.message) : error}
      onCommit={(text) => keep(name, optional && text === '' ? undefined : tidy(text))}
    />
  )
}

interface SelectOfProps {
  readonly name: string
  readonly label: string
  readonly choices: readonly Choice[]
  readonly placeholder?: string
  /** What a choice is in the record, where that is no text. */
  readonly read?: (value: string) => unknown
}

/** A list of a form that keeps each field by itself. */
export function SelectOf({ name, read = asIs, ...rest }: SelectOfProps) {
  const keep = useKeep()
  const { field } = useController({ name })
  return (
    <Select
      {...rest}
      value={field.value === undefined ? '' : String(field.value)}
      onChange={(value) => keep(name, read(value))}
    />
  )
}

/** What is said of a number that is none. */
export const DIGITS_ONLY = 'digits and a point only'

/** A comma as people type it, for the point that a number has. */
export const withPoint = (text: string): string => text.replace(',', '.')
