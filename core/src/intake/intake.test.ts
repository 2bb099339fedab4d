import { describe, expect, it } from 'vitest'
import { readTask, type Task } from '../record/index.ts'
import { dataTables } from '../writeup/index.ts'
import { DEMOS, demo } from '../writeup/testing/demo.ts'
import { first, partsOf } from '../writeup/testing/records.ts'
import { fieldsOf, matchColumns, putIn, readIntake } from './index.ts'

const LAWN_SAND = demo('iron-in-lawn-sand')
const TITRATION = { ...first(partsOf(LAWN_SAND, 'titration')), runs: [] }
const read = (text: string, part: Task['parts'][number] = TITRATION, task = LAWN_SAND) => {
  const fields = fieldsOf(task, part)
  const matching = matchColumns(
    text.split('\n').map((line) => line.split('|').map((cell) => cell.trim())),
    fields,
  )
  return { matching, ...readIntake(matching, fields) }
}

describe('a table on its way in', () => {
  it('has its columns matched by their headings, in any order and units', () => {
    const { rows, faults } = read(
      'Final reading / mL | Remarks | Run | Initial (cm³)\n21.40 | overshot | rough | 0.00\n20,75 | | 1 | 0·10',
    )
    expect(faults).toEqual([])
    expect(rows).toEqual([
      { run: 'rough', initial: '0.00', final: '21.40', why: 'overshot' },
      { run: '1', initial: '0.10', final: '20.75' },
    ])
  })

  it('is turned round where each run has a column', () => {
    const { matching, rows } = read(
      'Run | rough | 1\nFinal reading / cm³ | 21.30 | 21.05\nInitial reading / cm³ | 0.00 | 0.40\nTitre / cm³ | 21.30 | 20.65',
    )
    expect(matching.turned).toBe(true)
    expect(rows).toEqual([
      { run: 'rough', initial: '0.00', final: '21.30' },
      { run: '1', initial: '0.40', final: '21.05' },
    ])
  })

  it('without headings is taken in the order of its numbers', () => {
    expect(read('0.00 | 21.40\n0.10 | 20.75').rows).toEqual([
      { initial: '0.00', final: '21.40' },
      { initial: '0.10', final: '20.75' },
    ])
  })

  it.each([
    ['Initial / L | Final / dm3\n0.00000 | 0.02140', [{ initial: '0.00', final: '21.40' }]],
    ['Initial / m3 | Final / cm3\n0 | 21.40', 'cannot'],
    ['Initial / mol | Final / cm3\n0 | 21.40', 'cannot be turned into cm3'],
    ['Initial | Final\n0.00 | about 21', '“about 21” is no number'],
    ['Initial | Final\n | 21.40', 'the initial reading is missing'],
    ['Initial | Final\n1e1 | 2.14e1', [{ initial: '10', final: '21.4' }]],
  ] as const)('turns units and names what cannot be read: %s', (text, wanted) => {
    const { rows, faults } = read(text)
    if (typeof wanted === 'string')
      expect([...faults.map(({ says }) => says), ...rows.map(() => 'cannot')].join('; ')).toContain(wanted)
    else expect(rows).toEqual(wanted)
  })

  it('says where a cell stands that cannot be read, in the table as it came', () => {
    expect(read('Run | Initial | Final\n1 | 0.00 | x').faults).toEqual([{ row: 2, column: 3, says: '“x” is no number' }])
    expect(read('Initial | 0.00 | 0.10\nFinal | x | 20.75').faults).toEqual([{ row: 2, column: 2, says: '“x” is no number' }])
  })

  it('brings kelvins to degrees and minutes to seconds', () => {
    const series = { ...first(partsOf(demo('kiln-wash-alkali'), 'series')), points: [] }
    expect(read('volume of H / mL | temperature / K\n5.00 | 294.65', series, demo('kiln-wash-alkali')).rows).toEqual([
      { x: '5.00', y: '21.50' },
    ])
    const gas = { ...first(partsOf(demo('shell-and-acid'), 'series')), points: [] }
    expect(read('time / min | volume of gas / cm3\n0.5 | 12', gas, demo('shell-and-acid')).rows).toEqual([{ x: '30', y: '12' }])
  })
})

describe('what is put in', () => {
  it('comes after what is there, each thing with an id of its own', () => {
    const part = first(partsOf(LAWN_SAND, 'titration'))
    const after = putIn(part, [
      { initial: '0.00', final: '20.70', run: 'rough 2' },
      { initial: '1.00', final: '21.70', kind: 'blank' },
    ])
    const runs = after.kind === 'titration' ? after.runs : []
    expect(runs.slice(0, part.runs.length)).toEqual(part.runs)
    expect(runs.slice(part.runs.length).map(({ id, kind }) => [id, kind])).toEqual([
      ['rough2', 'rough'],
      ['blank1', 'blank'],
    ])
    expect(() =>
      readTask({ ...LAWN_SAND, parts: LAWN_SAND.parts.map((one) => (one.id === part.id ? after : one)) }),
    ).not.toThrow()
  })

  it.each(DEMOS)('%s: tables that were written out come back as they were', (name) => {
    const task = demo(name)
    for (const part of task.parts) {
      const table = dataTables(task).find(({ at, name: of }) => at[1] === part.id && /-(runs|points|masses|spots)$/.test(of))
      if (!table) continue
      const empty = {
        ...part,
        ...('runs' in part ? { runs: [] } : {}),
        ...('points' in part ? { points: [] } : {}),
        ...('masses' in part ? { masses: [] } : {}),
        ...('spots' in part ? { spots: [] } : {}),
      }
      const fields = fieldsOf(task, part)
      const { rows, faults } = readIntake(matchColumns([table.columns.map(({ title }) => title), ...table.rows], fields), fields)
      expect(faults).toEqual([])
      const back = putIn(empty, rows)
      const again = dataTables({ ...task, parts: task.parts.map((one) => (one.id === part.id ? back : one)) }).find(
        ({ name: of }) => of === table.name,
      )
      expect(again?.rows).toEqual(table.rows)
    }
  })
})
