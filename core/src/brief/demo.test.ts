import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { type Part, readTaskText, type Task } from '../record/index.ts'
import { isAccepted, readingOf, type SheetReading } from './index.ts'

const FOLDER = new URL('../../../demo/', import.meta.url)
const DEMO = readdirSync(FOLDER).map((file) => [
  file.replace('.hoplark.json', ''),
  readTaskText(readFileSync(new URL(file, FOLDER), 'utf8')),
]) as readonly (readonly [name: string, task: Task])[]
/** The sheet that has just been pasted: its first question is confirmed. */
const PASTED = 'paper-from-the-pier'

const readOf = (task: Task): SheetReading => {
  const reading = readingOf(task)
  if (!reading) throw new Error(`${task.id} carries no sheet`)
  return reading
}

/** What a part is about, whatever has been recorded in it. */
function essence(part: Part): unknown {
  switch (part.kind) {
    case 'weighing':
    case 'heating':
      return [part.kind, part.of]
    case 'solution':
      return [part.kind, part.from, Number(part.flask), part.gives]
    case 'titration':
      return [
        part.kind,
        part.burette,
        part.flask,
        part.reactions,
        part.continues,
        part.runs.map(({ weighing }) => weighing ?? '').toSorted()[0],
      ]
    case 'series':
      return [part.kind, part.y, part.reading, part.unknowns?.length].map((one) =>
        typeof one === 'object' && one !== null ? Object.entries(one).filter(([name]) => name !== 'step') : one,
      )
    case 'rack':
      return [part.kind]
    default:
      return [part.kind]
  }
}

describe('the demo', () => {
  it.each(DEMO)('%s carries a full sheet, of which everything is read', (_, task) => {
    const { notRead, gaps, steps } = readOf(task)
    expect(notRead).toEqual([])
    expect(gaps.map(({ says }) => says)).toEqual([])
    expect(steps.length).toBeGreaterThan(3)
  })

  it.each(DEMO.filter(([name]) => name !== PASTED))('%s holds what its sheet is read into', (_, task) => {
    const { task: read } = readOf(task)
    for (const material of read.materials) expect(task.materials.map(({ id }) => id)).toContain(material.id)
    for (const part of read.parts) {
      const own = task.parts.find(({ id }) => id === part.id)
      expect(own && essence(own)).toEqual(essence(part))
    }
    for (const question of read.questions) expect(task.questions.map(({ id }) => id)).toContain(question.id)
  })

  it.each(DEMO.filter(([name]) => name !== PASTED))('%s asks in its sheet for the numbers that it answers', (_, task) => {
    for (const { id, find } of readOf(task).task.questions) {
      const own = task.questions.find((one) => one.id === id)?.find
      if (find.quantity === 'words' || find.quantity === 'sum') continue
      expect(own).toEqual(find)
    }
  })

  it('has a sheet that is half confirmed', () => {
    const task = DEMO.find(([name]) => name === PASTED)?.[1] as Task
    const accepted = readOf(task).steps.map((step) => isAccepted(task, step))
    expect(accepted).toContain(true)
    expect(accepted).toContain(false)
  })
})
