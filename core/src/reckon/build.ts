import type { Question, Task } from '../record/index.ts'
import { sameSpecies } from '../substance/index.ts'
import { Bench } from './Bench.ts'
import { layRecord, laySpecies } from './layRecord.ts'
import { relateQuestion } from './questionKinds.ts'
import { type Recorded, readRecord } from './recorded.ts'
import { type InUnit, relateInUnit } from './relations/inUnit.ts'
import { askedAbout } from './relations/materials.ts'
import { type Spoken, spokenOf } from './relations/spokenOf.ts'
import type { Target } from './relations/target.ts'
import { doubtedBy, relatePureSolid } from './relations/weighings.ts'
import { type Solution, solve } from './solve.ts'

/** A network with the cheapest way to everything in it. */
export interface Solved {
  readonly bench: Bench
  readonly solution: Solution
}

/** A question in a network of its own, laid over that of the record. */
export interface AskedQuestion extends Solved {
  readonly question: Question
  readonly target: Target
  /** Why the answer is not in the unit asked for, and the unit it is in. */
  readonly refusedUnit?: NonNullable<InUnit['refused']>
  /** The species it names, and where. */
  readonly spoken: Spoken | undefined
}

/** A task as networks of amounts: that of the record, and over it one for each question. */
export interface Built extends Solved {
  readonly recorded: Recorded
  readonly questions: readonly AskedQuestion[]
}

/** The record as a network, over it one in which solids are what their labels say; questions that doubt the same label share it. */
class Records {
  readonly recorded: Recorded
  private readonly task: Task
  private readonly measured: Solved
  private readonly trusting = new Map<string | undefined, Solved>()

  constructor(task: Task) {
    this.task = task
    const bench = new Bench(task)
    this.recorded = readRecord(bench)
    layRecord(bench, this.recorded)
    this.measured = { bench, solution: solve(bench.network) }
  }

  /** @param material - whose formula is not taken as the whole of it */
  doubting(material: string | undefined): Solved {
    const weighings = this.task.parts.filter((part) => part.kind === 'weighing')
    const doubted = weighings.some(({ of }) => of === material) ? material : undefined
    const known = this.trusting.get(doubted)
    if (known) return known
    const { bench: below, solution } = this.measured
    const bench = new Bench(this.task, below)
    for (const weighing of weighings) if (weighing.of !== doubted) relatePureSolid(bench, weighing)
    const solved = { bench, solution: solve(bench.network, solution) }
    this.trusting.set(doubted, solved)
    return solved
  }
}

/** Ties what only the question speaks of into the record. */
function laySpoken(bench: Bench, recorded: Recorded, spoken: Spoken): void {
  const { presence } = recorded
  const known = presence.of(spoken.place)
  const fresh = spoken.species.filter((one) => !known.species.some((other) => sameSpecies(one, other)))
  const here = { ...known, species: [...known.species, ...fresh], fresh, asked: true, countedBy: spoken.countedBy }
  if (fresh.length > 0) laySpecies(bench, recorded, (place) => (presence.together(place, spoken.place) ? here : undefined))
}

/** What a question is about in the end: that of the answer it compares, or its own. */
function subjectOf(task: Task, { find }: Question): Question['find'] {
  const compared = find.quantity === 'percentError' ? task.questions.find(({ id }) => id === find.answer) : undefined
  return compared?.find ?? find
}

function askQuestion(task: Task, records: Records, question: Question): AskedQuestion {
  const subject = subjectOf(task, question)
  const below = records.doubting(doubtedBy(subject))
  const bench = new Bench(task, below.bench)
  const spoken = spokenOf(bench, subject)
  if (spoken) laySpoken(bench, records.recorded, spoken)
  const about = 'in' in subject ? task.materials.find(({ id }) => id === subject.in) : undefined
  if (about) askedAbout(bench, about)
  const target = relateQuestion(bench, question, records.recorded.assessments)
  const inUnit = 'key' in target ? relateInUnit(bench, target.key, question.unit) : undefined
  return {
    question,
    target: inUnit ? { key: inUnit.key } : target,
    ...(inUnit?.refused ? { refusedUnit: inUnit.refused } : {}),
    spoken,
    bench,
    solution: solve(bench.network, below.solution),
  }
}

/**
 * Lays a task out as networks of amounts. Every question has its own over that of the record, so that what one asks
 * never changes what another is told.
 */
export function buildNetwork(task: Task): Built {
  const records = new Records(task)
  const { bench, solution } = records.doubting(undefined)
  const questions = task.questions.map((question) => askQuestion(task, records, question))
  return { bench, solution, recorded: records.recorded, questions }
}
