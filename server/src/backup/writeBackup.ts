import { once } from 'node:events'
import { createWriteStream, existsSync, mkdirSync, renameSync, rmSync } from 'node:fs'
import { dirname } from 'node:path'
import { finished } from 'node:stream/promises'
import { createGzip } from 'node:zlib'
import { QueryTypes, type Sequelize, Transaction } from 'sequelize'
import { migrationsOf } from '../database/migrationsOf.ts'
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

/** A row as it stands in a file: moments as texts, bytes as base64, JSON as the text it is kept as. */
function asLine(table: TableName, row: Row): Row {
  const { dates, json, bytes = [] } = shapeOf(table)
  return Object.fromEntries(
    Object.entries(row).map(([column, value]) => {
      if (value instanceof Date && dates.includes(column)) return [column, value.toISOString()]
      if (Buffer.isBuffer(value) && bytes.includes(column)) return [column, value.toString('base64')]
      if (json.includes(column) && typeof value !== 'string') return [column, JSON.stringify(value)]
      return [column, value]
    }),
  )
}

const quoted = (names: readonly string[]) => names.map((name) => `\`${name}\``).join(', ')

/** Columns that the table has: an older database has fewer. */
async function columnsOf(database: Sequelize, table: TableName): Promise<readonly string[]> {
  const there = await database.getQueryInterface().describeTable(table)
  return shapeOf(table).columns.filter((column) => column in there)
}

/** All rows of a table in the order of its key, some at a time, as they stood when the transaction began. */
async function* rowsOf(database: Sequelize, table: TableName, transaction: Transaction): AsyncGenerator<Row> {
  const { key } = shapeOf(table)
  const columns = await columnsOf(database, table)
  let after: Row | undefined
  for (;;) {
    const beyond = after ? `WHERE (${quoted(key)}) > (${key.map((name) => `:${name}`).join(', ')})` : ''
    const rows: readonly Row[] = await database.query<Row>(
      `SELECT ${quoted(columns)} FROM ${table} ${beyond} ORDER BY ${quoted(key)} LIMIT ${rowsAtATime(table)}`,
      {
        type: QueryTypes.SELECT,
        transaction,
        ...(after ? { replacements: Object.fromEntries(key.map((name) => [name, after?.[name]])) } : {}),
      },
    )
    yield* rows
    after = rows.at(-1)
    if (rows.length < rowsAtATime(table)) return
  }
}

/**
 * Writes everything the database holds into one file, as it stood at one moment: tasks, the whole ledger, and which demo
 * files were loaded. The file has its name only when it is whole.
 *
 * @param file - compressed lines of JSON; must not exist yet
 * @returns how many rows of each table
 * @throws Error where the file exists already
 */
export async function writeBackup(database: Sequelize, file: string, now: Date): Promise<End['counts']> {
  if (existsSync(file)) throw new Error(`${file} exists already. Choose another name: a backup is never written over.`)
  mkdirSync(dirname(file), { recursive: true })
  const part = `${file}.part`
  const gzip = createGzip()
  const output = gzip.pipe(createWriteStream(part, { mode: 0o600 }))
  const write = async (line: Head | End | { readonly table: TableName; readonly row: Row }) => {
    if (!gzip.write(`${JSON.stringify(line)}\n`)) await once(gzip, 'drain')
  }
  const counts = noRows()
  try {
    await write({
      format: BACKUP_FORMAT,
      version: BACKUP_VERSION,
      made: now.toISOString(),
      migrations: await migrationsOf(database),
    })
    await database.transaction({ isolationLevel: Transaction.ISOLATION_LEVELS.REPEATABLE_READ }, async (transaction) => {
      for (const table of TABLE_NAMES)
        for await (const row of rowsOf(database, table, transaction)) {
          await write({ table, row: asLine(table, row) })
          counts[table]++
        }
    })
    await write({ end: true, counts })
    gzip.end()
    await finished(output)
    renameSync(part, file)
    return counts
  } catch (error) {
    gzip.destroy()
    rmSync(part, { force: true })
    throw error
  }
}
