import type { Plotted } from '@hop-lark/core/curve'
import { type PartOf, path } from '@hop-lark/core/record'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { choicesOf } from '../../ui/choices.ts'
import { Select } from '../../ui/Select.tsx'
import { TextField } from '../../ui/TextField.tsx'

const AS_READ = 'as read'
const PLOTTED = choicesOf<Plotted | typeof AS_READ>({
  [AS_READ]: 'as read',
  inverse: 'inverse, 1/…',
  'inverse kelvins': 'inverse in kelvins, 1/T',
  ln: 'natural logarithm, ln',
  log: 'logarithm, log',
  'ln of inverse': 'ln of the inverse, ln(1/…)',
  'log of inverse': 'log of the inverse, log(1/…)',
  square: 'square',
})

/** What stands along an axis: its name, its unit, and what is plotted of it. */
export function AxisFields({ part, axis }: { readonly part: PartOf<'series'>; readonly axis: 'x' | 'y' }) {
  const change = usePartChange(part)
  const { name, unit, plotted } = part[axis]
  const label = axis === 'x' ? 'Changed' : 'Read'
  return (
    <>
      <span aria-hidden className="text-sm font-semibold">
        {label}
      </span>
      <TextField
        label={label}
        hideLabel
        at={path('parts', part.id, axis, 'name')}
        value={name}
        onCommit={(text) =>
          change('name an axis', (found) => {
            if (text) found[axis].name = text
          })
        }
      />
      <TextField
        label={`Unit of ${name}`}
        hideLabel
        at={path('parts', part.id, axis, 'unit')}
        value={unit}
        placeholder="no unit"
        onCommit={(text) =>
          change('unit of an axis', (found) => {
            found[axis].unit = text
          })
        }
      />
      <Select
        label={`${name} is plotted`}
        className="max-[599px]:col-span-2 max-[599px]:col-start-2"
        value={plotted ?? AS_READ}
        choices={PLOTTED}
        onChange={(chosen) =>
          change('choose what is plotted', (found) => {
            if (chosen === AS_READ) delete found[axis].plotted
            else found[axis].plotted = chosen
          })
        }
      />
    </>
  )
}
