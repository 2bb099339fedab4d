import { asSentence } from '../../problem/index.ts'
import { cureOf } from '../../reckon/index.ts'
import { path } from '../../record/index.ts'
import type { Facts } from '../facts.ts'
import type { Proposed, Section } from '../report.ts'
import { propose } from '../words.ts'

/** What the working takes for granted, and what makes it so. */
export function assumptionsSection({ reckoning }: Facts): Section<Proposed> | undefined {
  const from = new Map<string, string>()
  for (const { question, assumes } of reckoning.answers) for (const one of assumes) if (!from.has(one)) from.set(one, question)
  const sentences = [...from].map(([assumption, question]) => {
    const cure = cureOf(assumption)
    return propose(
      `assumptions ${assumption}`.slice(0, 160),
      `${asSentence(assumption)}${cure ? ` (to make sure: ${cure})` : ''}`,
      path('questions', question),
    )
  })
  if (sentences.length === 0) return undefined
  return { id: 'assumptions', heading: 'Assumptions', blocks: [{ kind: 'sentences', as: 'list', sentences }] }
}
