import type { ReactNode } from 'react'

const KINDS = {
  wrong: { role: 'alert', look: 'border-litmus bg-litmus-wash' },
  asks: { role: 'status', look: 'border-lark bg-lark-wash' },
  tells: { role: 'status', look: 'border-rule bg-sheet' },
} as const

interface CellSaysProps {
  readonly id: string
  readonly kind: keyof typeof KINDS
  readonly children: ReactNode
}

/** What a cell says under itself about what is typed into it: what is wrong, what is asked, or what was done. */
export function CellSays({ id, kind, children }: CellSaysProps) {
  const { role, look } = KINDS[kind]
  return (
    <p
      id={id}
      role={role}
      className={`absolute top-full right-0 z-20 mt-1 w-max max-w-64 rounded-md border px-2 py-1 text-left text-sm ${look}`}
    >
      {children}
    </p>
  )
}
