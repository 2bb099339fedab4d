import { readdirSync, readFileSync } from 'node:fs'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readTaskText, type Task } from '../record/index.ts'
import { reckonTask } from './index.ts'

const DEMO = new URL('../../../demo/', import.meta.url)
const DEMOS = readdirSync(DEMO)
  .map((file) => readTaskText(readFileSync(new URL(file, DEMO), 'utf8')))
  .filter(({ parts }) => parts.some(({ kind }) => kind === 'titration'))

/** A change as a page makes it: one reading is new, everything else is the very same thing as before. */
const changed = (task: Task, which: number, final: string | undefined): Task => {
  const titrations = task.parts.filter((part) => part.kind === 'titration')
  const chosen = titrations[which % titrations.length]
  return {
    ...task,
    parts: task.parts.map((part) => {
      if (part !== chosen || part.kind !== 'titration') return part
      const index = which % Math.max(1, part.runs.length)
      return {
        ...part,
        runs: part.runs.map((run, place) => {
          if (place !== index) return run
          const { final: _, ...rest } = run
          return final === undefined ? rest : { ...rest, final }
        }),
      }
    }),
  }
}

const reading = fc.option(
  fc.integer({ min: 0, max: 1000 }).map((twentieths) => (twentieths / 20).toFixed(2)),
  { nil: undefined },
)

describe('a task in which readings change one after another', () => {
  it('has the answers it would have if it were read anew each time', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...DEMOS),
        fc.array(fc.tuple(fc.nat(50), reading), { minLength: 1, maxLength: 6 }),
        (demo, changes) => {
          let task = demo
          reckonTask(task)
          for (const [which, final] of changes) {
            task = changed(task, which, final)
            expect(reckonTask(task)).toEqual(reckonTask(structuredClone(task)))
          }
        },
      ),
      { numRuns: 150 },
    )
  })

  it('says anew which reactant runs out first', () => {
    const lawn = readTaskText(readFileSync(new URL('iron-in-lawn-sand.hoplark.json', DEMO), 'utf8'))
    const [titration] = lawn.parts.filter((part) => part.kind === 'titration')
    const task: Task = {
      ...lawn,
      questions: [
        { id: 'n', find: { quantity: 'amount', of: 'MnO4-', in: `${titration?.id}/titre` } },
        {
          id: 'q',
          find: {
            quantity: 'sum',
            sum: 'limiting',
            texts: { equation: 'Mg + 2HCl -> MgCl2 + H2', a: 'Mg', b: 'HCl', to: 'H2' },
            with: { n1: { answer: 'n' }, n2: '0.0004' },
          },
        },
      ],
    }
    const says = (one: Task) => reckonTask(one).answers[1]?.steps.find(({ says }) => says.includes('runs out first'))?.says
    expect(says(task)).toContain('HCl runs out first')
    const less = {
      ...task,
      parts: task.parts.map((part) =>
        part === titration ? { ...part, runs: part.runs.map((run) => ({ ...run, initial: '0.00', final: '5.00' })) } : part,
      ),
    }
    expect(says(less)).toContain('Mg runs out first')
  })
})
