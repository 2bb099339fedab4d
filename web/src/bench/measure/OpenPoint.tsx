import { isWithin, type PartOf, path, writePath } from '@hop-lark/core/record'
import { useId } from 'react'
import { type PadScale, padField } from '../../pad/padField.ts'
import { usePad } from '../../pad/usePad.ts'
import { sayYes, useLastSaid } from '../../ui/lastSaid.ts'
import { leaveField } from '../../ui/leaveField.ts'
import { SaidWords } from '../../ui/SaidWords.tsx'
import { TYPED_ONLY } from '../../ui/typedOnly.ts'
import { WrongRow } from '../../ui/WrongRow.tsx'
import { type OpenField, useOpenPoint } from './useOpenPoint.ts'

const INPUT =
  'num w-full rounded-md border-2 border-rule bg-sheet px-1 py-1 text-right text-lg outline-none placeholder:text-ink-soft focus:border-hop'

/** The row of the point that is being taken. */
export function OpenPoint({ part, columns }: { readonly part: PartOf<'series'>; readonly columns: number }) {
  const { x, y, foreseen, wrong, meantForX } = useOpenPoint(part)
  const said = useLastSaid((state) => state.said)
  const spoken = said && isWithin(said.at, path('parts', part.id, 'points')) ? said : undefined
  const says = useId()
  const speaks = wrong !== undefined || meantForX ? says : undefined
  // Where the page puts the cursor: on what has to be typed.
  const at = writePath(path('parts', part.id, 'points'))
  return (
    <>
      <tr className="screen-only">
        <td className="py-1 pr-1">
          <Field
            label={`next ${part.x.name}`}
            at={foreseen === undefined ? at : undefined}
            placeholder={foreseen ?? '–'}
            says={speaks}
            scale={part.x}
            {...x}
          />
        </td>
        <td className="py-1">
          <Field
            label={`next ${part.y.name}`}
            at={foreseen === undefined ? undefined : at}
            placeholder="–"
            says={speaks}
            scale={part.y}
            {...y}
          />
        </td>
        <td colSpan={columns - 2} />
      </tr>
      {wrong && <WrongRow id={says} columns={columns} says={wrong} />}
      {spoken && !wrong && !meantForX && (
        <tr className="screen-only">
          <td colSpan={columns} role="status" className="px-2 py-1 text-right text-sm">
            <SaidWords said={spoken} />
          </td>
        </tr>
      )}
      {meantForX && (
        <tr className="screen-only">
          <td id={says} colSpan={columns} role="alert" className="rounded-md bg-iodine-wash px-2 py-1 text-sm">
            <span className="num font-semibold">{foreseen}</span> is the {part.x.name} of this row already. If {part.y.name} reads{' '}
            <span className="num">{y.text}</span> too, Enter keeps it; if not, type what you read.
          </td>
        </tr>
      )}
    </>
  )
}

interface FieldProps extends OpenField {
  readonly label: string
  readonly at: string | undefined
  readonly placeholder: string
  /** What describes it, where something is wrong. */
  readonly says: string | undefined
  readonly scale: PadScale
}

function Field({ label, at, placeholder, says, scale, text, type, enter, clear, field }: FieldProps) {
  const pad = usePad()
  return (
    <input
      ref={field}
      aria-label={label}
      data-at={at}
      data-asked={at === undefined ? undefined : ''}
      aria-describedby={says}
      {...padField(scale)}
      inputMode={pad ? 'none' : 'decimal'}
      autoComplete="off"
      className={INPUT}
      {...(text === '' ? {} : TYPED_ONLY)}
      value={text}
      placeholder={placeholder}
      onChange={(event) => type(event.target.value)}
      onKeyDown={(event) => {
        if (event.key === 'Enter' && !event.ctrlKey) enter()
        if (event.key.toLowerCase() === 'y' && !event.altKey && !event.ctrlKey && sayYes()) event.preventDefault()
        if (event.key !== 'Escape') return
        if (clear()) event.stopPropagation()
        else leaveField(event.currentTarget)
      }}
    />
  )
}
