import { randomUUID } from 'node:crypto'
import { type Standing, StandingSchema } from '@hop-lark/contract'
import { newTask } from '@hop-lark/core/record'
import { afterAll, beforeAll, expect, inject, it } from 'vitest'
import { readSettings } from '../config.ts'
import { type Running, startServer } from '../start.ts'
import { saveEdit } from './saveEdit.ts'

let [one, other]: Running[] = []
const start = () => startServer(readSettings({ DATABASE_URL: inject('databaseUrl'), PORT: '0', LOG_LEVEL: 'silent' }))
beforeAll(async () => {
  ;[one, other] = await Promise.all([start(), start()])
})
afterAll(() => Promise.all([one?.stop(), other?.stop()]))

/** Listens to the events of a task; `heard` grows as they come. */
async function listen(id: string) {
  const stop = new AbortController()
  const response = await fetch(`${one?.url}/api/tasks/${id}/events`, { signal: stop.signal })
  const heard: Standing[] = []
  const reading = (async () => {
    const decoder = new TextDecoder()
    for await (const chunk of response.body as unknown as AsyncIterable<Uint8Array>)
      for (const line of decoder.decode(chunk).split('\n'))
        if (line.startsWith('data: ')) heard.push(StandingSchema.parse(JSON.parse(line.slice(6))))
  })().catch(() => undefined)
  const until = async (what: (last: Standing | undefined) => boolean) => {
    while (!what(heard.at(-1))) await new Promise((resolve) => setTimeout(resolve, 10))
  }
  return {
    type: response.headers.get('content-type'),
    heard,
    until,
    stop: async () => {
      stop.abort()
      await reading
    },
  }
}

const rename = (running: Running | undefined, id: string, base: number) =>
  saveEdit((running as Running).tasks, id, {
    base,
    key: randomUUID(),
    patch: [{ op: 'replace', path: '/title', value: `Title ${base}` }],
  })

it('a page that listens hears what is saved here and by other servers, archived and deleted, and is then forgotten', async () => {
  const tasks = (one as Running).tasks
  const { id } = await tasks.create(newTask('Watched', 'direct', Math.random))
  const page = await listen(id)
  expect(page.type).toContain('text/event-stream')
  await page.until((last) => last?.version === 0)
  const { url } = one as Running
  await fetch(`${url}/api/tasks/${id}/edits`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ base: 0, key: randomUUID(), patch: [{ op: 'replace', path: '/title', value: 'Here' }] }),
  })
  await page.until((last) => last?.version === 1)
  await rename(other, id, 1)
  await page.until((last) => last?.version === 2)
  await (other as Running).tasks.setArchived(id, true)
  await page.until((last) => last?.archived === true)
  await (other as Running).tasks.destroy(id, 'Title 1')
  await page.until((last) => last?.gone === true)
  // Nothing is told twice.
  expect(page.heard.map((standing) => Object.values(standing).join())).toEqual([
    '0,false,false',
    '1,false,false',
    '2,false,false',
    '2,true,false',
    '0,false,true',
  ])
  await page.stop()
})
