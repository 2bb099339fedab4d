import { type Entry, type EntryObject, isReading, type Path, path, strikes, type Task, writePath } from '../../record/index.ts'
import { type DataTable, momentColumn, textColumn } from './dataTable.ts'

interface Line {
  readonly at: string
  readonly place: string
  readonly value: string
  readonly became: 'stands' | 'struck through'
  readonly why: string
}

/** Every reading in a part of the record, with its place. */
function readingsIn(value: unknown, at: Path): readonly (readonly [Path, EntryObject])[] {
  if (typeof value !== 'object' || value === null) return []
  if (isReading(value)) return [[at, value]]
  const named = (key: string, inside: unknown) =>
    Array.isArray(value) && typeof inside === 'object' && inside !== null && 'id' in inside ? String(inside.id) : key
  return Object.entries(value).flatMap(([key, inside]) => readingsIn(inside, [...at, named(key, inside)]))
}

/** When each reading was written, and what it struck through: oldest first; what has no time comes first. */
function linesOf(task: Task): readonly Line[] {
  const found = readingsIn(task.parts, path('parts')).flatMap(([at, entry]): readonly Line[] => {
    const place = writePath(at)
    const struck = strikes(entry as Entry).map(
      (one): Line => ({ at: one.at ?? '', place, value: one.value, became: 'struck through', why: one.why ?? '' }),
    )
    return [...struck, { at: entry.at ?? '', place, value: entry.value, became: 'stands', why: '' }]
  })
  return found.toSorted((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0))
}

/** The ledger of readings: when each was written, which stands, which was struck through and why. */
export function ledgerTable(task: Task): DataTable {
  return {
    name: 'ledger',
    title: 'Ledger of readings',
    columns: [momentColumn('written_at'), textColumn('place'), textColumn('value'), textColumn('became'), textColumn('why')],
    rows: linesOf(task).map(({ at, place, value, became, why }) => [at, place, value, became, why]),
    key: ['place', 'value', 'written_at'],
    at: path('parts'),
  }
}
