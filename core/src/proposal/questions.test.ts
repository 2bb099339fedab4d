import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { questionTitle } from '../reckon/index.ts'
import { newTask, readTaskText, type Task } from '../record/index.ts'
import { proposeQuestions } from './index.ts'

const demo = (name: string): Task =>
  readTaskText(readFileSync(new URL(`../../../demo/${name}.hoplark.json`, import.meta.url), 'utf8'))
const unasked = (name: string): Task => ({ ...demo(name), questions: [] })
const titles = (task: Task) => proposeQuestions(task).map(({ find }) => questionTitle(task, { id: 'p', find }))

describe('questions that the record can answer', () => {
  it('go from the titre back to the solid, as papers ask', () => {
    expect(titles(unasked('iron-in-lawn-sand'))).toEqual([
      'Amount of MnO4- in the mean titre',
      'Amount of Fe2+ in the conical flask',
      'Concentration of Fe2+ in F4',
      'Amount of Fe2+ in F4',
      'Percentage by mass of Fe in F1',
    ])
  })

  it('leave out what is asked already', () => {
    const [asked] = demo('iron-in-lawn-sand').questions
    const task = { ...unasked('iron-in-lawn-sand'), questions: asked ? [asked] : [] }
    expect(titles(task)).not.toContain(questionTitle(task, { id: 'p', find: task.questions[0]?.find ?? { quantity: 'words' } }))
    expect(titles(task)).toHaveLength(4)
  })

  it('are those of the lines of a series, and of the titration that follows from it', () => {
    expect(titles(unasked('kiln-wash-alkali'))).toEqual([
      'Where the lines cross',
      'Temperature where the lines cross',
      'Amount of HCl in the mean titre (End-point by temperature)',
      'Amount of NaOH in the conical flask (End-point by temperature)',
      'Concentration of NaOH in K',
    ])
    expect(titles(unasked('sourness-of-the-cellar-cider'))).toEqual([
      'Volume of NaOH at equivalence',
      'pKa, half-way to equivalence',
    ])
  })

  it('of water that was driven off wait for the salt to be named', () => {
    const water = proposeQuestions(unasked('water-in-washing-soda')).find(({ find }) => find.quantity === 'hydration')
    expect(water).toEqual({ find: { quantity: 'hydration', of: '', in: 'W' }, lacks: 'of' })
  })

  it('are none of a heating whose masses cannot be', () => {
    const task = unasked('water-in-washing-soda')
    const parts = task.parts.map((part) => (part.kind === 'heating' ? { ...part, container: '30.00' } : part))
    const driven = (found: Task) => titles(found).filter((title) => /^Mass of H2O/.test(title))
    expect(driven(task)).toHaveLength(1)
    expect(driven({ ...task, parts })).toEqual([])
  })

  it('ask for the strength of the burette only where no label tells it', () => {
    expect(titles(unasked('acid-in-orchard-vinegar'))).toEqual(['Concentration of NaOH in N'])
  })

  it('are which ions there are, once a sample was tested', () => {
    expect(titles(unasked('four-jars')).slice(0, 2)).toEqual(['Ions in Jar G', 'Ions in Jar H'])
    expect(proposeQuestions({ ...newTask('x', 'unknowns', Math.random), questions: [] })).toEqual([])
  })

  it('are none before anything was recorded', () => {
    expect(proposeQuestions(newTask('x', 'weigh-titrate', Math.random))).toEqual([])
  })
})
