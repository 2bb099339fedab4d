import type { Facts } from './facts.ts'
import { inOwnWords } from './own.ts'
import type { Manner, Proposed, Report, Section, SectionId } from './report.ts'
import { aimSection } from './sections/aim.ts'
import { apparatusSection } from './sections/apparatus.ts'
import { assumptionsSection } from './sections/assumptions.ts'
import { chemicalsSection } from './sections/chemicals.ts'
import { errorsSection } from './sections/errors.ts'
import { methodSection } from './sections/method.ts'
import { observationsSection } from './sections/observations.ts'
import { precautionsSection } from './sections/precautions.ts'
import { resultsSection } from './sections/results.ts'
import { workingSection } from './sections/working.ts'
import { whenDone } from './when.ts'

type MakesSection = (facts: Facts) => Section<Proposed> | undefined

/** The sections of a notebook's report in their order. */
const SECTIONS: readonly (readonly [SectionId, string, MakesSection])[] = [
  ['aim', 'Aim', aimSection],
  ['apparatus', 'Apparatus', apparatusSection],
  ['chemicals', 'Chemicals', chemicalsSection],
  ['method', 'Method', methodSection],
  ['results', 'Results', resultsSection],
  ['observations', 'Observations and conclusions', observationsSection],
  ['working', 'Answers and working', workingSection],
  ['errors', 'Sources of error and improvements', errorsSection],
  ['assumptions', 'Assumptions', assumptionsSection],
  ['precautions', 'Precautions', precautionsSection],
]

/** What an examination wants: tables, observations, working. */
const IN_EXAM: ReadonlySet<SectionId> = new Set(['results', 'observations', 'working'])

/** The manner of a task's report: as it says, else a notebook's. */
export const mannerOf = ({ writeup }: Facts['task']): Manner => writeup?.manner ?? 'notebook'

/**
 * The report as it is handed in, from what was really done, with the student's own words where there are any.
 *
 * @param facts - the record and what follows from it (`factsOf`)
 * @param manner - tables and working only, or the whole; as the task says where nothing is said
 */
export function reportOf(facts: Facts, manner: Manner = mannerOf(facts.task)): Report {
  const { task } = facts
  const wanted = SECTIONS.filter(([id]) => manner === 'notebook' || IN_EXAM.has(id))
  const sections = wanted.flatMap(([id, heading, make]) => {
    const made = inOwnWords(task, make(facts) ?? { id, heading, blocks: [] })
    return made.blocks.length > 0 ? [made] : []
  })
  return { title: task.title || 'Untitled task', when: whenDone(task), manner, sections }
}
