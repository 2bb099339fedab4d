import { createReadStream } from 'node:fs'
import { createInterface } from 'node:readline'
import { createGunzip } from 'node:zlib'
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize'
import { MIGRATIONS } from '../database/migrate.ts'
import { writeTasksAnew } from '../database/tasksAnew.ts'
import {
  BACKUP_FORMAT,
  BACKUP_VERSION,
  type End,
  type Head,
  noRows,
  type Row,
  rowsAtATime,
  shapeOf,
  TABLE_NAMES,
  type TableName,
} from './tables.ts'

interface RowLine {
  readonly table: TableName
  readonly row: Row
}

const refuse = (file: string, says: string): never => {
  throw new Error(`${file} ${says} Nothing was changed.`)
}

async function* linesOf(file: string): AsyncGenerator<unknown> {
  const input = createReadStream(file)
  const text = input.pipe(createGunzip())
  input.once('error', (error) => text.destroy(error))
  for await (const line of createInterface({ input: text, crlfDelay: Number.POSITIVE_INFINITY })) yield JSON.parse(line)
}

/** Reads a backup from end to end before anything of it is used. */
async function checkWhole(file: string): Promise<{ readonly head: Head; readonly counts: End['counts'] }> {
  const counts = noRows()
  let head: Head | undefined
  let end: End | undefined
  try {
    for await (const line of linesOf(file)) {
      if (!head) head = line as Head
      else if ((line as End).end) end = line as End
      else counts[(line as RowLine).table]++
    }
  } catch (error) {
    const { code } = error as NodeJS.ErrnoException
    if (code === 'ENOENT') refuse(file, 'is not there.')
    refuse(file, 'is no backup of Hop Lark, or damaged.')
  }
  if (head?.format !== BACKUP_FORMAT) return refuse(file, 'is no backup of Hop Lark.')
  if (head.version > BACKUP_VERSION) refuse(file, 'was made by a newer Hop Lark. Update Hop Lark first.')
  // A backup of an older Hop Lark counts fewer tables.
  if (!end || TABLE_NAMES.some((table) => (end?.counts[table] ?? 0) !== counts[table]))
    refuse(file, 'was cut off: it is not whole.')
  const unknown = head.migrations.find((name) => !MIGRATIONS.some((migration) => migration.name === name))
  if (unknown) refuse(file, `was made by a newer Hop Lark ('${unknown}' is not known here). Update Hop Lark first.`)
  return { head, counts }
}

/** A backup may be put back more than once, each time into a newer Hop Lark. */
const asOfToday = () => ({ key: `put-back-${Date.now()}`, note: 'put back from a backup, as a task of today' })

/** A row of today: an older database had fewer columns, and what is summed up is summed up again. */
function rowToday(table: TableName, row: Row): Row {
  const { dates, bytes = [] } = shapeOf(table)
  const read = Object.fromEntries(
    Object.entries(row).map(([column, value]) => [
      column,
      dates.includes(column) && value !== null
        ? new Date(String(value))
        : bytes.includes(column)
          ? Buffer.from(String(value), 'base64')
          : value,
    ]),
  )
  if (table !== 'tasks') return read
  const { version } = row as { version: number }
  return { documented: version, progress: 'new', ...read, summed: version + 1 }
}

async function insert(database: Sequelize, table: TableName, rows: readonly Row[], transaction: Transaction): Promise<void> {
  if (rows.length === 0) return
  await database.getQueryInterface().bulkInsert(table, [...rows], { transaction })
}

/**
 * Puts a backup in the place of everything the database holds: all of it or, where anything is wrong, nothing.
 *
 * @param database - of today's shape (migrated)
 * @returns how many rows of each table
 * @throws Error saying what is wrong with the file
 */
export async function restoreBackup(database: Sequelize, file: string): Promise<End['counts']> {
  const { counts } = await checkWhole(file)
  await database.transaction(async (transaction) => {
    for (const table of TABLE_NAMES.toReversed())
      await database.query(`DELETE FROM ${table}`, { type: QueryTypes.DELETE, transaction })
    let waiting: Row[] = []
    let current: TableName = 'tasks'
    for await (const line of linesOf(file)) {
      const { table, row } = line as Partial<RowLine>
      if (!table || !row) continue
      if (table !== current || waiting.length === rowsAtATime(current)) {
        await insert(database, current, waiting, transaction)
        waiting = []
        current = table
      }
      waiting.push(rowToday(table, row))
    }
    await insert(database, current, waiting, transaction)
    await writeTasksAnew(database, asOfToday(), transaction)
  })
  return counts
}
