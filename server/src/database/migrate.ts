import { type QueryInterface, QueryTypes, type Sequelize } from 'sequelize'
import { SequelizeStorage, Umzug } from 'umzug'
import * as progress from './migrations/progress.ts'
import * as quickSaves from './migrations/quickSaves.ts'
import * as taskFileVersion2 from './migrations/taskFileVersion2.ts'
import * as tasks from './migrations/tasks.ts'

export const MIGRATIONS = [tasks, quickSaves, taskFileVersion2, progress]
/** Two servers started at once take turns; the second finds nothing left to do. */
const LOCK = 'hop-lark-migrations'
const SECONDS_TO_WAIT = 30

/** Brings the database to the newest shape. */
export async function migrate(database: Sequelize): Promise<void> {
  const umzug = new Umzug({
    migrations: MIGRATIONS.map(({ name, up, down }) => ({
      name,
      up: ({ context }: { context: QueryInterface }) => up(context),
      down: ({ context }: { context: QueryInterface }) => down(context),
    })),
    context: database.getQueryInterface(),
    storage: new SequelizeStorage({ sequelize: database, modelName: 'migrations' }),
    logger: undefined,
  })
  await database.transaction(async (transaction) => {
    const select = (sql: string) =>
      database.query(sql, { transaction, type: QueryTypes.SELECT, replacements: { lock: LOCK, seconds: SECONDS_TO_WAIT } })
    await select('SELECT GET_LOCK(:lock, :seconds) AS taken')
    try {
      await umzug.up()
    } finally {
      await select('SELECT RELEASE_LOCK(:lock) AS freed')
    }
  })
}
