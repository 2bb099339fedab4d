import { problemsIn, type Wording } from '../problem/index.ts'

/** What looks wrong in a heating, in words. */
export const heatingProblem = problemsIn({
  'heating.gained': {
    level: 'query',
    says: ({ change }) => `The mass went up by ${change} g on heating.`,
    mend: () => 'Weighed warm, water taken up while cooling, or misread? Let it cool in a desiccator and weigh again.',
  } satisfies Wording<{ change: string }>,
  'heating.belowContainer': {
    level: 'error',
    says: ({ mass, container }) => `Container and solid, ${mass} g, are not heavier than the empty container, ${container} g.`,
    mend: () => 'Swapped, or another container? Look at both again.',
  } satisfies Wording<{ mass: string; container: string }>,
  'heating.notConstant': {
    level: 'query',
    says: ({ times, within }) =>
      times === 1
        ? 'Heated once only: nobody knows yet whether all of it was driven off.'
        : `The last two masses differ by more than ${within} g.`,
    mend: () => 'Heat, cool and weigh again until two masses agree.',
  } satisfies Wording<{
    /** How often it was heated. */
    times: number
    within: string
  }>,
})
