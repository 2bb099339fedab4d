import { readdirSync, readFileSync } from 'node:fs'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ConventionsSchema } from '../conventions.ts'
import { DEFAULT_CONVENTIONS, lineName, readTask, type Task } from '../index.ts'
import { TASK_VERSION } from '../version.ts'
import { migrateTask } from './index.ts'

const FOLDER = new URL('../testing/version1/', import.meta.url)
const FILES = readdirSync(FOLDER).map((name) => [name, JSON.parse(readFileSync(new URL(name, FOLDER), 'utf8'))] as const)

/** Every text and number of a document but names, which may be written otherwise, in the order they stand. */
function contentOf(value: unknown, key = ''): readonly unknown[] {
  if (Array.isArray(value)) return value.flatMap((item) => contentOf(item, key))
  if (typeof value === 'object' && value !== null)
    return Object.entries(value).flatMap(([field, inside]) => (field === 'id' ? [] : contentOf(inside, field)))
  return key === 'version' ? [] : [value]
}

/** The file with what version 2 has put in taken out again. */
function backTo1(task: Readonly<Record<string, unknown>>): unknown {
  const bare = (value: unknown, key: string): unknown => {
    if (Array.isArray(value)) return value.map((item) => bareItem(item, key))
    if (typeof value !== 'object' || value === null) return value
    return Object.fromEntries(Object.entries(value).map(([field, inside]) => [field, bare(inside, field)]))
  }
  const bareItem = (item: unknown, key: string): unknown => {
    const { id: _, ...rest } = item as { id?: string; mass?: unknown; x?: unknown; y?: unknown }
    if (key === 'masses') return bare(rest.mass, 'mass')
    if (key === 'points') return [bare(rest.x, 'x'), bare(rest.y, 'y')]
    return bare(key === 'runs' || key === 'spots' || key === 'steps' ? rest : item, key)
  }
  return { ...(bare(task, '') as object), version: 1 }
}

describe('a task file of version 1', () => {
  it.each(FILES)('is read without losing anything: %s', (_, document) => {
    // Conventions that are newer are filled in; nothing that was said is another.
    expect(backTo1(migrateTask(document))).toEqual({ ...document, conventions: ConventionsSchema.parse(document.conventions) })
    expect(readTask(document).version).toBe(2)
  })

  it('becomes the same on every device, and is left alone once it is of today', () => {
    for (const [, document] of FILES) {
      const once = migrateTask(document)
      expect(migrateTask(document)).toEqual(once)
      expect(migrateTask(once)).toBe(once)
    }
  })

  it.each([
    ['says none', {}, true],
    ['says a part of one', { runIn: { margin: '2.00' } }, true],
    ['says all', DEFAULT_CONVENTIONS, false],
    ['says what cannot be', { figures: 0 }, false],
  ])('a task of today that %s gets the rest as is usual', (_, conventions, isFilled) => {
    const task = { format: 'hop-lark/task', version: TASK_VERSION, conventions }
    const now = migrateTask(task)
    expect(now === task).toBe(!isFilled)
    if (isFilled) expect(now.conventions).toEqual(ConventionsSchema.parse(conventions))
  })

  it('numbers runs as people do: rough ones, accurate ones and blanks each by themselves', () => {
    const runs = ['rough', 'accurate', 'blank', 'accurate'].map((kind) => ({ kind }))
    const part = { id: 't1', kind: 'titration', burette: 'B', flask: [], reactions: [], runs }
    const { parts } = readTask({ format: 'hop-lark/task', version: 1, id: 'x', title: 'x', parts: [part] })
    expect(parts[0]).toMatchObject({ runs: [{ id: 'rough1' }, { id: 'run1' }, { id: 'blank1' }, { id: 'run2' }] })
  })

  it('keeps what is no task file for the schema to refuse', () => {
    const odd = { format: 'hop-lark/task', version: 1, id: 'x', title: 'x' }
    const parts = [null, 7, { kind: 'series', id: 'm', points: [['1'], 'x', ['1', '2', '3']] }, { kind: 'rack', samples: {} }]
    expect(() => readTask({ ...odd, parts })).toThrow(/parts\.0/)
    expect(() => readTask({ ...odd, parts: 'none' })).toThrow(/parts: must be a list/)
    expect(() => readTask({ ...odd, version: 0 })).toThrow(/version/)
  })
})

/* What version 1 allowed: names with any characters, a weighing called as a material, a sample twice in a rack. */
const name = fc.oneof(
  fc.constantFrom('t1', 't10', 'F1', '1.2', '1-2', 'a/b', 'a#0', '__proto__', ' x', 'e\u0301', 'A/flask', '…'),
  fc.string({ minLength: 1, maxLength: 60 }),
)
const names = (least: number, most: number) => fc.uniqueArray(name, { minLength: least, maxLength: most })
const reading = fc.oneof(
  fc.nat(5000).map((value) => (value / 100).toFixed(2)),
  fc.nat(5000).map((value) => ({ value: (value / 100).toFixed(2), was: [{ value: '1.00', why: 'misread' }] })),
)
const optional = <Value>(value: fc.Arbitrary<Value>) => fc.option(value, { nil: undefined })
const run = fc.record(
  { kind: fc.constantFrom('rough', 'accurate', 'blank'), initial: reading, final: reading, why: fc.string() },
  { requiredKeys: ['kind'] },
)
const step = fc.record({ do: fc.constantFrom('look', 'warm', 'add'), saw: fc.string() }, { requiredKeys: ['do'] })

const task1 = fc
  .record({
    materials: names(1, 4),
    parts: names(6, 6),
    tubes: fc.array(name, { maxLength: 5 }),
    questions: names(3, 3),
    runs: fc.array(run, { maxLength: 5 }),
    points: fc.array(fc.tuple(reading, reading), { maxLength: 5 }),
    masses: fc.array(reading, { maxLength: 4 }),
    steps: fc.array(step, { maxLength: 4 }),
    spots: fc.array(fc.record({ label: fc.string({ maxLength: 9 }), distance: reading }), { maxLength: 4 }),
    conclusion: optional(fc.string({ minLength: 1 })),
  })
  .map(({ materials, parts, tubes, questions, runs, points, masses, steps, spots, conclusion }) => {
    const [material = ''] = materials
    const [w = '', t = '', h = '', m = '', r = '', c = ''] = parts
    const half = Math.ceil(tubes.length / 2)
    const tube = (id: string, index: number) => ({ id, ...(index > 0 ? { from: tubes[0] } : {}), steps })
    const samples = [tubes.slice(0, half), tubes.slice(half)].map((some, index) => ({
      material,
      tubes: some.map((id, place) => tube(id, index * half + place)),
      ...(conclusion === undefined ? {} : { conclusion }),
    }))
    const flask = [{ material, volume: '25.0' }, { weighing: w }]
    return JSON.parse(
      JSON.stringify({
        format: 'hop-lark/task',
        version: 1,
        id: 'generated',
        title: 'generated',
        materials: materials.map((id) => ({ id, label: 'x', form: 'solution' })),
        parts: [
          { id: w, kind: 'weighing', of: material },
          {
            id: t,
            kind: 'titration',
            burette: material,
            flask,
            reactions: [],
            runs: runs.map((one) => ({ ...one, weighing: w })),
          },
          { id: h, kind: 'heating', of: material, masses },
          { id: m, kind: 'series', x: { name: 'x', unit: 's' }, y: { name: 'y', unit: 'g' }, points, compareWith: [m] },
          { id: r, kind: 'rack', samples },
          { id: c, kind: 'chromatogram', spots },
        ],
        questions: [
          { id: questions[0], find: { quantity: 'amount', of: 'Fe', in: `${t}/flask` } },
          { id: questions[1], find: { quantity: 'mass', of: 'Fe', in: w } },
          { id: questions[2], find: { quantity: 'percentError', answer: questions[1], accepted: '1' } },
        ],
      }),
    )
  })

const partOf = <Kind extends Task['parts'][number]['kind']>(task: Task, kind: Kind) =>
  task.parts.find((part): part is Extract<Task['parts'][number], { kind: Kind }> => part.kind === kind)

it('any task that version 1 allowed is read: nothing lost, and every name leads where it led', () => {
  fc.assert(
    fc.property(task1, (document) => {
      const task = readTask(document)
      const own = (value: unknown) => contentOf(value).filter((text) => typeof text === 'string' && /\d\.\d\d/.test(text))
      expect(own(task.parts)).toEqual(own(document.parts))
      const [weighing, titration, rack] = [partOf(task, 'weighing'), partOf(task, 'titration'), partOf(task, 'rack')]
      if (!weighing || !titration || !rack) throw new Error('a part is gone')
      const material = task.materials[0]?.id
      expect([weighing.of, titration.burette, partOf(task, 'heating')?.of]).toEqual([material, material, material])
      expect(titration.flask).toMatchObject([{ material }, { weighing: weighing.id }])
      expect(titration.runs.map((one) => one.weighing)).toEqual(document.parts[1].runs.map(() => weighing.id))
      const [amount, mass, error] = task.questions
      expect(amount?.find).toMatchObject({ in: `${titration.id}/flask` })
      expect(mass?.find).toMatchObject({ in: weighing.id })
      expect(error?.find).toMatchObject({ answer: mass?.id })
      const tubes = rack.samples.flatMap((sample) => sample.tubes)
      expect(tubes).toHaveLength(document.parts[4].samples.flatMap((sample: { tubes: unknown[] }) => sample.tubes).length)
      for (const tube of tubes) if (tube.from !== undefined) expect(tube.from).toBe(tubes[0]?.id)
      expect(rack.samples[0]?.conclusion ?? '').toBe(
        [...new Set([0, 1])].flatMap((index) => document.parts[4].samples[index].conclusion ?? []).join('; '),
      )
      expect(partOf(task, 'series')?.compareWith).toEqual([partOf(task, 'series')?.id])
    }),
    { numRuns: 200 },
  )
})

describe("a student's own lines of version 1", () => {
  const migrated = (id: string, parts: readonly object[] = []) => {
    const own = [{ id, value: '1' }]
    const questions = [{ id: 'q', find: { quantity: 'meanTitre', in: 't1' }, own }]
    const document = { format: 'hop-lark/task', version: 1, id: 'x', title: 'x', parts, questions }
    return (migrateTask(document).questions as { own: { id: string }[] }[])[0]?.own[0]?.id
  }
  const titration = (id: string) => ({ id, kind: 'titration', burette: 'B', flask: [], reactions: [], runs: [] })
  const two = [titration('t1'), titration('t.2')]

  it.each([
    ['n:Mn1O4|-1@t:t1/titre', 'amount MnO4- titre'],
    ['n:Fe1|2@t:t.2/flask', 'amount Fe^2+ flask 2'],
    ['n:Fe1|2@t:t1/flask/1', 'amount Fe^2+ flask portion 2'],
    ['n:Cl1H1|0@t:t1#2/left', 'amount ClH left over run 3'],
    ['c:H1Na1O1|0@m:B#t1#0', 'concentration HNaO titre run 1'],
    ['accepted@q', 'accepted'],
    ['percent', 'percent'],
  ])('are called by what they are of: %s', (before, after) => {
    expect(migrated(before, two)).toBe(after)
  })

  it('has the names that lines have today', () => {
    expect(lineName({ what: 'mass', where: { role: 'weighed', number: 1 } })).toBe(
      migrated('mass@w:w1', [{ id: 'w1', kind: 'weighing' }]),
    )
  })
})
