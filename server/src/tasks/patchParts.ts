import { hasItems, isItemOf, isPart, type Task } from '@hop-lark/core/record'
import type { Operation } from 'rfc6902'
import { applyEdit } from './applyEdit.ts'

type Part = Task['parts'][number]
type List = readonly unknown[]

const isPlace = (segment: string | undefined): segment is string => segment !== undefined && /^\d+$/.test(segment)

/** What an operation touches: a thing in a list of a part, or a part; undefined where it goes beyond one part. */
interface Touched {
  readonly part: number
  readonly field?: string
  readonly item?: number
}

function touchedBy({ path }: Operation, parts: readonly Part[]): Touched | undefined {
  const [, list, place, field, item, inside] = path.split('/')
  if (list !== 'parts' || !isPlace(place) || field === undefined || field === 'id') return undefined
  const part = parts[Number(place)]
  if (!part) return undefined
  const deep = isPlace(item) && inside !== undefined && inside !== 'id' && hasItems(part, field)
  return deep ? { part: Number(place), field, item: Number(item) } : { part: Number(place) }
}

/** A part of which only some things may change: they are copies, the rest is as it was. */
function opened(part: Part, touched: readonly Touched[]): Part {
  if (touched.some(({ field }) => field === undefined)) return structuredClone(part)
  const copy: Record<string, unknown> = { ...part }
  for (const { field, item } of touched) {
    if (field === undefined || item === undefined) continue
    const before = (part as unknown as Readonly<Record<string, List>>)[field] ?? []
    if (copy[field] === before) copy[field] = [...before]
    const list = copy[field] as unknown[]
    if (list[item] === before[item]) list[item] = structuredClone(before[item])
  }
  return copy as unknown as Part
}

function stillStands(part: Part, touched: readonly Touched[]): boolean {
  if (touched.some(({ field }) => field === undefined)) return isPart(part)
  return touched.every(({ field = '', item = -1 }) => {
    const list = (part as unknown as Readonly<Record<string, List>>)[field]
    return isItemOf(part, field, list?.[item])
  })
}

/**
 * The task with a patch that stays within its parts, as most do. What the patch leaves alone is shared with the task as it
 * was, which stood checked; only what it touches is copied and checked again, a run or a part.
 *
 * @returns undefined where the patch goes further, does not fit, or leaves what is no part: then the whole is looked at
 */
export function patchParts(task: Task, patch: readonly Operation[]): Task | undefined {
  const touched = patch.map((operation) => touchedBy(operation, task.parts))
  if (!touched.every((one) => one !== undefined)) return undefined
  const within = (place: number) => touched.filter(({ part }) => part === place)
  const places = [...new Set(touched.map(({ part }) => part))]
  const parts = task.parts.map((part, place) => (places.includes(place) ? opened(part, within(place)) : part))
  const document: Task = { ...task, parts }
  if (applyEdit(document, patch) >= 0) return undefined
  const stand = places.every((place) => {
    const part = parts[place]
    return part !== undefined && part.id === task.parts[place]?.id && stillStands(part, within(place))
  })
  return stand ? document : undefined
}
