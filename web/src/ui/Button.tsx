import type { ButtonHTMLAttributes, ReactNode, Ref } from 'react'
import type { KeyActionName } from '../keys/actions.ts'
import { Key, KeyOf } from '../keys/KeyHint.tsx'
import { useCombination } from '../keys/keyStore.ts'
import { ariaKeys } from '../keys/sayKeys.ts'

interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  readonly ref?: Ref<HTMLButtonElement>
  readonly look?: 'plain' | 'main' | 'quiet' | 'danger'
  /** Key that does the same, shown on the button. */
  readonly hotkey?: string
  /** The act it does, where that has a key of its own: the key is shown. */
  readonly action?: KeyActionName
  readonly icon?: ReactNode
}

const LOOKS = {
  plain: 'border border-rule bg-sheet hover:border-ink-soft',
  main: 'border border-hop bg-hop text-sheet hover:brightness-110',
  quiet: 'underline decoration-from-font underline-offset-2 hover:text-hop',
  danger: 'border border-litmus text-litmus hover:bg-litmus-wash',
} as const

/** A button, large enough for a gloved finger. */
export function Button({ look = 'plain', hotkey, action, icon, className = '', children, ...rest }: ButtonProps) {
  const combination = useCombination(action)
  const size = look === 'quiet' ? 'min-h-8' : 'min-h-9 px-3'
  return (
    <button
      type="button"
      aria-keyshortcuts={combination === '' ? undefined : ariaKeys(combination)}
      className={`inline-flex items-center gap-2 rounded-lg text-[0.95rem] font-semibold disabled:opacity-60 ${size} ${LOOKS[look]} ${className}`}
      {...rest}
    >
      {icon}
      {children}
      {(hotkey || action) && (
        // It is seen; a screen reader is told by aria-keyshortcuts, and not in the middle of the name.
        <span aria-hidden="true" className="contents">
          {hotkey && <Key name={hotkey} />}
          {action && <KeyOf action={action} />}
        </span>
      )}
    </button>
  )
}
