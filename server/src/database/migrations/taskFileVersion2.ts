import type { QueryInterface } from 'sequelize'
import { writeTasksAnew } from '../tasksAnew.ts'

export const name = '2026-11-task-file-version-2'

/** Kept tasks become tasks of version 2. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await writeTasksAnew(sequelize, { key: 'task-file-version-2', note: 'written as a task file of version 2' })
}

/** Older servers cannot read these tasks: there is no way back. */
export async function down(): Promise<void> {
  throw new Error('Tasks of version 2 cannot be written as version 1 again: put the database back from its backup.')
}
