import { afterEach, describe, expect, it, vi } from 'vitest'
import { type ApiError, api } from './api.ts'

afterEach(() => vi.unstubAllGlobals())

function answer(status: number, body: unknown) {
  const fetched = vi.fn(
    async (_address: string, _options: { method: string }) =>
      new Response(status === 204 ? null : JSON.stringify(body), { status }),
  )
  vi.stubGlobal('fetch', fetched)
  return fetched
}

const failure = (status: number, code: string, more = {}) => ({
  error: { code, says: 'What is wrong.', mend: 'How to mend it.', ...more },
  status,
})

async function errorOf(promise: Promise<unknown>): Promise<ApiError> {
  return promise.then(
    () => {
      throw new Error('It should have been refused.')
    },
    (error: unknown) => error as ApiError,
  )
}

describe('the api', () => {
  it('asks for a page of the shelf', async () => {
    const fetched = answer(200, { tasks: [], total: 0, page: 2, size: 30 })
    const asked = { search: 'lawn & sand', archived: 'true', page: 2, sort: 'title', order: 'asc', progress: 'any' } as const
    await api.list(asked)
    expect(fetched.mock.calls[0]?.[0]).toBe(
      '/api/tasks?search=lawn+%26+sand&archived=true&page=2&sort=title&order=asc&progress=any',
    )
  })

  it('takes being behind for an answer, not a failure', async () => {
    answer(409, { kind: 'behind', version: 3, edits: [] })
    expect(await api.save('x', { base: 1, key: 'k', patch: [] })).toEqual({ kind: 'behind', version: 3, edits: [] })
  })

  it('tells what may go through later from what will not', async () => {
    answer(503, failure(503, 'database.away'))
    expect(await errorOf(api.load('x'))).toMatchObject({
      status: 503,
      code: 'database.away',
      message: 'What is wrong.',
      mend: 'How to mend it.',
      away: true,
    })
    answer(422, failure(422, 'task.invalid', { faults: [{ at: 'parts.w1', says: 'no' }] }))
    expect(await errorOf(api.create({}))).toMatchObject({ away: false, faults: [{ at: 'parts.w1', says: 'no' }] })
    answer(409, failure(409, 'edit.ahead'))
    expect(await errorOf(api.save('x', { base: 9, key: 'k', patch: [] }))).toMatchObject({ code: 'edit.ahead', away: false })
    vi.stubGlobal('fetch', async () => {
      throw new TypeError('network')
    })
    expect(await errorOf(api.load('x'))).toMatchObject({ status: 0, code: 'server.away', away: true })
  })

  it('does not stumble over an answer that is no JSON', async () => {
    vi.stubGlobal('fetch', async () => new Response('<html>', { status: 502 }))
    expect(await errorOf(api.load('x'))).toMatchObject({ status: 502, code: 'server.fault', away: true })
  })

  it('deletes by title, and expects no answer', async () => {
    const fetched = answer(204, undefined)
    expect(await api.destroy('a b', 'Title')).toBeUndefined()
    expect(fetched.mock.calls[0]).toMatchObject(['/api/tasks/a%20b', { method: 'DELETE', body: '{"title":"Title"}' }])
  })
})
