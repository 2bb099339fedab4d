import { randomUUID } from 'node:crypto'
import { newTask, readTask, type Task } from '@hop-lark/core/record'
import { applyPatch, type Operation } from 'rfc6902'
import { afterAll, beforeAll, describe, expect, inject, it, vi } from 'vitest'
import { readSettings } from '../config.ts'
import { type Running, startServer } from '../start.ts'
import { KeptDocuments } from './KeptDocuments.ts'
import { patchParts } from './patchParts.ts'
import { saveEdit } from './saveEdit.ts'

const servers: Running[] = []
beforeAll(async () => {
  const settings = readSettings({ DATABASE_URL: inject('databaseUrl'), PORT: '0', LOG_LEVEL: 'silent' })
  servers.push(await startServer(settings), await startServer(settings))
})
afterAll(() => Promise.all(servers.map((server) => server.stop())))

const RUNS = ['0.00', '20.65', '41.30'].map((initial, index) => ({
  id: index === 0 ? 'rough1' : `run${index}`,
  kind: index === 0 ? 'rough' : 'accurate',
  initial,
  final: (Number(initial) + 20.6).toFixed(2),
}))
const record = (): Task =>
  readTask({
    ...newTask('Quick', 'empty', Math.random),
    materials: [{ id: 'M', label: 'M', form: 'solution' }],
    parts: [
      { id: 't1', kind: 'titration', burette: 'M', flask: [], reactions: [], runs: RUNS },
      { id: 'n1', kind: 'note', text: 'as it was' },
    ],
  })

async function ask(server: Running, method: string, path: string, body?: unknown) {
  const response = await fetch(`${server.url}/api${path}`, {
    method,
    headers: { 'content-type': 'application/json' },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  })
  const text = await response.text()
  return { status: response.status, body: text.startsWith('{') ? JSON.parse(text) : text }
}

const one = () => servers[0] as Running
const other = () => servers[1] as Running
const shelve = async (document: Task = record()): Promise<Task> =>
  (await ask(one(), 'POST', '/tasks', { document })).body.document
const reading = (base: number, value: string, run = 1) => ({
  base,
  key: randomUUID(),
  patch: [{ op: 'replace' as const, path: `/parts/0/runs/${run}/final`, value }],
})
const runsOf = (document: Task | undefined) => {
  const part = document?.parts[0]
  return part?.kind === 'titration' ? part.runs : []
}
const finalOf = (document: Task, run = 1) => runsOf(document)[run]?.final
const save = (server: Running, id: string, edit: ReturnType<typeof reading>) => ask(server, 'POST', `/tasks/${id}/edits`, edit)

describe('a save on the document that was saved last', () => {
  it('goes to the database once, and is kept and in the ledger like any other', async () => {
    const { id } = await shelve()
    expect((await save(one(), id, reading(0, '41.25'))).body.version).toBe(1)
    const query = vi.spyOn(one().database, 'query')
    expect((await save(one(), id, reading(1, '41.20'))).body).toMatchObject({ kind: 'saved', version: 2 })
    expect(query).toHaveBeenCalledTimes(1)
    query.mockRestore()
    const { version, document } = (await ask(other(), 'GET', `/tasks/${id}`)).body
    expect({ version, final: finalOf(document) }).toEqual({ version: 2, final: '41.20' })
    expect(
      (await ask(other(), 'GET', `/tasks/${id}/edits`)).body.edits.map(({ version: line }: { version: number }) => line),
    ).toEqual([1, 2])
  })

  it('is done once when it is sent twice', async () => {
    const { id } = await shelve()
    await save(one(), id, reading(0, '41.25'))
    const edit = reading(1, '41.20')
    const answers = [await save(one(), id, edit), await save(one(), id, edit), await save(other(), id, edit)]
    expect(answers.map(({ body }) => [body.kind, body.version])).toEqual([
      ['saved', 2],
      ['saved', 2],
      ['saved', 2],
    ])
  })

  it('is not done where another server has saved since: its document is out of date, and it knows', async () => {
    const { id } = await shelve()
    await save(one(), id, reading(0, '41.25'))
    await save(other(), id, reading(1, '41.00', 2))
    const late = await save(one(), id, reading(1, '41.20'))
    expect({ status: late.status, kind: late.body.kind, version: late.body.version }).toEqual({
      status: 409,
      kind: 'behind',
      version: 2,
    })
    await save(one(), id, reading(2, '41.20'))
    const { document } = (await ask(one(), 'GET', `/tasks/${id}`)).body
    expect([finalOf(document, 1), finalOf(document, 2)]).toEqual(['41.20', '41.00'])
  })

  it('never writes an old task over a new one of the same id and version', async () => {
    const first = await shelve()
    await save(one(), first.id, reading(0, '41.25'))
    await ask(other(), 'POST', `/tasks/${first.id}/archive`)
    await ask(other(), 'DELETE', `/tasks/${first.id}`, { title: first.title })
    const again = (
      await ask(other(), 'POST', '/tasks', {
        document: { ...first, parts: [first.parts[0], { id: 'n1', kind: 'note', text: 'another' }] },
      })
    ).body
    expect(again.id).toBe(first.id)
    await save(other(), first.id, reading(0, '39.00', 2))
    // Both tasks have been at version 1 now; the first server still keeps its own.
    expect((await save(one(), first.id, reading(1, '41.20'))).body).toMatchObject({ kind: 'saved', version: 2 })
    const { document } = (await ask(one(), 'GET', `/tasks/${first.id}`)).body
    expect(document.parts[1].text).toBe('another')
    expect([finalOf(document, 1), finalOf(document, 2)]).toEqual(['41.20', '39.00'])
  })

  it('of two servers and many clients at once loses nothing and doubles nothing', async () => {
    const runs = Array.from({ length: 12 }, (_, index) => ({
      id: `run${index + 1}`,
      kind: 'accurate' as const,
      initial: '0.00',
      final: `${20 + index}.00`,
    }))
    const started = record()
    const { id } = await shelve({ ...started, parts: [{ ...started.parts[0], runs } as Task['parts'][number]] })
    const client = async (run: number) => {
      let base = 0
      const edit = reading(base, `${run}.55`, run)
      for (let turn = 0; turn < 100; turn++) {
        const { status, body } = await save(servers[(run + turn) % 2] as Running, id, { ...edit, base })
        if (status === 200) return
        expect(status).toBe(409)
        base = body.version
      }
      throw new Error('never got through')
    }
    await Promise.all(runs.map((_, run) => client(run)))
    const { version, document } = (await ask(one(), 'GET', `/tasks/${id}`)).body
    expect(version).toBe(12)
    expect(runs.map((_, run) => finalOf(document, run))).toEqual(runs.map((_, run) => `${run}.55`))
  })

  it('that the database breaks off is done the whole way', async () => {
    const { id } = await shelve()
    await save(one(), id, reading(0, '41.25'))
    const broken = Object.assign(new Error('deadlock'), { parent: { errno: 1213 } })
    const query = vi.spyOn(one().database, 'query').mockRejectedValueOnce(broken)
    expect(await saveEdit(one().tasks, id, reading(1, '41.20'))).toMatchObject({ kind: 'saved', version: 2 })
    query.mockRejectedValueOnce(Object.assign(new Error('gone'), { parent: { errno: 2006 } }))
    await expect(saveEdit(one().tasks, id, reading(2, '41.15'))).rejects.toThrow('gone')
    query.mockRestore()
  })

  it.each([
    ['a reading that is no number', '/parts/0/runs/1/final', '41,2 or so', 'task.invalid'],
    ['a run that is not there', '/parts/0/runs/9/final', '41.20', 'edit.doesNotApply'],
    ['another id for a part', '/parts/0/id', 't9', undefined],
  ])('refuses %s as ever, or takes it the whole way', async (_, path, value, code) => {
    const { id } = await shelve()
    await save(one(), id, reading(0, '41.25'))
    const answer = await ask(one(), 'POST', `/tasks/${id}/edits`, {
      base: 1,
      key: randomUUID(),
      patch: [{ op: 'replace', path, value }],
    })
    expect(answer.body.error?.code).toBe(code)
    const { version } = (await ask(one(), 'GET', `/tasks/${id}`)).body
    expect(version).toBe(code === undefined ? 2 : 1)
  })
})

describe('the document', () => {
  it('is written whole now and then, and in between is what was written with the ledger since', async () => {
    const { id } = await shelve()
    const stored = () => one().tasks.tasks.findByPk(id)
    const saves = 70
    for (let base = 0; base < saves; base++) await save(one(), id, reading(base, `${base}.00`))
    const row = await stored()
    expect(row?.version).toBe(saves)
    expect(row?.documented).toBeGreaterThan(30)
    expect(row?.documented).toBeLessThan(saves)
    expect(row && finalOf(row.document)).toBe(`${(row?.documented ?? 0) - 1}.00`)
    for (const server of servers) {
      expect(finalOf((await ask(server, 'GET', `/tasks/${id}`)).body.document)).toBe('69.00')
      expect(JSON.parse(JSON.stringify((await ask(server, 'GET', `/tasks/${id}/file`)).body)).parts[0].runs[1].final).toBe(
        '69.00',
      )
    }
    expect(finalOf((await ask(other(), 'POST', `/tasks/${id}/duplicate`)).body.document)).toBe('69.00')
    // Another server, which does not keep it, goes on from there; and what is archived is no less up to date.
    other().tasks.kept.forget(id)
    await save(other(), id, reading(saves, '70.00'))
    await ask(one(), 'POST', `/tasks/${id}/archive`)
    expect(await stored()).toMatchObject({ version: 71, documented: 71 })
    expect(finalOf((await ask(one(), 'GET', `/tasks/${id}`)).body.document)).toBe('70.00')
  })

  it('is not given out, and its line on the shelf stays as it was, where the ledger does not lead to its version', async () => {
    const { id } = await shelve()
    for (const base of [0, 1, 2]) await save(one(), id, reading(base, `4${base}.00`))
    await one().tasks.edits.destroy({ where: { task: id, version: 2 } })
    expect((await ask(one(), 'GET', `/tasks/${id}`)).status).toBe(500)
    expect((await ask(one(), 'GET', '/tasks?size=100')).body.tasks.map((line: { id: string }) => line.id)).toContain(id)
  })
})

describe('the shelf’s line', () => {
  it('is summed up when somebody looks, by whichever server, and kept', async () => {
    const title = `Looked at ${randomUUID()}`
    const { id } = await shelve({ ...record(), title })
    await save(one(), id, reading(0, '41.25'))
    await save(one(), id, reading(1, '41.20'))
    const row = () => one().tasks.tasks.findByPk(id, { attributes: ['summed', 'version'] })
    expect(await row()).toMatchObject({ summed: 0, version: 2 })
    const line = async (server: Running) => (await ask(server, 'GET', `/tasks?search=${encodeURIComponent(title)}`)).body.tasks[0]
    const looked = await line(other())
    expect(looked.version).toBe(2)
    expect(await row()).toMatchObject({ summed: 2, version: 2 })
    const find = vi.spyOn(one().tasks, 'find')
    expect((await line(one())).summary).toEqual(looked.summary)
    expect(find).not.toHaveBeenCalled()
    find.mockRestore()
  })
})

describe('a patch within parts', () => {
  const replace = (path: string, value: unknown): Operation => ({ op: 'replace', path, value })

  it('comes to what it comes to on a copy of the whole, and leaves the task it was made on alone', () => {
    const task = record()
    const before = structuredClone(task)
    const patches: readonly (readonly Operation[])[] = [
      [replace('/parts/0/runs/1/final', { value: '41.20', was: [{ value: '41.25' }] })],
      [replace('/parts/0/runs/0/final', '20.70'), { op: 'add', path: '/parts/0/runs/2/use', value: 'no' }],
      [{ op: 'add', path: '/parts/0/runs/-', value: { id: 'run9', kind: 'accurate' } }],
      [{ op: 'remove', path: '/parts/0/runs/0' }, replace('/parts/1/text', 'now')],
    ]
    for (const patch of patches) {
      const expected = structuredClone(task)
      applyPatch(expected, [...patch])
      expect(patchParts(task, patch)).toEqual(expected)
      expect(task).toEqual(before)
    }
  })

  it('shares what it leaves alone: other parts, and other runs of the same', () => {
    const task = record()
    const changed = patchParts(task, [replace('/parts/0/runs/1/final', '41.20')])
    expect(changed?.parts[1]).toBe(task.parts[1])
    expect(runsOf(changed)[2]).toBe(runsOf(task)[2])
  })

  it.each([
    ['the title', [replace('/title', 'Other')]],
    ['a whole part', [replace('/parts/1', { id: 'n1', kind: 'note', text: '' })]],
    ['a part’s id', [replace('/parts/1/id', 'n2')]],
    ['a part’s kind', [replace('/parts/1/kind', 'rack')]],
    ['a part that is not there', [replace('/parts/7/text', '')]],
    ['something moved', [{ op: 'move', from: '/parts/0/runs/0', path: '/parts/0/runs/1' } as Operation]],
    ['what no run has', [{ op: 'add', path: '/parts/0/runs/1/colour', value: 'red' } as Operation]],
    ['a run without its kind', [{ op: 'remove', path: '/parts/0/runs/1/kind' } as Operation]],
    ['two runs of one id', [replace('/parts/0/runs/1/id', 'rough1')]],
    ['a test that fails', [{ op: 'test', path: '/parts/0/runs/0/kind', value: 'blank' } as Operation]],
  ])('is left to the whole way for %s', (_, patch) => {
    expect(patchParts(record(), patch)).toBeUndefined()
  })
})

describe('kept documents', () => {
  const keep = (kept: KeptDocuments, id: string, bytes: number) =>
    kept.keep(id, { version: 1, written: new Date(0), document: record(), documented: 1, bytes })

  it('are bounded by the bytes of their text: the longest unused goes first', () => {
    const kept = new KeptDocuments(100)
    keep(kept, 'a', 60)
    keep(kept, 'b', 30)
    keep(kept, 'a', 60)
    keep(kept, 'c', 30)
    expect(['a', 'b', 'c'].map((id) => kept.get(id) !== undefined)).toEqual([true, false, true])
    keep(kept, 'huge', 1000)
    expect(['a', 'c', 'huge'].map((id) => kept.get(id) !== undefined)).toEqual([false, false, false])
    keep(kept, 'd', 100)
    expect(kept.get('d')).toBeDefined()
  })
})
