import { unitSymbol } from '../number/index.ts'
import { ChemistryError } from '../problem/index.ts'
import type { Path } from '../record/index.ts'
import { type Entry, entryText, findMaterial, type Material, materialLabel, type Task } from '../record/index.ts'
import { nameOf, parseFormula } from '../substance/index.ts'
import type { Proposed } from './report.ts'

/** A blank at which a line does not end. */
export const TIED = '\u00a0'

/** `a, b and c`. */
export const listed = (words: readonly string[], last = 'and'): string =>
  words.length < 2 ? words.join('') : `${words.slice(0, -1).join(', ')} ${last} ${words.at(-1)}`

/** `three runs`, `12 runs`, `one run`. */
export function counted(count: number, one: string, many = `${one}s`): string {
  const SPELT = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten']
  return `${SPELT[count] ?? count} ${count === 1 ? one : many}`
}

/** A value with its unit, which stay together. */
export const measured = (text: string, unit: string): string => `${text.replace(/^-/, '−')}${TIED}${unitSymbol(unit)}`.trim()

/** A volume in the unit of the task. */
export const volume = (task: Task, entry: Entry): string => measured(entryText(entry), task.conventions.volumeUnit)

/** The name of what a formula says; nothing where it has none, or the formula cannot be read. */
export function substanceName(formula: string | undefined): string | undefined {
  if (!formula) return undefined
  try {
    return nameOf(parseFormula(formula))
  } catch (error) {
    if (error instanceof ChemistryError) return undefined
    throw error
  }
}

/** The unit of a strength as this task writes volumes. */
const strengthUnit = (task: Task, unit: string) => (task.conventions.volumeUnit === 'mL' ? unit.replace('dm3', 'L') : unit)

/** A strength with its unit; nothing where none is stated. */
export function strengthOf(task: Task, { strength }: Pick<Material, 'strength'>): string {
  return strength ? measured(strength.value, strengthUnit(task, strength.unit)) : ''
}

/** A material as it is first spoken of: `F2 (0.0100 mol/dm³ potassium manganate(VII))`. */
export function introduced(task: Task, id: string): string {
  const label = materialLabel(task, id)
  const material = findMaterial(task, id)
  if (!material) return label
  const name = substanceName(material.solute)
  const known = name !== undefined && label.toLowerCase().includes(name.toLowerCase())
  const inside = [strengthOf(task, material), known ? '' : (name ?? '')].filter(Boolean).join(' ')
  return inside === '' ? label : `${label} (${inside})`
}

/** A sentence begins with a capital and ends with a full stop. */
export function sentence(text: string): string {
  const trimmed = text.trim()
  const ended = /[.!?]$/.test(trimmed) ? trimmed : `${trimmed}.`
  // pH and pKa begin small wherever they stand.
  return /^p[HK]/.test(ended) ? ended : ended.charAt(0).toUpperCase() + ended.slice(1)
}

/** What may not stand in a name (a dot, a slash) is left out of it. */
const nameable = (text: string) => text.replace(/[./#\p{C}]/gu, '-').trim()

/** A sentence that the record gives. */
export function propose(id: string, text: string, at?: Path): Proposed {
  return { id: nameable(id), made: sentence(text), ...(at ? { at } : {}) }
}
