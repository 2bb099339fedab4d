export type { InWords, Known, Point } from './answer.ts'
export { answerInWords, sayInWords } from './answerInWords.ts'
export { type Read, readAnswer } from './read.ts'
