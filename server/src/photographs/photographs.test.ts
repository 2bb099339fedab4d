import { createHash } from 'node:crypto'
import { newTask } from '@hop-lark/core/record'
import { afterAll, beforeAll, describe, expect, inject, it } from 'vitest'
import { readSettings } from '../config.ts'
import { type Running, startServer } from '../start.ts'
import { pictureType } from './pictureType.ts'

let server: Running
beforeAll(async () => {
  server = await startServer(readSettings({ DATABASE_URL: inject('databaseUrl'), PORT: '0', LOG_LEVEL: 'silent' }))
})
afterAll(() => server.stop())

/** The smallest pictures that a browser shows: one pixel. */
const PNG = Buffer.from('iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAQAAAC1HAwCAAAAC0lEQVR42mP8/x8AAwMCAO+ip1sAAAAASUVORK5CYII=', 'base64')
const JPEG = Buffer.concat([Buffer.from([0xff, 0xd8, 0xff, 0xe0]), Buffer.alloc(40)])

const checksum = (bytes: Buffer) => createHash('sha256').update(bytes).digest('hex')
const address = (id: string, sha256: string) => `${server.url}/api/tasks/${id}/photographs/${sha256}`

async function put(id: string, bytes: Buffer, { sha256 = checksum(bytes), type = 'image/png' } = {}) {
  const response = await fetch(address(id, sha256), {
    method: 'PUT',
    headers: { 'content-type': type },
    body: new Uint8Array(bytes),
  })
  const text = await response.text()
  return { status: response.status, code: text === '' ? '' : JSON.parse(text).error.code }
}

const shelve = () => server.tasks.create(newTask('Rack', 'unknowns', Math.random))

describe('a picture of a task', () => {
  it('is kept under its checksum, as it is, however often it is sent', async () => {
    const { id } = await shelve()
    expect(await put(id, PNG)).toEqual({ status: 204, code: '' })
    expect(await put(id, PNG)).toEqual({ status: 204, code: '' })
    const response = await fetch(address(id, checksum(PNG)))
    expect(Buffer.from(await response.arrayBuffer())).toEqual(PNG)
    expect(response.headers.get('content-type')).toBe('image/png')
    expect(response.headers.get('cache-control')).toContain('immutable')
    expect(response.headers.get('content-security-policy')).toBe("default-src 'none'; sandbox")
    expect(response.headers.get('x-content-type-options')).toBe('nosniff')
    expect(await server.tasks.photographs.rows.count({ where: { task: id } })).toBe(1)
  })

  it('is known by its bytes, not by what it is called', async () => {
    const { id } = await shelve()
    expect(await put(id, JPEG, { type: 'image/png' })).toMatchObject({ status: 204 })
    expect((await fetch(address(id, checksum(JPEG)))).headers.get('content-type')).toBe('image/jpeg')
  })

  it.each<[string, Buffer, { sha256?: string; type?: string }, number, string]>([
    ['HTML that calls itself a picture', Buffer.from('<script>alert(1)</script>'), {}, 422, 'photograph.type'],
    ['an SVG', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>'), { type: 'image/svg+xml' }, 422, 'photograph.type'],
    ['another checksum', PNG, { sha256: 'a'.repeat(64) }, 422, 'photograph.checksum'],
    ['a checksum that is none', PNG, { sha256: 'a'.repeat(63) }, 400, 'request.invalid'],
    ['more than 2 MB', Buffer.concat([PNG, Buffer.alloc(2 * 1024 * 1024)]), {}, 413, 'photograph.large'],
    ['nothing', Buffer.alloc(0), {}, 422, 'photograph.type'],
  ])('is refused where it is %s', async (_, bytes, how, status, code) => {
    const { id } = await shelve()
    const answer = await put(id, bytes, how)
    expect(answer.status).toBe(status)
    expect(answer.code).toMatch(status === 413 ? /large/i : code === 'request.invalid' ? /./ : new RegExp(code))
    expect(await server.tasks.photographs.rows.count({ where: { task: id } })).toBe(0)
  })

  it('is only of a task that there is', async () => {
    expect(await put('nowhere', PNG)).toEqual({ status: 404, code: 'task.unknown' })
    const { id } = await shelve()
    expect((await fetch(address(id, checksum(PNG)))).status).toBe(404)
  })

  it('goes with a copy, and goes with the task', async () => {
    const { id } = await shelve()
    await put(id, PNG)
    const copy = await server.tasks.duplicate(id)
    expect((await fetch(address(copy.id, checksum(PNG)))).status).toBe(200)
    await server.tasks.setArchived(id, true)
    await server.tasks.destroy(id, 'Rack')
    expect((await fetch(address(id, checksum(PNG)))).status).toBe(404)
    expect((await fetch(address(copy.id, checksum(PNG)))).status).toBe(200)
  })

  it('is one of at most two hundred', async () => {
    const { id } = await shelve()
    const rows = Array.from({ length: 200 }, (_, index) => ({
      task: id,
      sha256: checksum(Buffer.from(String(index))),
      type: 'image/png',
      picture: PNG,
      at: new Date(),
    }))
    await server.tasks.photographs.rows.bulkCreate(rows)
    expect(await put(id, PNG)).toEqual({ status: 422, code: 'photograph.many' })
  })
})

it.each([
  [PNG, 'image/png'],
  [JPEG, 'image/jpeg'],
  [Buffer.from('RIFF\0\0\0\0WEBPVP8 ', 'latin1'), 'image/webp'],
  [Buffer.from('GIF89a'), undefined],
  [Buffer.alloc(0), undefined],
])('a picture is told by its first bytes', (bytes, type) => expect(pictureType(bytes)).toBe(type))
