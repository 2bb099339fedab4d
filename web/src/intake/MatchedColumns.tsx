import type { IntakeField, Matching } from '@hop-lark/core/intake'
import { unitSymbol } from '@hop-lark/core/number'
import { Select } from '../ui/Select.tsx'

interface MatchedColumnsProps {
  readonly fields: readonly IntakeField[]
  readonly matching: Matching
  readonly onChoose: (field: string, column: number) => void
}

const NONE = '-1'

/** What a column is called: by its heading, else by its number. */
const columnName = ({ rows, headed }: Matching, column: number) =>
  (headed ? rows[0]?.[column]?.trim() : undefined) || `column ${column + 1}`

/** Which column holds what, for the student to look at and to change. */
export function MatchedColumns({ fields, matching, onChoose }: MatchedColumnsProps) {
  const { columns, units, rows } = matching
  const width = Math.max(0, ...rows.map(({ length }) => length))
  const choices = [
    { value: NONE, says: 'no column' },
    ...Array.from({ length: width }, (_, column) => ({ value: String(column), says: columnName(matching, column) })),
  ]
  return (
    <section aria-label="Columns" className="mt-4">
      <h3 className="mb-2 font-semibold">Which column is what</h3>
      {matching.turned && <p className="mb-2 text-sm text-ink-soft">The table has a column for each run: it was turned round.</p>}
      <ul className="grid gap-x-6 gap-y-2 min-[600px]:grid-cols-2">
        {fields.map(({ key, says, unit, needed }) => (
          <li key={key} className="flex flex-wrap items-center justify-between gap-2">
            <span>
              {says}
              {needed && columns[key] === undefined && <span className="ml-1 text-iodine">needed</span>}
              {unit && units[key] && units[key] !== unit && (
                <span className="block text-sm text-ink-soft">
                  from {unitSymbol(units[key])} to {unitSymbol(unit)}
                </span>
              )}
            </span>
            <Select
              label={says}
              value={String(columns[key] ?? NONE)}
              choices={choices}
              onChange={(column) => onChoose(key, Number(column))}
            />
          </li>
        ))}
      </ul>
    </section>
  )
}
