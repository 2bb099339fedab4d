export { ChemistryError, type ErrorFacts } from './ChemistryError.ts'
export type { Level, Mend, Problem } from './Problem.ts'
export { unhandled } from './unhandled.ts'
export { asSentence, problemsIn, type Wording } from './wording.ts'
