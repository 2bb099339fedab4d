import { correctEntry, ENTRY_FIELDS, type Entry, itemName, type Task } from '@hop-lark/core/record'

type Holder = Record<string, unknown> | unknown[]

function step(here: unknown, name: string): unknown {
  if (Array.isArray(here)) return here.find((item) => itemName(item) === name) ?? here[Number(name)]
  return typeof here === 'object' && here !== null ? (here as Record<string, unknown>)[name] : undefined
}

function locate(task: Task, path: string): { holder: Holder; name: string } | undefined {
  const names = path.split('.')
  const name = names.pop() ?? ''
  const holder = names.reduce<unknown>(step, task)
  return typeof holder === 'object' && holder !== null ? { holder: holder as Holder, name } : undefined
}

/** What stands at a path such as `parts.t1.runs.2.final`, or undefined. */
export function readAt(task: Task, path: string): unknown {
  return path.split('.').reduce<unknown>(step, task)
}

/** The text that stands at a path, of a reading or of anything else; empty when there is none. */
export function textAt(task: Task, path: string): string {
  const found = readAt(task, path)
  if (typeof found === 'string') return found
  const value = typeof found === 'object' && found !== null ? (found as { value?: unknown }).value : undefined
  return typeof value === 'string' ? value : ''
}

/** Whether a path leads to a reading, which is struck through when it is changed. */
function leadsToEntry(path: string): boolean {
  const names = path.split('.')
  return names[0] === 'parts' && names.some((name) => ENTRY_FIELDS.has(name))
}

/**
 * Writes a text at a path of a draft. A reading keeps what it was; an empty text takes the reading out.
 *
 * @param at - the moment of writing, ISO 8601
 */
export function writeAt(draft: Task, path: string, text: string, at: string): void {
  const found = locate(draft, path)
  if (!found) return
  const { holder, name } = found
  const slots = holder as Record<string, unknown>
  if (text === '') {
    // One number of a pair cannot be missing; the whole point is taken out instead.
    if (Array.isArray(holder) && path.includes('.points.')) return
    if (Array.isArray(holder)) holder.splice(Number(name), 1)
    else delete slots[name]
    return
  }
  slots[name] = leadsToEntry(path) ? correctEntry(slots[name] as Entry | undefined, text, at) : text
}
