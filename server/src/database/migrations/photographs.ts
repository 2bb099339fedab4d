import { DataTypes, type QueryInterface } from 'sequelize'

export const name = '2026-12-photographs'

/** Pictures of a task, each under its checksum, so that the same picture is kept once. */
export async function up(database: QueryInterface): Promise<void> {
  await database.createTable('photographs', {
    task: { type: DataTypes.STRING(60), primaryKey: true },
    sha256: { type: DataTypes.CHAR(64), primaryKey: true },
    type: { type: DataTypes.STRING(20), allowNull: false },
    picture: { type: DataTypes.BLOB('medium'), allowNull: false },
    at: { type: DataTypes.DATE(3), allowNull: false },
  })
}

export async function down(database: QueryInterface): Promise<void> {
  await database.dropTable('photographs')
}
