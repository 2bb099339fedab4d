import { QueryTypes, type Sequelize } from 'sequelize'

const EXISTS = "SELECT 1 AS found FROM information_schema.tables WHERE table_schema = DATABASE() AND table_name = 'migrations'"

/** Names of the migrations a database has been through, also those that are not known here. */
export async function migrationsOf(database: Sequelize): Promise<readonly string[]> {
  const there = await database.query(EXISTS, { type: QueryTypes.SELECT })
  if (there.length === 0) return []
  const rows = await database.query<{ name: string }>('SELECT name FROM migrations ORDER BY name', { type: QueryTypes.SELECT })
  return rows.map(({ name }) => name)
}
