interface SegmentsProps<Choice extends string> {
  readonly label: string
  readonly value: Choice
  readonly choices: readonly { readonly value: Choice; readonly says: string }[]
  readonly onChange: (value: Choice) => void
}

/** A few choices side by side, one of them taken. */
export function Segments<Choice extends string>({ label, value, choices, onChange }: SegmentsProps<Choice>) {
  return (
    <fieldset className="flex w-fit overflow-hidden rounded-lg border border-ink" aria-label={label}>
      {choices.map((choice) => (
        <button
          key={choice.value}
          type="button"
          aria-pressed={value === choice.value}
          onClick={() => onChange(choice.value)}
          className={`min-h-9 px-3.5 font-semibold ${value === choice.value ? 'bg-ink text-sheet' : 'bg-sheet text-ink hover:bg-hair'}`}
        >
          {choice.says}
        </button>
      ))}
    </fieldset>
  )
}
