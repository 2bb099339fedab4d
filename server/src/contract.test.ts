import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { ADDRESSES, type Address, openApi } from '@hop-lark/contract'
import { newTask } from '@hop-lark/core/record'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import { readSettings } from './config.ts'
import { photographRoutes } from './photographs/routes.ts'
import { type Running, startServer } from './start.ts'
import { taskRoutes } from './tasks/routes.ts'

let server: Running
beforeAll(async () => {
  server = await startServer(readSettings({ DATABASE_URL: inject('databaseUrl'), PORT: '0', LOG_LEVEL: 'silent' }))
})
afterAll(() => server.stop())

async function ask({ method, path }: Address, id: string, { query = '', body }: { query?: string; body?: unknown } = {}) {
  const response = await fetch(`${server.url}/api${path.replace('{id}', id).replace('{sha256}', 'a'.repeat(64))}${query}`, {
    method: method.toUpperCase(),
    ...(body === undefined ? {} : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
  })
  const text = await response.text()
  return { status: response.status, answer: text === '' ? null : JSON.parse(text) }
}

const named = (method: Address['method'], path: string): Address => {
  const found = ADDRESSES.find((one) => one.method === method && one.path === path)
  if (!found) throw new Error(`${method} ${path} is not in the contract.`)
  return found
}

/** The answer, which must be what the contract says of its status. */
async function agreed(address: Address, id: string, sent: Parameters<typeof ask>[2], wanted: number) {
  const { status, answer } = await ask(address, id, sent)
  expect(status, `${address.method} ${address.path}`).toBe(wanted)
  const schema = address.answers[status]
  expect(schema, `${address.method} ${address.path} does not say what ${status} answers`).not.toBeUndefined()
  if (schema === null) expect(answer).toBeNull()
  else expect(schema?.safeParse(answer).error?.issues ?? []).toEqual([])
  return answer
}

const titled = (title: string) => ({ op: 'replace', path: '/title', value: title })

describe('the running server', () => {
  it('answers everything as the contract says, from making a task to destroying it', async () => {
    await agreed(named('get', '/health'), '', {}, 200)
    const { id } = await agreed(
      named('post', '/tasks'),
      '',
      { body: { document: newTask('Agreed', 'direct', Math.random) } },
      201,
    )
    const edits = named('post', '/tasks/{id}/edits')
    await agreed(edits, id, { body: { base: 0, key: randomUUID(), patch: [titled('Renamed')] } }, 200)
    await agreed(edits, id, { body: { base: 0, key: randomUUID(), patch: [titled('Behind')] } }, 409)
    await agreed(edits, id, { body: { base: 9, key: randomUUID(), patch: [titled('Ahead')] } }, 409)
    await agreed(edits, id, { body: { base: 1, key: randomUUID(), patch: [{ op: 'remove', path: '/title' }] } }, 422)
    await agreed(named('get', '/tasks/{id}'), id, {}, 200)
    await agreed(named('get', '/tasks/{id}/file'), id, {}, 200)
    await agreed(named('get', '/tasks/{id}/edits'), id, { query: '?since=0' }, 200)
    await agreed(named('get', '/tasks'), '', { query: '?search=Renamed' }, 200)
    await agreed(named('post', '/tasks/{id}/duplicate'), id, {}, 201)
    await agreed(named('delete', '/tasks/{id}'), id, { body: { title: 'Renamed' } }, 409)
    await agreed(named('post', '/tasks/{id}/archive'), id, {}, 200)
    await agreed(named('post', '/tasks/{id}/restore'), id, {}, 200)
    await agreed(named('post', '/tasks/{id}/archive'), id, {}, 200)
    await agreed(named('delete', '/tasks/{id}'), id, { body: { title: 'Another' } }, 422)
    await agreed(named('delete', '/tasks/{id}'), id, { body: { title: 'Renamed' } }, 204)
  })

  it.each(
    ADDRESSES.filter(({ path, events }) => path.includes('{id}') && !events).map(
      (one) => [`${one.method} ${one.path}`, one] as const,
    ),
  )('says that there is no such task: %s', async (_, address) => {
    const body = address.body ? { body: { title: 'x', base: 0, key: randomUUID(), patch: [titled('x')] } } : {}
    await agreed(address, 'nowhere', body, 404)
  })

  it.each<[string, Address, object]>([
    ['a page that is no number', named('get', '/tasks'), { query: '?page=first' }],
    ['an edit without a key', named('post', '/tasks/{id}/edits'), { body: { base: 0, patch: [titled('x')] } }],
    [
      'a patch that reaches out of the task',
      named('post', '/tasks/{id}/edits'),
      { body: { base: 0, key: randomUUID(), patch: [{ op: 'add', path: '/__proto__/x', value: 1 }] } },
    ],
  ])('refuses what the contract does not allow: %s', async (_, address, sent) => {
    await agreed(address, 'any', sent, 400)
  })

  it('has no address that the contract does not know', () => {
    type Stack = { stack: { route?: { path: string; methods: Record<string, boolean> } }[] }
    const routers = [taskRoutes(server.tasks), photographRoutes(server.tasks)] as unknown as Stack[]
    const stack = routers.flatMap((router) => router.stack)
    const there = stack.flatMap(({ route }) =>
      route
        ? Object.keys(route.methods).map(
            (method) =>
              `${method} /tasks${route.path === '/' ? '' : route.path.replace(':id', '{id}').replace(':sha256', '{sha256}')}`,
          )
        : [],
    )
    expect(there.toSorted()).toEqual(
      ADDRESSES.filter(({ path }) => path !== '/health')
        .map(({ method, path }) => `${method} ${path}`)
        .toSorted(),
    )
  })

  it('is described by docs/openapi.json (npm run openapi writes it anew)', () => {
    const written = JSON.parse(readFileSync(new URL('../../docs/openapi.json', import.meta.url), 'utf8'))
    expect(written).toEqual(JSON.parse(JSON.stringify(openApi())))
  })
})
