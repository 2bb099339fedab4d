export { byKind } from './byKind.ts'
export { changeFault } from './changeFault.ts'
export { circularSolutions } from './circular.ts'
export { ConventionsSchema } from './conventions.ts'
export { isCountable } from './countable.ts'
export {
  canonicalEntry,
  correctEntry,
  type Entry,
  type EntryObject,
  entryText,
  isReading,
  type Strike,
  settleRival,
  strikes,
} from './entry.ts'
export { fileNameOf, taskFileName } from './fileName.ts'
export {
  buretteOf,
  conclusionOf,
  findMaterial,
  findPart,
  makerOf,
  materialLabel,
  partTitle,
  placeSays,
  sampleForms,
  sampleLooks,
  weighingOf,
  wordsFor,
} from './find.ts'
export { findById } from './findById.ts'
export { freshId, freshRunId, itemName } from './identity.ts'
export { idFault } from './ids.ts'
export { hasItems, isItemOf, isPart } from './itemSchema.ts'
export { taskJsonSchema } from './jsonSchema.ts'
export { MOST_FIGURES, MOST_THAT_AGREE } from './limits.ts'
export { type LinePlace, lineName } from './lineName.ts'
export { MaterialSchema } from './materials.ts'
export { ENTRY_FIELDS, type MergeNote, mergeTasks } from './merge.ts'
export { migrateTask } from './migrate/index.ts'
export { isOfSeries, type SeriesQuantity } from './ofSeries.ts'
export { TitrationSchema } from './parts.ts'
export { isWithin, type Path, PathError, path, readPath, slotAt, valueAt, writePath } from './path.ts'
export { LARGEST_PHOTOGRAPH, PHOTOGRAPH_TYPES } from './photographs.ts'
export { QuestionSchema } from './questions.ts'
export { type FileFault, readTask, readTaskText, TaskFileError, writeTask } from './read.ts'
export { sheetNamed } from './sheetNamed.ts'
export { isStartingText, newTask, SHEET_GROUPS, STARTING_SHEETS, type StartingSheet } from './starting.ts'
export { stepName, stepPath } from './stepName.ts'
export { TaskSchema } from './task.ts'
export { parseTaskFile, readTaskFileBytes } from './taskBytes.ts'
export { tubeLine, tubesById } from './tubeLine.ts'
export {
  type Concordance,
  type Conventions,
  DEFAULT_CONVENTIONS,
  type FindOf,
  type Material,
  type Part,
  type PartOf,
  type Photograph,
  type Point,
  type Quantity,
  type Question,
  type Run,
  type Sample,
  type Spot,
  type Step,
  type Task,
  type Tube,
} from './types.ts'
export { TASK_FORMAT, TASK_VERSION } from './version.ts'
