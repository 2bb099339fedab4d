import {
  type Announcements,
  closestCenter,
  DndContext,
  type DragEndEvent,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
} from '@dnd-kit/core'
import {
  horizontalListSortingStrategy,
  SortableContext,
  sortableKeyboardCoordinates,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable'
import type { ReactNode } from 'react'

interface OrderProps {
  /** What is in order, by ids, as it now stands. */
  readonly ids: readonly string[]
  readonly along: 'row' | 'column'
  /** What a thing is called when it is said where it goes. */
  readonly nameOf: (id: string) => string
  readonly onMove: (from: number, to: number) => void
  readonly children: ReactNode
}

/** A press is a press until the pointer has gone so far, px. */
const FAR_ENOUGH = 6

/** Things that can be put in another order: dragged, or moved by the keys of their grips (`Grip`, `orderKeys`). */
export function Order({ ids, along, nameOf, onMove, children }: OrderProps) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: FAR_ENOUGH } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  )
  const drop = ({ active, over }: DragEndEvent) => {
    const [from, to] = [ids.indexOf(String(active.id)), ids.indexOf(String(over?.id))]
    if (from >= 0 && to >= 0 && from !== to) onMove(from, to)
  }
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      onDragEnd={drop}
      accessibility={{ announcements: announcements(ids, nameOf), screenReaderInstructions: { draggable: INSTRUCTIONS } }}
    >
      <SortableContext items={[...ids]} strategy={along === 'row' ? horizontalListSortingStrategy : verticalListSortingStrategy}>
        {children}
      </SortableContext>
    </DndContext>
  )
}

const INSTRUCTIONS =
  'Space lifts it, the arrows move it, Space puts it down, Escape puts it back. Alt with an arrow moves it at once.'

function announcements(ids: readonly string[], nameOf: (id: string) => string): Announcements {
  const place = (id: string | number | undefined) => `place ${ids.indexOf(String(id)) + 1} of ${ids.length}`
  return {
    onDragStart: ({ active }) => `${nameOf(String(active.id))} is lifted.`,
    onDragOver: ({ active, over }) => (over ? `${nameOf(String(active.id))} is over ${place(over.id)}.` : undefined),
    onDragEnd: ({ active, over }) => `${nameOf(String(active.id))} is put down at ${place(over?.id ?? active.id)}.`,
    onDragCancel: ({ active }) => `${nameOf(String(active.id))} is back where it was.`,
  }
}
