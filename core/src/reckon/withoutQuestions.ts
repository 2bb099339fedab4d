import type { Task } from '../record/index.ts'
import { buildNetwork } from './build.ts'
import type { Built } from './built.ts'

/** The same each time, so that the networks laid out without questions are found again. */
const NO_QUESTIONS: Task['questions'] = []

/** What was recorded, laid out without what is asked of it. */
export const layOutRecord = (task: Task): Built => buildNetwork({ ...task, questions: NO_QUESTIONS })
