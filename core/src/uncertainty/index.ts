export type { Improvement, Limit, Source } from './source.ts'
export {
  contributionsIn,
  type Gain,
  plusMinus,
  type SourceShare,
  type Sure,
  type Sureness,
  sureAnswers,
  surenessOf,
} from './sureness.ts'
export { wholeNumberWithin } from './wholeNumber.ts'
