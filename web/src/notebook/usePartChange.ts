import type { Part, PartOf } from '@hop-lark/core/record'
import { useCallback } from 'react'
import { useNotebook } from './store.ts'

/** Does something to one part of the task; `says` names it for undo. */
export type PartChange<Kind extends Part['kind']> = (says: string, act: (part: PartOf<Kind>) => void) => void

/** How a page changes the part it shows, wherever in the task that now stands. */
export function usePartChange<Kind extends Part['kind']>({
  id,
  kind,
}: {
  readonly id: string
  readonly kind: Kind
}): PartChange<Kind> {
  const edit = useNotebook((state) => state.edit)
  return useCallback(
    (says, act) =>
      edit(says, (task) => {
        const found = task.parts.find((part): part is PartOf<Kind> => part.id === id && part.kind === kind)
        if (found) act(found)
      }),
    [edit, id, kind],
  )
}
