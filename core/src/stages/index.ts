export { type Stage, type StageState, stagesOf } from './stages.ts'
export { type Summary, summariseTask } from './summary.ts'
