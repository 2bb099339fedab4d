import { randomUUID } from 'node:crypto'
import { newTask, type Task } from '@hop-lark/core/record'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import { readSettings } from '../config.ts'
import { type Running, startServer } from '../start.ts'

let server: Running

beforeAll(async () => {
  server = await startServer(readSettings({ DATABASE_URL: inject('databaseUrl'), PORT: '0', LOG_LEVEL: 'silent' }))
})
afterAll(() => server.stop())

interface Answer {
  readonly status: number
  readonly body: ReturnType<typeof JSON.parse>
}

async function ask(method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<Answer> {
  const response = await fetch(`${server.url}/api${path}`, {
    method,
    headers: { ...(body === undefined ? {} : { 'content-type': 'application/json' }), ...headers },
    ...(body === undefined ? {} : { body: typeof body === 'string' ? body : JSON.stringify(body) }),
  })
  const text = await response.text()
  return { status: response.status, body: text.startsWith('{') ? JSON.parse(text) : text }
}

async function shelve(title = 'Iron in lawn sand'): Promise<Task> {
  return (await ask('POST', '/tasks', { document: newTask(title, 'weigh-titrate', Math.random) })).body.document
}

const edit = (base: number, value: string, key: string = randomUUID()) => ({
  base,
  key,
  patch: [{ op: 'replace', path: '/title', value }],
})

describe('a task', () => {
  it('is kept as it was entered', async () => {
    const task = await shelve()
    expect((await ask('GET', `/tasks/${task.id}`)).body).toMatchObject({
      id: task.id,
      version: 0,
      document: task,
      archived: null,
    })
  })

  it('that is no task file is refused with the path, and nothing is written', async () => {
    const before = (await ask('GET', '/tasks')).body.total
    const { status, body } = await ask('POST', '/tasks', { document: { ...newTask('x', 'empty', Math.random), colour: 'red' } })
    expect({ status, faults: body.error.faults }).toEqual({
      status: 422,
      faults: [{ at: 'colour', says: expect.stringContaining('is not a field') }],
    })
    expect((await ask('GET', '/tasks')).body.total).toBe(before)
  })

  it('whose id is taken becomes a task of its own', async () => {
    const task = await shelve()
    const again = (await ask('POST', '/tasks', { document: task })).body
    expect(again.id).not.toBe(task.id)
    expect(again.document.id).toBe(again.id)
  })

  it('can be duplicated and written to a file', async () => {
    const task = await shelve('Orchard vinegar: acid')
    const copy = (await ask('POST', `/tasks/${task.id}/duplicate`)).body
    expect(copy.document).toMatchObject({ title: 'Orchard vinegar: acid (copy)', parts: task.parts })
    const file = await fetch(`${server.url}/api/tasks/${task.id}/file`)
    expect(file.headers.get('content-disposition')).toContain('orchard-vinegar-acid.hoplark.json')
    expect(JSON.parse(await file.text())).toEqual(task)
  })

  it('is not destroyed without being archived and named', async () => {
    const task = await shelve('Keep me')
    expect((await ask('DELETE', `/tasks/${task.id}`, { title: 'Keep me' })).body.error.code).toBe('task.notArchived')
    expect((await ask('POST', `/tasks/${task.id}/archive`)).body.archived).not.toBeNull()
    expect((await ask('DELETE', `/tasks/${task.id}`, { title: 'keep me' })).body.error.code).toBe('task.titleDiffers')
    expect((await ask('POST', `/tasks/${task.id}/restore`)).body.archived).toBeNull()
    await ask('POST', `/tasks/${task.id}/archive`)
    expect((await ask('DELETE', `/tasks/${task.id}`, { title: 'Keep me' })).status).toBe(204)
    expect((await ask('GET', `/tasks/${task.id}`)).status).toBe(404)
  })
})

describe('the shelf', () => {
  it('lists newest first, by pages, and searches titles as plain text', async () => {
    const mark = randomUUID().slice(0, 8)
    for (const title of ['one', 'two 50%_', 'three']) await shelve(`${mark} ${title}`)
    const titles = async (query: string) =>
      (await ask('GET', `/tasks?${query}`)).body.tasks.map((task: { title: string }) => task.title.replace(`${mark} `, ''))
    expect(await titles(`search=${mark}`)).toEqual(['three', 'two 50%_', 'one'])
    expect(await titles(`search=${mark}&size=2&page=2`)).toEqual(['one'])
    expect(await titles(`search=${encodeURIComponent(`${mark} two 50%_`)}`)).toEqual(['two 50%_'])
    expect(await titles(`search=${encodeURIComponent(`${mark} %`)}`)).toEqual([])
  })

  it('is in the order that is asked for, and holds what is as far as asked', async () => {
    const mark = randomUUID()
    const titles = async (query: string) =>
      (await ask('GET', `/tasks?search=${mark}&${query}`)).body.tasks.map(({ title }: Task) => title.replace(`${mark} `, ''))
    for (const title of ['pear', 'apple', 'quince']) await shelve(`${mark} ${title}`)
    expect(await titles('sort=title&order=asc')).toEqual(['apple', 'pear', 'quince'])
    expect(await titles('sort=created&order=asc')).toEqual(['pear', 'apple', 'quince'])
    expect((await titles('progress=new')).toSorted()).toEqual(['apple', 'pear', 'quince'])
    const { tasks } = (await ask('GET', `/tasks?search=${mark}&sort=title&order=asc`)).body
    // Only what was entered is saved; how far the task is then must be known when it is asked for.
    const entered = [{ op: 'add', path: '/parts/0/withSample', value: '12.34' }]
    await ask('POST', `/tasks/${tasks[0].id}/edits`, { ...edit(0, ''), patch: entered })
    await ask('POST', `/tasks/${tasks[1].id}/edits`, { ...edit(0, ''), patch: [{ op: 'replace', path: '/parts', value: [] }] })
    expect(await titles('progress=begun')).toEqual(['apple'])
    expect(await titles('progress=new&sort=title&order=desc')).toEqual(['quince', 'pear'])
    expect(await titles('progress=done')).toEqual([])
  })

  it('leaves archived tasks out, and shows them when asked', async () => {
    const task = await shelve(`archived ${randomUUID()}`)
    await ask('POST', `/tasks/${task.id}/archive`)
    const ids = async (archived: boolean) =>
      (await ask('GET', `/tasks?archived=${archived}&size=100`)).body.tasks.map(({ id }: Task) => id)
    expect(await ids(false)).not.toContain(task.id)
    expect(await ids(true)).toContain(task.id)
  })

  it('sums a task up', async () => {
    const task = await shelve('Summed up')
    const line = (await ask('GET', '/tasks?search=Summed')).body.tasks.find(({ id }: Task) => id === task.id)
    expect(line.summary.stages.map(({ title }: { title: string }) => title)).toEqual([
      'Brief',
      'Weigh F1',
      'Make up F3',
      'Titrate',
      'Work out',
      'Write up',
    ])
  })
})

describe('an edit', () => {
  it('makes the next version and a line in the ledger', async () => {
    const { id } = await shelve()
    expect((await ask('POST', `/tasks/${id}/edits`, edit(0, 'Renamed'))).body).toMatchObject({ kind: 'saved', version: 1 })
    expect((await ask('GET', `/tasks/${id}`)).body).toMatchObject({ version: 1, document: { title: 'Renamed' } })
    expect((await ask('GET', `/tasks/${id}/edits?since=0`)).body.edits).toEqual([
      expect.objectContaining({ version: 1, patch: [{ op: 'replace', path: '/title', value: 'Renamed' }] }),
    ])
  })

  it('sent twice acts once and is answered as it was the first time', async () => {
    const { id } = await shelve()
    const first = edit(0, 'Once')
    const answers = [
      await ask('POST', `/tasks/${id}/edits`, first),
      await ask('POST', `/tasks/${id}/edits`, edit(1, 'Then')),
      await ask('POST', `/tasks/${id}/edits`, first),
    ]
    expect(answers.map(({ body }) => body.version)).toEqual([1, 2, 1])
    expect((await ask('GET', `/tasks/${id}`)).body).toMatchObject({ version: 2, document: { title: 'Then' } })
  })

  it('that is behind gets the edits since, and writes nothing', async () => {
    const { id } = await shelve()
    await ask('POST', `/tasks/${id}/edits`, edit(0, 'First'))
    await ask('POST', `/tasks/${id}/edits`, edit(1, 'Second'))
    const { status, body } = await ask('POST', `/tasks/${id}/edits`, edit(0, 'Late'))
    expect(status).toBe(409)
    expect(body).toMatchObject({ kind: 'behind', version: 2, edits: [{ version: 1 }, { version: 2 }] })
    expect((await ask('GET', `/tasks/${id}`)).body.document.title).toBe('Second')
  })

  it.each([
    ['would leave no task file', [{ op: 'add', path: '/parts/0/mass', value: '4.74 g' }], 422, 'task.invalid'],
    ['does not fit', [{ op: 'replace', path: '/parts/9/mass', value: '4.74' }], 422, 'edit.doesNotApply'],
    ['changes the id', [{ op: 'replace', path: '/id', value: 'other' }], 422, 'edit.changesId'],
    ['reaches for the prototype', [{ op: 'add', path: '/__proto__/polluted', value: 'yes' }], 400, 'request.invalid'],
    ['is no patch', [{ op: 'explode', path: '/title' }], 400, 'request.invalid'],
  ])('that %s is refused whole', async (_, patch, status, code) => {
    const { id } = await shelve('Before')
    const answer = await ask('POST', `/tasks/${id}/edits`, {
      base: 0,
      key: randomUUID(),
      patch: [{ op: 'replace', path: '/title', value: 'After' }, ...patch],
    })
    expect({ status: answer.status, code: answer.body.error.code }).toEqual({ status, code })
    expect((await ask('GET', `/tasks/${id}`)).body).toMatchObject({ version: 0, document: { title: 'Before' } })
    expect(({} as { polluted?: string }).polluted).toBeUndefined()
  })

  it('of many clients at once is never lost and never doubled', async () => {
    const { id } = await shelve()
    const client = async (name: number) => {
      let base = 0
      for (let tries = 0; tries < 100; tries++) {
        const { status, body } = await ask('POST', `/tasks/${id}/edits`, {
          base,
          key: `client-${name}-${id}`,
          patch: [{ op: 'add', path: '/materials/-', value: { id: `M${name}`, label: `M${name}`, form: 'solid' } }],
        })
        if (status === 200) return
        base = body.version
      }
      throw new Error('never got through')
    }
    await Promise.all(Array.from({ length: 12 }, (_, name) => client(name)))
    const { version, document } = (await ask('GET', `/tasks/${id}`)).body
    expect(version).toBe(12)
    expect(document.materials.filter(({ id: material }: { id: string }) => material.startsWith('M'))).toHaveLength(12)
    expect((await ask('GET', `/tasks/${id}/edits`)).body.edits).toHaveLength(12)
  })
})

describe('the server', () => {
  it('tells its health', async () => {
    expect(await ask('GET', '/health')).toEqual({
      status: 200,
      body: { status: 'ok', database: 'ok', names: expect.arrayContaining([`127.0.0.1:${server.port}`]) },
    })
  })

  it('answers only to its own name, and changes nothing for another site', async () => {
    const { request } = await import('node:http')
    const status = await new Promise((resolve) => {
      request({ host: '127.0.0.1', port: server.port, path: '/api/tasks', headers: { host: 'evil.example' } }, (response) =>
        resolve(response.statusCode),
      ).end()
    })
    expect(status).toBe(421)
    const { id } = await shelve('Mine')
    expect((await ask('POST', `/tasks/${id}/archive`, undefined, { origin: 'http://evil.example' })).status).toBe(403)
    expect((await ask('POST', `/tasks/${id}/archive`, undefined, { origin: server.url })).status).toBe(200)
  })

  it('says what is wrong with a request, and shows no stack trace', async () => {
    expect((await ask('GET', '/nowhere')).body.error.code).toBe('address.unknown')
    expect((await ask('GET', '/tasks/unknown')).body.error.code).toBe('task.unknown')
    expect((await ask('GET', '/tasks?page=0')).body.error).toMatchObject({ code: 'request.invalid', faults: [{ at: 'page' }] })
    expect((await ask('POST', '/tasks', '{"document":')).body.error.code).toBe('request.notJson')
    const large = await ask('POST', '/tasks', {
      document: { ...newTask('x', 'empty', Math.random), brief: { text: 'x'.repeat(5_000_000) } },
    })
    expect({ status: large.status, code: large.body.error.code }).toEqual({ status: 413, code: 'request.tooLarge' })
    expect(JSON.stringify(large.body)).not.toMatch(/at .*\.ts/)
  })

  it('takes only so many requests a minute, and says so', async () => {
    const strict = await startServer(
      readSettings({ DATABASE_URL: inject('databaseUrl'), PORT: '0', LOG_LEVEL: 'silent', HOP_LARK_REQUESTS_PER_MINUTE: '2' }),
    )
    try {
      const answers = []
      for (let request = 0; request < 3; request++) answers.push(await fetch(`${strict.url}/api/health`))
      expect(answers.map(({ status }) => status)).toEqual([200, 200, 429])
      expect(await answers[2]?.json()).toMatchObject({ error: { code: 'request.tooMany' } })
    } finally {
      await strict.stop()
    }
  })

  it('sends a strict content security policy', async () => {
    const policy = (await fetch(`${server.url}/api/health`)).headers.get('content-security-policy')
    expect(policy).toMatch(/default-src 'self'/)
    expect(policy).toMatch(/script-src 'self'(;|$)/)
  })
})
