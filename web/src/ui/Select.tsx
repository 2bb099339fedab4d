import { Check, ChevronDown } from 'lucide-react'
import { Select as Radix } from 'radix-ui'
import type { Choice } from './choices.ts'

interface SelectProps<Value extends string> {
  readonly label: string
  readonly value: Value | ''
  readonly choices: readonly Choice<Value>[]
  readonly onChange: (value: Value) => void
  readonly placeholder?: string
  readonly className?: string
}

interface Group<Value extends string> {
  readonly group: string | undefined
  readonly members: readonly Choice<Value>[]
}

/** Choices under their headings, in their order. */
function groupsOf<Value extends string>(choices: readonly Choice<Value>[]): readonly Group<Value>[] {
  const names = [...new Set(choices.map(({ group }) => group))]
  return names.map((group) => ({ group, members: choices.filter((choice) => choice.group === group) }))
}

/** A list to choose one from. */
export function Select<Value extends string>({
  label,
  value,
  choices,
  onChange,
  placeholder = 'Choose …',
  className = '',
}: SelectProps<Value>) {
  const choose = (chosen: string) => {
    const choice = choices.find((one) => one.value === chosen)
    if (choice) onChange(choice.value)
  }
  return (
    <Radix.Root value={value} onValueChange={choose}>
      <Radix.Trigger
        aria-label={label}
        className={`inline-flex min-h-9 items-center justify-between gap-2 rounded-lg border border-rule bg-sheet px-3 text-left data-[placeholder]:text-ink-soft ${className}`}
      >
        <Radix.Value placeholder={placeholder} />
        <ChevronDown size={16} aria-hidden />
      </Radix.Trigger>
      <Radix.Portal>
        <Radix.Content
          position="popper"
          sideOffset={4}
          className="z-50 max-h-80 overflow-auto rounded-lg border border-rule bg-sheet p-1"
        >
          <Radix.Viewport>
            {groupsOf(choices).map(({ group, members }) => (
              <Radix.Group key={group ?? ''}>
                {group && (
                  <Radix.Label className="px-3 pt-3 pb-1 text-sm font-semibold text-ink-soft first-letter:uppercase">
                    {group}
                  </Radix.Label>
                )}
                {members.map((choice) => (
                  <Radix.Item
                    key={choice.value}
                    value={choice.value}
                    className="flex min-h-9 cursor-pointer items-center gap-2 rounded px-3 outline-none data-[highlighted]:bg-hop-wash"
                  >
                    <Radix.ItemText>{choice.says}</Radix.ItemText>
                    <Radix.ItemIndicator>
                      <Check size={14} />
                    </Radix.ItemIndicator>
                  </Radix.Item>
                ))}
              </Radix.Group>
            ))}
          </Radix.Viewport>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  )
}
