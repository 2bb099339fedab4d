import { partTitle, type Task } from '../../record/index.ts'
import type { AskedQuestion } from '../ask/find.ts'
import type { Draft, SentenceKind } from '../draft/Draft.ts'
import type { DraftPart, DraftTube } from '../draft/parts.ts'
import type { Read } from '../label/said.ts'
import { ofKind } from '../mention/mention.ts'
import { materialId } from '../task/toTask.ts'
import { minutesOf, runsSaid } from './minutes.ts'
import { cautionFor, purposeOf } from './purposes.ts'
import { readyFor } from './ready.ts'
import type { RunStep } from './step.ts'

/** Kinds of sentences that are no step of the work. */
const NO_STEP: ReadonlySet<SentenceKind> = new Set(['heading', 'story'])

/** What is done at the desk: nothing has to be ready for it, and nothing can be spilt. */
const DESK: ReadonlySet<SentenceKind> = new Set(['question', 'equation', 'masses', 'instruction'])

/** An id made of the words of a sentence; `taken` counts how often it came before. */
function idOf(text: string, taken: Map<string, number>): string {
  const words = text
    .slice(0, 80)
    .toLowerCase()
    .match(/[a-z0-9]+/g) ?? ['step']
  const base = words.join('-').slice(0, 40).replace(/-+$/, '')
  const count = (taken.get(base) ?? 0) + 1
  taken.set(base, count)
  return count === 1 ? base : `${base}-again-${count}`
}

/** Tests in tubes that a sentence begins or goes on with, once for all samples. */
function tubesOf(draft: Draft, sentence: number): readonly DraftTube[] {
  const [sample] = draft.of('rack').flatMap(({ samples }) => samples)
  return (sample?.tubes ?? []).filter(
    (tube, index, all) => tube.sentence <= sentence && (all[index + 1]?.sentence ?? Number.POSITIVE_INFINITY) > sentence,
  )
}

interface StepContext {
  readonly draft: Draft
  readonly questions: readonly AskedQuestion[]
  readonly task: Task
}

/** The steps of a run sheet in the order of the sheet. */
export function stepsOf(context: StepContext): readonly RunStep[] {
  const taken = new Map<string, number>()
  return context.draft.reads
    .flatMap((read): RunStep[] => {
      const kind = context.draft.kinds.get(read.sentence.n) ?? 'story'
      return NO_STEP.has(kind) ? [] : [stepOf(context, read, kind, idOf(read.sentence.text, taken))]
    })
    .map((step, index) => ({ ...step, n: index + 1 }))
}

function stepOf({ draft, questions, task }: StepContext, read: Read, kind: SentenceKind, id: string): RunStep {
  const { n, text, number, from, to } = read.sentence
  const touched = draft.touched.get(n) ?? new Set()
  const begun = draft.parts.filter((part) => part.sentence === n)
  const tubes = kind === 'tubes' ? tubesOf(draft, n) : []
  const rack = kind === 'tubes' ? draft.of('rack', read.sentence.block) : []
  const isDone = !DESK.has(kind)
  const caution = isDone ? cautionFor(draft, read, tubes) : undefined
  const parts = draft.parts.filter((part) => touched.has(part.id))
  const goesTo = placeOfResult(task, parts)
  return {
    id,
    n: 0,
    text,
    number,
    block: read.sentence.block,
    from,
    to,
    kind,
    purpose: purposeOf(read, kind, tubes),
    ready: isDone ? readyFor(read, tubes) : [],
    ...(caution === undefined ? {} : { caution }),
    minutes: minutesOf(
      read,
      kind,
      begun.length > 0 ? begun : runsSaid(text) > 1 ? draft.of('series', read.sentence.block) : rack,
    ),
    ...(goesTo === undefined ? {} : { goesTo }),
    makes: {
      materials: kind === 'material' ? [...new Set(ofKind(read.mentions, 'label').map(({ label }) => materialId(label)))] : [],
      parts: [...new Set([...begun.map((part) => part.id), ...(kind === 'tubes' ? rack.map((part) => part.id) : [])])],
      questions: questions.flatMap((question, index) => (question.sentence === n ? [`q${index + 1}`] : [])),
    },
  }
}

function placeOfResult(task: Task, parts: readonly DraftPart[]): string | undefined {
  const part = task.parts.find(({ id }) => id === parts.at(-1)?.id)
  return part && partTitle(task, part)
}
