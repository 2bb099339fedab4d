import type { LedgerLine } from '@hop-lark/contract'
import { freshId, newTask, type Run, readTask, type Task } from '@hop-lark/core/record'
import { produce } from 'immer'
import { applyPatch } from 'rfc6902'
import { beforeEach, describe, expect, it } from 'vitest'
import { ApiError } from './api.ts'
import type { DeviceStore, Kept } from './deviceStore.ts'
import { Outbox, type OutboxOptions, type SaveState } from './Outbox.ts'

const NOW = '2026-05-12T10:00:00.000Z'

/** The server's contract for edits, in memory, with the faults a network has. */
class FakeServer {
  document: Task
  readonly ledger: LedgerLine[] = []
  away = false
  /** The next answers are lost on the way, after the edit was done. */
  loseAnswers = 0

  constructor(document: Task) {
    this.document = document
  }

  get version(): number {
    return this.ledger.length
  }

  private check(): void {
    if (this.away) throw new ApiError(0, 'server.away', 'The server does not answer.', '')
  }

  readonly load: OutboxOptions['api']['load'] = async (id) => {
    this.check()
    const now = NOW
    return { id, version: this.version, document: this.document, created: now, updated: now, archived: null }
  }

  readonly editsSince: OutboxOptions['api']['editsSince'] = async (_, version) => {
    this.check()
    return { version: this.version, edits: this.ledger.filter((line) => line.version > version) }
  }

  readonly save: OutboxOptions['api']['save'] = async (_, { base, key, patch }) => {
    this.check()
    const before = this.ledger.find((line) => line.key === key)
    if (!before && base < this.version) {
      return { kind: 'behind', version: this.version, edits: this.ledger.filter((line) => line.version > base) }
    }
    if (!before) {
      const document = structuredClone(this.document)
      applyPatch(document, structuredClone(patch))
      this.document = readTask(document)
      this.ledger.push({ version: this.version + 1, key, patch: patch as LedgerLine['patch'], at: NOW, note: null })
    }
    if (this.loseAnswers > 0) {
      this.loseAnswers--
      throw new ApiError(0, 'server.away', 'The answer was lost.', '')
    }
    return { kind: 'saved', version: before?.version ?? this.version, at: '2026-05-12T10:00:01.000Z' }
  }
}

class FakeDevice implements DeviceStore {
  readonly kept = new Map<string, Kept>()
  readonly open = new Set<string>()
  readonly keep = async (kept: Kept) => void this.kept.set(kept.page, kept)
  readonly forget = async (_: string, page: string) => void this.kept.delete(page)
  readonly all = async () => [...this.kept.values()]
  readonly openPages = async () => new Set(this.open)
  readonly hold = (page: string) => void this.open.add(page)
}

let server: FakeServer
let device: FakeDevice
let keys = 0

interface PageOnTest {
  readonly outbox: Outbox
  task: Task
  readonly states: SaveState['kind'][]
  readonly edit: (change: (draft: Task) => void) => void
}

/** `pause` is how long it waits before it tries again, in milliseconds. */
async function openPage(page: string, pause = 1): Promise<PageOnTest> {
  const states: SaveState['kind'][] = []
  const made: { task: Task | undefined } = { task: undefined }
  const outbox = new Outbox({
    taskId: server.document.id,
    page,
    api: server,
    device,
    newKey: () => `key-${page}-${keys++}`,
    onTask: (task) => {
      made.task = task
    },
    onSave: ({ kind }) => void states.push(kind),
    pause: () => pause,
  })
  made.task = await outbox.open()
  return {
    outbox,
    states,
    get task() {
      return made.task as Task
    },
    edit: (change) => {
      made.task = produce(made.task as Task, change)
      outbox.change(made.task)
    },
  }
}

/** What a browser does when a window is closed or the battery is flat: nothing more is run, its locks go. */
async function kill(page: string, { outbox }: PageOnTest): Promise<void> {
  await outbox.close()
  device.open.delete(page)
}

async function until(what: () => boolean): Promise<void> {
  for (let tries = 0; !what(); tries++) {
    if (tries > 400) throw new Error('It never came to that.')
    await new Promise((resolve) => setTimeout(resolve, 2))
  }
}

const runsOf = (task: Task): readonly Run[] => task.parts.flatMap((part) => (part.kind === 'titration' ? part.runs : []))
const addRun = (initial: string) => (draft: Task) => {
  for (const part of draft.parts)
    if (part.kind === 'titration')
      part.runs.push({
        id: freshId(
          'r',
          part.runs.map(({ id }) => id),
        ),
        kind: 'accurate',
        initial,
      })
}

/** The same in the shape of task files of version 1, which a page of an older Hop Lark left on the device. */
function asVersion1(task: Task): Task {
  const parts = task.parts.map((part) =>
    part.kind === 'titration' ? { ...part, runs: part.runs.map(({ id: _, ...run }) => run) } : part,
  )
  return { ...task, version: 1, parts } as unknown as Task
}

beforeEach(() => {
  server = new FakeServer(newTask('Monday', 'direct', () => 0.5))
  device = new FakeDevice()
})

describe('the outbox', () => {
  it('saves what is changed, and says so only when it is', async () => {
    const page = await openPage('a')
    page.edit((draft) => {
      draft.title = 'Tuesday'
    })
    expect(page.states.at(-1)).toBe('saving')
    await until(() => page.outbox.isSaved)
    expect(server.document.title).toBe('Tuesday')
    expect(page.states.at(-1)).toBe('saved')
  })

  it('saves everything of a burst, whenever each change comes', async () => {
    const page = await openPage('a')
    for (let change = 0; change < 60; change++) {
      page.edit(addRun(`${change}.00`))
      if (change % 3 === 0) await Promise.resolve()
      if (change % 7 === 0) await new Promise((resolve) => setTimeout(resolve, 0))
    }
    await until(() => page.outbox.isSaved)
    expect(runsOf(server.document)).toHaveLength(62)
  })

  it('keeps what is entered while the server is away, says so, and saves it when it is back', async () => {
    const page = await openPage('a')
    server.away = true
    page.edit(addRun('1.00'))
    await until(() => page.states.at(-1) === 'kept')
    page.edit(addRun('2.00'))
    await until(() => runsOf(device.kept.get('a')?.local ?? server.document).length === 4)
    server.away = false
    await until(() => page.outbox.isSaved)
    expect(runsOf(server.document)).toHaveLength(4)
  })

  it('does an edit once, however often its answer is lost', async () => {
    const page = await openPage('a')
    server.loseAnswers = 3
    page.edit(addRun('1.00'))
    await until(() => page.outbox.isSaved)
    expect(runsOf(server.document)).toHaveLength(3)
    expect(server.ledger).toHaveLength(1)
  })

  it('joins in what others saved first', async () => {
    const [one, other] = [await openPage('a'), await openPage('b')]
    one.edit(addRun('1.00'))
    await until(() => one.outbox.isSaved)
    other.edit((draft) => {
      draft.title = 'Tuesday'
    })
    await until(() => other.outbox.isSaved)
    expect(server.document.title).toBe('Tuesday')
    expect(runsOf(server.document)).toHaveLength(3)
    expect(runsOf(other.task)).toHaveLength(3)
    await one.outbox.refresh()
    expect(one.task.title).toBe('Tuesday')
  })

  it('takes over what a page that is gone left unsaved', async () => {
    const gone = await openPage('a')
    server.away = true
    gone.edit(addRun('1.00'))
    await until(() => gone.states.at(-1) === 'kept')
    await kill('a', gone)
    server.away = false
    const next = await openPage('b')
    expect(runsOf(next.task)).toHaveLength(3)
    await until(() => next.outbox.isSaved)
    expect(runsOf(server.document)).toHaveLength(3)
    expect([...device.kept.keys()]).toEqual(['b'])
  })

  it('does not do again what a page that is gone had already done', async () => {
    const gone = await openPage('a', 60_000)
    server.loseAnswers = 1
    gone.edit(addRun('1.00'))
    await until(() => gone.states.at(-1) === 'kept')
    server.away = true
    await kill('a', gone)
    server.away = false
    const next = await openPage('b')
    await until(() => next.outbox.isSaved)
    expect(runsOf(server.document)).toHaveLength(3)
  })

  it('leaves the work of a page that is open alone', async () => {
    const open = await openPage('a')
    server.away = true
    open.edit(addRun('1.00'))
    await until(() => open.states.at(-1) === 'kept')
    server.away = false
    const other = await openPage('b')
    expect(device.kept.has('a')).toBe(true)
    await until(() => open.outbox.isSaved && other.outbox.isSaved)
    expect(runsOf(server.document)).toHaveLength(3)
  })

  it('opens from the device while the server is away, and not when it was never here', async () => {
    const first = await openPage('a')
    server.away = true
    first.edit(addRun('1.00'))
    await until(() => first.states.at(-1) === 'kept')
    await kill('a', first)
    const second = await openPage('b')
    expect(runsOf(second.task)).toHaveLength(3)
    expect(second.states).toContain('kept')
    device.kept.clear()
    await expect(openPage('c')).rejects.toThrow(/does not answer/)
  })
})

it('what a page of an older Hop Lark left on the device is joined in, run by run', async () => {
  const { document } = server
  const local = produce(document, (draft) => {
    const [run] = draft.parts.flatMap((part) => (part.kind === 'titration' ? part.runs : []))
    if (run) run.final = '21.30'
  })
  device.kept.set('old', {
    taskId: document.id,
    page: 'old',
    version: 0,
    acknowledged: asVersion1(document),
    local: asVersion1(local),
  })
  const page = await openPage('new')
  expect(page.task).toEqual(local)
  await until(() => page.outbox.isSaved)
  expect(server.document).toEqual(local)
})
