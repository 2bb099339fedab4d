import { isDecimalText } from '@hop-lark/core/number'
import { entryText, freshId, type PartOf, path, writePath } from '@hop-lark/core/record'
import { useRef, useState } from 'react'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { ColumnHeads } from '../../ui/ColumnHeads.tsx'
import { TakeOutButton } from '../../ui/IconButton.tsx'
import { NotANumberRow } from '../../ui/NotANumberRow.tsx'
import { ReadingCell } from '../../ui/ReadingCell.tsx'
import { nextX } from './nextX.ts'

const INPUT =
  'num w-full rounded-md border-2 border-rule bg-sheet px-1 py-1 text-right text-lg outline-none placeholder:text-ink-soft focus:border-hop'

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
        <OpenRow part={part} />
      </tbody>
    </table>
  )
}

/** The point being taken. Its x is offered from the last two; Enter in y keeps the point and opens the next. */
function OpenRow({ part }: { readonly part: PartOf<'series'> }) {
  const change = usePartChange(part)
  const [x, setX] = useState('')
  const [y, setY] = useState('')
  const yField = useRef<HTMLInputElement>(null)
  const offer = nextX(part.points.map((point) => entryText(point.x)))
  const tidy = (text: string) => text.trim().replace(',', '.')
  const [chosenX, chosenY] = [tidy(x) || (offer ?? ''), tidy(y)]
  const wrong = [x, y].some((text) => text.trim() !== '' && !isDecimalText(tidy(text)))
  const keep = () => {
    if (!isDecimalText(chosenX) || !isDecimalText(chosenY)) return
    const at = new Date().toISOString()
    change('add a point', (found) => {
      const id = freshId(
        'p',
        found.points.map((point) => point.id),
      )
      found.points.push({ id, x: { value: chosenX, at }, y: { value: chosenY, at } })
    })
    setX('')
    setY('')
  }
  return (
    <>
      <tr>
        <td className="py-1 pr-1">
          <input
            aria-label={`next ${part.x.name}`}
            data-at={writePath(path('parts', part.id, 'points'))}
            inputMode="decimal"
            autoComplete="off"
            className={INPUT}
            value={x}
            placeholder={offer ?? '–'}
            onChange={(event) => setX(event.target.value)}
            onKeyDown={(event) => event.key === 'Enter' && yField.current?.focus()}
          />
        </td>
        <td className="py-1">
          <input
            ref={yField}
            aria-label={`next ${part.y.name}`}
            inputMode="decimal"
            autoComplete="off"
            className={INPUT}
            value={y}
            placeholder="–"
            onChange={(event) => setY(event.target.value)}
            onKeyDown={(event) => event.key === 'Enter' && keep()}
          />
        </td>
        <td />
      </tr>
      {wrong && <NotANumberRow columns={3} />}
    </>
  )
}
