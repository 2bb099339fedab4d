export { equationsWith, proposeBefore, proposeEquation } from './equations.ts'
export { type ProposedQuestion, proposeQuestions } from './questions.ts'
