import { findMaterial, materialLabel, type Task } from '../record/index.ts'
import { nameOf, parseFormula } from '../substance/index.ts'

const plain = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')

/** Whether a text speaks of a material: by its label, as a word of its own, or by the name of what is in it. */
export function speaksOf(task: Task, id: string, text: string): boolean {
  const material = findMaterial(task, id)
  const name = material?.solute ? nameOf(parseFormula(material.solute)) : undefined
  const label = materialLabel(task, id)
  // A label of one letter is told from the article by its size.
  const asWord = (word: string, flags: string) => new RegExp(`(?<!\\w)${plain(word)}(?!\\w)`, flags).test(text)
  return asWord(label, label.length < 3 ? '' : 'i') || (name !== undefined && asWord(name, 'i'))
}
