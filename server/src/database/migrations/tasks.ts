import { DataTypes, type QueryInterface } from 'sequelize'

export const name = '2026-11-tasks-and-edits'

/** The tasks, the ledger of edits, and which files were loaded once. */
export async function up(database: QueryInterface): Promise<void> {
  await database.createTable('tasks', {
    id: { type: DataTypes.STRING(60), primaryKey: true },
    title: { type: DataTypes.STRING(300), allowNull: false },
    version: { type: DataTypes.INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 },
    document: { type: DataTypes.JSON, allowNull: false },
    summary: { type: DataTypes.JSON, allowNull: false },
    created: { type: DataTypes.DATE(3), allowNull: false },
    updated: { type: DataTypes.DATE(3), allowNull: false },
    archived: { type: DataTypes.DATE(3), allowNull: true },
  })
  await database.addIndex('tasks', ['archived', 'updated'])
  await database.createTable('edits', {
    task: { type: DataTypes.STRING(60), primaryKey: true, references: { model: 'tasks', key: 'id' }, onDelete: 'CASCADE' },
    version: { type: DataTypes.INTEGER.UNSIGNED, primaryKey: true },
    key: { type: DataTypes.STRING(64), allowNull: false },
    patch: { type: DataTypes.JSON, allowNull: false },
    at: { type: DataTypes.DATE(3), allowNull: false },
    note: { type: DataTypes.STRING(300), allowNull: true },
  })
  await database.addIndex('edits', ['task', 'key'], { unique: true })
  await database.createTable('loaded', {
    name: { type: DataTypes.STRING(200), primaryKey: true },
    at: { type: DataTypes.DATE(3), allowNull: false },
  })
}

export async function down(database: QueryInterface): Promise<void> {
  for (const table of ['loaded', 'edits', 'tasks']) await database.dropTable(table)
}
