import type { Chromatogram } from '@hop-lark/core/chromatogram'
import { readTypedReading } from '@hop-lark/core/number'
import { CHEMICAL_COLOURS } from '@hop-lark/core/palette'
import { freshId, type PartOf, type Path, path, type Spot, writePath } from '@hop-lark/core/record'
import { useId, useRef } from 'react'
import { useDerived } from '../../notebook/derived.ts'
import { useDraft } from '../../notebook/drafts.ts'
import { refusalOf } from '../../notebook/store.ts'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { padField } from '../../pad/padField.ts'
import { usePad } from '../../pad/usePad.ts'
import { ColumnHeads } from '../../ui/ColumnHeads.tsx'
import { TakeOutButton } from '../../ui/IconButton.tsx'
import { ReadingCell } from '../../ui/ReadingCell.tsx'
import { Select } from '../../ui/Select.tsx'
import { TYPED_ONLY } from '../../ui/typedOnly.ts'
import { WrongRow } from '../../ui/WrongRow.tsx'
import { spotsLeft } from './plannedSpots.ts'

const COLOURS = [
  { value: 'none', says: 'no colour' },
  ...Object.keys(CHEMICAL_COLOURS).map((name) => ({ value: name, says: name })),
]

const INPUT =
  'w-full min-w-0 rounded-md border-2 border-rule bg-sheet px-1.5 py-1 text-lg outline-none placeholder:text-ink-soft focus:border-hop'

interface SpotTableProps {
  readonly part: PartOf<'chromatogram'>
  readonly read: Chromatogram
}

/** The spots, a row each, with an open row at the end. */
export function SpotTable({ part, read }: SpotTableProps) {
  const unit = part.unit ?? 'cm'
  return (
    <table className="w-full table-fixed border-collapse">
      <ColumnHeads
        columns={[
          { says: 'Sample' },
          { says: `Spot / ${unit}`, align: 'right', width: 'w-[4.6rem] whitespace-nowrap' },
          { says: 'Rf', align: 'right', width: 'w-[3.3rem]' },
          { says: 'Reference', align: 'center', width: 'w-[5rem]' },
          { says: 'Colour and take out', unseen: true, width: 'w-[9rem] max-[599px]:w-10' },
        ]}
      />
      <tbody>
        {part.spots.map((spot, index) => (
          <SpotRow key={spot.id} part={part} spot={spot} index={index} rf={read.spots[index]?.rf?.text} />
        ))}
        <OpenRow part={part} />
      </tbody>
    </table>
  )
}

interface SpotRowProps {
  readonly part: PartOf<'chromatogram'>
  readonly spot: Spot
  readonly index: number
  readonly rf: string | undefined
}

function SpotRow({ part, spot: { id, label, distance, known = false, colour }, index, rf }: SpotRowProps) {
  const change = usePartChange(part)
  const derived = useDerived()
  const measured = path('parts', part.id, 'spots', id, 'distance')
  const changeSpot = (says: string, act: (spot: Spot) => void) =>
    change(says, (found) => {
      const here = found.spots[index]
      if (here) act(here)
    })
  return (
    <tr className="border-b border-hair">
      <td>
        <LabelField
          at={path('parts', part.id, 'spots', id, 'label')}
          label={`Sample of spot ${index + 1}`}
          value={label}
          onKeep={(text) => changeSpot('name a spot', (here) => Object.assign(here, text ? { label: text } : {}))}
        />
      </td>
      <td>
        <ReadingCell
          at={measured}
          problem={derived.worstAt(measured)}
          label={`spot ${index + 1}, distance`}
          entry={distance}
          unit={part.unit ?? 'cm'}
          size="normal"
        />
      </td>
      <td className="num pr-1.5 text-right text-lg">{rf ?? '–'}</td>
      <td className="text-center">
        <input
          type="checkbox"
          aria-label={`Spot ${index + 1} is a reference`}
          className="size-5 accent-(--hop)"
          checked={known}
          onChange={() =>
            changeSpot('mark a reference', (here) => {
              if (known) delete here.known
              else here.known = true
            })
          }
        />
      </td>
      <td>
        <div className="flex items-center justify-end">
          <Select
            label={`Colour of spot ${index + 1}`}
            value={colour ?? 'none'}
            choices={COLOURS}
            className="w-[6.75rem] px-2 text-sm whitespace-nowrap max-[599px]:hidden"
            onChange={(chosen) =>
              changeSpot('colour of a spot', (here) => {
                if (chosen === 'none') delete here.colour
                else here.colour = chosen
              })
            }
          />
          <TakeOutButton
            says={`Take out spot ${index + 1}`}
            onClick={() => change('take out a spot', (found) => void found.spots.splice(index, 1))}
          />
        </div>
      </td>
    </tr>
  )
}

function LabelField({
  at,
  label,
  value,
  onKeep,
}: {
  readonly at: Path
  readonly label: string
  readonly value: string
  readonly onKeep: (text: string) => void
}) {
  const [draft, setDraft] = useDraft(at)
  const keep = () => {
    if (draft === undefined) return
    const text = draft.trim()
    const refused = text === value ? undefined : refusalOf(() => onKeep(text))
    if (refused === undefined) setDraft(undefined)
  }
  return (
    <input
      data-at={writePath(at)}
      aria-label={label}
      {...(draft === undefined ? {} : TYPED_ONLY)}
      value={draft ?? value}
      onChange={(event) => setDraft(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => event.key === 'Enter' && keep()}
      className="w-full min-w-0 rounded-md border-2 border-transparent bg-transparent px-0.5 py-1 font-semibold outline-none hover:border-rule focus:border-hop"
    />
  )
}

/** The spot being measured: the sample's name stays for its next spot. */
function OpenRow({ part }: { readonly part: PartOf<'chromatogram'> }) {
  const change = usePartChange(part)
  const last = part.spots.at(-1)
  const [label = '', setLabel] = useDraft(`parts.${part.id}.spots next label`)
  const [distance = '', setDistance] = useDraft(`parts.${part.id}.spots next distance`)
  const distanceField = useRef<HTMLInputElement>(null)
  const labelField = useRef<HTMLInputElement>(null)
  const [next] = spotsLeft(part)
  const foreseen = next?.label ?? last?.label
  const starred = /\s*\*$/.test(label)
  const name = label.replace(/\s*\*$/, '').trim() || (foreseen ?? '')
  const says = useId()
  const pad = usePad()
  const unit = part.unit ?? 'cm'
  const typed = distance.trim() === '' ? undefined : readTypedReading(distance, unit)
  const keep = () => {
    const text = typed?.text
    if (text === undefined) return
    if (name === '') {
      labelField.current?.focus()
      return
    }
    change('add a spot', (found) => {
      const reference =
        starred ||
        found.spots.some((spot) => spot.label === name && spot.known) ||
        (found.planned ?? []).some((one) => one.label === name && one.known)
      found.spots.push({
        id: freshId(
          's',
          found.spots.map((spot) => spot.id),
        ),
        label: name,
        distance: { value: text, at: new Date().toISOString() },
        ...(reference ? { known: true } : {}),
      })
    })
    setDistance(undefined)
    setLabel(undefined)
    labelField.current?.focus()
  }
  return (
    <>
      <tr className="screen-only">
        <td className="py-1 pr-1">
          <input
            ref={labelField}
            aria-label="next sample; a star after its name makes it a reference"
            data-asked=""
            data-at={writePath(path('parts', part.id, 'spots'))}
            autoComplete="off"
            className={INPUT}
            {...(label === '' ? {} : TYPED_ONLY)}
            value={label}
            placeholder={foreseen ?? 'name'}
            onChange={(event) => setLabel(event.target.value)}
            onKeyDown={(event) => event.key === 'Enter' && distanceField.current?.focus()}
          />
        </td>
        <td className="py-1">
          <input
            ref={distanceField}
            aria-label="next distance"
            data-asked=""
            {...padField({ step: unit === 'mm' ? '1' : '0.1', unit })}
            aria-invalid={typed?.wrong !== undefined}
            aria-describedby={typed?.wrong === undefined ? undefined : says}
            inputMode={pad ? 'none' : 'decimal'}
            autoComplete="off"
            className={`num text-right ${INPUT}`}
            {...(distance === '' ? {} : TYPED_ONLY)}
            value={distance}
            placeholder="–"
            onChange={(event) => setDistance(event.target.value)}
            onKeyDown={(event) => event.key === 'Enter' && keep()}
          />
        </td>
        <td colSpan={3} className="pl-2 text-sm text-ink-soft">
          Enter keeps it
        </td>
      </tr>
      {typed?.wrong && <WrongRow id={says} columns={5} says={typed.wrong} />}
      {spotsLeft(part)
        .slice(1)
        .map((one) => (
          <tr key={one.label} className="border-b border-hair text-ink-soft">
            <td className="px-1.5 py-1">{one.label}</td>
            <td className="px-1.5 text-right">to be measured</td>
            <td colSpan={3} className="pl-2 text-sm">
              {one.known && 'a reference'}
            </td>
          </tr>
        ))}
    </>
  )
}
