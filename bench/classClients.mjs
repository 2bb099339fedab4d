// A class of pages, in a process of its own: each listens to its task's events, saves a reading every two seconds, and asks
// the bare route as often. node classClients.mjs URL PAGES SECONDS, prints { bare, save, heard, refused }.
import { randomUUID } from 'node:crypto'
import { setTimeout as wait } from 'node:timers/promises'
import { newTask } from '@hop-lark/core/record'

const [, , url, pages, seconds] = process.argv
const MILLISECONDS_BETWEEN_READINGS = 2000

const found = { bare: [], save: [], heard: 0, refused: [] }

async function ask(page, path, body) {
  const start = performance.now()
  const response = await fetch(`${url}/api${path}`, {
    ...(body ? { method: 'POST', body: JSON.stringify(body) } : {}),
    headers: { 'content-type': 'application/json', 'x-hop-lark-page': `page-${page}` },
  })
  const answer = await response.json()
  if (!response.ok) found.refused.push(response.status)
  return { answer, took: performance.now() - start }
}

/** Listens as a browser does, on a connection of its own. */
async function listen(id, signal) {
  const response = await fetch(`${url}/api/tasks/${id}/events`, { signal })
  for await (const chunk of response.body) found.heard += new TextDecoder().decode(chunk).split('data: ').length - 1
}

async function page(number) {
  const { answer } = await ask(number, '/tasks', { document: newTask(`Bench ${number}`, 'direct', Math.random) })
  const stop = new AbortController()
  const listening = listen(answer.id, stop.signal).catch(() => undefined)
  // Nobody in a class reads at the same moment.
  await wait(Math.random() * MILLISECONDS_BETWEEN_READINGS)
  for (let reading = 0; reading < (Number(seconds) * 1000) / MILLISECONDS_BETWEEN_READINGS; reading++) {
    const next = wait(MILLISECONDS_BETWEEN_READINGS)
    const patch = [{ op: reading === 0 ? 'add' : 'replace', path: '/parts/0/runs/0/final', value: `${20 + reading / 10}` }]
    found.save.push((await ask(number, `/tasks/${answer.id}/edits`, { base: reading, key: randomUUID(), patch })).took)
    found.bare.push((await ask(number, '/health')).took)
    await next
  }
  stop.abort()
  await listening
}

await Promise.all(Array.from({ length: Number(pages) }, (_, number) => page(number)))
console.log(JSON.stringify(found))
