import { readdirSync, readFileSync } from 'node:fs'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type Question, readTaskText, type Task } from '../record/index.ts'
import { reckonTask } from './index.ts'
import { answerOf, task } from './testing/answers.ts'

const DEMO = new URL('../../../demo/', import.meta.url)
const DEMOS = readdirSync(DEMO).map((file) => readTaskText(readFileSync(new URL(file, DEMO), 'utf8')))

const of = fc.constantFrom(
  'Fe2+',
  'Fe',
  'Na2CO3',
  'CO3^2-',
  'H2O',
  'Na2CO3.10H2O',
  'NaOH',
  'HCl',
  'CaCO3',
  'CH3COOH',
  'NaCl',
  'Cu',
)

/** A question about any species anywhere in a task, whether it makes sense or not. */
function questionAbout({ materials, parts }: Task): fc.Arbitrary<Question['find']> {
  const material = fc.constantFrom(...materials.map(({ id }) => id))
  const flasks = parts.flatMap(({ kind, id }) => (kind === 'titration' ? [`${id}/flask`, `${id}/titre`] : []))
  const weighed = parts.flatMap(({ kind, id }) => (kind === 'weighing' || kind === 'heating' ? [id] : []))
  const place = fc.constantFrom(...flasks, ...weighed, ...materials.map(({ id }) => id))
  const inMaterial = fc.record({
    quantity: fc.constantFrom(
      'concentration' as const,
      'massConcentration' as const,
      'massPercent' as const,
      'hydration' as const,
    ),
    of,
    in: material,
  })
  const somewhere = fc.record({ quantity: fc.constantFrom('amount' as const, 'mass' as const), of, in: place })
  return fc.oneof(
    inMaterial,
    somewhere,
    material.map((one) => ({ quantity: 'molarMass' as const, of: one })),
  )
}

/** A demo task with further questions, and some of all its questions in some order. */
const asked = fc.constantFrom(...DEMOS.filter(({ parts }) => parts.some(({ kind }) => kind === 'titration'))).chain((demo) =>
  fc.array(questionAbout(demo), { minLength: 1, maxLength: 4 }).chain((finds) => {
    const questions = [...demo.questions, ...finds.map((find, index) => ({ id: `x${index}`, find }))]
    return fc.record({ demo: fc.constant({ ...demo, questions }), some: fc.shuffledSubarray(questions, { minLength: 1 }) })
  }),
)

/** The questions whose answers a question is worked with, and those that these are worked with: they are part of it. */
function answersUsed(demo: Task, { find }: Question): readonly Question[] {
  const worked = find.quantity === 'sum' ? Object.values(find.with ?? {}) : []
  const ids =
    find.quantity === 'percentError'
      ? [find.answer]
      : worked.flatMap((one) => (typeof one === 'object' && 'answer' in one ? [one.answer] : []))
  const used = demo.questions.filter(({ id }) => ids.includes(id))
  return used.flatMap((question) => [...answersUsed(demo, question), question])
}

describe('questions of one task', () => {
  it('never disturb each other: any of them in any order have the answers they have alone', () => {
    fc.assert(
      fc.property(asked, ({ demo, some }) => {
        const all = reckonTask(demo).answers
        const needed = some.flatMap((question) => [...answersUsed(demo, question), question])
        const questions = needed.filter((question, index) => needed.indexOf(question) === index)
        for (const answer of reckonTask({ ...demo, questions }).answers)
          expect(answer).toEqual(all.find(({ question }) => question === answer.question))
        const [first] = some
        if (first && answersUsed(demo, first).length === 0)
          expect(answerOf({ ...demo, questions: [first] }, first.id)).toEqual(answerOf(demo, first.id))
      }),
      { numRuns: 300 },
    )
  })

  it('water of crystallisation asked of the water and of the salt: each as it is alone', () => {
    const soda = task({
      materials: [
        { id: 'S', label: 'soda', form: 'solid', solute: 'Na2CO3.10H2O' },
        { id: 'F', label: 'F', form: 'solution' },
        { id: 'H', label: 'acid', form: 'solution', solute: 'HCl', strength: { value: '0.1000', unit: 'mol/dm3' } },
      ],
      conventions: { concordance: { runs: 1 }, atomicMasses: 'one-decimal' },
      parts: [
        { id: 'w', kind: 'weighing', of: 'S', mass: '3.577' },
        { id: 's', kind: 'solution', from: [{ weighing: 'w' }], flask: '250.0', gives: 'F' },
        {
          id: 't',
          kind: 'titration',
          burette: 'H',
          flask: [{ material: 'F', volume: '25.0', by: 'pipette' }],
          reactions: [{ equation: '2H+ + CO3^2- -> H2O + CO2', role: 'titration' }],
          runs: [{ kind: 'accurate', initial: '0.00', final: '25.00' }],
        },
      ],
      questions: [
        { id: 'water', find: { quantity: 'hydration', of: 'Na2CO3', in: 'S' } },
        { id: 'salt', find: { quantity: 'hydration', of: 'H2O', in: 'S' } },
      ],
    })
    // 1.25 mmol of carbonate in the portion, 12.5 mmol = 1.325 g of Na2CO3 in all, 2.252 g = 0.1251 mol of water.
    expect(answerOf(soda, 'water').value).toBe('10.0')
    expect(answerOf({ ...soda, questions: soda.questions.toReversed() }, 'water').value).toBe('10.0')
    expect(answerOf(soda, 'salt').value).toBeNull()
  })
})
