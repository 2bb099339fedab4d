import type { Question } from './types.ts'

type With = Readonly<Record<string, string | { readonly answer: string }>>

/** A question that is a named calculation, partly filled in; the rest is asked for. */
const sum = (
  id: string,
  text: string,
  name: string,
  worked: With = {},
  texts: Readonly<Record<string, string>> = {},
): Question => ({
  id,
  text,
  find: { quantity: 'sum', sum: name, ...(Object.keys(texts).length > 0 ? { texts: { ...texts } } : {}), with: { ...worked } },
})

const answer = (question: string) => ({ answer: question })

/** What the usual practicals without a titration ask, each answer worked with those before it. */
export const STARTING_SUMS = {
  enthalpy: [
    sum('q1', 'Change of temperature', 'temperatureChange'),
    sum('q2', 'Heat', 'heat', { c: '4.18', dT: answer('q1') }),
    sum('q3', 'Amount of what runs out first', 'amountInSolution'),
    sum('q4', 'Enthalpy change', 'enthalpy', { q: answer('q2'), n: answer('q3') }),
  ],
  'gas-collected': [
    sum('q1', 'Amount of gas', 'amountOfGas'),
    sum('q2', 'Amount of what gave it', 'byReaction', { n: answer('q1') }),
    sum('q3', 'Mass of it', 'massFromAmount', { n: answer('q2') }),
    sum('q4', 'Share of the sample', 'share', { a: answer('q3') }),
  ],
  precipitate: [sum('q1', 'Percentage by mass', 'gravimetric')],
  clock: [
    sum('q1', 'First rate', 'reciprocalTime'),
    sum('q2', 'Second rate', 'reciprocalTime'),
    sum('q3', 'Order', 'order', { r1: answer('q1'), r2: answer('q2') }),
  ],
  ester: [sum('q1', 'Equilibrium constant', 'kcOfEster', { w0: '0' })],
  hardness: [
    sum('q1', 'Total hardness', 'hardness'),
    sum('q2', 'Temporary hardness', 'temporaryHardness'),
    sum('q3', 'Permanent hardness', 'difference', { a: answer('q1'), b: answer('q2') }),
  ],
  comparing: [
    sum('q1', 'How many times one is the other', 'ratio'),
    sum('q2', 'Percentage change from one to the other', 'percentageChange'),
  ],
} as const satisfies Record<string, readonly Question[]>
