import type { Task } from '../../record/index.ts'
import { assessTitration, massesFrom } from '../../titration/index.ts'
import type { Facts } from '../facts.ts'
import { counted } from '../words.ts'
import { isRead } from './readings.ts'
import type { Remark } from './remark.ts'

function agreement(task: Task): readonly string[] {
  return task.parts.flatMap((part) => {
    if (part.kind !== 'titration') return []
    const { used, concordant, runs } = assessTitration(part, { conventions: task.conventions, massOfRun: massesFrom(task) })
    if (!concordant || used.length < 2) return []
    const rough = runs.some(({ run, inMean, titre }) => run.kind === 'rough' && titre && !inMean)
    return [`${counted(used.length, 'titre')} that agree${rough ? '; the rough one is not used' : ''}`]
  })
}

/** What an examiner finds right, so that nobody changes it. */
export function rightIn({ task, reckoning }: Facts, remarks: readonly Remark[]): readonly string[] {
  const has = (...codes: readonly string[]) => remarks.some(({ code }) => codes.includes(code))
  const read = task.parts.some(isRead)
  const answered = reckoning.answers.some(({ value }) => value !== null)
  const conclusions = task.parts
    .flatMap((part) => (part.kind === 'rack' ? part.samples : []))
    .filter(({ conclusion }) => conclusion?.trim())
  return [
    ...(read && !has('look.headingUnit', 'look.headingMissing') ? ['quantity and unit in every heading'] : []),
    ...(read && !has('look.decimals', 'reading.places', 'weighing.places') ? ['the same decimals throughout'] : []),
    ...new Set(agreement(task)),
    ...(answered && !has('look.manyFigures', 'look.fewFigures') ? ['figures as the readings allow'] : []),
    ...(conclusions.length > 0 && !has('look.noEvidence') ? ['evidence with every conclusion'] : []),
  ]
}
