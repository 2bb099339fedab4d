import { describe, expect, it } from 'vitest'
import { type Material, newTask, type Task } from '../record/index.ts'
import { massesFrom, readinessOf } from './index.ts'
import { titration } from './testing/titration.ts'

const task = (burette: Pick<Material, 'solute'>, parts: Task['parts'] = []): Task => ({
  ...newTask('Lawn sand', 'empty', () => 0.5),
  materials: [
    { id: 'F2', label: 'F2', form: 'solution', ...burette },
    { id: 'F4', label: 'F4', form: 'solution' },
  ],
  parts,
})

describe('what to have ready', () => {
  const pipetted = () => ({
    ...titration(),
    flask: [
      { material: 'F4', volume: '25.0', by: 'pipette' as const },
      { material: 'F3', volume: '10', by: 'cylinder' as const },
    ],
  })
  const lines = (part: ReturnType<typeof titration>, solute?: string) =>
    readinessOf(task(solute ? { solute } : {}), part).flatMap(({ piece, lines: all }) =>
      all.map(({ id, says, because }) => [piece, id, says, because] as const),
    )

  it('is said piece by piece, each with its reason', () => {
    const all = lines(pipetted())
    expect(all.map(([piece, id]) => `${piece} ${id}`)).toEqual([
      'Burette burette-rinsed',
      'Burette burette-filled',
      'Burette jet-full',
      'Burette read-level',
      'Pipette pipette-0-rinsed',
      'Pipette pipette-0-drained',
      'Conical flask flask-water',
      'Conical flask white-tile',
    ])
    const of = Object.fromEntries(all.map(([, id, says, because]) => [id, `${says}. ${because}`]))
    expect(of['burette-rinsed']).toBe(
      'Rinsed with water, then with a little of F2, the tap open at the end. Water left in it would dilute F2, and every titre would be too large.',
    )
    expect(of['burette-filled']).toBe(
      'Filled with F2 through a funnel held up a little, below eye level; funnel taken out. A funnel left in drips during the run, and the titre comes out too small.',
    )
    expect(of['jet-full']).toBe(
      'A little run through: jet full, no bubble. A bubble that leaves during the run counts as solution, and the titre is too large.',
    )
    expect(of['pipette-0-rinsed']).toBe(
      '25.0 cm³ pipette rinsed with water, then with F4; filled with a filler, never by mouth. Water left in it would take the place of F4, and the titre would be too small.',
    )
    expect(of['pipette-0-drained']).toBe(
      'Drained against the wall of the flask, last drop left in the tip. It is marked to deliver its volume so: blowing the last drop out gives too much.',
    )
    expect(of['flask-water']).toBe(
      'Rinsed with water only; it may stay wet. Water brings nothing that reacts; a rinse with the sample would add to the portion.',
    )
    expect(of['white-tile']).toBe(
      'On a white tile, swirled; splashes washed down with water. The first change of colour shows on white, and what sticks to the wall has not reacted yet.',
    )
  })

  it('speaks of no pipette where none is used, and of none’s size where it is not known', () => {
    expect(lines(titration()).map(([piece]) => piece)).not.toContain('Pipette')
    const sizeless = { ...titration(), flask: [{ material: 'F4', by: 'pipette' as const }] }
    expect(lines(sizeless as ReturnType<typeof titration>).find(([, id]) => id === 'pipette-0-rinsed')?.[2]).toMatch(
      /^pipette rinsed/,
    )
  })

  it('has a dark solution read at the top of its meniscus', () => {
    const level = (solute?: string) => lines(titration(), solute).find(([, id]) => id === 'read-level')
    const because = 'From above the level seems higher, from below lower; both readings must be taken alike.'
    expect(level('HCl')?.slice(2)).toEqual(['Read at eye level, at the bottom of the meniscus', because])
    expect(level('KMnO4')?.slice(2)).toEqual([
      'Read at eye level, at the top of the meniscus, since the solution is too dark to see the bottom',
      because,
    ])
  })
})

describe('masses of runs', () => {
  const weighed = task({}, [
    { id: 'w1', kind: 'weighing', of: 'F4', container: '10.21', withSample: '12.46' },
    { id: 'w2', kind: 'weighing', of: 'F4', withSample: '12.46' },
  ])
  const massOf = (weighing?: string) => massesFrom(weighed)({ id: 'r0', kind: 'accurate', ...(weighing ? { weighing } : {}) })

  it('are those of their weighings, where there are any', () => {
    expect(massOf('w1')?.toFixed(2)).toBe('2.25')
    expect(massOf('w2')).toBeUndefined()
    expect(massOf('w3')).toBeUndefined()
    expect(massOf()).toBeUndefined()
  })
})
