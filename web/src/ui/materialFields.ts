import { checkFormula } from '@hop-lark/core/check'
import { isDecimalText, readStrength } from '@hop-lark/core/number'
import { type Material, MaterialSchema } from '@hop-lark/core/record'
import { readBottleLabel } from '@hop-lark/core/substance'
import { z } from 'zod'
import { choicesOf } from './choices.ts'

type Strength = NonNullable<Material['strength']>

export const FORMS = choicesOf<Material['form']>({ solid: 'solid', solution: 'solution', liquid: 'liquid', gas: 'gas' })
export const UNITS = choicesOf<Strength['unit']>({ 'mol/dm3': 'mol/dm³', 'g/dm3': 'g/dm³' })

/** A bare number is in the unit chosen; a strength that is spoken of (M/20, a twentieth molar, 5 % w/v) brings its own. */
function strengthFrom(text: string, unit: Strength['unit']): Strength | undefined {
  const value = text.trim().replace(',', '.')
  const read = isDecimalText(value) ? { value, unit } : readStrength(value)
  return read && { ...read }
}

/** Reads `0.100 mol/dm3 NaCl; M/20 CaCl2`; undefined where a piece of it cannot be read. */
function backgroundFrom(text: string): NonNullable<Material['background']> | undefined {
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

const { label, form, solute, note, bottle } = MaterialSchema.shape

/** A material as its fields have it: strengths are typed as they are spoken of. */
export const MaterialFieldsSchema = z.object({
  label,
  form,
  solute,
  note,
  bottle,
  strength: z
    .string()
    .refine(
      (text) => text === '' || strengthFrom(text, 'mol/dm3') !== undefined,
      'A number like 0.0200, the unit beside it; or M/20, a twentieth molar, 5 % w/v.',
    ),
  unit: z.enum(['mol/dm3', 'g/dm3']),
  background: z
    .string()
    .refine(
      (text) => backgroundFrom(text) !== undefined,
      'Strength, then formula: 0.100 mol/dm3 NaCl; several with a semicolon.',
    ),
})

export type MaterialFields = z.infer<typeof MaterialFieldsSchema>

export function fieldsOf({ label, form, solute, note, bottle, strength, background = [] }: Material): MaterialFields {
  return {
    label,
    form,
    solute,
    note,
    bottle,
    strength: strength?.value ?? '',
    unit: strength?.unit ?? 'mol/dm3',
    background: background.map((one) => `${one.strength.value} ${one.strength.unit} ${one.solute}`).join('; '),
  }
}

/** Writes what was typed as a formula: a name, or the whole label of a bottle with its strength, is understood too. */
function writeSolute(material: Material, text: string): void {
  const label = readBottleLabel(text)
  const isRead = label !== undefined && (label.strength === undefined || material.form === 'solution')
  material.solute = isRead ? label.solute : text
  if (isRead && label.strength) material.strength = { ...label.strength }
}

/** Writes a field that was taken into a material of the record. */
export function writeField(material: Material, name: keyof MaterialFields, value: unknown): void {
  const text = typeof value === 'string' ? value : ''
  if (name === 'strength') {
    const strength = strengthFrom(text, material.strength?.unit ?? 'mol/dm3')
    if (strength) material.strength = strength
    else delete material.strength
  } else if (name === 'unit') {
    if (material.strength) material.strength.unit = text === 'g/dm3' ? 'g/dm3' : 'mol/dm3'
  } else if (name === 'background') {
    const background = backgroundFrom(text) ?? []
    if (background.length > 0) material.background = background
    else delete material.background
  } else if (name === 'solute' && text !== '') writeSolute(material, text)
  else if (value === undefined) delete material[name as 'solute' | 'note' | 'bottle']
  else Object.assign(material, { [name]: value })
}
