import { entryText, findMaterial, materialLabel, type PartOf, path } from '@hop-lark/core/record'
import { weighedMass } from '@hop-lark/core/titration'
import { useState } from 'react'
import { focusAt } from '../../app/goTo.ts'
import { useDerived, useTask } from '../../notebook/derived.ts'
import { useNotebook } from '../../notebook/store.ts'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { MaterialPicker } from '../../ui/AddMaterial.tsx'
import { choicesOf } from '../../ui/choices.ts'
import { TakeOutButton } from '../../ui/IconButton.tsx'
import { MaterialCard } from '../../ui/MaterialCard.tsx'
import { ReadingCell } from '../../ui/ReadingCell.tsx'
import { Select } from '../../ui/Select.tsx'
import { fieldLabel, METHODS, type Method, methodOf, type WeighingField } from './method.ts'

const METHOD_CHOICES = (Object.keys(METHODS) as Method[]).map((value) => ({ value, says: METHODS[value].says }))
type Lid = Exclude<NonNullable<PartOf<'weighing'>['lid']>, boolean>
const LIDS = choicesOf<Lid>({
  both: 'lid both times',
  neither: 'no lid',
  first: 'lid first time only',
  second: 'lid second time only',
})

/** One weighing: its readings in the order they are taken, and the difference worked beneath. */
export function WeighingCard({ weighing, titled }: { readonly weighing: PartOf<'weighing'>; readonly titled: boolean }) {
  const task = useTask()
  const edit = useNotebook((state) => state.edit)
  const [chosen, setChosen] = useState<Method>()
  const found = methodOf(weighing)
  // A method may be chosen before its readings are there; readings that are there decide.
  const hasReadings = weighing.container ?? weighing.withSample ?? weighing.withResidue ?? weighing.mass
  const method = hasReadings === undefined ? (chosen ?? found) : found
  const label = materialLabel(task, weighing.of)
  const material = findMaterial(task, weighing.of)
  const fields: readonly WeighingField[] = METHODS[method].fields
  const change = usePartChange(weighing)
  const remove = () =>
    edit('take out a weighing', (draft) => {
      draft.parts = draft.parts.filter(({ id }) => id !== weighing.id)
    })
  return (
    <section aria-label={weighing.title ?? label} className="max-w-2xl">
      <div className="mb-3 flex flex-wrap items-center gap-2">
        {titled && <h2 className="mr-2 text-lg font-bold">{weighing.title ?? weighing.id}</h2>}
        {!titled && (
          <MaterialPicker
            label="What is weighed"
            value={weighing.of}
            forms={['solid', 'liquid']}
            onChange={(id) =>
              change('choose what is weighed', (part) => {
                part.of = id
              })
            }
          />
        )}
        <Select label="How it is weighed" value={method} choices={METHOD_CHOICES} onChange={setChosen} />
        {method === 'difference' && (
          <Select
            label="Lid"
            value={lidOf(weighing)}
            choices={LIDS}
            onChange={(value) =>
              change('note the lid', (part) => {
                part.lid = value
              })
            }
          />
        )}
        {titled && <TakeOutButton says={`Take out ${weighing.title ?? weighing.id}`} onClick={remove} />}
      </div>
      <div className="border-t-[1.5px] border-ink">
        {fields.map((field, index) => (
          <Reading key={field} weighing={weighing} field={field} label={fieldLabel(field, label)} next={fields[index + 1]} />
        ))}
      </div>
      {method !== 'tared' && <Difference weighing={weighing} method={method} label={label} />}
      {!titled && material && <MaterialCard material={material} />}
    </section>
  )
}

function lidOf({ lid }: PartOf<'weighing'>): Lid {
  if (typeof lid === 'boolean') return lid ? 'both' : 'neither'
  return lid ?? 'both'
}

interface ReadingProps {
  readonly weighing: PartOf<'weighing'>
  readonly field: WeighingField
  readonly label: string
  readonly next: WeighingField | undefined
}

function Reading({ weighing, field, label, next }: ReadingProps) {
  const derived = useDerived()
  const at = path('parts', weighing.id, field)
  return (
    <div className="flex items-end justify-between gap-4 border-b border-hair py-2">
      <span className="pb-1.5 leading-tight">
        <span className="block font-semibold">{label}</span>
        <span className="text-sm text-ink-soft">g</span>
      </span>
      <div className="w-44">
        <ReadingCell
          at={at}
          label={`${label}, g`}
          entry={weighing[field]}
          unit="g"
          problem={derived.worstAt(at)}
          onDone={next === undefined ? undefined : () => focusAt(path('parts', weighing.id, next))}
        />
      </div>
    </div>
  )
}

/** The difference as it is written under two masses. */
function Difference({
  weighing,
  method,
  label,
}: {
  readonly weighing: PartOf<'weighing'>
  readonly method: Method
  readonly label: string
}) {
  const mass = weighedMass(weighing)
  const [more, less] =
    method === 'container' ? [weighing.withSample, weighing.container] : [weighing.withSample, weighing.withResidue]
  return (
    <div className="flex items-end justify-between gap-4 border-b-[1.5px] border-ink py-3">
      <span className="leading-tight">
        <span className="block font-semibold">{label} taken</span>
        {more !== undefined && less !== undefined && (
          <span className="num text-sm text-ink-soft">
            {entryText(more)} − {entryText(less)}
          </span>
        )}
      </span>
      <span className="num pr-2.5 text-[1.6rem] leading-none font-semibold" data-testid={`mass-${weighing.id}`}>
        {mass === undefined ? <span className="text-ink-soft">–</span> : <>{mass.text}&nbsp;g</>}
      </span>
    </div>
  )
}
