import { stagesOf } from '../../stages/index.ts'
import type { Facts } from '../facts.ts'
import { methodOf } from '../method/index.ts'
import type { Proposed, Section } from '../report.ts'

/** What was done, in the impersonal past, from what stands in the record and not from what the sheet tells to do. */
export function methodSection(facts: Facts): Section<Proposed> | undefined {
  const { task, reckoning } = facts
  const sentences = stagesOf(task, reckoning).flatMap(({ parts }) => {
    const [first, ...more] = task.parts.filter(({ id }) => parts.includes(id))
    return first ? methodOf(first, facts, more) : []
  })
  return sentences.length === 0
    ? undefined
    : { id: 'method', heading: 'Method', blocks: [{ kind: 'sentences', as: 'paragraph', sentences }] }
}
