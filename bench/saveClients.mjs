// The clients of the save bench, in a process of their own: what they take is not the server's.
// node saveClients.mjs URL RUNS CLIENTS ROUNDS, prints { bare, save } with the time of each request, ms.
import { randomUUID } from 'node:crypto'
import { Agent, request } from 'node:http'

const [, , url, runs, clients, rounds] = process.argv
const [many, times] = [Number(clients), Number(rounds)]
const agent = new Agent({ keepAlive: true, maxSockets: many })

function ask(method, path, body) {
  return new Promise((resolve, reject) => {
    const sent = request(`${url}/api${path}`, { method, agent, headers: { 'content-type': 'application/json' } }, (response) => {
      let text = ''
      response.setEncoding('utf8')
      response.on('data', (chunk) => {
        text += chunk
      })
      response.on('end', () => {
        if (response.statusCode >= 300) reject(new Error(`${path}: ${response.statusCode} ${text}`))
        else resolve(JSON.parse(text))
      })
    })
    sent.on('error', reject)
    sent.end(body === undefined ? undefined : JSON.stringify(body))
  })
}

/** Every client does its rounds one after another, all clients at once. */
async function measure(act, count) {
  const taken = []
  const begin = performance.now()
  await Promise.all(
    Array.from({ length: many }, async (_, client) => {
      for (let round = 0; round < count; round++) {
        const start = performance.now()
        await act(client, round)
        taken.push(performance.now() - start)
      }
    }),
  )
  return { taken, seconds: (performance.now() - begin) / 1000 }
}

const run = (_, index) => ({
  kind: index === 0 ? 'rough' : 'accurate',
  initial: '0.00',
  final: (22.8 + (index % 9) / 20).toFixed(2),
})
const document = {
  format: 'hop-lark/task',
  version: 1,
  title: `${runs} runs`,
  materials: [{ id: 'M', label: 'M', form: 'solution' }],
  parts: [
    { id: 't1', kind: 'titration', burette: 'M', flask: [], reactions: [], runs: Array.from({ length: Number(runs) }, run) },
  ],
}
const ids = []
for (let client = 0; client < many; client++)
  ids.push((await ask('POST', '/tasks', { document: { ...document, id: `bench-${runs}-${client}` } })).id)
const bare = () => ask('GET', '/health')
const save = (offset) => (client, round) =>
  ask('POST', `/tasks/${ids[client]}/edits`, {
    base: offset + round,
    key: randomUUID(),
    patch: [{ op: 'replace', path: `/parts/0/runs/${1 + (round % 50)}/final`, value: (40 + (round % 90) / 20).toFixed(2) }],
  })
// Both in turns, so that a machine that is busy for a moment is busy for both; the first turn is not counted.
await measure(bare, 10)
await measure(save(0), 10)
const turns = 4
const all = { bare: { taken: [], seconds: 0 }, save: { taken: [], seconds: 0 } }
for (let turn = 0; turn < turns; turn++) {
  for (const [name, act] of [
    ['bare', bare],
    ['save', save(10 + turn * times)],
  ]) {
    const { taken, seconds } = await measure(act, times)
    all[name].taken.push(...taken)
    all[name].seconds += seconds
  }
}
process.stdout.write(JSON.stringify(all))
agent.destroy()
