import { type Entry, strikes } from '@hop-lark/core/record'

/** The struck-out values of a reading, oldest first, above the one that stands. */
export function Struck({ entry }: { readonly entry: Entry | undefined }) {
  const struck = strikes(entry)
  if (struck.length === 0) return null
  return (
    <span className="num block text-right text-sm text-ink-soft">
      {struck.map(({ value, why }, index) => (
        <s key={`${index}${value}`} className="ml-2" title={why ?? 'corrected'}>
          <span className="sr-only">struck out: </span>
          {value}
        </s>
      ))}
    </span>
  )
}
