import type { QueryInterface } from 'sequelize'
import { writeTasksAnew } from '../tasksAnew.ts'

export const name = '2026-11-conventions-of-sums'

/** Kept tasks get the conventions that came with sums and end-points, each with what is usual. */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  await writeTasksAnew(sequelize, { key: 'conventions-of-sums', note: 'conventions that are new, as is usual' })
}

/** Older servers pass over conventions that they do not know. */
export async function down(): Promise<void> {}
