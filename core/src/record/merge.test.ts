import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { alignLists } from './alignLists.ts'
import { correctEntry, freshRunId, type Run, readTask, type Task, taskJsonSchema } from './index.ts'
import { ENTRY_FIELDS, mergeTasks } from './merge.ts'
import { sameJson } from './sameJson.ts'

/** A run without an id gets the one it would get on any device: the next of its kind. */
function taskWith(...runs: readonly (Omit<Run, 'id'> & { id?: string })[]): Task {
  const named: Run[] = []
  for (const run of runs) named.push({ id: freshRunId(run.kind, named), ...run })
  return readTask({
    format: 'hop-lark/task',
    version: 2,
    id: 'x',
    title: 'A task',
    materials: [{ id: 'F1', label: 'F1', form: 'solution' }],
    parts: [{ id: 't1', kind: 'titration', burette: 'F1', flask: [], reactions: [], runs: named }],
  })
}

const runsOf = (task: Task): readonly Run[] => task.parts.flatMap((part) => (part.kind === 'titration' ? part.runs : []))
const BASE = taskWith({ kind: 'rough', initial: '0.00', final: '21.30' }, { kind: 'accurate', initial: '0.40' })

describe('joining two versions of a task', () => {
  it('takes what only one side changed', () => {
    const mine = taskWith(
      { kind: 'rough', initial: '0.00', final: '21.30' },
      { kind: 'accurate', initial: '0.40', final: '21.05' },
    )
    const theirs = { ...BASE, title: 'Renamed' }
    const { task, notes } = mergeTasks(BASE, mine, theirs)
    expect(task.title).toBe('Renamed')
    expect(runsOf(task)[1]?.final).toBe('21.05')
    expect(notes).toEqual([])
  })

  it('keeps both values of a reading that both sides wrote', () => {
    const mine = taskWith(
      { kind: 'rough', initial: '0.00', final: '21.30' },
      { kind: 'accurate', initial: '0.40', final: '21.05' },
    )
    const theirs = taskWith(
      { kind: 'rough', initial: '0.00', final: '21.30' },
      { kind: 'accurate', initial: '0.40', final: '21.50' },
    )
    expect(runsOf(mergeTasks(BASE, mine, theirs).task)[1]?.final).toEqual({ value: '21.05', rival: { value: '21.50' } })
  })

  it('keeps the runs that both sides added', () => {
    const mine = taskWith(...runsOf(BASE), { kind: 'accurate', initial: '21.05' })
    const theirs = taskWith(...runsOf(BASE), { kind: 'blank', initial: '1.00' })
    expect(runsOf(mergeTasks(BASE, mine, theirs).task).map(({ kind, initial }) => `${kind} ${initial}`)).toEqual([
      'rough 0.00',
      'accurate 0.40',
      'blank 1.00',
      'accurate 21.05',
    ])
  })

  it('makes one run of the same run added on two devices, with both values where they differ', () => {
    const [mine, theirs] = ['21.05', '21.15'].map((final) =>
      taskWith(...runsOf(BASE), { kind: 'accurate', initial: '0.40', final }),
    )
    const { task } = mergeTasks(BASE, mine as Task, theirs as Task)
    expect(runsOf(task).map(({ id }) => id)).toEqual(['rough1', 'run1', 'run2'])
    expect(runsOf(task)[2]).toMatchObject({ initial: '0.40', final: { value: '21.05', rival: { value: '21.15' } } })
  })

  it('comes to one order and doubles nothing when things were moved and changed at once', () => {
    const [rough, first] = runsOf(BASE)
    if (!rough || !first) throw new Error('no runs')
    const moved = taskWith(first, rough)
    const written = taskWith(rough, { ...first, final: '21.05' }, { kind: 'blank', initial: '1.00' })
    for (const [mine, theirs] of [
      [moved, written],
      [written, moved],
    ] as const) {
      const merged = runsOf(mergeTasks(BASE, mine, theirs).task)
      expect(merged.map(({ id }) => id)).toEqual(['run1', 'blank1', 'rough1'])
      expect(merged[0]?.final).toBe('21.05')
    }
  })

  it('makes one of the same thing added twice, also where it has no name', () => {
    const flaskOf = (task: Task) => task.parts.flatMap((part) => (part.kind === 'titration' ? part.flask : []))
    const withFlask = (...flask: readonly { material: string; volume: string }[]): Task => ({
      ...BASE,
      parts: BASE.parts.map((part) => (part.kind === 'titration' ? { ...part, flask: [...flask] } : part)),
    })
    const added = withFlask({ material: 'F1', volume: '25.0' })
    const more = withFlask({ material: 'F1', volume: '25.0' }, { material: 'F1', volume: '5' })
    expect(flaskOf(mergeTasks(BASE, added, more).task)).toEqual(flaskOf(more))
    expect(flaskOf(mergeTasks(BASE, more, added).task)).toEqual(flaskOf(more))
  })

  it('loses none of three values for one reading', () => {
    const [one, two, three] = ['21.05', '21.50', '22.00'].map((final) => taskWith({ kind: 'accurate', final })) as [
      Task,
      Task,
      Task,
    ]
    const nothing = taskWith({ kind: 'accurate' })
    const both = mergeTasks(nothing, one, two).task
    expect(runsOf(mergeTasks(nothing, both, three).task)[0]?.final).toEqual({
      value: '21.05',
      rival: { value: '22.00' },
      was: [{ value: '21.50', why: 'entered in two places' }],
    })
  })

  it('of many devices loses no value, in whatever order they write and meet', () => {
    const act = fc.tuple(fc.integer({ min: 0, max: 2 }), fc.boolean())
    fc.assert(
      fc.property(fc.array(act, { minLength: 4, maxLength: 24 }), (acts) => {
        const nothing = taskWith({ kind: 'accurate' })
        let server = nothing
        const devices = Array.from({ length: 3 }, () => ({ base: nothing, local: nothing }))
        const written: string[] = []
        const meet = (device: { base: Task; local: Task }) => {
          server = mergeTasks(device.base, device.local, server).task
          Object.assign(device, { base: server, local: server })
        }
        for (const [number, writes] of acts) {
          const device = devices[number] as (typeof devices)[number]
          if (!writes) meet(device)
          else {
            const value = `${written.length + 10}.00`
            written.push(value)
            const at = new Date(Date.UTC(2026, 4, 12) + written.length).toISOString()
            const [run] = runsOf(device.local)
            device.local = taskWith({ kind: 'accurate', final: correctEntry(run?.final, value, at) })
          }
        }
        for (const device of [...devices, ...devices]) meet(device)
        const text = JSON.stringify(server)
        return written.every((value) => text.includes(`"${value}"`))
      }),
    )
  })

  it('does not quarrel with a reading that was made of ours by correcting it', () => {
    const at = '2026-05-12T10:00:00.000Z'
    const mine = taskWith({ kind: 'accurate', final: { value: '21.05', at } })
    const theirs = taskWith({
      kind: 'accurate',
      final: { value: '21.50', at: '2026-05-12T10:01:00.000Z', was: [{ value: '21.05', at }] },
    })
    for (const task of [mergeTasks(taskWith(), mine, theirs).task, mergeTasks(taskWith(), theirs, mine).task])
      expect(runsOf(task)[0]?.final).toEqual(runsOf(theirs)[0]?.final)
  })

  it('takes a run out only where the other side left it as it was', () => {
    const without = taskWith({ kind: 'rough', initial: '0.00', final: '21.30' })
    expect(runsOf(mergeTasks(BASE, without, { ...BASE, title: 'Renamed' }).task)).toHaveLength(1)
    const filled = taskWith(
      { kind: 'rough', initial: '0.00', final: '21.30' },
      { kind: 'accurate', initial: '0.40', final: '21.05' },
    )
    expect(runsOf(mergeTasks(BASE, without, filled).task)[1]?.final).toBe('21.05')
  })

  it('tells of anything else that both changed', () => {
    const { task, notes } = mergeTasks(BASE, { ...BASE, title: 'Mine' }, { ...BASE, title: 'Theirs' })
    expect(task.title).toBe('Mine')
    expect(notes).toEqual([{ at: ['title'], kept: 'Mine', other: 'Theirs' }])
  })

  it('loses no reading that either side entered, and is a task again', () => {
    const reading = fc.option(
      fc.integer({ min: 0, max: 5000 }).map((value) => (value / 100).toFixed(2)),
      { nil: undefined },
    )
    const run = fc.record({ initial: reading, final: reading }).map(
      ({ initial, final }): Omit<Run, 'id'> => ({
        kind: 'accurate',
        ...(initial ? { initial } : {}),
        ...(final ? { final } : {}),
      }),
    )
    const runs = fc.array(run, { maxLength: 5 })
    fc.assert(
      fc.property(runs, runs, runs, (base, mine, theirs) => {
        const merged = mergeTasks(taskWith(...base), taskWith(...mine), taskWith(...theirs)).task
        const there = JSON.stringify(readTask(merged))
        const old = JSON.stringify(base)
        const entered = [...mine, ...theirs]
          .flatMap(({ initial, final }) => [initial, final])
          .filter((text): text is string => typeof text === 'string' && !old.includes(`"${text}"`))
        return entered.every((text) => there.includes(`"${text}"`))
      }),
    )
  })

  it('gives each side back when the other did nothing', () => {
    const mine = taskWith({ kind: 'accurate', initial: '1.00' })
    expect(mergeTasks(BASE, mine, BASE).task).toEqual(mine)
    expect(mergeTasks(BASE, BASE, mine).task).toEqual(mine)
  })

  it('knows every field that the schema calls an entry', () => {
    const marked = new Set<string>()
    const walk = (schema: unknown, name: string): void => {
      if (typeof schema !== 'object' || schema === null) return
      if (JSON.stringify(schema).startsWith('{"anyOf":[{"type":"string","pattern"') && JSON.stringify(schema).includes('"was"'))
        marked.add(name)
      for (const [key, value] of Object.entries(schema))
        walk(
          value,
          key === 'items' ||
            key === 'prefixItems' ||
            /^\d+$/.test(key) ||
            key === 'anyOf' ||
            key === 'oneOf' ||
            key === 'properties'
            ? name
            : key,
        )
    }
    walk((taskJsonSchema() as { properties: { parts: unknown } }).properties.parts, 'parts')
    expect(marked.size).toBeGreaterThan(5)
    expect([...marked].filter((name) => !ENTRY_FIELDS.has(name))).toEqual([])
  })
})

describe('laying lists side by side', () => {
  it('matches things by id, whatever else changed in them', () => {
    const rows = alignLists([{ id: 'a' }, { id: 'b' }], [{ id: 'b', x: 1 }], [{ id: 'a' }, { id: 'c' }, { id: 'b' }])
    expect(rows.map(({ base, mine, theirs }) => [base, mine, theirs].map((side) => (side as { id?: string })?.id))).toEqual([
      ['a', undefined, 'a'],
      [undefined, undefined, 'c'],
      ['b', 'b', 'b'],
    ])
  })
})

it('compares JSON by value', () => {
  expect(sameJson({ a: [1, { b: 2 }] }, { a: [1, { b: 2 }], c: undefined })).toBe(true)
  expect(sameJson({ a: [1] }, { a: { 0: 1 } })).toBe(false)
})
