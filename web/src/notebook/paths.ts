import { correctEntry, ENTRY_FIELDS, type Entry, type Path, slotAt, type Task, valueAt } from '@hop-lark/core/record'

/** The text that stands at a path, of a reading or of anything else; empty when there is none. */
export function textAt(task: Task, at: Path): string {
  const found = valueAt(task, at)
  if (typeof found === 'string') return found
  const value = typeof found === 'object' && found !== null ? (found as { value?: unknown }).value : undefined
  return typeof value === 'string' ? value : ''
}

/** Whether a path leads to a reading, which is struck through when it is changed. */
const leadsToEntry = (at: Path): boolean => at[0] === 'parts' && ENTRY_FIELDS.has(at.at(-1) ?? '')

/** Readings that what they stand in cannot be without; the whole of it can be taken out. */
const NEEDED: ReadonlySet<string> = new Set(['x', 'y', 'distance'])

/**
 * Writes a text at a path of a draft. A reading keeps what it was; an empty text takes the reading out, but for one that
 * its row cannot be without.
 *
 * @param moment - of writing, ISO 8601
 * @throws PathError where the path leads nowhere in the task
 */
export function writeAt(draft: Task, at: Path, text: string, moment: string): void {
  const { holder, key } = slotAt(draft, at)
  if (text === '') {
    if (NEEDED.has(String(key))) return
    // A weighing of a heating is nothing but its mass.
    if (at.at(-3) === 'masses') takeOut(draft, at.slice(0, -1))
    else if (Array.isArray(holder)) holder.splice(Number(key), 1)
    else delete holder[key]
    return
  }
  holder[key] = leadsToEntry(at) ? correctEntry(holder[key] as Entry | undefined, text, moment) : text
}

function takeOut(draft: Task, at: Path): void {
  const { holder, key } = slotAt(draft, at)
  if (Array.isArray(holder)) holder.splice(Number(key), 1)
}
