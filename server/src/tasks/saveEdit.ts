import { readTask } from '@hop-lark/core/record'
import { summariseTask } from '@hop-lark/core/stages'
import { applyPatch, type Operation } from 'rfc6902'
import { Op, type Transaction } from 'sequelize'
import { Refusal } from '../http/Refusal.ts'
import type { TaskModel } from './TaskModel.ts'
import type { Tasks } from './Tasks.ts'

export interface Edit {
  /** The version the patch was made on. */
  readonly base: number
  /** Unique to this edit, so that a repeated request does not act twice. */
  readonly key: string
  readonly patch: readonly Operation[]
  readonly note?: string | undefined
}

/** What became of an edit: it made a version; or others came first, and these are their edits. */
export type Saved =
  | { readonly kind: 'saved'; readonly version: number; readonly at: string }
  | { readonly kind: 'behind'; readonly version: number; readonly edits: readonly LedgerLine[] }

export interface LedgerLine {
  readonly version: number
  readonly key: string
  readonly patch: readonly Operation[]
  readonly at: string
  readonly note: string | null
}

/** Edits after a version, oldest first. */
export async function editsSince(
  tasks: Tasks,
  id: string,
  since: number,
  transaction?: Transaction,
): Promise<readonly LedgerLine[]> {
  const lines = await tasks.edits.findAll({
    where: { task: id, version: { [Op.gt]: since } },
    order: [['version', 'ASC']],
    ...(transaction ? { transaction } : {}),
  })
  return lines.map(({ version, key, patch, at, note }) => ({ version, key, patch, at: at.toISOString(), note }))
}

function patched(row: TaskModel, patch: readonly Operation[]) {
  const document = structuredClone(row.document)
  const failed = applyPatch(document, [...patch]).findIndex((error) => error !== null)
  if (failed >= 0) {
    throw new Refusal(
      422,
      'edit.doesNotApply',
      `Operation ${failed + 1} (${patch[failed]?.op} ${patch[failed]?.path}) does not fit the task.`,
      'Load the task again; what you entered is still on your device.',
    )
  }
  const task = readTask(document)
  if (task.id !== row.id)
    throw new Refusal(422, 'edit.changesId', "An edit cannot change a task's id.", 'Duplicate the task instead.')
  return document
}

async function sawBefore(tasks: Tasks, id: string, key: string, transaction: Transaction): Promise<Saved | undefined> {
  const before = await tasks.edits.findOne({ where: { task: id, key }, transaction })
  return before ? { kind: 'saved', version: before.version, at: before.at.toISOString() } : undefined
}

async function behind(tasks: Tasks, row: TaskModel, base: number, transaction: Transaction): Promise<Saved> {
  return { kind: 'behind', version: row.version, edits: await editsSince(tasks, row.id, base, transaction) }
}

/**
 * Applies one edit, all or nothing: the row is locked, a key seen before is answered as it was the first time, a base
 * that is behind gets the edits since, the document is validated whole, and task and ledger are written together.
 *
 * @throws TaskFileError when the document would be no task file any more, Refusal when the patch does not apply
 */
export async function saveEdit(tasks: Tasks, id: string, { base, key, patch, note }: Edit): Promise<Saved> {
  return tasks.database.transaction(async (transaction) => {
    const row = await tasks.find(id, transaction)
    if (base > row.version) {
      throw new Refusal(
        409,
        'edit.ahead',
        `This edit was made on version ${base}, but the task is at ${row.version}.`,
        'Load the task again.',
      )
    }
    // An edit that was done before moved the version past its own base, so only one that is behind can be a repetition.
    if (base < row.version) return (await sawBefore(tasks, id, key, transaction)) ?? behind(tasks, row, base, transaction)
    const document = patched(row, patch)
    const [version, at] = [row.version + 1, tasks.now()]
    row.set({ version, document, title: document.title, summary: summariseTask(document), updated: at })
    row.changed('document', true)
    await row.save({ transaction })
    await tasks.edits.create({ task: id, version, key, patch: [...patch], at, note: note ?? null }, { transaction })
    return { kind: 'saved', version, at: at.toISOString() }
  })
}
