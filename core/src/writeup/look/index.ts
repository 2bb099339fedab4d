import type { Facts } from '../facts.ts'
import { lookAtAnswers } from './answers.ts'
import { lookAtDecimals } from './decimals.ts'
import { lookAtGraphs } from './graphs.ts'
import { lookAtHeadings } from './headings.ts'
import { isBegun } from './readings.ts'
import type { Look, Remark } from './remark.ts'
import { rightIn } from './right.ts'
import { lookAtRuns } from './runs.ts'
import { lookAtTubes } from './tubes.ts'
import { lookAtWords } from './words.ts'

/** What the record's own check finds that costs marks; what is only good to know is left to its page. */
const COSTS_MARKS = /^(wording\.|conclusion\.)/

/** What the check has said already in other words. */
const SAID_BY_DECIMALS = new Set(['reading.places', 'weighing.places'])

function fromCheck({ problems }: Facts): readonly Remark[] {
  return problems
    .filter(({ level, code }) => (level !== 'advice' || COSTS_MARKS.test(code)) && !SAID_BY_DECIMALS.has(code))
    .map(({ code, at, says, mend }) => ({ code, at, says, mend }))
}

/**
 * Looks at a record as an examiner reads it: what would be marked down, each with the place where it is mended, and what is
 * right as it is. Nothing that is right is marked.
 */
export function lookAt(facts: Facts): Look {
  const { task, reckoning } = facts
  const remarks: readonly Remark[] = [
    ...fromCheck(facts),
    ...lookAtRuns(task),
    ...lookAtDecimals(task.parts),
    ...lookAtHeadings(task.parts),
    ...lookAtGraphs(task, task.parts),
    ...lookAtTubes(facts),
    ...lookAtWords(facts),
    ...lookAtAnswers(facts),
  ]
  return {
    begun: isBegun(task) || reckoning.answers.some(({ value }) => value !== null),
    remarks,
    right: rightIn(facts, remarks),
  }
}
