import { useSortable } from '@dnd-kit/sortable'
import { CSS } from '@dnd-kit/utilities'
import { GripVertical } from 'lucide-react'
import type { KeyboardEventHandler, PointerEventHandler } from 'react'
import { orderKeys } from './orderKeys.ts'

/** What makes something of an order movable: spread `place` on what moves, and `grip` on what is held. */
export function useOrdered(id: string) {
  const { setNodeRef, setActivatorNodeRef, listeners, attributes, transform, transition, isDragging } = useSortable({ id })
  return {
    place: {
      ref: setNodeRef,
      style: { transform: CSS.Translate.toString(transform), transition },
      'data-lifted': isDragging || undefined,
    },
    grip: { ref: setActivatorNodeRef, 'aria-describedby': attributes['aria-describedby'], ...listeners },
    /** For what is pressed for something else as well: it is dragged by the pointer alone, and keeps its own keys. */
    pointer: { onPointerDown: listeners?.onPointerDown as PointerEventHandler | undefined },
  }
}

interface GripProps {
  readonly says: string
  readonly grip: ReturnType<typeof useOrdered>['grip']
  /** Moves it by so many places; nothing happens at the ends. */
  readonly onStep: (by: 1 | -1) => void
}

/** The handle of something in an order. */
export function Grip({ says, grip, onStep }: GripProps) {
  const { onKeyDown, ...rest } = grip as typeof grip & { readonly onKeyDown?: KeyboardEventHandler }
  return (
    <button
      type="button"
      aria-label={says}
      title={`${says}: drag, or Alt and an arrow`}
      className="cursor-grab touch-none rounded-lg p-2 text-ink-soft hover:bg-hair hover:text-ink"
      {...rest}
      onKeyDown={(event) => {
        if (!orderKeys(event, onStep)) onKeyDown?.(event)
      }}
    >
      <GripVertical size={16} aria-hidden="true" />
    </button>
  )
}
