import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { Exact, readTyped } from '../number/index.ts'
import { readTask, type Task } from '../record/index.ts'
import { reckonTask } from './reckon.ts'

const FOLDER = new URL('../../../demo/', import.meta.url)
const DEMO = readdirSync(FOLDER).map((file): [string, Task] => [
  file,
  readTask(JSON.parse(readFileSync(new URL(file, FOLDER), 'utf8'))),
])
const SCHOOLS = ['moles', 'ratio', 'proportion', 'chain'] as const
const inSchool = (task: Task, working: (typeof SCHOOLS)[number]): Task => ({
  ...task,
  conventions: { ...task.conventions, working },
})

describe('every school of working', () => {
  it.each(DEMO)('gives the same value for every question of %s', (_file, task) => {
    const [moles, ...others] = SCHOOLS.map((school) => reckonTask(inSchool(task, school)).answers)
    for (const answers of others) {
      answers.forEach(({ unrounded, value }, index) => {
        const first = moles?.[index]
        expect(value).toBe(first?.value)
        if (first?.unrounded !== undefined) expect((unrounded ?? 0) / first.unrounded).toBeCloseTo(1, 12)
      })
    }
  })
})

/** Powers of each unit of a chain, multiplied out. */
function unitsLeft(chain: readonly { top: { unit: string }; bottom?: { unit: string } }[]): Record<string, number> {
  const powers: Record<string, number> = {}
  const count = (unit: string, by: number) => {
    if (unit !== '') powers[unit] = (powers[unit] ?? 0) + by
  }
  for (const { top, bottom } of chain) {
    count(top.unit, 1)
    if (bottom) count(bottom.unit, -1)
  }
  return Object.fromEntries(Object.entries(powers).filter(([, power]) => power !== 0))
}

const EXPECTED: Readonly<Record<string, Record<string, number>>> = {
  'mol/dm3': { mol: 1, 'dm³': -1 },
  'g/dm3': { g: 1, 'dm³': -1 },
  'mg/dm3': { mg: 1, 'dm³': -1 },
  '(mol/dm3)^3': { mol: 3, 'dm³': -3 },
  '°C/cm3': { '°C': 1, 'cm³': -1 },
  mol: { mol: 1 },
  cm3: { 'cm³': 1 },
  g: { g: 1 },
  mg: { mg: 1 },
  'g/mol': { g: 1, mol: -1 },
  '%': { '%': 1 },
  '': {},
}

describe('one chain', () => {
  const WITH_READINGS = DEMO.filter(([file]) => !file.startsWith('paper-from-the-pier'))
  it.each(WITH_READINGS.filter(([, task]) => task.parts.some(({ kind }) => kind === 'titration' || kind === 'heating')))(
    'of %s: the units left over are those of the line, and the numbers multiply to its value',
    (_file, task) => {
      let seen = 0
      for (const { steps } of reckonTask(inSchool(task, 'chain')).answers) {
        for (const { chain, unit, value } of steps) {
          if (!chain) continue
          seen++
          expect(unitsLeft(chain)).toEqual(EXPECTED[unit])
          const multiplied = chain.reduce((total, { top, bottom }) => (total * Number(top.text)) / Number(bottom?.text ?? 1), 1)
          // To the last figure written; the numbers of a chain have one figure more.
          const { lastPlace } = readTyped(value) ?? { lastPlace: new Exact(0) }
          expect(Math.abs(multiplied - Number(value))).toBeLessThan(0.6 * lastPlace.toNumber())
        }
      }
      expect(seen).toBeGreaterThan(0)
    },
  )

  it('has the fractions of the lawn sand in the order of the work', () => {
    const task = DEMO.find(([file]) => file.startsWith('iron-in-lawn'))?.[1] as Task
    const last = reckonTask(inSchool(task, 'chain')).answers[1]?.steps.at(-1)
    expect(last?.substituted).toBe(
      '(0.0100 mol / 1 dm³) × 20.675 cm³ × (1 dm³ / 1000 cm³) × (5 mol Fe2+ / 1 mol MnO4-) × (250.0 cm³ / 25.0 cm³) × (55.8 g / 1 mol) × (1 / 4.74 g) × 100 %',
    )
  })

  it('rounds nothing on the way, whatever is carried', () => {
    const task = DEMO.find(([file]) => file.startsWith('iron-in-lawn'))?.[1] as Task
    const rounded = inSchool({ ...task, conventions: { ...task.conventions, carry: 'rounded' } }, 'chain')
    // The mean is written 20.68 where rounded values are carried: 12.699 % instead of 12.696 %.
    expect(reckonTask(rounded).answers[1]?.value).toBe('12.2')
    expect(reckonTask(rounded).answers[1]?.otherCarry).toBeUndefined()
  })
})
