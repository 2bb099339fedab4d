import { axisHead, type DrawnAxis, drawnAxis, powerOf } from '@hop-lark/core/curve'
import { Exact, formatFigures } from '@hop-lark/core/number'
import { entryText, type PartOf, path } from '@hop-lark/core/record'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { ColumnHeads } from '../../ui/ColumnHeads.tsx'
import { TakeOutButton } from '../../ui/IconButton.tsx'
import { Num } from '../../ui/Num.tsx'
import { ReadingCell } from '../../ui/ReadingCell.tsx'
import { plannedLeft } from './nextX.ts'
import { OpenPoint } from './OpenPoint.tsx'

const FIGURES = 4

/** Whether something else is plotted along an axis than what is read. */
export const isPlottedOtherwise = ({ x, y }: PartOf<'series'>): boolean => x.plotted !== undefined || y.plotted !== undefined

/** A column of what is plotted along an axis, with the power of ten that stands in its head. */
interface WorkedColumn {
  readonly axis: 'x' | 'y'
  readonly drawn: DrawnAxis
  readonly power: number
}

function workedColumns(part: PartOf<'series'>): readonly WorkedColumn[] {
  return (['x', 'y'] as const).flatMap((axis): WorkedColumn[] => {
    if (part[axis].plotted === undefined) return []
    const drawn = drawnAxis(part[axis])
    const values = part.points.map((point) => drawn.of(Number(entryText(point[axis])))).filter(Number.isFinite)
    const smallest = Math.min(...values.map(Math.abs), Number.POSITIVE_INFINITY)
    return [{ axis, drawn, power: powerOf(values, smallest / 10) }]
  })
}

/** The readings of a series, a row a point, with an open row at the end; beside them what is plotted, where it is something else. */
export function PointTable({ part }: { readonly part: PartOf<'series'> }) {
  const change = usePartChange(part)
  const worked = workedColumns(part)
  const wide = worked.length > 0 ? 'w-[24%]' : 'w-[42%]'
  return (
    <table className="w-full border-collapse">
      <ColumnHeads
        columns={[
          { says: axisHead(part.x), align: 'right', width: wide },
          { says: axisHead(part.y), align: 'right', width: wide },
          ...worked.map(({ drawn, power }) => ({ says: axisHead(drawn, power), align: 'right' as const })),
          { says: 'Take out', unseen: true },
        ]}
      />
      <tbody>
        {part.points.map((point, index) => (
          <tr key={point.id} className="border-b border-hair">
            <td>
              <ReadingCell
                at={path('parts', part.id, 'points', point.id, 'x')}
                label={`point ${index + 1}, ${part.x.name}`}
                entry={point.x}
                step={part.x.step}
                unit={part.x.unit}
                size="normal"
                quiet
                pale
              />
            </td>
            <td>
              <ReadingCell
                at={path('parts', part.id, 'points', point.id, 'y')}
                label={`point ${index + 1}, ${part.y.name}`}
                entry={point.y}
                step={part.y.step}
                unit={part.y.unit}
                size="normal"
                quiet
              />
            </td>
            {worked.map(({ axis, drawn, power }) => (
              <td key={axis} className="text-right text-ink-soft">
                <Plotted value={drawn.of(Number(entryText(point[axis]))) / 10 ** power} />
              </td>
            ))}
            <td>
              <TakeOutButton
                says={`Take out point ${index + 1}`}
                onClick={() =>
                  change('take out a point', (found) => {
                    found.points.splice(index, 1)
                  })
                }
              />
            </td>
          </tr>
        ))}
        <OpenPoint part={part} columns={3 + worked.length} />
        {plannedLeft(part)
          .slice(1)
          .map((x) => (
            <tr key={x} className="border-b border-hair">
              <td className="num px-1 py-1 text-right text-lg text-ink-soft">{x}</td>
              <td className="px-1 text-right text-ink-soft">to be read</td>
              <td colSpan={1 + worked.length} />
            </tr>
          ))}
      </tbody>
    </table>
  )
}

/** What a point is plotted as; a dash where it cannot be. */
function Plotted({ value }: { readonly value: number }) {
  return Number.isFinite(value) ? <Num text={formatFigures(new Exact(value), FIGURES)} className="whitespace-nowrap" /> : '–'
}
