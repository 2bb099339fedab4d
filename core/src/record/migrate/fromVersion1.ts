import { runWord } from '../identity.ts'
import { withCleanIds } from './cleanIds.ts'
import { isRecord, type Json, mapList, numbered } from './json.ts'
import { withLineIds } from './lineIds.ts'

/** An id for each thing of a list that had none: its word and its number from 1, in order. */
const withIds = (list: unknown, word: string) =>
  mapList(list, (item, index) => (isRecord(item) ? { id: numbered(word, index), ...item } : item))

/** Runs are numbered as people number them: each kind by itself. */
function runsWithIds(list: unknown): unknown {
  const counts = new Map<string, number>()
  return mapList(list, (run) => {
    if (!isRecord(run)) return run
    const word = runWord(run.kind)
    const number = counts.get(word) ?? 0
    counts.set(word, number + 1)
    return { id: numbered(word, number), ...run }
  })
}

/** A bare reading, or a pair of them, becomes a thing with an id. */
const masses = (list: unknown) => mapList(list, (mass, index) => ({ id: numbered('m', index), mass }))
const points = (list: unknown) => mapList(list, (point, index) => (Array.isArray(point) ? pointOf(point, index) : point))

function pointOf([x, y, ...rest]: readonly unknown[], index: number): unknown {
  // What is no pair is left as it is, for the schema to say so.
  return rest.length > 0 || x === undefined || y === undefined ? [x, y, ...rest] : { id: numbered('p', index), x, y }
}

const steps = (tube: unknown) => (isRecord(tube) ? { ...tube, steps: withIds(tube.steps, 's') } : tube)
const samples = (list: unknown) =>
  mapList(list, (sample) => (isRecord(sample) ? { ...sample, tubes: mapList(sample.tubes, steps) } : sample))

/** The lists of each kind of part whose things have ids of their own from version 2 on. */
const LISTS: Readonly<Record<string, Readonly<Record<string, (list: unknown) => unknown>>>> = {
  titration: { runs: runsWithIds },
  heating: { masses },
  series: { points },
  rack: { samples },
  chromatogram: { spots: (spots) => withIds(spots, 's') },
}

function partOf(part: unknown): unknown {
  if (!isRecord(part)) return part
  const changed: Json = { ...part }
  for (const [field, change] of Object.entries(LISTS[String(part.kind)] ?? {}))
    if (part[field] !== undefined) changed[field] = change(part[field])
  return changed
}

/**
 * Version 1 to 2: runs, points, masses, spots and steps get ids, in order, so that the same file gets the same ones
 * everywhere; ids that are refused now are written otherwise, wherever they stand; a student's own lines are named by what
 * they are of.
 */
export function fromVersion1(document: Readonly<Json>): Json {
  const renamed = withCleanIds(document)
  return {
    ...renamed,
    version: 2,
    ...(renamed.parts === undefined ? {} : { parts: mapList(renamed.parts, partOf) }),
    ...(renamed.questions === undefined ? {} : { questions: mapList(renamed.questions, withLineIds(document)) }),
  }
}
