import { describe, expect, it } from 'vitest'
import { newTask, type Task } from '../record/index.ts'
import { NOTHING } from './mend/gap.ts'
import { acceptSheet, isAccepted, makesAll } from './sheet/accept.ts'
import { readingOf, reviseSheet, withMend } from './sheet/revise.ts'

const SHEET = `M1 is moss killer crystals, an iron(II) salt. M2 is 0.0150 mol dm-3 potassium manganate(VII), KMnO4. M3 is dilute sulfuric acid.
(a) 1. Weigh about 5.4 g of M1 into a beaker. Dissolve it in 100 cm3 of M3.
2. Wash the solution into a 250 cm3 volumetric flask and make up to the mark. This is M4.
3. Fill the burette with M2. Pipette 25.0 cm3 of M4 into a conical flask and titrate until it is pink.
(b) Calculate the mean titre.
(c) Explain why the acid is needed.
MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O`

const withSheet = (text = SHEET): Task =>
  reviseSheet(
    newTask('Moss', 'empty', () => 0.5),
    { text },
  )
const reading = (task: Task) => {
  const found = readingOf(task)
  if (!found) throw new Error('There is no sheet.')
  return found
}
const accepted = (task = withSheet()): Task => acceptSheet(task, reading(task), makesAll(reading(task)))
const partOf = (task: Task, id: string) => task.parts.find((part) => part.id === id)

describe('accepting a sheet', () => {
  it('makes materials, parts and questions in the order of the sheet', () => {
    const task = accepted()
    expect(task.materials.map(({ id }) => id)).toEqual(['M1', 'M2', 'M3', 'M4'])
    expect(task.parts.map(({ id }) => id)).toEqual(['w1', 's1', 't1'])
    expect(task.questions.map(({ number, find }) => [number, find.quantity])).toEqual([
      ['(b)', 'meanTitre'],
      ['(c)', 'words'],
    ])
  })

  it('step by step brings what a step needs, each in its place', () => {
    let task = withSheet()
    const steps = reading(task).steps
    const titrates = steps.find(({ makes }) => makes.parts.includes('t1'))
    const weighs = steps.find(({ makes }) => makes.parts.includes('w1'))
    if (!titrates || !weighs) throw new Error('Steps are missing.')
    task = acceptSheet(task, reading(task), titrates.makes)
    expect(task.parts.map(({ id }) => id)).toEqual(['t1'])
    expect(task.materials.map(({ id }) => id)).toEqual(['M2', 'M4'])
    expect(isAccepted(task, weighs)).toBe(false)
    task = acceptSheet(task, reading(task), weighs.makes)
    expect(task.parts.map(({ id }) => id)).toEqual(['w1', 't1'])
    expect(isAccepted(task, weighs)).toBe(true)
  })

  it('leaves what the task has already', () => {
    const task = accepted()
    const recorded = { ...task, parts: task.parts.map((part) => (part.kind === 'weighing' ? { ...part, mass: '5.41' } : part)) }
    expect(acceptSheet(recorded, reading(recorded), makesAll(reading(recorded)))).toEqual(recorded)
  })
})

describe('a sheet that is edited after it was accepted', () => {
  it('changes what depends on it', () => {
    const task = reviseSheet(accepted(), { text: SHEET.replace('25.0 cm3', '20.0 cm3').replace('0.0150', '0.0200') })
    expect(partOf(task, 't1')).toMatchObject({ flask: [{ material: 'M4', volume: '20.0' }] })
    expect(task.materials[1]).toMatchObject({ id: 'M2', strength: { value: '0.0200' } })
  })

  it('leaves what was recorded and what the student changed', () => {
    const before = accepted()
    const worked: Task = {
      ...before,
      parts: before.parts.map((part) =>
        part.kind === 'titration'
          ? { ...part, indicator: 'my own', runs: [{ id: 'rough1', kind: 'rough', initial: '0.00', final: '24.10' }] }
          : part.kind === 'weighing'
            ? { ...part, mass: '5.41' }
            : part,
      ),
    }
    const task = reviseSheet(worked, { text: SHEET.replace('25.0 cm3', '20.0 cm3') })
    expect(partOf(task, 'w1')).toMatchObject({ mass: '5.41' })
    expect(partOf(task, 't1')).toMatchObject({
      indicator: 'my own',
      flask: [{ volume: '20.0' }],
      runs: [{ initial: '0.00', final: '24.10' }],
    })
  })

  it('keeps the names of parts when a step is put in before them', () => {
    const before = accepted()
    const text = SHEET.replace('3. Fill', '2a. Weigh about 1.2 g of M5, pure oxalic acid, into a second beaker.\n3. Fill')
    const task = reviseSheet(before, { text })
    expect(partOf(task, 'w1')).toEqual(partOf(before, 'w1'))
    expect(partOf(task, 't1')).toMatchObject({ burette: 'M2' })
    expect(reading(task).task.parts.filter(({ kind }) => kind === 'weighing')).toHaveLength(2)
  })

  it('that is emptied leaves the task as it was', () => {
    const before = accepted()
    const { brief, ...rest } = before
    expect(brief).toBeDefined()
    expect(reviseSheet(before, { text: ' ' })).toEqual(rest)
  })
})

describe('what is asked about a sheet', () => {
  const open = SHEET.replace('Fill the burette with M2. ', 'Fill the burette. ')

  it('is answered once, and what follows from it is asked no more', () => {
    const task = withSheet(open)
    const [first] = reading(task).gaps
    expect(first).toMatchObject({ id: 't1.burette', blocks: true })
    expect(first?.candidates.map(({ value }) => value)).toContain('M2')
    const mended = reviseSheet(task, { mends: withMend(task, { gap: 't1.burette', value: 'M2' }) })
    expect(reading(mended).gaps).toEqual([])
    expect(partOf(reading(mended).task, 't1')).toMatchObject({
      burette: 'M2',
      reactions: [{ role: 'titration', equation: expect.stringContaining('MnO4-') }],
    })
  })

  it('is answered after the sheet was accepted, too', () => {
    const task = accepted(withSheet(open))
    expect(partOf(task, 't1')).not.toHaveProperty('burette')
    const mended = reviseSheet(task, { mends: withMend(task, { gap: 't1.burette', value: 'M2' }) })
    expect(partOf(mended, 't1')).toMatchObject({ burette: 'M2' })
  })

  it('is let be by saying that there is nothing to record', () => {
    const task = withSheet(`${SHEET}\n4. Take 30.0 cm3 of M6 and put it by the sink.`)
    const gaps = reading(task).gaps.map(({ id }) => id)
    expect(gaps).toContain('left.label.M6')
    const mends = gaps.map((gap) => ({ gap, value: NOTHING }))
    expect(reading(reviseSheet(task, { mends })).gaps).toEqual([])
  })

  it.each([
    ['t1.indicator', 'my own eyes', { indicator: 'my own eyes' }],
    ['t1.volume of M4', '10.0', { flask: [{ material: 'M4', volume: '10.0' }] }],
    ['t1.equation', 'Fe2+ + Ce4+ -> Fe3+ + Ce3+', { reactions: [{ equation: 'Fe2+ + Ce4+ -> Fe3+ + Ce3+', role: 'titration' }] }],
  ])('%s is changed in place', (gap, value, part) => {
    const task = withSheet()
    expect(partOf(reading(reviseSheet(task, { mends: withMend(task, { gap, value }) })).task, 't1')).toMatchObject(part)
  })
})
