import { materialLabel, type Question, type Task } from '../record/index.ts'

/** What a question asks, in words: its own text, else made from what it finds. */
export function questionTitle(task: Task, question: Question): string {
  if (question.text?.trim()) return question.text.trim()
  const { find } = question
  const label = 'in' in find ? materialLabel(task, find.in) : ''
  switch (find.quantity) {
    case 'meanTitre':
      return 'Mean titre'
    case 'mass':
      return `Mass of ${find.of} in ${label}`
    case 'amount':
      return `Amount of ${find.of} in ${label}`
    case 'concentration':
      return `Concentration of ${find.of} in ${label}`
    case 'massConcentration':
      return `Mass concentration of ${find.of} in ${label}`
    case 'massPercent':
      return `Percentage by mass of ${find.of} in ${label}`
    case 'molarMass':
      return `Molar mass of ${materialLabel(task, find.of)}`
    case 'hydration':
      return `x in ${find.of}·xH2O`
    case 'percentError':
      return 'Percentage error'
    case 'solubility':
      return `Solubility of ${find.of} in ${label}`
    case 'solubilityProduct':
      return `Solubility product of ${find.of}`
    case 'massToWeigh':
      return `Mass of ${find.of} to weigh`
    case 'perItem':
      return `${find.of} in each of ${find.items}`
    case 'crossing':
      return 'Where the lines cross'
    case 'gradient':
      return find.at === undefined ? 'Gradient' : `Gradient at ${find.at}`
    case 'rise':
      return 'Change on mixing'
    case 'ions':
      return `Ions in ${label}`
  }
}
