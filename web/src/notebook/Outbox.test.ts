import { freshId, newTask, type Run, type Task } from '@hop-lark/core/record'
import { produce } from 'immer'
import { beforeEach, describe, expect, it } from 'vitest'
import { cuttable, FakeDevice, FakeJots, FakeServer, FakeWire } from '../testing/fakes.ts'
import { ApiError } from './api.ts'
import type { Aside } from './deviceStore.ts'
import { Outbox } from './Outbox.ts'
import type { News, SaveState } from './outboxOptions.ts'
import { presenceOn } from './presence.ts'

const PLAIN = newTask('Monday', 'direct', () => 0.5)

let server: FakeServer
let device: FakeDevice
let wire: FakeWire
let jots: FakeJots
let keys = 0

interface PageOnTest {
  readonly outbox: Outbox
  /** What a browser does when a window is closed or the battery is flat: the page answers no more and reaches nobody. */
  readonly kill: () => void
  task: Task
  readonly news: News | undefined
  readonly states: SaveState['kind'][]
  readonly edit: (change: (draft: Task) => void) => void
}

/** `pause` is how long it waits before it tries again, in milliseconds. */
async function openPage(page: string, pause = 1): Promise<PageOnTest> {
  const states: SaveState['kind'][] = []
  const made: { task: Task | undefined; news: News | undefined } = { task: undefined, news: undefined }
  const [api, its] = [cuttable(server), cuttable(device)]
  const outbox = new Outbox({
    taskId: server.document.id,
    api: api.thing,
    device: its.thing,
    jots,
    presence: presenceOn(wire.end(page), page),
    newKey: () => `key-${page}-${keys++}`,
    now: () => new Date('2026-05-12T10:00:00.000Z'),
    pause: () => pause,
  })
  made.task = await outbox.open()
  outbox.attach({
    onTask: (task) => {
      made.task = task
    },
    onSave: ({ kind }) => void states.push(kind),
    onNews: (news) => {
      made.news = news
    },
  })
  return {
    outbox,
    states,
    kill: () => {
      wire.cut(page)
      api.cut()
      its.cut()
    },
    get task() {
      return made.task as Task
    },
    get news() {
      return made.news
    },
    edit: (change) => {
      made.task = produce(made.task as Task, change)
      outbox.change(made.task)
    },
  }
}

/** A page that entered a run while the server was away, and is gone; the server stays away. */
async function leftBy(name: string, initial: string): Promise<void> {
  const page = await openPage(name)
  await leave(page, initial)
}

async function leave(page: PageOnTest, initial: string): Promise<void> {
  server.away = true
  page.edit(addRun(initial))
  await until(() => page.states.at(-1) === 'kept')
  page.kill()
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
  server = new FakeServer(PLAIN)
  device = new FakeDevice()
  wire = new FakeWire()
  jots = new FakeJots()
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
    one.outbox.refresh()
    await until(() => one.task.title === 'Tuesday')
  })

  it('takes over what a page that is gone left unsaved', async () => {
    await leftBy('a', '1.00')
    server.away = false
    const next = await openPage('b')
    expect(runsOf(next.task)).toHaveLength(3)
    await until(() => next.outbox.isSaved)
    expect(runsOf(server.document)).toHaveLength(3)
    await until(() => [...device.kept.keys()].join() === 'b')
  })

  it('does not do again what a page that is gone had already done', async () => {
    const gone = await openPage('a', 60_000)
    server.loseAnswers = 1
    gone.edit(addRun('1.00'))
    await until(() => gone.states.at(-1) === 'kept')
    server.away = true
    gone.kill()
    server.away = false
    const next = await openPage('b')
    await until(() => next.outbox.isSaved)
    expect(runsOf(server.document)).toHaveLength(3)
  })

  it('takes over what a page could only jot down, since it was shut before the device had kept it', async () => {
    const gone = await openPage('a')
    server.away = true
    gone.kill()
    gone.edit(addRun('1.00'))
    gone.edit((draft) => {
      draft.title = 'Tuesday'
    })
    expect(runsOf(device.kept.get('a')?.local ?? server.document)).toHaveLength(2)
    server.away = false
    const next = await openPage('b')
    expect(runsOf(next.task)).toHaveLength(3)
    await until(() => next.outbox.isSaved)
    expect(server.document.title).toBe('Tuesday')
    expect(jots.since(server.document.id, 'a', 0)).toEqual([])
  })

  it('joins in what a window left that is shut while this one is open', async () => {
    const [one, other] = [await openPage('a'), await openPage('b')]
    await leave(other, '1.00')
    server.away = false
    await one.outbox.adopt()
    await until(() => runsOf(one.task).length === 3 && one.outbox.isSaved)
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
    await leftBy('a', '1.00')
    const second = await openPage('b')
    expect(runsOf(second.task)).toHaveLength(3)
    expect(second.states).toContain('kept')
    device.kept.clear()
    await expect(openPage('c')).rejects.toThrow(/does not answer/)
  })

  it('keeps what could not be saved while other pages are looked at, and saves it when it can', async () => {
    const page = await openPage('a')
    server.away = true
    page.edit(addRun('1.00'))
    await until(() => page.states.at(-1) === 'kept')
    page.outbox.rest()
    expect(runsOf(await page.outbox.open())).toHaveLength(3)
    server.away = false
    await until(() => page.outbox.isSaved)
    expect(runsOf(server.document)).toHaveLength(3)
  })

  it('forgets on the device what is saved when nobody looks, but for reading', async () => {
    const page = await openPage('a')
    page.edit(addRun('1.00'))
    await until(() => page.outbox.isSaved)
    page.outbox.rest()
    await until(() => device.kept.size === 0)
    expect(runsOf((await device.known(server.document.id))?.document ?? PLAIN)).toHaveLength(3)
    server.away = true
    const next = await openPage('b')
    expect(runsOf(next.task)).toHaveLength(3)
  })

  it('applies an edit once, however late an answer comes that tells of it again', async () => {
    const [one, other] = [await openPage('a'), await openPage('b')]
    other.edit(addRun('1.00'))
    await until(() => other.outbox.isSaved)
    let answer = () => {}
    server.slowly = new Promise((resolve) => {
      answer = resolve
    })
    one.outbox.refresh()
    one.edit(addRun('1.00'))
    await new Promise((resolve) => setTimeout(resolve, 10))
    one.outbox.refresh()
    answer()
    await until(() => one.outbox.isSaved)
    expect(runsOf(one.task)).toHaveLength(3)
    expect(runsOf(server.document)).toHaveLength(3)
  })

  it('fetches the whole task where the ledger does not fit what it has', async () => {
    const page = await openPage('a')
    server.document = produce(server.document, addRun('9.00'))
    for (const version of [1, 2])
      server.ledger.push({
        version,
        key: `odd${version}`,
        patch: [{ op: 'replace', path: '/parts/7/id', value: 'x' }],
        at: '2026-05-12T10:00:00.000Z',
        note: null,
      })
    page.edit((draft) => {
      draft.title = 'Tuesday'
    })
    await until(() => page.outbox.isSaved)
    expect(runsOf(page.task)).toHaveLength(3)
    expect(server.document.title).toBe('Tuesday')
  })

  it('puts what it has to a server whose backup was put back', async () => {
    const page = await openPage('a')
    const early = server.document
    page.edit(addRun('1.00'))
    await until(() => page.outbox.isSaved)
    server.document = early
    server.ledger.length = 0
    page.edit(addRun('2.00'))
    await until(() => page.outbox.isSaved)
    expect(runsOf(server.document)).toHaveLength(4)
  })
})

it('a server that has too many requests is waited for, and nothing is lost', async () => {
  const page = await openPage('a')
  let refusals = 3
  const save = server.save
  Object.assign(server, {
    save: async (...asked: Parameters<typeof save>) => {
      if (refusals-- > 0) throw new ApiError(429, 'request.tooMany', 'Too many requests in a minute.', '')
      return save(...asked)
    },
  })
  page.edit(addRun('1.00'))
  await until(() => page.states.includes('kept'))
  await until(() => page.outbox.isSaved)
  expect(runsOf(server.document)).toHaveLength(3)
})

describe('what the server refuses', () => {
  const tooLong = 'x'.repeat(301)

  it('is set aside with its reason, and everything else is saved', async () => {
    const page = await openPage('a')
    page.edit((draft) => {
      draft.title = tooLong
      addRun('1.00')(draft)
    })
    page.edit(addRun('2.00'))
    await until(() => page.outbox.isSaved)
    expect(runsOf(server.document)).toHaveLength(4)
    expect(server.document.title).toBe('Monday')
    expect(page.task.title).toBe('Monday')
    expect(page.news?.aside).toMatchObject([{ at: 'title', value: tooLong }])
    expect(page.news?.aside[0]?.reason).toContain('at most 300')
    expect(device.asides.size).toBe(1)
    await page.outbox.dropAside(page.news?.aside[0] as Aside)
    expect(page.news?.aside).toEqual([])
    expect(device.asides.size).toBe(0)
  })

  it('does not shut the task: a page that finds it on the device opens', async () => {
    const gone = await openPage('a')
    server.away = true
    gone.edit((draft) => {
      draft.title = tooLong
    })
    gone.edit(addRun('1.00'))
    await until(() => gone.states.at(-1) === 'kept')
    gone.kill()
    server.away = false
    const next = await openPage('b')
    await until(() => next.outbox.isSaved)
    expect(runsOf(server.document)).toHaveLength(3)
    expect(next.news?.aside).toMatchObject([{ at: 'title', value: tooLong }])
  })

  it('is sent again with what it needed, once that is saved', async () => {
    const page = await openPage('a')
    page.edit((draft) => {
      draft.title = tooLong
      draft.materials.push({ id: 'M9', label: 'M9', form: 'solution' })
      for (const part of draft.parts) if (part.kind === 'titration') part.burette = 'M9'
    })
    await until(() => page.outbox.isSaved)
    expect(server.document.parts.find((part) => part.kind === 'titration')).toMatchObject({ burette: 'M9' })
    expect(page.news?.aside).toHaveLength(1)
  })
})

describe('a device that keeps nothing', () => {
  it('joins in what a page left, which stays where it is until ours is kept', async () => {
    await leftBy('a', '1.00')
    device.full = true
    const page = await openPage('b')
    expect(runsOf(page.task)).toHaveLength(3)
    expect([...device.kept.keys()]).toEqual(['a'])
    device.full = false
    page.edit(addRun('2.00'))
    await until(() => page.states.at(-1) === 'kept')
    expect([...device.kept.keys()]).toEqual(['b'])
    server.away = false
    await until(() => page.outbox.isSaved)
    expect(runsOf(server.document)).toHaveLength(4)
  })

  it('joins it in once while a window is open, so that what is undone stays undone', async () => {
    const page = await openPage('a')
    const gone = await openPage('b')
    await leave(gone, '1.00')
    device.full = true
    server.away = false
    await page.outbox.adopt()
    await until(() => page.outbox.isSaved && runsOf(server.document).length === 3)
    page.edit((draft) => {
      for (const part of draft.parts) if (part.kind === 'titration') part.runs.pop()
    })
    await until(() => page.outbox.isSaved)
    await page.outbox.adopt()
    await until(() => page.outbox.isSaved)
    expect(runsOf(server.document)).toHaveLength(2)
  })

  it('does not stop a task from opening or saving, and the page says what is true', async () => {
    device.full = true
    const page = await openPage('a')
    server.away = true
    page.edit(addRun('1.00'))
    await until(() => page.states.at(-1) === 'held')
    expect(page.news?.deviceFault).toContain('no room left')
    expect(page.outbox.isOnlyHere).toBe(true)
    // A device that is full can still be read; that is no reason to say that it keeps anything.
    await page.outbox.dropAside({ id: 'x' } as Aside)
    expect(page.outbox.state.kind).toBe('held')
    device.full = false
    page.edit(addRun('2.00'))
    await until(() => page.states.at(-1) === 'kept')
    server.away = false
    await until(() => page.outbox.isSaved)
    expect(runsOf(server.document)).toHaveLength(4)
  })
})

describe('a task that is deleted while work on it waits', () => {
  it('opens with that work, and can be put back', async () => {
    await leftBy('a', '1.00')
    server.away = false
    server.gone = true
    const page = await openPage('b')
    expect(page.states.at(-1)).toBe('gone')
    expect(runsOf(page.task)).toHaveLength(3)
    expect(await page.outbox.putBack()).toBe(server.document.id)
    expect(runsOf(server.document)).toHaveLength(3)
    page.edit(addRun('2.00'))
    await until(() => page.outbox.isSaved)
    expect(runsOf(server.document)).toHaveLength(4)
  })

  it('is given up when the student says so', async () => {
    const page = await openPage('a')
    server.gone = true
    page.edit(addRun('1.00'))
    await until(() => page.states.at(-1) === 'gone')
    await page.outbox.abandon()
    expect(device.kept.size).toBe(0)
    await expect(openPage('b')).rejects.toThrow(/no such task/)
  })
})

describe('two pages that take each other for dead', () => {
  it('make no second run: what both join in is one', async () => {
    const one = await openPage('a')
    server.away = true
    one.edit(addRun('1.00'))
    await until(() => one.states.at(-1) === 'kept')
    // The first page sleeps: it answers nobody, and wakes later.
    wire.cut('a')
    server.away = false
    const other = await openPage('b')
    await until(() => one.outbox.isSaved && other.outbox.isSaved)
    other.edit(addRun('2.00'))
    await until(() => other.outbox.isSaved)
    one.outbox.refresh()
    await until(() => runsOf(one.task).length === 4)
    expect(runsOf(server.document).map(({ initial }) => initial)).toEqual([undefined, undefined, '1.00', '2.00'])
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
    serial: 0,
    acknowledged: asVersion1(document),
    local: asVersion1(local),
  })
  const page = await openPage('new')
  expect(page.task).toEqual(local)
  await until(() => page.outbox.isSaved)
  expect(server.document).toEqual(local)
})
