import { isDecimalText } from '@hop-lark/core/number'
import { entryText, findMaterial, type PartOf, path } from '@hop-lark/core/record'
import { useTask } from '../../notebook/derived.ts'
import { type PartChange, usePartChange } from '../../notebook/usePartChange.ts'
import { AddMaterial, MaterialPicker } from '../../ui/AddMaterial.tsx'
import { Button } from '../../ui/Button.tsx'
import { choicesOf } from '../../ui/choices.ts'
import { Dialog } from '../../ui/Dialog.tsx'
import { TakeOutButton } from '../../ui/IconButton.tsx'
import { MaterialCard } from '../../ui/MaterialCard.tsx'
import { Select } from '../../ui/Select.tsx'
import { TextField } from '../../ui/TextField.tsx'
import { IndicatorField } from './IndicatorField.tsx'
import { Reactions } from './Reactions.tsx'

type Titration = PartOf<'titration'>
type Change = PartChange<'titration'>

interface SetUpDialogProps {
  readonly part: Titration
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
}

/** What is in the burette and the flask, what reacts, and to which sign. */
export function SetUpDialog({ part, open, onOpenChange }: SetUpDialogProps) {
  const task = useTask()
  const change = usePartChange(part)
  const chooseBurette = (id: string) =>
    change('choose the burette solution', (found) => {
      found.burette = id
    })
  const burette = findMaterial(task, part.burette)
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="Set up the titration" wide>
      <section aria-label="Burette" className="mb-6">
        <h3 className="mb-2 text-lg font-bold">In the burette</h3>
        <div className="flex flex-wrap gap-2">
          <MaterialPicker label="In the burette" value={part.burette} forms={['solution', 'liquid']} onChange={chooseBurette} />
          <AddMaterial form="solution" says="New solution" onAdded={chooseBurette} />
        </div>
        {burette && <MaterialCard material={burette} />}
      </section>
      <FlaskContents part={part} change={change} />
      <Reactions part={part} change={change} />
      <section aria-label="End-point" className="mb-6 flex flex-wrap gap-3">
        <IndicatorField part={part} />
        <TextField
          label="Title of this stage"
          value={part.title ?? ''}
          placeholder="Titrate"
          className="w-56"
          onCommit={(text) =>
            change('name the stage', (found) => {
              if (text) found.title = text
              else delete found.title
            })
          }
        />
      </section>
      <Button look="main" onClick={() => onOpenChange(false)}>
        To the bench
      </Button>
    </Dialog>
  )
}

type By = NonNullable<Extract<PartOf<'titration'>['flask'][number], { material: string }>['by']>
const BY = choicesOf<By>({
  pipette: 'by pipette',
  burette: 'by burette',
  cylinder: 'by cylinder',
})

function FlaskContents({ part, change }: { readonly part: Titration; readonly change: Change }) {
  const task = useTask()
  const weighings = task.parts.filter(({ kind }) => kind === 'weighing')
  return (
    <section aria-label="Flask" className="mb-6">
      <h3 className="mb-2 text-lg font-bold">In the conical flask</h3>
      {part.flask.map((content, index) => (
        <div key={index} className="mb-2 flex flex-wrap items-end gap-2">
          {'weighing' in content ? (
            <Select
              label="Weighed solid"
              value={content.weighing}
              choices={weighings.map(({ id, title }) => ({ value: id, says: `weighed: ${title ?? id}` }))}
              onChange={(id) =>
                change('choose the weighing', (found) => {
                  found.flask[index] = { weighing: id }
                })
              }
            />
          ) : (
            <>
              <MaterialPicker
                label="Material in the flask"
                value={content.material}
                onChange={(id) =>
                  change('choose what is in the flask', (found) => {
                    const here = found.flask[index]
                    if (here && 'material' in here) here.material = id
                  })
                }
              />
              <TextField
                label="Volume"
                value={content.volume === undefined ? '' : entryText(content.volume)}
                unit="cm³"
                mono
                inputMode="decimal"
                className="w-28"
                at={path('parts', part.id, 'flask', index, 'volume')}
                onCommit={(text) =>
                  change('volume in the flask', (found) => {
                    const here = found.flask[index]
                    const value = text.replace(',', '.')
                    if (!here || !('material' in here)) return
                    if (value === '') delete here.volume
                    else if (isDecimalText(value)) here.volume = value
                  })
                }
              />
              <Select
                label="Measured"
                value={content.by ?? ''}
                choices={BY}
                placeholder="measured …"
                onChange={(by) =>
                  change('how it was measured', (found) => {
                    const here = found.flask[index]
                    if (here && 'material' in here) here.by = by
                  })
                }
              />
            </>
          )}
          <TakeOutButton
            says="Take out of the flask"
            onClick={() =>
              change('take out of the flask', (found) => {
                found.flask.splice(index, 1)
              })
            }
          />
        </div>
      ))}
      <div className="flex flex-wrap gap-2">
        {task.materials.length > 0 && (
          <Button
            onClick={() =>
              change('add to the flask', (found) => {
                found.flask.push({
                  material: task.materials.find(({ id }) => id !== part.burette)?.id ?? part.burette,
                  by: 'pipette',
                })
              })
            }
          >
            Add a portion
          </Button>
        )}
        {weighings.length > 0 && (
          <Button
            onClick={() =>
              change('add a weighed solid', (found) => {
                found.flask.push({ weighing: weighings[0]?.id ?? '' })
              })
            }
          >
            Add a weighed solid
          </Button>
        )}
        <AddMaterial
          form="solution"
          says="New material"
          onAdded={(id) =>
            change('add to the flask', (found) => {
              found.flask.push({ material: id, by: 'cylinder' })
            })
          }
        />
      </div>
    </section>
  )
}
