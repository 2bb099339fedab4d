import type { TubeStep } from '../tube/index.ts'

/** How much a dearer test has to tell more (judgement). */
const DEARER = 0.3

/**
 * What a test is worth beside others.
 *
 * @param bits - what it would tell, expected
 * @param cost - beside a cheap test: time, heat, hazard, disposal; more than 0
 */
export const worthOf = (bits: number, cost: number): number => bits / cost ** DEARER

const wordsOf = (steps: readonly TubeStep[]) =>
  steps.map(({ do: act, reagent = '', amount = '' }) => `${act} ${reagent} ${amount}`).join('; ')

/** In how many tubes a test was done before, as a whole and in its amounts. */
export const timesDone = (tubes: readonly (readonly TubeStep[])[], test: readonly TubeStep[]): number =>
  tubes.filter((steps) => wordsOf(steps).includes(wordsOf(test))).length
