import type { PartOf, Task } from '../record/index.ts'
import { type Assessment, assessTitration, massesFrom } from '../titration/index.ts'
import { Bench } from './Bench.ts'
import type { Built, Solved } from './built.ts'
import { giveTitre } from './relations/titre.ts'

/** A task that was laid out as networks. */
export interface LaidOut {
  readonly task: Task
  readonly built: Built
}

type Titration = PartOf<'titration'>

/** Whether two states of a titration differ in the readings of their runs alone. */
function differInRuns(one: Titration, other: Titration): boolean {
  const names = new Set([...Object.keys(one), ...Object.keys(other)]) as ReadonlySet<keyof Titration>
  return [...names].every((name) => name === 'runs' || one[name] === other[name])
}

/** The titrations in which readings changed, if nothing else did; tasks share what did not change. */
function changedTitrations(before: Task, after: Task): readonly Titration[] | undefined {
  if (before.materials !== after.materials || before.questions !== after.questions || before.conventions !== after.conventions)
    return undefined
  if (before.parts.length !== after.parts.length) return undefined
  const changed: Titration[] = []
  for (const [index, part] of after.parts.entries()) {
    const was = before.parts[index]
    if (was === part) continue
    if (was?.kind !== 'titration' || part.kind !== 'titration' || !differInRuns(was, part)) return undefined
    changed.push(part)
  }
  return changed
}

/** Whether a titration hands one mean on, as before; where every run has its own flask, its runs are part of the network. */
const handsOnAMean = (assessment: Assessment | undefined): assessment is Assessment =>
  assessment !== undefined && !assessment.massPerRun && assessment.mean !== undefined

const isBlank = ({ blank }: Assessment) => blank !== undefined

/**
 * The networks of a task in which only readings of runs changed: those laid out before, with other mean titres in them.
 * Which way leads to an answer does not hang on a value, so nothing is laid or solved again while readings are typed,
 * unless words were chosen by a value.
 *
 * @returns undefined where anything else is other than it was
 */
export function layOutAgain({ task: before, built }: LaidOut, task: Task): Built | undefined {
  const changed = changedTitrations(before, task)
  if (!changed || built.questions.some(({ bench }) => bench.hangsOnValues)) return undefined
  const setting = { conventions: task.conventions, massOfRun: massesFrom(task) }
  const assessments = new Map(built.recorded.assessments)
  for (const part of changed) {
    const assessment = assessTitration(part, setting)
    const was = assessments.get(part.id)
    if (!handsOnAMean(was) || !handsOnAMean(assessment) || isBlank(was) !== isBlank(assessment)) return undefined
    assessments.set(part.id, assessment)
  }
  const withTitres = <Some extends Solved>(solved: Some): Some => {
    const bench = new Bench(task, solved.bench)
    for (const part of changed) {
      giveTitre(bench, { part }, assessments.get(part.id) as Assessment)
    }
    return { ...solved, bench }
  }
  return {
    ...withTitres(built),
    recorded: { ...built.recorded, assessments },
    questions: built.questions.map(withTitres),
  }
}
