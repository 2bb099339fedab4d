export type { KeptTask, ShelfLine } from './kept.ts'
export { type Stage, type StageState, stagesOf } from './stages.ts'
export { type Summary, summariseTask } from './summary.ts'
