import { Exact, isDecimalText } from '../number/index.ts'
import { alignLists } from './alignLists.ts'
import { canonicalEntry, type Entry, type EntryObject, IN_TWO_PLACES, type Strike } from './entry.ts'
import { type Path, pathOfKeys } from './path.ts'
import type { Row } from './row.ts'
import { sameJson } from './sameJson.ts'
import type { Task } from './types.ts'

/** Something that two people changed differently: `kept` stands in the merged task, `other` does not. */
export interface MergeNote {
  readonly at: Path
  readonly kept: unknown
  readonly other: unknown
}

/** Fields of parts that hold readings. */
export const ENTRY_FIELDS: ReadonlySet<string> = new Set([
  'container',
  'withSample',
  'withResidue',
  'mass',
  'volume',
  'initial',
  'final',
  'front',
  'distance',
  'x',
  'y',
])

type Keys = readonly PropertyKey[]
type Json = Record<string, unknown>

const isObject = (value: unknown): value is Json => typeof value === 'object' && value !== null && !Array.isArray(value)

function isEntry(value: unknown): value is Entry {
  return (typeof value === 'string' && isDecimalText(value)) || (isObject(value) && typeof value.value === 'string')
}

function holdsReading(path: Keys): boolean {
  const field = path.findLast((key) => typeof key === 'string')
  return path[0] === 'parts' && ENTRY_FIELDS.has(String(field))
}

/** Whether a reading was corrected into another: it stands struck through in it, written at the same moment. */
function becameOf({ value, at }: EntryObject, later: EntryObject): boolean {
  return at !== undefined && (later.was ?? []).some((struck) => struck.value === value && struck.at === at)
}

/**
 * Both values are kept: ours stands, theirs waits beside it as a rival until someone chooses. Where one was made of the
 * other by correcting it, as by a window that took over what this one had typed, that is no quarrel.
 */
function mergeEntries(mine: Entry, theirs: Entry): EntryObject {
  const [ours, other] = [canonicalEntry(mine), canonicalEntry(theirs)]
  if (becameOf(ours, other)) return withHistories(other, ours)
  if (becameOf(other, ours)) return withHistories(ours, other)
  if (new Exact(ours.value).eq(other.value)) return withHistories(ours, other)
  return withHistories({ ...ours, rival: { value: other.value, ...(other.at ? { at: other.at } : {}) } }, other, ours.rival)
}

/** A reading with all that was struck through in it or in another; of several that wait to be chosen from, one still does. */
function withHistories(kept: EntryObject, other: EntryObject, ...waiting: readonly (Strike | undefined)[]): EntryObject {
  const rival = kept.rival ?? other.rival
  const stands = [kept.value, rival?.value]
  const displaced = [other.rival, ...waiting]
    .filter((third) => third !== undefined && !stands.includes(third.value))
    .map((third) => ({ ...(third as Strike), why: IN_TWO_PLACES }))
  const was: Strike[] = []
  for (const strike of [...(other.was ?? []), ...(kept.was ?? []), ...displaced])
    if (!was.some((one) => sameJson(one, strike))) was.push(strike)
  const { rival: _rival, was: _was, ...rest } = kept
  return { ...rest, ...(was.length > 0 ? { was } : {}), ...(rival && rival.value !== kept.value ? { rival } : {}) }
}

class Merger {
  readonly notes: MergeNote[] = []
  private readonly document: unknown

  constructor(document: unknown) {
    this.document = document
  }

  merge(base: unknown, mine: unknown, theirs: unknown, path: Keys): unknown {
    if (sameJson(mine, base) || sameJson(mine, theirs)) return theirs
    if (sameJson(theirs, base)) return mine
    if (holdsReading(path) && isEntry(mine) && isEntry(theirs)) return mergeEntries(mine, theirs)
    if (isObject(mine) && isObject(theirs)) return this.mergeObjects(isObject(base) ? base : {}, mine, theirs, path)
    if (Array.isArray(mine) && Array.isArray(theirs)) return this.mergeLists(Array.isArray(base) ? base : [], mine, theirs, path)
    // Taking something out is not a reason to lose what somebody wrote there meanwhile.
    if (mine === undefined) return theirs
    if (theirs !== undefined) this.notes.push({ at: pathOfKeys(this.document, path), kept: mine, other: theirs })
    return mine
  }

  private mergeObjects(base: Json, mine: Json, theirs: Json, path: Keys): Json {
    const merged: Json = {}
    for (const key of new Set([...Object.keys(theirs), ...Object.keys(mine)])) {
      const value = this.merge(base[key], mine[key], theirs[key], [...path, key])
      if (value !== undefined) merged[key] = value
    }
    return merged
  }

  private mergeLists(base: readonly unknown[], mine: readonly unknown[], theirs: readonly unknown[], path: Keys): unknown[] {
    return alignLists(base, mine, theirs).flatMap((row: Row, index) => {
      const value = this.merge(row.base, row.mine, row.theirs, [...path, index])
      return value === undefined ? [] : [value]
    })
  }
}

/**
 * Joins two versions of a task that grew from the same one.
 *
 * What only one side changed is taken; things with ids are matched by id, other lists by their contents. Where both
 * wrote the same reading, ours stands and theirs is kept with it as its `rival`. Where both changed something else,
 * ours stands and a note tells of theirs. What one side took out and the other changed stays.
 *
 * @param base - the version both started from
 */
export function mergeTasks(base: Task, mine: Task, theirs: Task): { readonly task: Task; readonly notes: readonly MergeNote[] } {
  const merger = new Merger(mine)
  const task = merger.merge(base, mine, theirs, []) as Task
  return { task, notes: merger.notes }
}
