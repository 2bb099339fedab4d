import { checkFormula } from '@hop-lark/core/check'
import { isDecimalText, readStrength } from '@hop-lark/core/number'
import { type Material, path, writePath } from '@hop-lark/core/record'
import { nameOf, parseFormula } from '@hop-lark/core/substance'
import { useState } from 'react'
import { cautionFor } from '../bench/cautions.ts'
import { useNotebook } from '../notebook/store.ts'
import { Formula } from './Chem.tsx'
import { choicesOf } from './choices.ts'
import { TakeOutButton } from './IconButton.tsx'
import { Select } from './Select.tsx'
import { TextField } from './TextField.tsx'

type Change = (material: Material) => void

type Strength = NonNullable<Material['strength']>
const FORMS = choicesOf<Material['form']>({
  solid: 'solid',
  solution: 'solution',
  liquid: 'liquid',
  gas: 'gas',
})
const UNITS = choicesOf<Strength['unit']>({
  'mol/dm3': 'mol/dm³',
  'g/dm3': 'g/dm³',
})

/** One material: what it is called, what it is, how strong, which bottle, and what to take care of. */
export function MaterialCard({ material, removable = false }: { readonly material: Material; readonly removable?: boolean }) {
  const edit = useNotebook((state) => state.edit)
  const change = (says: string, act: Change) =>
    edit(says, (task) => {
      const found = task.materials.find(({ id }) => id === material.id)
      if (found) act(found)
    })
  const remove = () =>
    edit(`take out ${material.label}`, (task) => {
      task.materials = task.materials.filter(({ id }) => id !== material.id)
    })
  const at = path('materials', material.id)
  const [fault] = material.solute ? checkFormula(material.solute, [...at, 'solute']) : []
  const caution = cautionFor(material.solute)
  const setText = (field: 'solute' | 'note' | 'bottle') => (text: string) =>
    change(`change ${material.label}`, (found) => {
      if (text === '') delete found[field]
      else found[field] = text
    })
  return (
    <section
      aria-label={`Material ${material.label}`}
      data-at={writePath(at)}
      tabIndex={-1}
      className="border-b border-hair py-4 outline-none last:border-0"
    >
      <div className="flex flex-wrap items-end gap-3">
        <TextField
          label="Label"
          value={material.label}
          onCommit={(text) =>
            change('rename a material', (found) => {
              found.label = text
            })
          }
          className="w-40"
          at={[...at, 'label']}
        />
        <Select
          label="Form"
          value={material.form}
          choices={FORMS}
          onChange={(form) =>
            change(`change ${material.label}`, (found) => {
              found.form = form
            })
          }
        />
        <TextField
          label={material.form === 'solid' ? 'Formula, if known' : 'Formula of what is in it'}
          value={material.solute ?? ''}
          onCommit={setText('solute')}
          mono
          error={fault?.says}
          className="min-w-44 flex-1"
          placeholder="KMnO4"
          at={[...at, 'solute']}
        />
        {removable && <TakeOutButton says={`Take out ${material.label}`} onClick={remove} />}
      </div>
      {material.solute && !fault && (
        <p className="mt-1 text-sm text-ink-soft">
          <Formula text={material.solute} /> · {nameOf(parseFormula(material.solute))}
        </p>
      )}
      <div className="mt-3 flex flex-wrap items-end gap-3">
        {material.form === 'solution' && <Strength material={material} change={change} />}
        {material.form === 'solution' && <Background material={material} change={change} />}
        <TextField label="Bottle or batch" value={material.bottle ?? ''} onCommit={setText('bottle')} className="w-36" />
        <TextField label="Note" value={material.note ?? ''} onCommit={setText('note')} className="min-w-44 flex-1" />
      </div>
      {caution && (
        <p className="mt-2 border-l-3 border-iodine pl-3 text-sm">
          <strong className="text-iodine">Care.</strong> {caution} Follow your laboratory’s rules and your supervisor.
        </p>
      )}
    </section>
  )
}

const writtenBackground = ({ background = [] }: Material) =>
  background.map(({ solute, strength }) => `${strength.value} ${strength.unit} ${solute}`).join('; ')

/** Reads `0.100 mol/dm3 NaCl; M/20 CaCl2`; undefined where a piece of it cannot be read. */
function readBackground(text: string): Material['background'] | undefined {
  const pieces = text
    .split(';')
    .map((piece) => piece.trim())
    .filter((piece) => piece !== '')
  const read = pieces.map((piece) => {
    const [, strengthText = '', solute = ''] = /^(.*)\s+(\S+)$/.exec(piece) ?? []
    const strength = readStrength(strengthText)
    return strength && checkFormula(solute, []).length === 0 ? { solute, strength: { ...strength } } : undefined
  })
  return read.every((one) => one !== undefined) ? read : undefined
}

/** Salts that were dissolved in a solution before: a common ion, or the salt of a brine. */
function Background({ material, change }: { readonly material: Material; readonly change: (says: string, act: Change) => void }) {
  const [wrong, setWrong] = useState<string>()
  return (
    <TextField
      label="Also dissolved in it"
      value={wrong ?? writtenBackground(material)}
      mono
      placeholder="0.100 mol/dm3 NaCl"
      error={wrong === undefined ? undefined : 'Strength, then formula: 0.100 mol/dm3 NaCl; several with a semicolon.'}
      className="w-56"
      onCommit={(text) => {
        const background = readBackground(text)
        setWrong(background === undefined ? text : undefined)
        if (background === undefined) return
        change(`what else is in ${material.label}`, (found) => {
          if (background.length > 0) found.background = background
          else delete found.background
        })
      }}
    />
  )
}

function Strength({ material, change }: { readonly material: Material; readonly change: (says: string, act: Change) => void }) {
  const [wrong, setWrong] = useState<string>()
  const unit = material.strength?.unit ?? 'mol/dm3'
  const set = (text: string) => {
    const value = text.trim().replace(',', '.')
    // A bare number is in the unit chosen; a strength that is spoken of (M/20, a twentieth molar, 5 % w/v) brings its own.
    const strength = isDecimalText(value) ? { value, unit } : readStrength(value)
    if (value !== '' && !strength) {
      setWrong(text)
      return
    }
    setWrong(undefined)
    change(`strength of ${material.label}`, (found) => {
      if (strength) found.strength = { ...strength }
      else delete found.strength
    })
  }
  return (
    <div className="flex items-end gap-2">
      <TextField
        label="Strength"
        value={wrong ?? material.strength?.value ?? ''}
        onCommit={set}
        mono
        placeholder="unknown"
        error={wrong === undefined ? undefined : 'A number like 0.0200, the unit beside it; or M/20, a twentieth molar, 5 % w/v.'}
        className="w-32"
        at={path('materials', material.id, 'strength')}
      />
      <Select
        label="Unit of the strength"
        value={unit}
        choices={UNITS}
        onChange={(chosen) =>
          change(`unit of ${material.label}`, (found) => {
            if (found.strength) found.strength.unit = chosen
          })
        }
      />
    </div>
  )
}
