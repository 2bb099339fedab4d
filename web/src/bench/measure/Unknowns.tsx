import { axisHead, drawnAxis, type LookedUp, lookUpUnknowns } from '@hop-lark/core/curve'
import { freshId, type PartOf, path } from '@hop-lark/core/record'
import { Plus } from 'lucide-react'
import { useMemo } from 'react'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { Button } from '../../ui/Button.tsx'
import { ColumnHeads } from '../../ui/ColumnHeads.tsx'
import { TakeOutButton } from '../../ui/IconButton.tsx'
import { NextReading } from '../../ui/NextReading.tsx'
import { Num } from '../../ui/Num.tsx'
import { ReadingCell } from '../../ui/ReadingCell.tsx'
import { TextField } from '../../ui/TextField.tsx'

type Series = PartOf<'series'>
type Unknown = NonNullable<Series['unknowns']>[number]

const FIGURES = 3
const ids = (list: readonly { readonly id: string }[]) => list.map(({ id }) => id)

/** Samples of which y was read: a row each, as many readings as were taken, and the x they have on the line. */
export function Unknowns({ part }: { readonly part: Series }) {
  const change = usePartChange(part)
  const lookedUp = useMemo(() => lookUpUnknowns(part), [part])
  const unknowns = part.unknowns ?? []
  const [x, y] = [drawnAxis(part.x), part.y]
  const add = () =>
    change('add an unknown', (found) => {
      const list = found.unknowns ?? []
      list.push({ id: freshId('u', ids(list)), label: '', readings: [] })
      found.unknowns = list
    })
  return (
    <section aria-label="Unknowns" className="mt-6 max-w-3xl">
      {unknowns.length > 0 && (
        <table className="mb-2 w-full border-collapse">
          <ColumnHeads
            className="max-[599px]:hidden"
            columns={[
              { says: 'Unknown', width: 'w-48' },
              { says: axisHead(y), align: 'right' },
              { says: axisHead(x), align: 'right', width: 'w-40' },
              { says: 'Take out', unseen: true, width: 'w-11' },
            ]}
          />
          <tbody>
            {unknowns.map((unknown, index) => (
              <UnknownRow key={unknown.id} part={part} unknown={unknown} found={lookedUp[index]} unit={x.unit} />
            ))}
          </tbody>
        </table>
      )}
      <Button onClick={add}>
        <Plus size={18} aria-hidden /> Add an unknown
      </Button>
    </section>
  )
}

interface UnknownRowProps {
  readonly part: Series
  readonly unknown: Unknown
  readonly found: LookedUp | undefined
  readonly unit: string
}

function UnknownRow({ part, unknown: { id, label, readings }, found, unit }: UnknownRowProps) {
  const change = usePartChange(part)
  const here = path('parts', part.id, 'unknowns', id)
  const name = label || id
  const edit = (says: string, act: (unknown: Unknown) => void) =>
    change(says, (series) => {
      const one = series.unknowns?.find((other) => other.id === id)
      if (one) act(one)
    })
  return (
    <tr className="border-b border-hair align-top max-[599px]:flex max-[599px]:flex-wrap max-[599px]:items-center max-[599px]:justify-between">
      <td className="py-1 pr-2 max-[599px]:w-full max-[599px]:pr-0">
        <TextField
          label="name of the unknown"
          hideLabel
          at={[...here, 'label']}
          value={label}
          placeholder="as labelled"
          onCommit={(text) =>
            edit('name an unknown', (one) => {
              one.label = text
            })
          }
        />
      </td>
      <td className="py-1">
        <div className="flex flex-wrap justify-end gap-1">
          {readings.map((reading, index) => (
            <div key={reading.id} className="w-24">
              <ReadingCell
                at={[...here, 'readings', reading.id, 'y']}
                label={`${name}, reading ${index + 1}`}
                entry={reading.y}
                step={part.y.step}
                unit={part.y.unit}
                size="normal"
              />
            </div>
          ))}
          <NextReading
            className="w-24 text-lg"
            label={`${name}, next reading`}
            at={[...here, 'readings']}
            step={part.y.step}
            unit={part.y.unit}
            onReading={(value) =>
              edit('read an unknown', (one) => {
                one.readings.push({ id: freshId('r', ids(one.readings)), y: { value, at: new Date().toISOString() } })
              })
            }
          />
        </div>
      </td>
      <td className="py-2 text-right">
        {found?.x === undefined ? (
          <span className="text-ink-soft">–</span>
        ) : (
          <Num text={found.x.toPrecision(FIGURES)} unit={unit} className="font-semibold whitespace-nowrap" />
        )}
        {found?.beyond && <span className="block text-sm text-iodine">beyond the points</span>}
      </td>
      <td>
        <TakeOutButton
          says={`Take out ${name}`}
          onClick={() =>
            change('take out an unknown', (series) => {
              series.unknowns = (series.unknowns ?? []).filter((one) => one.id !== id)
            })
          }
        />
      </td>
    </tr>
  )
}
