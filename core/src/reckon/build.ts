import type { Question, Task } from '../record/index.ts'
import { sameSpecies } from '../substance/index.ts'
import { adoptAnswer } from './adopt.ts'
import { type LaidOut, layOutAgain } from './again.ts'
import { Bench } from './Bench.ts'
import type { AskedQuestion, Built, Solved } from './built.ts'
import { layRecord, laySpecies } from './layRecord.ts'
import { questionTitle, relateQuestion } from './questionKinds.ts'
import { type Recorded, readRecord } from './recorded.ts'
import { relateInUnit } from './relations/inUnit.ts'
import { askedAbout } from './relations/materials.ts'
import { type Spoken, spokenOf } from './relations/spokenOf.ts'
import type { Target } from './relations/target.ts'
import { doubtedBy, relatePureSolid } from './relations/weighings.ts'
import { solve } from './solve.ts'

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

/** The questions of a task, each asked once, whoever needs its answer. */
class Questions {
  private readonly asked = new Map<string, AskedQuestion>()
  private readonly asking = new Set<string>()
  private readonly task: Task
  private readonly records: Records

  constructor(task: Task, records: Records) {
    this.task = task
    this.records = records
  }

  ask(question: Question): AskedQuestion {
    const known = this.asked.get(question.id)
    if (known) return known
    this.asking.add(question.id)
    const asked = this.lay(question)
    this.asking.delete(question.id)
    this.asked.set(question.id, asked)
    return asked
  }

  private lay(question: Question): AskedQuestion {
    const { task, records } = this
    const { find, id } = question
    const below = records.doubting(doubtedBy(find))
    const bench = new Bench(task, below.bench)
    const spoken = spokenOf(bench, find)
    if (spoken) laySpoken(bench, records.recorded, spoken)
    const about = 'in' in find ? task.materials.find((material) => material.id === find.in) : undefined
    if (about) askedAbout(bench, about)
    const { assessments } = records.recorded
    const target = relateQuestion(question, { bench, id, assessments, answerTo: (other) => this.answerTo(other, bench) })
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

  /** The answer to another question, taken over into the network of one that needs it. */
  private answerTo(id: string, { network }: Bench): Target {
    const question = this.task.questions.find((one) => one.id === id)
    if (!question) return { missing: `an answer called '${id}'` }
    if (this.asking.has(id)) return { missing: 'answers that do not rest on each other' }
    const { target, bench, solution } = this.ask(question)
    if ('missing' in target || !solution.has(target.key))
      return { missing: `the answer to “${questionTitle(this.task, question)}”` }
    return { key: adoptAnswer(network, { network: bench.network, solution, key: target.key, question: id }) }
  }
}

/**
 * Lays a task out as networks of amounts, which are not to be changed but in layers over them. Every question has its own over that of the record, so that what one asks
 * never changes what another is told.
 */
export function buildNetwork(task: Task): Built {
  const last = laidOut.get(task.questions)
  const again = last && layOutAgain(last, task)
  if (again) return again
  const built = layOut(task)
  laidOut.set(task.questions, { task, built })
  return built
}

/** What was laid out last for some questions: what is typed next changes it a little. */
const laidOut = new WeakMap<Task['questions'], LaidOut>()

function layOut(task: Task): Built {
  const records = new Records(task)
  const { bench, solution } = records.doubting(undefined)
  const questions = new Questions(task, records)
  return { bench, solution, recorded: records.recorded, questions: task.questions.map((question) => questions.ask(question)) }
}
