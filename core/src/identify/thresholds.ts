import type { Scored } from './scored.ts'

// Chosen from the reliability diagrams of simulated and written records: docs/chemistry.md.

/** An ion is present from here on where the likeliest answer explains every step. */
const PRESENT = 0.85
/** The same where a step contradicts it: what went wrong there may have gone wrong elsewhere. */
const PRESENT_IN_DOUBT = 0.97
/** The same of what is seldom handed out, and not named by the sheet. */
const PRESENT_SELDOM = 0.97
/** Steps less likely than this under the likeliest answer are worth repeating, ln. */
const DOUBTFUL = Math.log(0.03)

/** Whether a sample, so likely no organic liquid, is spoken of as a solution of ions. */
export const speaksOfIons = (ofIons: number): boolean => ofIons >= 0.5

/** From so likely on it is said that nothing has shown, or that nothing of the list fits. */
const WORTH_SAYING = 0.3
export const isWorthSaying = (probability: number): boolean => probability > WORTH_SAYING

/** Below this an ion is absent, if a test bore on it. */
export const ABSENT = 0.02
/** An ion is absent only if the record is at least five times worse explained with it beside the likeliest set, ln. */
export const WORSE_WITH = -Math.log(5)

/** Whether the likeliest answer explains a step badly. */
export const isDoubtful = (best: Pick<Scored, 'steps'> | undefined, step: number): boolean => (best?.steps[step] ?? 0) < DOUBTFUL

/**
 * From which probability an ion is said to be present.
 *
 * @param rare - it is seldom handed out, and the sheet does not name it
 */
export function presentFrom(best: Pick<Scored, 'steps'> | undefined, steps: number, rare: boolean): number {
  const doubts = Array.from({ length: steps }, (_, step) => isDoubtful(best, step))
  return doubts.includes(true) ? PRESENT_IN_DOUBT : rare ? PRESENT_SELDOM : PRESENT
}
