import { byKind, type Entry, freshId, freshRunId, type Part, type PartOf, type Run } from '../record/index.ts'
import type { IntakeRow } from './field.ts'

const entryOf = (value: string, at: string | undefined): Entry => ({ value, ...(at ? { at } : {}) })

const KINDS: Readonly<Record<string, Run['kind']>> = { rough: 'rough', accurate: 'accurate', blank: 'blank' }

/** What kind a run is: as the table says, else by what the run is called. */
function kindOf({ kind = '', run = '' }: IntakeRow): Run['kind'] {
  const called = run.trim().toLowerCase()
  return (
    KINDS[kind.trim().toLowerCase()] ??
    (/^(rough|r|trial|pilot)\b/.test(called) ? 'rough' : /^blank/.test(called) ? 'blank' : 'accurate')
  )
}

const IS_TRUE = /^(true|yes|y|1|x)$/i
const isUse = (use: string | undefined): use is 'yes' | 'no' => use === 'yes' || use === 'no'

function withRuns(part: PartOf<'titration'>, rows: readonly IntakeRow[]): PartOf<'titration'> {
  const runs: Run[] = [...part.runs]
  for (const row of rows) {
    const { initial, final, weighing, refilled = '', use, why, at } = row
    const kind = kindOf(row)
    runs.push({
      id: freshRunId(kind, runs),
      kind,
      ...(initial ? { initial: entryOf(initial, at) } : {}),
      ...(final ? { final: entryOf(final, at) } : {}),
      ...(weighing ? { weighing } : {}),
      ...(IS_TRUE.test(refilled) ? { refilled: true } : {}),
      ...(isUse(use) ? { use } : {}),
      ...(why ? { why } : {}),
    })
  }
  return { ...part, runs }
}

/** Adds things to a list, each with the next free id. */
function added<Item extends { readonly id: string }>(
  list: readonly Item[],
  word: string,
  rows: readonly IntakeRow[],
  make: (id: string, row: IntakeRow) => Item,
): Item[] {
  const items = [...list]
  for (const row of rows) {
    const id = freshId(
      word,
      items.map((item) => item.id),
    )
    items.push(make(id, row))
  }
  return items
}

const withPoints = (part: PartOf<'series'>, rows: readonly IntakeRow[]): PartOf<'series'> => ({
  ...part,
  points: added(part.points, 'p', rows, (id, { x = '', y = '', at }) => ({ id, x: entryOf(x, undefined), y: entryOf(y, at) })),
})

const withMasses = (part: PartOf<'heating'>, rows: readonly IntakeRow[]): PartOf<'heating'> => ({
  ...part,
  masses: added(part.masses, 'm', rows, (id, { mass = '', at }) => ({ id, mass: entryOf(mass, at) })),
})

const withSpots = (part: PartOf<'chromatogram'>, rows: readonly IntakeRow[]): PartOf<'chromatogram'> => ({
  ...part,
  spots: added(part.spots, 's', rows, (id, { label = '', distance = '', known = '', colour }) => ({
    id,
    label,
    distance: entryOf(distance, undefined),
    ...(IS_TRUE.test(known) ? { known: true } : {}),
    ...(colour ? { colour } : {}),
  })),
})

const asItIs = <Kind extends Part>(part: Kind) => part

/** A part with the rows of a table put in after what it holds. */
export const putIn = byKind<Part, [rows: readonly IntakeRow[]]>({
  weighing: asItIs,
  solution: asItIs,
  titration: withRuns,
  heating: withMasses,
  series: withPoints,
  rack: asItIs,
  chromatogram: withSpots,
  note: asItIs,
})
