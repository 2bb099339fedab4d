import type { Task } from '../../record/index.ts'
import type { AskedQuestion } from '../ask/find.ts'
import type { Draft, SentenceKind } from '../draft/Draft.ts'
import { doubtsOf } from '../mend/doubts.ts'
import { type Gap, type Mend, NOTHING } from '../mend/gap.ts'
import { gapsOf } from '../mend/gaps.ts'
import { leftoversOf } from '../mend/leftovers.ts'
import type { MentionKind } from '../mention/mention.ts'
import { deedsIn, isOrdered } from '../method/verbs.ts'
import { readDraft } from '../read.ts'
import { clearUp } from '../steps/clearUp.ts'
import { getReady } from '../steps/ready.ts'
import type { RunStep } from '../steps/step.ts'
import { stepsOf } from '../steps/stepsOf.ts'
import { toTask } from '../task/toTask.ts'
import { asWritten } from '../text/plain.ts'

/** A phrase of the sheet that was understood, with what it became. */
export interface ReadSpan {
  readonly from: number
  readonly to: number
  readonly kind: MentionKind
  /** What became of it; left out where it landed nowhere. */
  readonly became?: string
}

/** Something that was not said, and on what grounds it was taken to be so. */
export interface Inferred {
  /** Which bottle or part it is about. */
  readonly of: string
  readonly says: string
}

/** A task sheet as it was read. */
export interface SheetReading {
  readonly steps: readonly RunStep[]
  readonly spans: readonly ReadSpan[]
  /** What is asked of the student, what blocks recording first. */
  readonly gaps: readonly Gap[]
  /** Sentences in which something is ordered that was not understood. */
  readonly notRead: readonly { readonly from: number; readonly to: number; readonly text: string }[]
  readonly inferred: readonly Inferred[]
  readonly ready: readonly string[]
  readonly clearUp: readonly string[]
  /** The task that the sheet makes: valid, and ready for readings. */
  readonly task: Task
}

/** Sheets are no longer than this, as the record keeps them. */
export const LONGEST_SHEET = 100_000

/** Sheets are read up to here; what comes after is kept, and marked as not read. */
const READ_UP_TO = 30_000

/**
 * Reads a task sheet.
 *
 * @param mends - what the student has answered and changed
 * @param random - where the id of the task comes from: numbers from 0 up to 1
 */
export function readSheet(sheet: string, mends: readonly Mend[] = [], random: () => number = () => 0): SheetReading {
  const text = sheet.slice(0, READ_UP_TO)
  const read = readDraft(text, mends)
  const { draft, questions } = read
  const task = toTask(read, sheet.slice(0, LONGEST_SHEET), random)
  const answered = new Set(mends.filter(({ value, gap }) => value === NOTHING || gap.startsWith('left.')).map(({ gap }) => gap))
  const gaps = openGaps(draft, questions).filter(({ id }) => !answered.has(id))
  const rest =
    sheet.length > READ_UP_TO ? [{ from: READ_UP_TO, to: sheet.length, text: sheet.slice(READ_UP_TO, READ_UP_TO + 200) }] : []
  const notRead = [...markUnread(draft), ...rest]
  const steps = stepsOf({ draft, questions, task }).map((step) => ({ ...step, text: asWritten(text, step) }))
  return {
    steps,
    spans: spansOf(draft),
    gaps: [...gaps.filter(({ blocks }) => blocks), ...gaps.filter(({ blocks }) => !blocks)],
    notRead,
    inferred: inferredIn(draft),
    ready: getReady(
      draft,
      steps.flatMap(({ ready }) => ready),
    ),
    clearUp: clearUp(draft),
    task,
  }
}

const SPEAKS_ONLY: ReadonlySet<SentenceKind> = new Set(['heading', 'story', 'repeat'])

/** What is open; a bottle that may be the answer to something else that is asked is not asked about by itself. */
export function openGaps(draft: Draft, questions: readonly AskedQuestion[]): readonly Gap[] {
  const gaps = gapsOf(draft)
  const wanted = new Set(
    gaps
      .filter(({ typed }) => typed === 'label')
      .flatMap(({ candidates }) => candidates.map(({ value }) => `left.label.${value}`)),
  )
  const all = [...gaps, ...doubtsOf(draft), ...leftoversOf(draft, questions).filter(({ id }) => !wanted.has(id))]
  // The same thing is asked once.
  return [...new Map(all.toReversed().map((gap) => [gap.id, gap])).values()].toReversed()
}

function spansOf(draft: Draft): readonly ReadSpan[] {
  return draft.reads.flatMap(({ sentence, mentions }) =>
    mentions.map((mention) => {
      const said = draft.landed.get(mention)
      // A heading or a story speaks of things without doing anything with them.
      const became = said ?? (SPEAKS_ONLY.has(draft.kinds.get(sentence.n) ?? 'story') ? 'spoken of' : undefined)
      return { from: mention.from, to: mention.to, kind: mention.kind, ...(became === undefined ? {} : { became }) }
    }),
  )
}

/** Sentences of which nothing became anything: those that order something are marked, the others tell a story. */
function markUnread(draft: Draft): SheetReading['notRead'] {
  return draft.reads.flatMap(({ sentence, mentions }) => {
    if (draft.kinds.has(sentence.n)) return []
    const does = isOrdered(sentence.text) || mentions.some(({ kind }) => ['quantity', 'vessel', 'label'].includes(kind))
    const orders = does && deedsIn(sentence.text).size > 0 && mentions.length > 0 && !STORY.test(sentence.text)
    draft.mark(sentence.n, orders ? 'not read' : 'story')
    return orders ? [{ from: sentence.from, to: sentence.to, text: sentence.text }] : []
  })
}

const STORY =
  /^(?:an?|another|one|some) (?:\w+ )?students?\b|\b(?:you will|you are|in this|your task|is used|are used|is to be|are to be|was|were|has been|can be)\b/i

function inferredIn(draft: Draft): readonly Inferred[] {
  const solutes = [...draft.materials.values()].flatMap(({ label, solute, inferred }) =>
    inferred === undefined ? [] : [{ of: label, says: `${solute} in ${label}: ${inferred}` }],
  )
  const equations = draft
    .of('titration')
    .flatMap(({ id, equations: all }) =>
      all
        .filter(({ proposed }) => proposed)
        .map(({ equation }) => ({ of: id, says: `${equation}: the sheet gives no equation, this is the usual one` })),
    )
  return [...solutes, ...equations]
}
