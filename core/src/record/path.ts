import { itemName } from './identity.ts'

/**
 * A place in a record, from the task down: names of fields, ids of things that have them, and positions from 0 in the few
 * lists whose things have none (`flask`, `reactions`, `from`, `inExcess`). `['parts', 't1', 'runs', 'r3', 'final']`.
 */
export type Path = readonly string[]

/** Between the segments of a written path; no id may hold it (`ids.ts`). */
const JOINT = '.'

/** Builds a path; positions may be given as numbers. */
export const path = (...segments: readonly (string | number)[]): Path => segments.map(String)

/** The one way a path is written: `parts.t1.runs.r3.final`. */
export const writePath = (at: Path): string => at.join(JOINT)

/** Reads what {@link writePath} wrote. */
export const readPath = (text: string): Path => (text === '' ? [] : text.split(JOINT))

/** Whether a path is another one or leads to something in it. Whole segments count: `t10` is not in `t1`. */
export function isWithin(at: Path, outer: Path): boolean {
  return at.length >= outer.length && outer.every((segment, index) => segment === at[index])
}

/** A path that leads nowhere in this record: nothing was read or written. */
export class PathError extends Error {
  readonly at: Path

  constructor(at: Path, missing: number) {
    super(`There is no '${at[missing] ?? ''}' at '${writePath(at.slice(0, missing))}' for '${writePath(at)}' in this record.`)
    this.name = 'PathError'
    this.at = at
  }
}

type Holder = Record<string, unknown>

const isHolder = (value: unknown): value is Holder => typeof value === 'object' && value !== null

/** The key of a segment where it stands: a thing's position for its id. */
function keyIn(holder: Holder, segment: string): string | number {
  if (!Array.isArray(holder)) return segment
  const named = holder.findIndex((item) => itemName(item) === segment)
  return named < 0 && /^\d+$/.test(segment) && itemName(holder[Number(segment)]) === undefined ? Number(segment) : named
}

const has = (holder: Holder, key: string | number) => Object.hasOwn(holder, key)

/** What stands at a path, or undefined where nothing does. */
export function valueAt(document: unknown, at: Path): unknown {
  let here = document
  for (const segment of at) {
    if (!isHolder(here)) return undefined
    const key = keyIn(here, segment)
    if (!has(here, key)) return undefined
    here = here[key]
  }
  return here
}

/**
 * The object or list that holds what a path leads to, and under which key.
 *
 * @throws PathError where the way there is missing, so that nothing that is written falls silent
 */
export function slotAt(document: unknown, at: Path): { readonly holder: Holder; readonly key: string | number } {
  let here = document
  for (const [index, segment] of at.entries()) {
    if (!isHolder(here)) throw new PathError(at, index)
    const key = keyIn(here, segment)
    if (Array.isArray(here) && !has(here as Holder, key)) throw new PathError(at, index)
    if (index === at.length - 1) return { holder: here, key }
    if (!has(here, key)) throw new PathError(at, index)
    here = here[key]
  }
  throw new PathError(at, 0)
}

/** Names a place that is given by keys of a program: `['parts', 1, 'runs', 2, 'final']` is `parts.t1.runs.r3.final`. */
export function pathOfKeys(document: unknown, keys: readonly PropertyKey[]): Path {
  let here: unknown = document
  return keys.map((key) => {
    const next = isHolder(here) ? here[key as string] : undefined
    const inList = Array.isArray(here)
    here = next
    return (inList ? itemName(next) : undefined) ?? String(key)
  })
}
