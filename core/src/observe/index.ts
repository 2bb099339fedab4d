export { adviseWording, type StepContext, type WordingAdvice } from './advice.ts'
export type { Observation, ObservedFact, Read } from './facts.ts'
export { readObservation } from './read.ts'
