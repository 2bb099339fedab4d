import type { IntakeFault, IntakeField, IntakeRow, Matching } from '@hop-lark/core/intake'
import { unitSymbol } from '@hop-lark/core/number'

interface IntakePreviewProps {
  readonly fields: readonly IntakeField[]
  readonly matching: Matching
  readonly rows: readonly IntakeRow[]
  readonly faults: readonly IntakeFault[]
}

/** Rows and faults shown, at most. */
const MOST_ROWS = 8
const MOST_FAULTS = 6

/** What will be put in, and what cannot be. */
export function IntakePreview({ fields, matching, rows, faults }: IntakePreviewProps) {
  const shown = fields.filter(({ key }) => matching.columns[key] !== undefined)
  return (
    <section aria-label="What will be put in" className="mt-4">
      {rows.length > 0 && (
        <div className="overflow-x-auto">
          <table className="border-collapse text-[0.95rem]">
            <thead>
              <tr className="border-b border-ink">
                {shown.map(({ key, says, unit }) => (
                  <th key={key} scope="col" className="px-3 py-1 text-left">
                    {says}
                    {unit ? ` / ${unitSymbol(unit)}` : ''}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {rows.slice(0, MOST_ROWS).map((row, index) => (
                <tr key={index} className="border-b border-rule">
                  {shown.map(({ key, kind }) => (
                    <td key={key} className={`px-3 py-1 ${kind === 'number' ? 'num text-right' : ''}`}>
                      {row[key] ?? '–'}
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          </table>
          {rows.length > MOST_ROWS && <p className="mt-1 text-sm text-ink-soft">and {rows.length - MOST_ROWS} more</p>}
        </div>
      )}
      {faults.length > 0 && (
        <div role="alert" className="mt-3 border-l-3 border-iodine pl-3">
          <h3 className="eyebrow text-iodine">Cannot be read</h3>
          <ul>
            {faults.slice(0, MOST_FAULTS).map(({ row, column, says }) => (
              <li key={`${row} ${column}`}>
                Row {row}, column {column}: {says}.
              </li>
            ))}
          </ul>
          {faults.length > MOST_FAULTS && <p className="text-sm text-ink-soft">and {faults.length - MOST_FAULTS} more</p>}
        </div>
      )}
    </section>
  )
}
