import type { Path } from '@hop-lark/core/record'
import { cellAt } from '../app/cellAt.ts'

/** Marks the cell of a path while a note about it is pointed at. */
export function highlightCell(at: Path, on: boolean): void {
  for (let length = at.length; length > 1; length--) {
    const cell = cellAt(at.slice(0, length))
    if (!cell) continue
    cell.toggleAttribute('data-pointed', on)
    return
  }
}
