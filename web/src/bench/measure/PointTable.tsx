import { type PartOf, path } from '@hop-lark/core/record'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { ColumnHeads } from '../../ui/ColumnHeads.tsx'
import { TakeOutButton } from '../../ui/IconButton.tsx'
import { ReadingCell } from '../../ui/ReadingCell.tsx'
import { OpenPoint } from './OpenPoint.tsx'

/** The readings of a series, a row a point, with an open row at the end. */
export function PointTable({
  part,
  xHead,
  yHead,
}: {
  readonly part: PartOf<'series'>
  readonly xHead: string
  readonly yHead: string
}) {
  const change = usePartChange(part)
  return (
    <table className="w-full border-collapse">
      <ColumnHeads
        columns={[
          { says: xHead, align: 'right', width: 'w-[42%]' },
          { says: yHead, align: 'right', width: 'w-[42%]' },
          { says: 'Take out', unseen: true },
        ]}
      />
      <tbody>
        {part.points.map(({ id, x, y }, index) => (
          <tr key={id} className="border-b border-hair">
            <td>
              <ReadingCell
                at={path('parts', part.id, 'points', id, 'x')}
                label={`point ${index + 1}, ${part.x.name}`}
                entry={x}
                step={part.x.step}
                size="normal"
                pale
              />
            </td>
            <td>
              <ReadingCell
                at={path('parts', part.id, 'points', id, 'y')}
                label={`point ${index + 1}, ${part.y.name}`}
                entry={y}
                step={part.y.step}
                size="normal"
              />
            </td>
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
        <OpenPoint part={part} />
      </tbody>
    </table>
  )
}
