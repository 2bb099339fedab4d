/** Marks the cell of a path while a note about it is pointed at. */
export function highlightCell(at: string, on: boolean): void {
  for (let path = at; path.includes('.'); path = path.slice(0, path.lastIndexOf('.'))) {
    const cell = document.querySelector<HTMLElement>(`[data-at="${CSS.escape(path)}"]`)
    if (!cell) continue
    cell.toggleAttribute('data-pointed', on)
    return
  }
}
