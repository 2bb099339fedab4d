import { expect, it } from 'vitest'
import { Exact, uniformFrom } from '../../number/index.ts'
import { readTask, type Task } from '../../record/index.ts'
import { molarMassOf, parseFormula } from '../../substance/index.ts'
import { reckonTask } from '../index.ts'
import { readAgain } from './printed.ts'

export interface Drawn {
  readonly task: Task
  /** True value of each question. */
  readonly truth: Readonly<Record<string, Exact>>
  /** Removable inputs: how to take one out, and what the answer must then ask for. */
  readonly removable: readonly { readonly without: (task: Task) => Task; readonly asks: RegExp }[]
}

export type Random = () => number

export const written = (value: Exact) => value.toDecimalPlaces(24).toFixed()
export const between = (random: Random, low: number, high: number, places: number) =>
  new Exact((low + random() * (high - low)).toFixed(places))
export const molar = (formula: string) => molarMassOf(parseFormula(formula), 'standard')
export const pick = <Some>(random: Random, some: readonly Some[]) => some[Math.floor(random() * some.length)] as Some

/** The burette starts anywhere; two runs agree exactly. */
export function runs(random: Random, titre: Exact) {
  const start = between(random, 0, 3, 2)
  const run = { kind: 'accurate', initial: written(start), final: written(start.add(titre)) }
  return [{ kind: 'rough', initial: '0.00', final: written(titre.add('0.4')) }, run, run]
}

const CONVENTIONS = { atomicMasses: 'standard', burette: { capacity: '1000000', step: '0.01' } }
export const withoutStrength =
  (id: string) =>
  (task: Task): Task => ({
    ...task,
    materials: task.materials.map((material) =>
      material.id === id
        ? { id: material.id, label: material.label, form: material.form, ...(material.solute ? { solute: material.solute } : {}) }
        : material,
    ),
  })
export const withoutRuns =
  (id: string) =>
  (task: Task): Task => ({
    ...task,
    parts: task.parts.map((part) => (part.id === id && part.kind === 'titration' ? { ...part, runs: [] } : part)),
  })
export const withoutResidue = (task: Task): Task => ({
  ...task,
  parts: task.parts.map((part) => {
    if (part.kind !== 'weighing') return part
    const { withResidue: _, ...rest } = part
    return rest
  }),
})

export function makeTask(content: object): Task {
  return readTask({ format: 'hop-lark/task', version: 1, id: 'fuzz', title: 'fuzz', conventions: CONVENTIONS, ...content })
}

const TASKS_OF_EACH_KIND = Number(process.env.HOP_LARK_RUNS ?? 1000)

/** The drawn readings with no more decimals than a burette or a balance has. */
const asOnGlass = (task: Task): Task => ({
  ...task,
  parts: JSON.parse(JSON.stringify(task.parts), (_, value) =>
    typeof value === 'string' && /^\d+\.\d{5,}$/.test(value) ? new Exact(value).toFixed(value.startsWith('0.') ? 4 : 2) : value,
  ),
})

/** Ten kinds of task make two thousand of them. */
const LINES_READ_AGAIN = 200
export const SCHOOLS = ['moles', 'ratio', 'proportion', 'chain'] as const
export const CARRIES = ['unrounded', 'rounded'] as const

/**
 * Draws tasks of a kind backwards from a known truth: masses and concentrations are drawn, and every reading follows
 * from them exactly. The network, which knows only the readings, must find the truth again.
 */
export function recoversTheTruth(name: string, draw: (random: Random) => Drawn): void {
  const random = uniformFrom(name.length * 7919)

  it(`recovers the truth to 1e-9 in each of ${TASKS_OF_EACH_KIND}`, () => {
    for (let count = 0; count < TASKS_OF_EACH_KIND; count++) {
      const { task, truth } = draw(random)
      for (const { question, unrounded, missing } of reckonTask(task).answers) {
        const expected = truth[question] as Exact
        // A label drawn the same as the mass is off by nought, to which nothing is relative.
        const off = new Exact(unrounded ?? Number.NaN)
          .sub(expected)
          .abs()
          .div(expected.isZero() ? 1 : expected.abs())
        expect(off.lt(1e-9), `task ${count}, ${question}: ${unrounded ?? missing} instead of ${expected.toFixed(9)}`).toBe(true)
      }
    }
  })

  it(`prints no line that a reader would work out otherwise, in each of ${LINES_READ_AGAIN}`, () => {
    for (let count = 0; count < LINES_READ_AGAIN; count++) {
      const task = asOnGlass(draw(random).task)
      const [working, carry] = [pick(random, SCHOOLS), pick(random, CARRIES)]
      for (const { steps } of reckonTask({ ...task, conventions: { ...task.conventions, working, carry } }).answers) {
        for (const step of steps) {
          const { found, printed } = readAgain(step)
          expect(found, `task ${count}, ${working}, ${carry}: ${step.substituted} = ${step.value}`).toBe(printed)
        }
      }
    }
  })

  it('names the one input that was taken out', () => {
    for (let count = 0; count < 25; count++) {
      const { task, removable } = draw(random)
      for (const { without, asks } of removable) {
        const last = reckonTask(without(task)).answers.find(({ value }) => value === null)
        expect(last?.missing, `task ${count}`).toMatch(asks)
      }
    }
  })

  it('gives the same values by the other school of working', () => {
    for (let count = 0; count < 50; count++) {
      const { task } = draw(random)
      const ratio = reckonTask({ ...task, conventions: { ...task.conventions, working: 'ratio' } }).answers
      reckonTask(task).answers.forEach(({ unrounded }, index) => {
        expect(Math.abs((ratio[index]?.unrounded ?? Number.NaN) / (unrounded ?? Number.NaN) - 1)).toBeLessThan(1e-12)
      })
    }
  })
}
