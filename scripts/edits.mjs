// Clients that save readings and note which edits were acknowledged, and a look at whether each of them is there once.
import { randomUUID } from 'node:crypto'
import { setTimeout as wait } from 'node:timers/promises'
import { newTask } from '@hop-lark/core/record'

/** Few enough edits of each that no record grows past what people keep. */
const EDITS_OF_A_TASK = 500

/**
 * @param urls - of the app servers; each client keeps to one as long as it answers
 * @param clients - how many save at once; each task is written to by several
 * @param goesOn - whether more than the wanted edits are to be made, as long as something else is still to happen
 * @param patient - whether an answer of 500 and more is asked for again, as a page does
 */
export async function makeEdits({ urls, edits, clients, random, goesOn = () => false, patient = true }) {
  const acknowledged = []
  const unexpected = []
  const slowest = { milliseconds: 0 }
  const tasks = []
  /** The newest version of each task that an answer told. */
  const versions = new Map()
  let next = 0

  /** Asks until there is an answer. */
  async function ask(path, body, from = 0) {
    const began = performance.now()
    for (let turn = from; ; turn++) {
      try {
        const response = await fetch(`${urls[turn % urls.length]}/api${path}`, {
          ...(body ? { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) } : {}),
          signal: AbortSignal.timeout(15_000),
        })
        const answer = { status: response.status, body: await response.json() }
        if (response.status < 500 || !patient) {
          slowest.milliseconds = Math.max(slowest.milliseconds, performance.now() - began)
          return answer
        }
      } catch {
        // Nobody answered, or not to the end: the same is asked again.
      }
      await wait(50)
    }
  }

  async function edit(number, from) {
    const id = tasks[number % tasks.length]
    const [run, key] = [`k${number}`, randomUUID()]
    const patch = [{ op: 'add', path: '/parts/0/runs/-', value: { id: run, kind: 'accurate', initial: '1.00' } }]
    for (let base = versions.get(id) ?? 0; ; ) {
      const { status, body } = await ask(`/tasks/${id}/edits`, { base, key, patch }, from)
      if (status === 200) {
        acknowledged.push({ id, run, key })
        versions.set(id, Math.max(base + 1, versions.get(id) ?? 0))
        return
      }
      if (status !== 409 || body.kind !== 'behind') {
        unexpected.push({ status, body })
        return
      }
      base = body.version
    }
  }

  for (let count = 0; count < Math.max(Math.ceil(clients / 2), Math.ceil(edits / EDITS_OF_A_TASK)); count++)
    tasks.push((await ask('/tasks', { document: newTask(`Edits ${count}`, 'direct', random) })).body.id)

  return {
    tasks,
    acknowledged,
    unexpected,
    slowest,
    isDone: () => next >= edits && !goesOn(),
    work: () =>
      Promise.all(
        Array.from({ length: clients }, async (_, from) => {
          while (next < edits || goesOn()) await edit(next++, from)
        }),
      ),
    /** How many of the acknowledged edits are not there, and how many things are there twice. */
    async check() {
      let [lost, doubled] = [0, 0]
      for (const id of tasks) {
        const [{ body: kept }, { body: ledger }] = [await ask(`/tasks/${id}`), await ask(`/tasks/${id}/edits?since=0`)]
        const runs = kept.document.parts[0].runs.map((run) => run.id)
        const keys = ledger.edits.map((line) => line.key)
        for (const one of acknowledged) if (one.id === id && !(runs.includes(one.run) && keys.includes(one.key))) lost++
        doubled += runs.length - new Set(runs).size + (keys.length - new Set(keys).size)
        if (kept.version !== keys.length) unexpected.push({ id, version: kept.version, lines: keys.length })
      }
      return { lost, doubled }
    },
  }
}
