import type { Standing } from '@hop-lark/contract'
import { Op } from 'sequelize'
import type { TaskModel } from './TaskModel.ts'

type Hear = (standing: Standing) => void

const GONE: Standing = { version: 0, archived: false, gone: true }
const same = (one: Standing | undefined, other: Standing) =>
  one?.version === other.version && one.archived === other.archived && one.gone === other.gone

/** How often the database is asked for what other servers have saved. */
const MILLISECONDS_BETWEEN_LOOKS = 1000

/**
 * Tells who watches a task how it stands whenever that changes. What this server saves is told at once; what others save is
 * found by asking the database, with one question for all tasks that are watched.
 */
export class Watch {
  private readonly watched = new Map<string, { hearers: Set<Hear>; last: Standing | undefined }>()
  private timer: ReturnType<typeof setTimeout> | undefined
  private readonly tasks: typeof TaskModel

  constructor(tasks: typeof TaskModel) {
    this.tasks = tasks
  }

  /** Watches a task until the answer is called; `hear` is first called with how it stands. */
  watch(id: string, hear: Hear): () => void {
    const one = this.watched.get(id) ?? { hearers: new Set<Hear>(), last: undefined }
    this.watched.set(id, one)
    one.hearers.add(hear)
    if (one.last) hear(one.last)
    this.lookAgain(0)
    return () => {
      one.hearers.delete(hear)
      if (one.hearers.size === 0) this.watched.delete(id)
      if (this.watched.size === 0) this.stop()
    }
  }

  /** Told by who has just saved, so that nobody waits for the next look. */
  saved(id: string, version: number): void {
    const one = this.watched.get(id)
    if (one?.last && !one.last.gone) this.tell(id, { ...one.last, version })
  }

  stop(): void {
    clearTimeout(this.timer)
    this.timer = undefined
  }

  private lookAgain(after: number): void {
    clearTimeout(this.timer)
    this.timer = setTimeout(() => void this.look(), after)
    this.timer.unref()
  }

  private async look(): Promise<void> {
    const ids = [...this.watched.keys()]
    try {
      const rows = await this.tasks.findAll({ attributes: ['id', 'version', 'archived'], where: { id: { [Op.in]: ids } } })
      const found = new Map(rows.map((row) => [row.id, row]))
      for (const id of ids) {
        const row = found.get(id)
        this.tell(id, row ? { version: row.version, archived: row.archived !== null, gone: false } : GONE)
      }
    } catch {
      // While the database is away nothing changes in it; the next look finds what has.
    }
    if (this.watched.size > 0) this.lookAgain(MILLISECONDS_BETWEEN_LOOKS)
  }

  private tell(id: string, standing: Standing): void {
    const one = this.watched.get(id)
    // A look that was under way while this server saved may bring an older version.
    const older = one?.last && !standing.gone && standing.version < one.last.version && standing.archived === one.last.archived
    if (!one || older || same(one.last, standing)) return
    one.last = standing
    for (const hear of one.hearers) hear(standing)
  }
}
