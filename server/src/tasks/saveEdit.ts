import type { LedgerLine, PatchOperation, SaveAnswer } from '@hop-lark/contract'
import { readTask } from '@hop-lark/core/record'
import type { Operation } from 'rfc6902'
import { Op, type Transaction } from 'sequelize'
import { cameBetween } from '../database/again.ts'
import { Refusal } from '../http/Refusal.ts'
import { applyOrRefuse } from './applyEdit.ts'
import { patchParts } from './patchParts.ts'
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
  return lines.map(({ version, key, patch, at, note }) => ({
    version,
    key,
    patch: patch as readonly PatchOperation[],
    at: at.toISOString(),
    note,
  }))
}

function patched(row: TaskModel, patch: readonly Operation[]) {
  const { document } = row
  applyOrRefuse(document, patch)
  const task = readTask(document)
  if (task.id !== row.id)
    throw new Refusal(422, 'edit.changesId', "An edit cannot change a task's id.", 'Duplicate the task instead.')
  return document
}

async function sawBefore(tasks: Tasks, id: string, key: string, transaction: Transaction): Promise<SaveAnswer | undefined> {
  const before = await tasks.edits.findOne({ where: { task: id, key }, transaction })
  return before ? { kind: 'saved', version: before.version, at: before.at.toISOString() } : undefined
}

async function behind(tasks: Tasks, row: TaskModel, base: number, transaction: Transaction): Promise<SaveAnswer> {
  return { kind: 'behind', version: row.version, edits: await editsSince(tasks, row.id, base, transaction) }
}

/**
 * Saves after which the document is written whole again: until then a save takes as long as its patch, however long the
 * record is. Not more than twice as many edits are put to the document when it is read.
 */
const WRITTEN_WHOLE_AFTER = 32

/** Whether the document is due to be written whole: at another time for each task, so that a class that began together does not wait together. */
function isDue(id: string, behind: number): boolean {
  const own = [...id].reduce((sum, letter) => sum + letter.charCodeAt(0), 0) % WRITTEN_WHOLE_AFTER
  return behind >= WRITTEN_WHOLE_AFTER + own
}

/** Writes task and ledger in one call, if the task still stands as it was kept. */
async function writeAtOnce(tasks: Tasks, values: readonly unknown[]): Promise<boolean> {
  try {
    const answer = await tasks.database.query('CALL save_edit($1, $2, $3, $4, $5, $6, $7, $8)', { bind: [...values], raw: true })
    return savedIn(answer)
  } catch (error) {
    if (cameBetween(error)) return false
    // Whether it was written is not known: the whole way looks.
    tasks.kept.forget(String(values[0]))
    throw error
  }
}

/** Finds `saved` in the rows of the call, however deep the driver lays them. */
function savedIn(answer: unknown): boolean {
  if (Array.isArray(answer)) return answer.some(savedIn)
  return typeof answer === 'object' && answer !== null && Number((answer as { saved?: unknown }).saved) === 1
}

/**
 * The quick way, for an edit on the document this server saved last: nothing is fetched, what the edit leaves alone is not
 * checked again, and the database says whether that document still is the one it has.
 *
 * @returns undefined where there is no such document, or it is not: then nothing was written
 */
async function saveOnKept(tasks: Tasks, id: string, { base, key, patch, note }: Edit): Promise<SaveAnswer | undefined> {
  const before = tasks.kept.get(id)
  const document = before?.version === base ? patchParts(before.document, patch) : undefined
  if (!before || !document) return undefined
  const [version, written] = [base + 1, tasks.now()]
  const change = JSON.stringify(patch)
  const text = isDue(id, version - before.documented) ? JSON.stringify(document) : null
  if (!(await writeAtOnce(tasks, [id, base, before.written, text, key, change, note ?? null, written]))) {
    tasks.kept.forget(id)
    return undefined
  }
  const bytes = text?.length ?? before.bytes + change.length
  tasks.kept.keep(id, { version, written, document, documented: text === null ? before.documented : version, bytes })
  return { kind: 'saved', version, at: written.toISOString() }
}

/**
 * Applies one edit, all or nothing: a key seen before is answered as it was the first time, a base that is behind gets the
 * edits since, the document is validated, and task and ledger are written together.
 *
 * @throws TaskFileError when the document would be no task file any more, Refusal when the patch does not apply
 */
export async function saveEdit(tasks: Tasks, id: string, edit: Edit): Promise<SaveAnswer> {
  return tasks.again(async () => (await saveOnKept(tasks, id, edit)) ?? saveWhole(tasks, id, edit))
}

/** The whole way: the row is locked, and the document validated from end to end. */
async function saveWhole(tasks: Tasks, id: string, { base, key, patch, note }: Edit): Promise<SaveAnswer> {
  const saved = await tasks.database.transaction(async (transaction) => {
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
    row.set({ version, document, documented: version, title: document.title, updated: at })
    await row.save({ transaction })
    await tasks.edits.create({ task: id, version, key, patch: [...patch], at, note: note ?? null }, { transaction })
    return { kind: 'saved' as const, version, at: at.toISOString(), document, written: at }
  })
  if (!('document' in saved)) return saved
  const { document, written, ...answer } = saved
  const { version } = answer
  tasks.kept.keep(id, { version, written, document, documented: version, bytes: JSON.stringify(document).length })
  return answer
}
