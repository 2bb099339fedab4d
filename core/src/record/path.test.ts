import { readFileSync } from 'node:fs'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { idFault, isWithin, PathError, path, readPath, readTask, slotAt, TaskFileError, valueAt, writePath } from './index.ts'

const LAWN = readTask(JSON.parse(readFileSync(new URL('../../../demo/iron-in-lawn-sand.hoplark.json', import.meta.url), 'utf8')))

describe('a path', () => {
  it('finds things by id, and by position where they have none', () => {
    expect(valueAt(LAWN, path('parts', 't1', 'runs', 'run2', 'final'))).toMatchObject({ value: '42.20' })
    expect(valueAt(LAWN, path('parts', 't1', 'flask', 0, 'volume'))).toBe('25.0')
    expect(valueAt(LAWN, path('parts', 't1', 'runs', 0))).toBeUndefined()
    expect(valueAt(LAWN, path('parts', 't1', 'runs', 'length'))).toBeUndefined()
    expect(valueAt(LAWN, path('constructor'))).toBeUndefined()
  })

  it('is written one way and read back', () => {
    const segment = fc.string({ minLength: 1, maxLength: 60 }).filter((text) => idFault(text) === undefined)
    fc.assert(
      fc.property(fc.array(segment, { minLength: 1 }), (at) => {
        expect(readPath(writePath(at))).toEqual(at)
      }),
    )
    expect(readPath(writePath([]))).toEqual([])
  })

  it('is told from another whose id only begins alike', () => {
    expect(isWithin(path('parts', 't10', 'runs'), path('parts', 't1'))).toBe(false)
    expect(isWithin(path('parts', 't1', 'runs'), path('parts', 't1'))).toBe(true)
    expect(isWithin(path('parts'), path('parts', 't1'))).toBe(false)
  })

  it('that leads nowhere is an error to write to, which says what is missing', () => {
    const nowhere =
      (...segments: readonly (string | number)[]) =>
      () =>
        slotAt(LAWN, path(...segments))
    expect(nowhere('parts', 't9', 'runs', 'run1', 'final')).toThrow(/no 't9' at 'parts'/)
    expect(nowhere('parts', 't1', 'runs', 'run9')).toThrow(PathError)
    expect(nowhere('parts', 't1', 'flask', 9)).toThrow(PathError)
    expect(nowhere('title', 'short')).toThrow(PathError)
    expect(nowhere()).toThrow(PathError)
    expect(slotAt(LAWN, path('parts', 'w1', 'mass'))).toMatchObject({ key: 'mass' })
  })
})

describe('an id', () => {
  const named = (id: string) => ({
    format: 'hop-lark/task',
    version: 2,
    id: 'x',
    title: 'x',
    parts: [{ id, kind: 'note', text: '' }],
  })

  it.each([
    ['1.2', /'\.', '\/' or '#'/],
    ['a/b', /'\.', '\/' or '#'/],
    ['t1#0', /'\.', '\/' or '#'/],
    ['__proto__', /means something else to programs/],
    ['constructor', /means something else to programs/],
    [' t1', /blank/],
    ['t\u200b1', /cannot be seen/],
    ['e\u0301', /Unicode NFC/],
    ['', /must not be empty/],
    ['x'.repeat(61), /at most 60/],
  ])('that could not be told apart is refused with the reason: %j', (id, says) => {
    expect(() => readTask(named(id))).toThrow(TaskFileError)
    expect(() => readTask(named(id))).toThrow(says)
  })

  it.each(['t1', 't10', '250 cm³ flask', 'Ω', '2', 'F-1'])('that can be told apart is taken: %s', (id) => {
    expect(readTask(named(id)).parts[0]?.id).toBe(id)
  })

  it('stands once among the things of its list', () => {
    const run = { id: 'run1', kind: 'accurate' }
    const part = { id: 't1', kind: 'titration', burette: 'B', flask: [], reactions: [], runs: [run, run] }
    expect(() => readTask({ ...named('n'), parts: [part] })).toThrow(/run1.*give each its own/)
    const tube = { id: 'P1', steps: [] }
    const samples = [
      { material: 'P', tubes: [tube] },
      { material: 'Q', tubes: [tube] },
    ]
    expect(() => readTask({ ...named('n'), parts: [{ id: 'r1', kind: 'rack', samples }] })).toThrow(/'P1' is the id of another/)
    const twice = samples.map(({ material }, index) => ({ material, tubes: [{ id: `P${index}`, steps: [] }] }))
    expect(() =>
      readTask({ ...named('n'), parts: [{ id: 'r1', kind: 'rack', samples: [twice[0], { ...twice[1], material: 'P' }] }] }),
    ).toThrow(/stands in this rack already/)
  })

  it('of a weighing and of a material cannot be one: a question could not tell them apart', () => {
    const materials = [{ id: 'S', label: 'S', form: 'solid' }]
    expect(() => readTask({ ...named('n'), materials, parts: [{ id: 'S', kind: 'weighing', of: 'S' }] })).toThrow(/material, too/)
  })
})
