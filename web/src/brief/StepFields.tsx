import { LEAVE_OUT, type SheetReading } from '@hop-lark/core/brief'
import { byKind, entryText, type Part } from '@hop-lark/core/record'
import { useTask } from '../notebook/derived.ts'
import { Button } from '../ui/Button.tsx'
import { TextField } from '../ui/TextField.tsx'
import { mend } from './useReading.ts'

/** A slot of a part that can be changed in the run sheet: under which name the change is kept, what it is called, what it holds. */
interface Slot {
  readonly slot: string
  readonly label: string
  readonly value: string
  readonly unit?: string
  readonly hint?: string
}

const NONE = () => []

const slotsOf = byKind<readonly Slot[], [labelOf: (id: string) => string]>({
  weighing: (part, labelOf) => [{ slot: 'of', label: 'Weighed', value: labelOf(part.of) }],
  solution: (part, labelOf) => [
    { slot: 'flask', label: 'Flask holds', value: part.flask ?? '', unit: 'cm³' },
    { slot: 'gives', label: 'Called', value: labelOf(part.gives) },
  ],
  titration: (part, labelOf) => [
    { slot: 'burette', label: 'In the burette', value: part.burette === undefined ? '' : labelOf(part.burette) },
    ...part.flask.flatMap((content) =>
      'material' in content
        ? [
            {
              slot: `volume of ${labelOf(content.material)}`,
              label: `${labelOf(content.material)} in the flask`,
              value: content.volume === undefined ? '' : entryText(content.volume),
              unit: 'cm³',
            },
          ]
        : [],
    ),
    { slot: 'indicator', label: 'Indicator', value: part.indicator ?? '' },
    {
      slot: 'equation',
      label: 'Equation of the titration',
      value: part.reactions.find(({ role }) => role === 'titration')?.equation ?? '',
    },
  ],
  heating: (part, labelOf) => [
    { slot: 'of', label: 'Heated', value: labelOf(part.of) },
    { slot: 'lost', label: 'Loses', value: part.lost ?? '' },
  ],
  series: (part) => [
    {
      slot: 'planned',
      label: `${part.x.name} at which ${part.y.name} is read, ${part.x.unit}`,
      value: (part.planned ?? []).join(', '),
      hint: '0 to 45 by 5, or one after another.',
    },
  ],
  rack: (part, labelOf) => [
    {
      slot: 'samples',
      label: 'Another sample',
      value: '',
      hint: `Tested so far: ${part.samples.map(({ material }) => labelOf(material)).join(', ') || 'none'}.`,
    },
  ],
  chromatogram: (part) => [
    { slot: 'solvent', label: 'Solvent', value: part.solvent ?? '' },
    { slot: 'spots', label: 'Spots', value: (part.planned ?? []).map(({ label }) => label).join(', ') },
  ],
  note: NONE,
})

interface StepFieldsProps {
  readonly part: Part | undefined
  readonly reading: SheetReading
}

/** What a step becomes, each slot to be changed in place. */
export function StepFields({ part, reading }: StepFieldsProps) {
  const { brief } = useTask()
  if (!part) return null
  const labelOf = (id: string) => reading.task.materials.find((one) => one.id === id)?.label ?? id
  // Changes are kept under the name that a first reading gives the part.
  const own = Object.entries(brief?.ids ?? {}).find(([, name]) => name === part.id)?.[0] ?? part.id
  return (
    <div className="flex flex-wrap items-end gap-x-3 gap-y-2 rounded-lg border border-hair bg-sheet p-3">
      {slotsOf(part, labelOf).map(({ slot, label, value, unit, hint }) => (
        <TextField
          key={slot}
          label={label}
          value={value}
          {...(unit ? { unit, inputMode: 'decimal' as const, mono: true } : {})}
          {...(hint ? { hint } : {})}
          className={slot === 'equation' || slot === 'planned' ? 'basis-full' : 'min-w-36 flex-1'}
          onCommit={(text) => text !== '' && mend(`change ${label.toLowerCase()}`, { gap: `${own}.${slot}`, value: text })}
        />
      ))}
      <Button look="quiet" onClick={() => mend('leave out a step', { gap: `${own}.part`, value: LEAVE_OUT })}>
        Leave this out
      </Button>
    </div>
  )
}
