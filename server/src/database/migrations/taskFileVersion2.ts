import { migrateTask, TASK_VERSION } from '@hop-lark/core/record'
import { applyPatch, type Operation } from 'rfc6902'
import { type QueryInterface, QueryTypes, type Sequelize, type Transaction } from 'sequelize'

export const name = '2026-11-task-file-version-2'

/** Fields of a task that the newer version may write otherwise; each is replaced whole. */
const REWRITTEN = ['version', 'materials', 'parts', 'questions'] as const
/** The key of the ledger's line, so that it cannot stand there twice. */
const KEY = `task-file-version-${TASK_VERSION}`

interface Row {
  readonly id: string
  readonly version: number
  readonly documented: number
  readonly document: string | object
}

const parsed = <Value>(json: string | Value): Value => (typeof json === 'string' ? JSON.parse(json) : json)

async function upToDate(database: Sequelize, row: Row, transaction: Transaction): Promise<Record<string, unknown>> {
  const document = parsed<Record<string, unknown>>(row.document as string)
  const edits = await database.query<{ patch: string | Operation[] }>(
    'SELECT patch FROM edits WHERE task = :id AND version > :documented AND version <= :version ORDER BY version',
    { type: QueryTypes.SELECT, transaction, replacements: { ...row } },
  )
  for (const { patch } of edits) applyPatch(document, parsed<Operation[]>(patch as string))
  return document
}

async function rewrite(database: Sequelize, id: string, transaction: Transaction): Promise<void> {
  const [row] = await database.query<Row>('SELECT id, version, documented, document FROM tasks WHERE id = :id FOR UPDATE', {
    type: QueryTypes.SELECT,
    transaction,
    replacements: { id },
  })
  if (!row) return
  const before = await upToDate(database, row, transaction)
  const after = migrateTask(before)
  if (after === before) return
  const patch = REWRITTEN.flatMap((field) => (field in after ? [{ op: 'replace', path: `/${field}`, value: after[field] }] : []))
  const replacements = {
    id,
    version: row.version + 1,
    document: JSON.stringify(after),
    key: KEY,
    patch: JSON.stringify(patch),
    now: new Date(),
    note: `written as a task file of version ${TASK_VERSION}`,
  }
  await database.query(
    'UPDATE tasks SET document = :document, version = :version, documented = :version, summed = 0 WHERE id = :id',
    { transaction, replacements },
  )
  await database.query(
    'INSERT INTO edits (task, version, `key`, patch, at, note) VALUES (:id, :version, :key, :patch, :now, :note)',
    { transaction, replacements },
  )
}

const idsOf = async (database: Sequelize, transaction?: Transaction) =>
  database.query<{ id: string }>('SELECT id FROM tasks', {
    type: QueryTypes.SELECT,
    ...(transaction ? { transaction } : {}),
  })

/** Does the same to tasks that were put back from an older backup, in the transaction that puts them back. */
export async function writeTasksAnew(database: Sequelize, transaction: Transaction): Promise<void> {
  for (const { id } of await idsOf(database, transaction)) await rewrite(database, id, transaction)
}

/**
 * Writes every kept task as a task file of version 2, one by one, with a line in its ledger: a page that was open meanwhile
 * is told of it as of any other edit, and what it has not sent yet is joined in.
 */
export async function up({ sequelize }: QueryInterface): Promise<void> {
  for (const { id } of await idsOf(sequelize)) await sequelize.transaction((transaction) => rewrite(sequelize, id, transaction))
}

/** Older servers cannot read these tasks: there is no way back. */
export async function down(): Promise<void> {
  throw new Error('Tasks of version 2 cannot be written as version 1 again: put the database back from its backup.')
}
