export { checkTask, recordProblems } from './checkTask.ts'
export { checkEquation, checkFormula } from './formulae.ts'
export { checkOwnLines } from './ownLines.ts'
export { worstByPlace } from './worstByPlace.ts'
