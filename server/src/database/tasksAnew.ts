import { migrateTask } from '@hop-lark/core/record'
import { applyPatch, type Operation } from 'rfc6902'
import { QueryTypes, type Sequelize, type Transaction } from 'sequelize'

/** Fields of a task that the newer version may write otherwise; each is put in whole. */
const REWRITTEN = ['version', 'conventions', 'materials', 'parts', 'questions'] as const

/** How the ledger tells of it. */
export interface Anew {
  /** The key of the ledger's line, so that it cannot stand there twice. */
  readonly key: string
  readonly note: string
}

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

async function rewrite(database: Sequelize, id: string, { key, note }: Anew, transaction: Transaction): Promise<void> {
  const [row] = await database.query<Row>('SELECT id, version, documented, document FROM tasks WHERE id = :id FOR UPDATE', {
    type: QueryTypes.SELECT,
    transaction,
    replacements: { id },
  })
  if (!row) return
  const before = await upToDate(database, row, transaction)
  const after = migrateTask(before)
  if (after === before) return
  const patch = REWRITTEN.flatMap((field) =>
    field in after && after[field] !== before[field] ? [{ op: 'add', path: `/${field}`, value: after[field] }] : [],
  )
  const replacements = {
    id,
    version: row.version + 1,
    document: JSON.stringify(after),
    key,
    patch: JSON.stringify(patch),
    now: new Date(),
    note,
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

/**
 * Writes every kept task as a task of today, one by one, with a line in its ledger: a page that was open meanwhile is told
 * of it as of any other edit, and what it has not sent yet is joined in. Tasks that are of today are left alone.
 *
 * @param within - the transaction it is part of, where there is one
 */
export async function writeTasksAnew(database: Sequelize, anew: Anew, within?: Transaction): Promise<void> {
  for (const { id } of await idsOf(database, within)) {
    if (within) await rewrite(database, id, anew, within)
    else await database.transaction((transaction) => rewrite(database, id, anew, transaction))
  }
}
