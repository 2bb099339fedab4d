import { type QueryInterface, QueryTypes, type Sequelize } from 'sequelize'
import { SequelizeStorage, Umzug } from 'umzug'
import * as allConventions from './migrations/allConventions.ts'
import * as photographs from './migrations/photographs.ts'
import * as progress from './migrations/progress.ts'
import * as quickSaves from './migrations/quickSaves.ts'
import * as taskFileVersion2 from './migrations/taskFileVersion2.ts'
import * as tasks from './migrations/tasks.ts'
import { migrationsOf } from './migrationsOf.ts'

export const MIGRATIONS = [tasks, quickSaves, taskFileVersion2, progress, allConventions, photographs]
/** Two servers started at once take turns; the second finds nothing left to do. */
const LOCK = 'hop-lark-migrations'
const SECONDS_TO_WAIT = 30

/** A database that a newer Hop Lark has used: its shape is not known here, so nothing in it is touched. */
class NewerDatabaseError extends Error {
  constructor(unknown: string) {
    super(
      `This database was used by a newer Hop Lark ('${unknown}' is not known here). Update Hop Lark, or restore a backup into a new database.`,
    )
    this.name = 'NewerDatabaseError'
  }
}

/**
 * Brings the database to the newest shape.
 *
 * @param beforeChange - called before the first change of a database that holds something already, to take a backup
 * @throws NewerDatabaseError where the database has been changed by a newer Hop Lark
 */
export async function migrate(database: Sequelize, beforeChange: () => Promise<void> = async () => {}): Promise<void> {
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
      const done = await migrationsOf(database)
      const unknown = done.find((name) => !MIGRATIONS.some((migration) => migration.name === name))
      if (unknown !== undefined) throw new NewerDatabaseError(unknown)
      if (done.length > 0 && (await umzug.pending()).length > 0) await beforeChange()
      await umzug.up()
    } finally {
      await select('SELECT RELEASE_LOCK(:lock) AS freed')
    }
  })
}
