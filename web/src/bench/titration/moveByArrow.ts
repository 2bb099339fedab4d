import type { KeyboardEvent } from 'react'

/** Moves between the inputs of a table: up and down always, left and right when the cursor is at the end of the text. */
export function moveByArrow(event: KeyboardEvent<HTMLTableElement>): void {
  const input = event.target
  if (!(input instanceof HTMLInputElement)) return
  const cell = input.closest('td')
  const row = input.closest('tr')
  if (!cell || !row) return
  const target = targetOf(event.key, input, cell, row)
  if (!target) return
  event.preventDefault()
  target.focus()
  target.select()
}

function targetOf(
  key: string,
  input: HTMLInputElement,
  cell: HTMLTableCellElement,
  row: HTMLTableRowElement,
): HTMLInputElement | null | undefined {
  const inCell = (candidate: Element | null | undefined) => candidate?.querySelector('input')
  switch (key) {
    case 'ArrowUp':
      return inCell((row.previousElementSibling as HTMLTableRowElement | null)?.cells[cell.cellIndex])
    case 'ArrowDown':
      return inCell((row.nextElementSibling as HTMLTableRowElement | null)?.cells[cell.cellIndex])
    case 'ArrowLeft':
      return input.selectionEnd === 0 ? inCell(cell.previousElementSibling) : undefined
    case 'ArrowRight':
      return input.selectionStart === input.value.length ? inCell(cell.nextElementSibling) : undefined
    default:
      return undefined
  }
}
