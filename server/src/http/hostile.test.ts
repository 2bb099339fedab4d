import { randomUUID } from 'node:crypto'
import { connect } from 'node:net'
import { performance } from 'node:perf_hooks'
import { newTask, type Task } from '@hop-lark/core/record'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import { readSettings } from '../config.ts'
import { type Running, startServer } from '../start.ts'
import { applyEdit } from '../tasks/applyEdit.ts'

let server: Running
const settings = () => readSettings({ DATABASE_URL: inject('databaseUrl'), PORT: '0', LOG_LEVEL: 'silent' })
beforeAll(async () => {
  server = await startServer(settings(), {
    patience: { headersTimeout: 300, requestTimeout: 300, connectionsCheckingInterval: 50 },
  })
})
afterAll(() => server.stop())

const JSON_TYPE = { 'content-type': 'application/json' }

async function post(path: string, body: string | object, headers: Record<string, string> = JSON_TYPE) {
  const text = typeof body === 'string' ? body : JSON.stringify(body)
  const response = await fetch(`${server.url}${path}`, { method: 'POST', headers, body: text })
  return { status: response.status, body: (await response.json()) as { error?: { code: string; says: string; mend: string } } }
}

async function shelve(): Promise<string> {
  return (await server.tasks.create(newTask('Hostile', 'direct', Math.random))).id
}

const editOf = (patch: readonly object[]) => ({ base: 0, key: randomUUID(), patch })

describe('a patch', () => {
  it.each<[string, object]>([
    ['copies', { op: 'copy', from: '', path: '/brief' }],
    ['moves', { op: 'move', from: '/parts', path: '/brief' }],
    ['tests', { op: 'test', path: '/title', value: 'Hostile' }],
  ])('that %s is refused before it is read further', async (_, operation) => {
    expect((await post(`/api/tasks/${await shelve()}/edits`, editOf([operation]))).status).toBe(400)
  })

  it.each<[string, object]>([
    ['sets the length of a list', { op: 'replace', path: '/parts/length', value: 4_000_000_000 }],
    ['removes the length of a list', { op: 'remove', path: '/parts/length' }],
    ['counts from the end', { op: 'replace', path: '/parts/-1', value: {} }],
    ['adds beyond the end', { op: 'add', path: '/parts/4000000000', value: {} }],
    ['adds at an index that is no whole number', { op: 'add', path: '/parts/1e3', value: {} }],
    ['reaches what an object inherits', { op: 'replace', path: '/title/toString', value: 1 }],
    ['goes through what is not there', { op: 'add', path: '/nothing/here', value: 1 }],
    ['replaces the whole task', { op: 'replace', path: '', value: {} }],
  ])('that %s changes nothing', async (_, operation) => {
    const id = await shelve()
    const { status, body } = await post(`/api/tasks/${id}/edits`, editOf([operation]))
    expect({ status, code: body.error?.code }).toEqual({ status: 422, code: 'edit.doesNotApply' })
    expect((await server.tasks.find(id)).version).toBe(0)
  })

  it('of a thousand bytes costs no more than to look for its places', () => {
    const task: Task = newTask('x', 'direct', Math.random)
    const doubling = Array.from({ length: 22 }, () => ({ op: 'copy', from: '/parts', path: '/parts/-' }) as const)
    const before = JSON.stringify(task).length
    expect(applyEdit(task, doubling)).toBe(0)
    expect(JSON.stringify(task)).toHaveLength(before)
  })
})

describe('a request that makes no sense', () => {
  it.each<[string, string, string, Record<string, string>, number, string]>([
    [
      'in a charset that is not read',
      '/api/tasks',
      '{}',
      { 'content-type': 'application/json; charset=koi8-r' },
      415,
      'request.charset',
    ],
    ['compressed in an unknown way', '/api/tasks', '{}', { ...JSON_TYPE, 'content-encoding': 'zebra' }, 415, 'request.charset'],
    ['that is no JSON', '/api/tasks', '{"document":', JSON_TYPE, 400, 'request.notJson'],
    [
      'nested without end',
      '/api/tasks',
      `{"document":${'['.repeat(50_000)}${']'.repeat(50_000)}}`,
      JSON_TYPE,
      422,
      'request.tooDeep',
    ],
    ['with half a character', '/api/tasks', '{"document":{"title":"\\ud83d"}}', JSON_TYPE, 422, 'text.broken'],
    ['with half a character in a name', '/api/tasks', '{"document":{"\\udc00":1}}', JSON_TYPE, 422, 'text.broken'],
    ['to an address that cannot be read', '/api/tasks/%E0%A4%A/archive', '{}', JSON_TYPE, 400, 'address.malformed'],
    ['to an id that is far too long', `/api/tasks/${'x'.repeat(200)}/archive`, '{}', JSON_TYPE, 400, 'request.invalid'],
  ])('%s is refused with a sentence', async (_, path, text, headers, status, code) => {
    const answer = await post(path, text, headers)
    expect({ status: answer.status, code: answer.body.error?.code }).toEqual({ status, code })
    expect(answer.body.error?.says).not.toBe('')
    expect(answer.body.error?.mend).not.toBe('')
  })

  it('twenty tasks of one id at once become twenty tasks', async () => {
    const document = newTask('Twin', 'direct', Math.random)
    const answers = await Promise.all(Array.from({ length: 20 }, () => post('/api/tasks', { document })))
    expect(answers.map(({ status }) => status)).toEqual(Array.from({ length: 20 }, () => 201))
    expect(new Set(answers.map(({ body }) => (body as { id?: string }).id)).size).toBe(20)
  })

  it('that drips is let go, and the others are answered meanwhile', async () => {
    const drip = async (head: string) => {
      const socket = connect(server.port, '127.0.0.1')
      const started = performance.now()
      socket.write(head)
      const timer = setInterval(() => socket.write('x'), 40)
      await new Promise((resolve) =>
        socket
          .once('close', resolve)
          .on('error', () => undefined)
          .resume(),
      )
      clearInterval(timer)
      return performance.now() - started
    }
    const drips = Promise.all([
      drip('POST /api/tasks HTTP/1.1\r\nhost: '),
      drip(
        `POST /api/tasks HTTP/1.1\r\nhost: 127.0.0.1:${server.port}\r\ncontent-type: application/json\r\ncontent-length: 9999\r\n\r\n{`,
      ),
    ])
    expect((await fetch(`${server.url}/api/health`)).status).toBe(200)
    expect(await drips).toHaveLength(2)
  })
})
