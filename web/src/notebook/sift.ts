import { itemName, type Path, type Task, valueAt } from '@hop-lark/core/record'
import { produce } from 'immer'

type Json = Record<string, unknown>

const isObject = (value: unknown): value is Json => typeof value === 'object' && value !== null && !Array.isArray(value)
/** A reading with its history is one thing. */
const isReading = (value: unknown): boolean => isObject(value) && typeof value.value === 'string'

function named(value: unknown): ReadonlyMap<string, unknown> | undefined {
  if (!Array.isArray(value)) return undefined
  const items = new Map(value.map((item) => [itemName(item), item] as const))
  return items.has(undefined) || items.size < value.length ? undefined : (items as ReadonlyMap<string, unknown>)
}

/** What is in an object or a list of named things, by name; undefined where it is looked at as a whole. */
function inside(value: unknown): ReadonlyMap<string, unknown> | undefined {
  if (isReading(value)) return undefined
  return isObject(value) ? new Map(Object.entries(value)) : named(value)
}

/**
 * The smallest places in which two states of a task differ: a reading, a field, a thing that was put in or taken out. Of a
 * list in another order only the things that changed are told.
 */
export function changedPlaces(before: unknown, after: unknown, at: Path = []): readonly Path[] {
  if (before === after) return []
  const [one, other] = [inside(before), inside(after)]
  if (!one || !other || Array.isArray(before) !== Array.isArray(after)) return same(before, after) ? [] : [at]
  return [...new Set([...one.keys(), ...other.keys()])].flatMap((key) =>
    changedPlaces(one.get(key), other.get(key), [...at, key]),
  )
}

const same = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other)

/** Puts something at a place of a draft, or takes out what stands there; what the place stands in must be there. */
export function putAtPlace(draft: Task, place: Path, value: unknown): void {
  const [key = '', holder] = [place.at(-1), place.slice(0, -1)]
  const target = valueAt(draft, holder)
  if (Array.isArray(target)) {
    const index = target.findIndex((item) => itemName(item) === key)
    if (value === undefined) target.splice(index, index < 0 ? 0 : 1)
    else if (index < 0) target.push(value)
    else target[index] = value
  } else if (isObject(target)) {
    if (value === undefined) delete target[key]
    else target[key] = value
  }
}

/** A task in which one place is as it is in another. */
export const withPlaceOf = (task: Task, other: Task, place: Path): Task =>
  produce(task, (draft) => putAtPlace(draft, place, valueAt(other, place)))
