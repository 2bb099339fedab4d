export { placeName } from './placeName.ts'
export { type Stage, type StageState, stagesOf } from './stages.ts'
export { type Progress, type Summary, summariseTask } from './summary.ts'
