export { ChemistryError, type ErrorFacts } from './ChemistryError.ts'
export { type Level, type Mend, type Problem, worstByPlace } from './Problem.ts'
export { unhandled } from './unhandled.ts'
