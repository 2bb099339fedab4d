import { buretteOf, findMaterial, type PartOf, path, TitrationSchema } from '@hop-lark/core/record'
import { useTask } from '../../notebook/derived.ts'
import { usePartChange } from '../../notebook/usePartChange.ts'
import { AddMaterial, MaterialPicker } from '../../ui/AddMaterial.tsx'
import { Button } from '../../ui/Button.tsx'
import { Dialog } from '../../ui/Dialog.tsx'
import { TextOf } from '../../ui/form/fields.tsx'
import { KeptForm } from '../../ui/form/KeptForm.tsx'
import { writeAt } from '../../ui/form/writeAt.ts'
import { MaterialCard } from '../../ui/MaterialCard.tsx'
import { ONWARD } from '../../ui/nextAsked.ts'
import { FlaskContents } from './FlaskContents.tsx'
import { IndicatorField } from './IndicatorField.tsx'
import { Reactions } from './Reactions.tsx'

interface SetUpDialogProps {
  readonly part: PartOf<'titration'>
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
  /** Puts the cursor where the next reading goes. */
  readonly onClosed?: () => void
}

/** What is in the burette and the flask, what reacts, and to which sign. */
export function SetUpDialog({ part, open, onOpenChange, onClosed }: SetUpDialogProps) {
  const change = usePartChange(part)
  return (
    <Dialog
      open={open}
      onOpenChange={onOpenChange}
      title="Set up the titration"
      says="Only what is asked for has to be filled in: Enter goes from one to the next. The rest can wait."
      {...(onClosed ? { onClosed } : {})}
      wide
    >
      <KeptForm<PartOf<'titration'>>
        at={path('parts', part.id)}
        schema={TitrationSchema}
        values={part}
        onKeep={(name, value) => change('set up the titration', (found) => writeAt(found, name, value))}
      >
        <BuretteSection part={part} />
        <FlaskContents part={part} change={change} />
        <Reactions part={part} change={change} />
        <section aria-label="End-point" className="mb-6 flex flex-wrap gap-3">
          <IndicatorField part={part} />
          <TextOf name="title" optional label="Title of this stage" placeholder="Titrate" className="w-56" />
        </section>
      </KeptForm>
      <Button look="main" {...{ [ONWARD]: '' }} onClick={() => onOpenChange(false)}>
        Done
      </Button>
    </Dialog>
  )
}

function BuretteSection({ part }: { readonly part: PartOf<'titration'> }) {
  const task = useTask()
  const change = usePartChange(part)
  const choose = (id: string) =>
    change('choose the burette solution', (found) => {
      found.burette = id
    })
  const burette = findMaterial(task, buretteOf(part))
  return (
    <section aria-label="Burette" className="mb-6">
      <h3 className="mb-2 text-lg font-bold">In the burette</h3>
      <div className="flex flex-wrap gap-2">
        <MaterialPicker label="In the burette" value={buretteOf(part)} forms={['solution', 'liquid']} onChange={choose} />
        <AddMaterial form="solution" says="New solution" onAdded={choose} />
      </div>
      {burette && <MaterialCard material={burette} asked />}
    </section>
  )
}
