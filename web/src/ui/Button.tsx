import type { ButtonHTMLAttributes, ReactNode } from 'react'

interface ButtonProps extends ButtonHTMLAttributes<HTMLButtonElement> {
  readonly look?: 'plain' | 'main' | 'quiet' | 'danger'
  /** Key that does the same, shown on the button. */
  readonly hotkey?: string
  readonly icon?: ReactNode
}

const LOOKS = {
  plain: 'border border-rule bg-sheet hover:border-ink-soft',
  main: 'border border-hop bg-hop text-sheet hover:brightness-110',
  quiet: 'underline decoration-from-font underline-offset-2 hover:text-hop',
  danger: 'border border-litmus text-litmus hover:bg-litmus-wash',
} as const

/** A button, large enough for a gloved finger. */
export function Button({ look = 'plain', hotkey, icon, className = '', children, ...rest }: ButtonProps) {
  const size = look === 'quiet' ? 'min-h-8' : 'min-h-9 px-3'
  return (
    <button
      type="button"
      className={`inline-flex items-center gap-2 rounded-lg text-[0.95rem] font-semibold disabled:opacity-60 ${size} ${LOOKS[look]} ${className}`}
      {...rest}
    >
      {icon}
      {children}
      {hotkey && <Key name={hotkey} />}
    </button>
  )
}

/** The picture of a key. */
export function Key({ name }: { readonly name: string }) {
  return <kbd className="rounded border border-rule bg-sheet px-1.5 font-mono text-xs text-ink-soft">{name}</kbd>
}
