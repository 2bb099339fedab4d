import type { Task } from '../record/index.ts'
import type { Block, Proposed, Section, SectionId, Sentence } from './report.ts'

type Kept = NonNullable<NonNullable<Task['writeup']>['sentences']>[number]

/** A proposal as it stands in the report: with what the student made of it, if anything. */
function sentenceOf(proposed: Proposed, kept: Kept | undefined): Sentence {
  if (!kept) return { ...proposed, text: proposed.made, state: proposed.said ? 'own' : 'made' }
  const changed = kept.made !== undefined && kept.made !== proposed.made
  return {
    ...proposed,
    text: kept.text,
    state: kept.text === (kept.made ?? '') ? 'adopted' : 'own',
    ...(changed ? { since: proposed.made } : {}),
  }
}

/** The section that a sentence belongs to is the first word of its id. */
const sectionOf = (id: string) => id.slice(0, `${id} `.indexOf(' '))

/** Words that stand by themselves: added by the student, or on something that the record no longer speaks of. */
function standingAlone(section: SectionId, kept: readonly Kept[], proposed: ReadonlySet<string>): readonly Sentence[] {
  return kept
    .filter(({ id }) => sectionOf(id) === section && !proposed.has(id))
    .map(({ id, text }) => ({ id, made: '', text, state: 'own' }))
}

function withOwnWords(block: Block<Proposed>, kept: ReadonlyMap<string, Kept>): Block {
  if (block.kind !== 'sentences') return block
  return { ...block, sentences: block.sentences.map((one) => sentenceOf(one, kept.get(one.id))) }
}

/** Puts a student's words into a section: in the place of what was proposed, and what stands by itself at the end. */
export function inOwnWords(task: Task, section: Section<Proposed>): Section {
  const kept = task.writeup?.sentences ?? []
  const byId = new Map(kept.map((one) => [one.id, one]))
  const proposed = new Set(
    section.blocks.flatMap((block) => (block.kind === 'sentences' ? block.sentences.map(({ id }) => id) : [])),
  )
  const alone = standingAlone(section.id, kept, proposed)
  const blocks = section.blocks.map((block) => withOwnWords(block, byId))
  return {
    ...section,
    blocks: alone.length === 0 ? blocks : [...blocks, { kind: 'sentences', as: 'paragraph', sentences: alone }],
  }
}

/** The next id for a sentence of the student's own in a section. */
export function ownSentenceId(task: Task, section: SectionId): string {
  const taken = new Set((task.writeup?.sentences ?? []).map(({ id }) => id))
  let number = 1
  while (taken.has(`${section} own ${number}`)) number++
  return `${section} own ${number}`
}
