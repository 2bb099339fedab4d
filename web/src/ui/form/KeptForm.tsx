import { zodResolver } from '@hookform/resolvers/zod'
import type { Path } from '@hop-lark/core/record'
import { createContext, type ReactNode, use } from 'react'
import { type DefaultValues, type FieldPath, type FieldValues, FormProvider, useForm } from 'react-hook-form'
import type { z } from 'zod'
import { tellField } from '../../notebook/store.ts'
import { useStable } from '../useStable.ts'

interface KeptFormProps<Values extends FieldValues> {
  /** What of the record it is over. */
  readonly at: Path
  readonly schema: z.ZodType<Values>
  /** What the record has now. */
  readonly values: Values
  /** Writes one field into the record; it is called with nothing that the schema refuses. */
  readonly onKeep: (name: FieldPath<Values>, value: unknown) => void
  readonly children: ReactNode
}

type Keep = (name: string, value: unknown) => void
const KeepContext = createContext<Keep>(() => {})
const AtContext = createContext<Path>([])

/** Keeps a field of the form around. */
export const useKeep = (): Keep => use(KeepContext)

/** Where in the record a field of the form around stands. */
export const useFieldPath = (name: string): Path => [...use(AtContext), ...name.split('.')]

/**
 * A form over a piece of the record. There is nothing to send: each field is kept by itself as soon as it is left, if the
 * schema takes it. What it refuses stays in its field with the reason, and hinders no other.
 */
export function KeptForm<Values extends FieldValues>({ at, schema, values, onKeep, children }: KeptFormProps<Values>) {
  const form = useForm<Values>({
    resolver: zodResolver(schema as z.ZodType<Values, Values>),
    defaultValues: values as DefaultValues<Values>,
    values,
    // The record may change under the form (undo, another device); what is refused meanwhile stays.
    resetOptions: { keepDirtyValues: true, keepErrors: true },
  })
  const keep = useStable((name: string, value: unknown) => {
    const path = name as FieldPath<Values>
    form.setValue(path, value as never, { shouldDirty: true })
    const { error } = schema.safeParse(form.getValues())
    // Decided at once: the page may be gone before a promise is.
    const wrong = error?.issues.find((issue) => `${issue.path.join('.')}.`.startsWith(`${name}.`))
    if (wrong) {
      void form.trigger(path)
      tellField(wrong.message)
    } else {
      form.resetField(path, { defaultValue: value as never })
      onKeep(path, value)
    }
  })
  return (
    <FormProvider {...form}>
      <KeepContext value={keep}>
        <AtContext value={at}>{children}</AtContext>
      </KeepContext>
    </FormProvider>
  )
}
