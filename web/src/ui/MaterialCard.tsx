import { checkFormula } from '@hop-lark/core/check'
import { type Material, path, writePath } from '@hop-lark/core/record'
import { careOf, nameOf, parseFormula } from '@hop-lark/core/substance'
import { useNotebook } from '../notebook/store.ts'
import { Formula } from './Chem.tsx'
import { SelectOf, TextOf } from './form/fields.tsx'
import { KeptForm } from './form/KeptForm.tsx'
import { TakeOutButton } from './IconButton.tsx'
import { FORMS, fieldsOf, type MaterialFields, MaterialFieldsSchema, UNITS, writeField } from './materialFields.ts'

interface MaterialCardProps {
  readonly material: Material
  readonly removable?: boolean
  /** Whether the next act waits for what it is and how strong. */
  readonly asked?: boolean
}

/** One material: what it is called, what it is, how strong, which bottle, and what to take care of. */
export function MaterialCard({ material, removable = false, asked = false }: MaterialCardProps) {
  const edit = useNotebook((state) => state.edit)
  const keep = (name: keyof MaterialFields, value: unknown) =>
    edit(`change ${material.label}: ${name}`, (task) => {
      const found = task.materials.find(({ id }) => id === material.id)
      if (found) writeField(found, name, value)
    })
  const remove = () =>
    edit(`take out ${material.label}`, (task) => {
      task.materials = task.materials.filter(({ id }) => id !== material.id)
    })
  const at = path('materials', material.id)
  const caution = careOf(material.solute)
  return (
    <section
      aria-label={`Material ${material.label}`}
      data-at={writePath(at)}
      tabIndex={-1}
      className="border-b border-hair py-4 outline-none last:border-0"
    >
      <KeptForm<MaterialFields>
        at={path('materials', material.id)}
        schema={MaterialFieldsSchema}
        values={fieldsOf(material)}
        onKeep={keep}
      >
        <WhatItIs material={material} asked={asked}>
          {removable && <TakeOutButton says={`Take out ${material.label}`} onClick={remove} />}
        </WhatItIs>
        <div className="mt-3 flex flex-wrap items-end gap-3">
          {material.form === 'solution' && <Strength material={material} asked={asked} />}
          <TextOf name="bottle" optional label="Bottle or batch" className="w-36" />
          <TextOf name="note" optional label="Note" className="min-w-44 flex-1" />
        </div>
      </KeptForm>
      {caution && (
        <p className="mt-2 border-l-3 border-iodine pl-3 text-sm">
          <strong className="text-iodine">Care.</strong> {caution} Follow your laboratory’s rules and your supervisor.
        </p>
      )}
    </section>
  )
}

interface FieldsProps {
  readonly material: Material
  readonly asked: boolean
}

function WhatItIs({ material, asked, children }: FieldsProps & { readonly children: React.ReactNode }) {
  const at = path('materials', material.id)
  const [fault] = material.solute ? checkFormula(material.solute, [...at, 'solute']) : []
  return (
    <>
      <div className="flex flex-wrap items-end gap-3">
        <TextOf name="label" label="Label" className="w-40" at={[...at, 'label']} />
        <SelectOf name="form" label="Form" choices={FORMS} />
        <TextOf
          name="solute"
          optional
          label={material.form === 'solid' ? 'Formula, if known' : 'Formula of what is in it'}
          mono
          asked={asked}
          error={fault?.says}
          className="min-w-44 flex-1"
          placeholder={material.form === 'solution' && !material.strength ? '0.0200 mol/dm3 KMnO4' : 'KMnO4'}
          at={[...at, 'solute']}
        />
        {children}
      </div>
      {material.solute && !fault && (
        <p className="mt-1 text-sm text-ink-soft">
          <Formula text={material.solute} /> · {nameOf(parseFormula(material.solute))}
        </p>
      )}
    </>
  )
}

/** How strong a solution is, and what was dissolved in it before: a common ion, or the salt of a brine. */
const Strength = ({ material, asked }: FieldsProps) => (
  <>
    <div className="flex items-end gap-2">
      <TextOf
        name="strength"
        label="Strength"
        mono
        asked={asked}
        placeholder="unknown"
        className="w-32"
        at={path('materials', material.id, 'strength')}
      />
      <SelectOf name="unit" label="Unit of the strength" choices={UNITS} />
    </div>
    <TextOf name="background" label="Also dissolved in it" mono placeholder="0.100 mol/dm3 NaCl" className="w-56" />
  </>
)
