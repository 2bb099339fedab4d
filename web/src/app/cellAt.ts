import { type Path, writePath } from '@hop-lark/core/record'

/** What is on the page for a place of the record, marked by `data-at`. */
export function cellAt(at: Path): HTMLElement | null {
  return document.querySelector<HTMLElement>(`[data-at="${CSS.escape(writePath(at))}"]`)
}
