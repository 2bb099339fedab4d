import {
  buretteOf,
  type Entry,
  entryText,
  findMaterial,
  materialLabel,
  type PartOf,
  path,
  type Task,
} from '@hop-lark/core/record'
import { useFormContext } from 'react-hook-form'
import { useTask } from '../../notebook/derived.ts'
import { dropDrafts } from '../../notebook/drafts.ts'
import type { PartChange } from '../../notebook/usePartChange.ts'
import { AddMaterial, MaterialPicker } from '../../ui/AddMaterial.tsx'
import { Button } from '../../ui/Button.tsx'
import { choicesOf } from '../../ui/choices.ts'
import { FormulaField } from '../../ui/FormulaField.tsx'
import { DIGITS_ONLY, SelectOf, TextOf, withPoint } from '../../ui/form/fields.tsx'
import { TakeOutButton } from '../../ui/IconButton.tsx'
import { GoesOn } from './GoesOn.tsx'

type Titration = PartOf<'titration'>
type Portion = Extract<Titration['flask'][number], { material: string }>

const BY = choicesOf<NonNullable<Portion['by']>>({
  pipette: 'by pipette',
  burette: 'by burette',
  cylinder: 'by cylinder',
})

/** What has no label of its own stands as low as a field beside it that has one, whatever is said under that. */
const BESIDE_LABELLED = 'pt-6'

interface FlaskContentsProps {
  readonly part: Titration
  readonly change: PartChange<'titration'>
}

/** What a row of the flask is about. */
const inFlask = (task: Task, content: Titration['flask'][number]) =>
  'weighing' in content ? 'the weighed solid' : materialLabel(task, content.material)

/** What is in the conical flask before the titration, each with how much of it. */
export function FlaskContents({ part, change }: FlaskContentsProps) {
  const { resetField } = useFormContext()
  const task = useTask()
  const takeOut = (index: number) => {
    change('take out of the flask', (found) => void found.flask.splice(index, 1))
    dropDrafts(task.id, `parts.${part.id}.flask`)
    // What was refused in this row must not stand in the one that takes its place.
    resetField('flask', { defaultValue: part.flask.filter((_, at) => at !== index) })
  }
  return (
    <section aria-label="Flask" className="mb-6">
      <h3 className="mb-2 text-lg font-bold">In the conical flask</h3>
      <GoesOn part={part} change={change} />
      {part.flask.map((content, index) => (
        <fieldset key={index} aria-label={inFlask(task, content)} className="mb-2 flex flex-wrap items-start gap-2">
          {'weighing' in content ? (
            <WeighedSolid index={index} />
          ) : (
            <PortionFields part={part} index={index} material={content.material} change={change} />
          )}
          <div className={BESIDE_LABELLED}>
            <TakeOutButton says={`Take out of the flask: ${inFlask(task, content)}`} onClick={() => takeOut(index)} />
          </div>
        </fieldset>
      ))}
      <PutIn part={part} change={change} />
    </section>
  )
}

function WeighedSolid({ index }: { readonly index: number }) {
  const weighings = useTask().parts.filter(({ kind }) => kind === 'weighing')
  return (
    <div className={BESIDE_LABELLED}>
      <SelectOf
        name={`flask.${index}.weighing`}
        label="Weighed solid"
        choices={weighings.map(({ id, title }) => ({ value: id, says: `weighed: ${title ?? id}` }))}
      />
    </div>
  )
}

interface PortionFieldsProps extends FlaskContentsProps {
  readonly index: number
  readonly material: string
}

function PortionFields({ part, index, material, change }: PortionFieldsProps) {
  const known = findMaterial(useTask(), material)
  return (
    <>
      <div className={BESIDE_LABELLED}>
        <MaterialPicker
          label="Material in the flask"
          value={material}
          onChange={(id) =>
            change('choose what is in the flask', (found) => {
              const here = found.flask[index]
              if (here && 'material' in here) here.material = id
            })
          }
        />
      </div>
      <TextOf
        name={`flask.${index}.volume`}
        optional
        label="Volume"
        unit="cm³"
        mono
        inputMode="decimal"
        className="w-28"
        at={path('parts', part.id, 'flask', index, 'volume')}
        tidy={withPoint}
        refusal={DIGITS_ONLY}
        write={(value) => (value === undefined ? '' : entryText(value as Entry))}
      />
      <div className={BESIDE_LABELLED}>
        <SelectOf name={`flask.${index}.by`} label="Measured" choices={BY} placeholder="measured …" />
      </div>
      {known && <FormulaField material={known} className="min-w-44 flex-1" />}
    </>
  )
}

/** Buttons that put something more into the flask. */
function PutIn({ part, change }: FlaskContentsProps) {
  const { materials, parts } = useTask()
  const weighing = parts.find(({ kind }) => kind === 'weighing')
  const add = (says: string, content: Titration['flask'][number]) => change(says, (found) => void found.flask.push(content))
  const other = materials.find(({ id }) => id !== part.burette)?.id ?? buretteOf(part)
  return (
    <div className="flex flex-wrap gap-2">
      {materials.length > 0 && (
        <Button onClick={() => add('add to the flask', { material: other, by: 'pipette' })}>Add a portion</Button>
      )}
      {weighing && <Button onClick={() => add('add a weighed solid', { weighing: weighing.id })}>Add a weighed solid</Button>}
      <AddMaterial
        form="solution"
        says="New material"
        onAdded={(id) => add('add to the flask', { material: id, by: 'cylinder' })}
      />
    </div>
  )
}
