import { readSheet } from '../brief/index.ts'
import type { Part, Task } from '../record/index.ts'
import { surenessOf } from '../uncertainty/index.ts'
import { asSheet } from './asSheet.ts'
import type { Expected, Plan } from './investigation.ts'

/** A source of error that a plan will have. */
interface ForeseenError {
  readonly says: string
  /** Of all that makes the result unsure, 0 to 1. */
  readonly share: number
}

export interface Foreseen {
  /** ± of the result, in %. */
  readonly percent: number
  /** The largest first. */
  readonly errors: readonly ForeseenError[]
  /** The change that would help most. */
  readonly better?: string
}

const EMPTY = 20

function foresee(part: Part, n: number, expected: Expected): Part {
  if (part.kind === 'weighing') {
    const mass = expected.masses?.[n]
    return mass === undefined ? part : { ...part, withSample: (EMPTY + mass).toFixed(2), withResidue: EMPTY.toFixed(2) }
  }
  if (part.kind === 'titration') {
    const titre = expected.titres?.[n]
    return titre === undefined
      ? part
      : { ...part, runs: part.runs.map((run) => ({ ...run, initial: '0.00', final: (Math.round(titre * 20) / 20).toFixed(2) })) }
  }
  const { reading } = expected
  if (part.kind === 'series' && reading)
    return {
      ...part,
      // Nobody reads a curve to hundredths: halves of a division are foreseen.
      points: (part.planned ?? []).map((x, index) => ({
        id: `p${index + 1}`,
        x,
        y: (Math.round(reading(Number(x)) * 2) / 2).toFixed(1),
      })),
    }
  return part
}

/** A plan as the task it makes, with the readings that are expected. */
function withReadings(task: Task, expected: Expected): Task {
  const place = (part: Part) => task.parts.filter(({ kind }) => kind === part.kind).indexOf(part)
  return { ...task, parts: task.parts.map((part) => foresee(part, place(part), expected)) }
}

/** Independent errors add as their squares do. */
function fromList(unsure: NonNullable<Plan['unsure']>): Foreseen {
  const total = unsure.reduce((sum, { percent }) => sum + percent ** 2, 0)
  const errors = unsure.map(({ says, percent }) => ({ says, share: percent ** 2 / total })).toSorted((a, b) => b.share - a.share)
  return { percent: Math.sqrt(total), errors }
}

/** How sure the result of a plan will be, and what makes it unsure, before anything is measured; undefined where nothing is counted. */
export function foreseenErrors(plan: Plan): Foreseen | undefined {
  if (plan.unsure) return fromList(plan.unsure)
  const task = withReadings(readSheet(asSheet(plan)).task, plan.expected)
  const last = task.questions.findLast(({ find }) => find.quantity !== 'words' && find.quantity !== 'ions')
  const sureness = last && surenessOf(task, last.id)
  if (!sureness) return undefined
  return {
    percent: sureness.expanded * 100,
    errors: sureness.shares.map(({ source, share }) => ({ says: source.says, share })),
    ...(sureness.gain ? { better: sureness.gain.says } : {}),
  }
}
