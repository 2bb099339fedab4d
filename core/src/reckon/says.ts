import { problemsIn, type Wording } from '../problem/index.ts'

/** What looks wrong in an answer, in words. */
export const answerProblem = problemsIn({
  'answer.negative': {
    level: 'error',
    says: ({ value, unit }) => `This answer comes out below zero (${value} ${unit}).`,
    mend: () => 'A reading, a reaction or what is in excess must be wrong: follow the lines of working back.',
  } satisfies Wording<{ value: string; unit: string }>,
  'answer.negativeInMixture': {
    level: 'error',
    says: ({ value, unit }) => `These titres cannot be: less than nothing of it would be there (${value} ${unit}).`,
    mend: () => 'Look whether the titres were swapped, and which reactions run to each end-point.',
  } satisfies Wording<{ value: string; unit: string }>,
  'answer.overHundred': {
    level: 'error',
    says: ({ value }) => `${value} % is more than the whole.`,
    mend: () => 'Check the mass taken, the mole ratio and the factor from aliquot to flask.',
  } satisfies Wording<{ value: string }>,
  'answer.aboutHundred': {
    level: 'query',
    says: ({ value }) => `${value} % is a little more than the whole; the readings may be off by as much.`,
    mend: () => 'See how sure the answer is. If it is surer than that, look for a reading that is wrong.',
  } satisfies Wording<{ value: string }>,
  'question.unit': {
    level: 'error',
    says: ({ why }) => why,
    mend: ({ natural }) => `Answered in ${natural || 'no unit'} instead.`,
  } satisfies Wording<{ why: string; natural: string }>,
})
