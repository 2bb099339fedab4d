import { readTask, type Task } from '@hop-lark/core/record'
import { type KeptTask, type ShelfLine, summariseTask } from '@hop-lark/core/stages'
import { Op, type Sequelize, type Transaction } from 'sequelize'
import { Refusal } from '../http/Refusal.ts'
import { defineEdits, type EditModel } from './EditModel.ts'
import { defineTasks, type TaskModel } from './TaskModel.ts'

export interface ShelfQuery {
  readonly search: string
  readonly page: number
  readonly size: number
  readonly archived: boolean
}

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

export function storedTask({ id, version, document, created, updated, archived }: TaskModel): KeptTask {
  return {
    id,
    version,
    document,
    created: created.toISOString(),
    updated: updated.toISOString(),
    archived: archived?.toISOString() ?? null,
  }
}

/** What is searched for means itself: `%` and `_` are no wildcards. */
function asPlainText(search: string): string {
  return search.replace(/[\\%_]/g, '\\$&')
}

/** The tasks in the database. Clock and chance are passed in, so that a test can hold them still. */
export class Tasks {
  readonly tasks: typeof TaskModel
  readonly edits: typeof EditModel
  readonly database: Sequelize
  readonly now: () => Date
  private readonly newId: () => string

  constructor(database: Sequelize, { now, newId }: { readonly now: () => Date; readonly newId: () => string }) {
    this.database = database
    this.tasks = defineTasks(database)
    this.edits = defineEdits(database)
    this.now = now
    this.newId = newId
  }

  /** One page of the shelf, newest first. */
  async list({
    search,
    page,
    size,
    archived,
  }: ShelfQuery): Promise<{ readonly tasks: readonly ShelfLine[]; readonly total: number }> {
    const found = await this.tasks.findAndCountAll({
      attributes: ['id', 'title', 'version', 'summary', 'created', 'updated', 'archived'],
      where: {
        archived: archived ? { [Op.ne]: null } : null,
        ...(search === '' ? {} : { title: { [Op.like]: `%${asPlainText(search)}%` } }),
      },
      order: [
        ['updated', 'DESC'],
        ['id', 'ASC'],
      ],
      limit: size,
      offset: (page - 1) * size,
    })
    return { tasks: found.rows.map(shelfLine), total: found.count }
  }

  /** The row of a task, locked if a transaction is going to change it. */
  async find(id: string, transaction?: Transaction): Promise<TaskModel> {
    const row = await this.tasks.findByPk(id, transaction ? { transaction, lock: transaction.LOCK.UPDATE } : {})
    if (!row)
      throw new Refusal(404, 'task.unknown', 'There is no such task here.', 'It may have been deleted. Go back to the shelf.')
    return row
  }

  /** Puts a task on the shelf. One whose id is taken already becomes a task of its own. */
  async create(document: unknown): Promise<KeptTask> {
    const task = readTask(document)
    return this.database.transaction(async (transaction) => {
      const taken = await this.tasks.count({ where: { id: task.id }, transaction })
      return storedTask(await this.insert(taken > 0 ? { ...task, id: this.newId() } : task, transaction))
    })
  }

  private insert(task: Task, transaction: Transaction): Promise<TaskModel> {
    const now = this.now()
    return this.tasks.create(
      {
        id: task.id,
        title: task.title,
        version: 0,
        document: task,
        summary: summariseTask(task),
        created: now,
        updated: now,
        archived: null,
      },
      { transaction },
    )
  }

  /** A second task with the same record, under a new id. */
  async duplicate(id: string): Promise<KeptTask> {
    const { document } = await this.find(id)
    return this.create({ ...document, id: this.newId(), title: `${document.title} (copy)`.slice(0, 300) })
  }

  /** Takes a task off the shelf, or puts it back. Nothing in it changes. */
  async setArchived(id: string, archived: boolean): Promise<KeptTask> {
    const row = await this.find(id)
    await row.update({ archived: archived ? (row.archived ?? this.now()) : null })
    return storedTask(row)
  }

  /** Destroys an archived task and its ledger. Whoever asks must name its title. */
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
      await this.edits.destroy({ where: { task: id }, transaction })
      await row.destroy({ transaction })
    })
  }
}
