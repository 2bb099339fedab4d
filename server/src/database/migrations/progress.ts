import { DataTypes, type QueryInterface } from 'sequelize'

export const name = '2026-11-progress'

/** How far a task is, asked for on the shelf. What is there counts as not summed up: the next look at the shelf does it. */
export async function up(database: QueryInterface): Promise<void> {
  await database.addColumn('tasks', 'progress', { type: DataTypes.STRING(10), allowNull: false, defaultValue: 'new' })
  await database.addIndex('tasks', ['archived', 'progress'])
  await database.sequelize.query('UPDATE tasks SET summed = version + 1')
}

export async function down(database: QueryInterface): Promise<void> {
  await database.removeColumn('tasks', 'progress')
}
