import type { KeptTask, ListQuery, ShelfLine } from '@hop-lark/contract'
import { readTask, type Task } from '@hop-lark/core/record'
import { summariseTask } from '@hop-lark/core/stages'
import { applyPatch } from 'rfc6902'
import { Op, type Sequelize, type Transaction, UniqueConstraintError } from 'sequelize'
import { again } from '../database/again.ts'
import { Refusal } from '../http/Refusal.ts'
import { Photographs } from '../photographs/Photographs.ts'
import { defineEdits, type EditModel } from './EditModel.ts'
import { KeptDocuments } from './KeptDocuments.ts'
import { BEHIND, linesAskedFor, OF_A_LINE } from './shelfQuery.ts'
import { defineTasks, type TaskModel } from './TaskModel.ts'
import { Watch } from './Watch.ts'

function shelfLine({ id, title, version, summary, created, updated, archived }: TaskModel): ShelfLine {
  return {
    id,
    title,
    version,
    summary,
    created: created.toISOString(),
    updated: updated.toISOString(),
    archived: archived?.toISOString() ?? null,
  }
}

function storedTask({ id, version, document, created, updated, archived }: TaskModel): KeptTask {
  return {
    id,
    version,
    document,
    created: created.toISOString(),
    updated: updated.toISOString(),
    archived: archived?.toISOString() ?? null,
  }
}

const LONGEST_TITLE = 300

/** The title of a copy; where it would be too long, the end of the title goes, by whole characters. */
function titleOfCopy(title: string): string {
  const kept = [...title]
  while (kept.join('').length > LONGEST_TITLE - ' (copy)'.length) kept.pop()
  return `${kept.join('')} (copy)`
}

/** Text of documents that a server keeps: some hundreds of long records. */
const KEPT_BYTES = 64 * 2 ** 20

interface TasksOptions {
  readonly now: () => Date
  readonly newId: () => string
  /** Whether another node takes over when one is lost. */
  readonly isCluster?: boolean
}

/** The tasks in the database. Clock and chance are passed in, so that a test can hold them still. */
export class Tasks {
  readonly tasks: typeof TaskModel
  readonly edits: typeof EditModel
  readonly photographs: Photographs
  readonly database: Sequelize
  /** Documents as they were saved last. */
  readonly kept = new KeptDocuments(KEPT_BYTES)
  /** Who watches which task. */
  readonly watch: Watch
  readonly now: () => Date
  /** Does something again where another write came between or, on a cluster, a node was lost; done twice it must do no harm. */
  readonly again: <Answer>(act: () => Promise<Answer>) => Promise<Answer>
  private readonly newId: () => string

  constructor(database: Sequelize, { now, newId, isCluster = false }: TasksOptions) {
    this.database = database
    this.tasks = defineTasks(database)
    this.edits = defineEdits(database)
    this.photographs = new Photographs(database, now)
    this.watch = new Watch(this.tasks)
    this.now = now
    this.again = (act) => again(isCluster, act)
    this.newId = newId
  }

  /** One page of the shelf. */
  async list(query: ListQuery): Promise<{ readonly tasks: readonly ShelfLine[]; readonly total: number }> {
    if (query.progress !== 'any') await this.sumUpWhatIsBehind()
    const found = await this.tasks.findAndCountAll({ attributes: [...OF_A_LINE], ...linesAskedFor(query) })
    return { tasks: await Promise.all(found.rows.map((row) => this.summedUp(row))), total: found.count }
  }

  /** How far a task is can only be asked of what is summed up. */
  private async sumUpWhatIsBehind(): Promise<void> {
    const behind = await this.tasks.findAll({ attributes: [...OF_A_LINE], where: BEHIND })
    for (const row of behind) await this.summedUp(row)
  }

  /**
   * The shelf's line of a task. Saves do not sum up, since typing must not wait for it: what is behind is summed up when
   * somebody looks, and kept for the next. A server that dies in between leaves nothing undone.
   */
  private async summedUp(row: TaskModel): Promise<ShelfLine> {
    if (row.summed === row.version) return shelfLine(row)
    // One that is gone meanwhile, or cannot be read, must not take the shelf with it: its line is the one of before.
    const whole = await this.find(row.id).catch(() => undefined)
    if (!whole) return shelfLine(row)
    const { id, version } = whole
    whole.summary = summariseTask(whole.document)
    await this.tasks.update(
      { summary: whole.summary, progress: whole.summary.progress, summed: version },
      { where: { id, version } },
    )
    return shelfLine(whole)
  }

  /** The row of a task, locked if a transaction is going to change it. */
  async find(id: string, transaction?: Transaction): Promise<TaskModel> {
    const row = await this.tasks.findByPk(id, transaction ? { transaction, lock: transaction.LOCK.UPDATE } : {})
    if (!row)
      throw new Refusal(404, 'task.unknown', 'There is no such task here.', 'It may have been deleted. Go back to the shelf.')
    await this.bringUpToDate(row, transaction)
    return row
  }

  /** A task as a page opens it; its document is kept, since the page is likely to save. */
  async open(id: string): Promise<KeptTask> {
    return this.remembered(await this.find(id))
  }

  private remembered(row: TaskModel): KeptTask {
    const { id, version, updated: written, documented } = row
    const kept = storedTask(row)
    const bytes = String(row.getDataValue('document')).length
    this.kept.keep(id, { version, written, document: kept.document, documented, bytes })
    return kept
  }

  /** Applies the edits that were saved since the document was last written whole. */
  private async bringUpToDate(row: TaskModel, transaction?: Transaction): Promise<void> {
    if (row.documented === row.version) return
    const edits = await this.edits.findAll({
      where: { task: row.id, version: { [Op.gt]: row.documented, [Op.lte]: row.version } },
      order: [['version', 'ASC']],
      ...(transaction ? { transaction } : {}),
    })
    const { document } = row
    const applied = edits.every(({ patch }) => applyPatch(document, [...patch]).every((error) => error === null))
    if (!applied || edits.length !== row.version - row.documented)
      throw new Error(`The ledger of task ${row.id} does not lead from version ${row.documented} to ${row.version}.`)
    row.document = document
    // What is not up to date in the database must not be written without its version.
    row.changed('document', false)
  }

  /** Puts a task on the shelf. One whose id is taken already becomes a task of its own. */
  async create(document: unknown): Promise<KeptTask> {
    const task = readTask(document)
    try {
      return this.remembered(await this.insert(task))
    } catch (error) {
      // Of two that come at once with one id, the database takes one.
      if (!(error instanceof UniqueConstraintError)) throw error
      return this.remembered(await this.insert({ ...task, id: this.newId() }))
    }
  }

  private insert(task: Task): Promise<TaskModel> {
    const now = this.now()
    const summary = summariseTask(task)
    return this.tasks.create({
      id: task.id,
      title: task.title,
      version: 0,
      document: task,
      documented: 0,
      summary,
      progress: summary.progress,
      created: now,
      updated: now,
      archived: null,
    })
  }

  /** A second task with the same record, under a new id. */
  async duplicate(id: string): Promise<KeptTask> {
    const { document } = await this.find(id)
    const copy = await this.create({ ...document, id: this.newId(), title: titleOfCopy(document.title) })
    await this.photographs.copy(id, copy.id)
    return copy
  }

  /** Takes a task off the shelf, or puts it back. Nothing in it changes. */
  async setArchived(id: string, archived: boolean): Promise<KeptTask> {
    const row = await this.find(id)
    await row.update({ archived: archived ? (row.archived ?? this.now()) : null })
    return storedTask(row)
  }

  /** Destroys an archived task, its ledger and its pictures. Whoever asks must name its title. */
  async destroy(id: string, confirmedTitle: string): Promise<void> {
    await this.database.transaction(async (transaction) => {
      const row = await this.find(id, transaction)
      if (row.archived === null) {
        throw new Refusal(409, 'task.notArchived', 'Only an archived task can be deleted.', 'Archive it first.')
      }
      if (confirmedTitle !== row.title) {
        throw new Refusal(
          422,
          'task.titleDiffers',
          'The title does not match the task.',
          `Type its title, ${row.title}, to delete it for good.`,
        )
      }
      await this.photographs.destroyOf(id, transaction)
      await this.edits.destroy({ where: { task: id }, transaction })
      await row.destroy({ transaction })
    })
  }
}
