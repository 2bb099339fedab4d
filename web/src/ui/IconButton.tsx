import { Trash2 } from 'lucide-react'
import type { ReactNode } from 'react'

interface IconButtonProps {
  /** What it does; said aloud and shown on hovering. */
  readonly says: string
  readonly onClick: () => void
  readonly disabled?: boolean
  readonly children: ReactNode
}

/** A button that is only a picture. */
export function IconButton({ says, onClick, disabled = false, children }: IconButtonProps) {
  return (
    <button
      type="button"
      aria-label={says}
      title={says}
      disabled={disabled}
      onClick={onClick}
      className="rounded-lg p-2 text-ink-soft hover:bg-hair hover:text-ink disabled:opacity-40"
    >
      {children}
    </button>
  )
}

/** Takes something out; undo brings it back. */
export function TakeOutButton({ says, onClick }: Pick<IconButtonProps, 'says' | 'onClick'>) {
  return (
    <IconButton says={says} onClick={onClick}>
      <Trash2 size={18} aria-hidden="true" />
    </IconButton>
  )
}
