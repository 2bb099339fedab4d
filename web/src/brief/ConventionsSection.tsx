import { type Conventions, ConventionsSchema } from '@hop-lark/core/record'
import type { ReactNode } from 'react'
import { useTask } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'
import { SelectOf, TextOf, withPoint } from '../ui/form/fields.tsx'
import { KeptForm } from '../ui/form/KeptForm.tsx'
import { writeAt } from '../ui/form/writeAt.ts'
import { CHOICES } from './conventionChoices.ts'
import { Presets } from './Presets.tsx'

const positive = (text: string) => Number(text) > 0
/** What a field takes is what a file may say, and no burette holds nothing. */
const FieldsSchema = ConventionsSchema.refine(({ burette }) => positive(burette.capacity), {
  path: ['burette', 'capacity'],
  message: 'More than nothing, in cm³.',
})
  .refine(({ concordance }) => positive(concordance.within), {
    path: ['concordance', 'within'],
    message: 'More than nothing, in cm³.',
  })
  .refine(({ runIn }) => positive(runIn.margin), { path: ['runIn', 'margin'], message: 'More than nothing, in cm³.' })
  .refine(({ molarVolume }) => positive(molarVolume), { path: ['molarVolume'], message: 'More than nothing, in dm³.' })

/** The school's ways of doing things, on one short page, with presets for the common ones. */
export function ConventionsSection() {
  const { conventions } = useTask()
  const edit = useNotebook((state) => state.edit)
  return (
    <section aria-label="Conventions" className="mt-8">
      <h2 className="border-b-[1.5px] border-ink pb-2 text-xl font-bold">How your school does it</h2>
      <Presets />
      <KeptForm<Conventions>
        at={['conventions']}
        schema={FieldsSchema}
        values={conventions}
        onKeep={(name, value) => edit('change a convention', (task) => writeAt(task.conventions, name, value))}
      >
        <dl className="mt-4">
          <Line term="Burette">
            <Amount name="burette.capacity" label="Capacity" />
            <SelectOf name="burette.step" label="Read to" choices={CHOICES.step} />
            <SelectOf name="burette.class" label="Class" choices={CHOICES.glass} />
          </Line>
          <Line term="Titres agree when their spread is">
            <SelectOf name="concordance.strict" label="Limit" choices={CHOICES.strict} read={(value) => value === 'true'} />
            <Amount name="concordance.within" label="Widest spread" />
            <SelectOf name="concordance.runs" label="How many" choices={CHOICES.runs} read={Number} />
          </Line>
          <Line term="The mean takes">
            <SelectOf name="concordance.rule" label="Rule of the mean" choices={CHOICES.rule} />
          </Line>
          <Line term="Run in quickly">
            <SelectOf name="runIn.to" label="Run in quickly to" choices={CHOICES.runInTo} />
            <Amount name="runIn.margin" label="Margin before the end" />
          </Line>
          <Line term="At the end-point the colour">
            <SelectOf name="endPoint.tint" label="Tint that counts" choices={CHOICES.tint} />
            <SelectOf name="endPoint.lasts" label="How long it must last" choices={CHOICES.lasts} />
          </Line>
          <Line term="Answers">
            <SelectOf name="figures" label="Figures" choices={CHOICES.figures} read={Number} />
            <SelectOf name="carry" label="Carry" choices={CHOICES.carry} />
          </Line>
          <Line term="Working">
            <SelectOf name="working" label="Working" choices={CHOICES.working} />
            <SelectOf name="atomicMasses" label="Atomic masses" choices={CHOICES.masses} />
          </Line>
          <Line term="Masses on the sheet">
            <TextOf
              name="sheetMasses"
              label="Masses the sheet gives"
              hideLabel
              optional
              mono
              placeholder="Cu 63.5; C6H8O7 192"
              className="w-72"
            />
          </Line>
          <Line term="A mole of gas takes up">
            <Amount name="molarVolume" label="Molar volume of a gas" unit="dm³" />
          </Line>
          <Line term="Volumes in">
            <SelectOf name="volumeUnit" label="Volume unit" choices={CHOICES.unit} />
          </Line>
        </dl>
      </KeptForm>
    </section>
  )
}

function Line({ term, children }: { readonly term: string; readonly children: ReactNode }) {
  return (
    <div className="flex flex-wrap items-center justify-between gap-2 border-b border-hair py-2">
      <dt className="font-semibold">{term}</dt>
      <dd className="flex flex-wrap gap-2">{children}</dd>
    </div>
  )
}

interface AmountProps {
  readonly name: string
  readonly label: string
  readonly unit?: string
}

const Amount = ({ name, label, unit = 'cm³' }: AmountProps) => (
  <TextOf
    name={name}
    label={label}
    hideLabel
    mono
    inputMode="decimal"
    unit={unit}
    className="w-28"
    tidy={withPoint}
    refusal="a number above 0"
  />
)
