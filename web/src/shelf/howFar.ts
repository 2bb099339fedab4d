import type { ShelfQuery } from '../notebook/api.ts'

/** How far a task is, in words: chosen, put together and said of an empty shelf alike. */
export const HOW_FAR: Readonly<Record<Exclude<ShelfQuery['progress'], 'any'>, string>> = {
  new: 'not begun',
  begun: 'begun',
  done: 'done',
}
