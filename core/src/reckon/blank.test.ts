import { describe, expect, it } from 'vitest'
import { readTask, type Task } from '../record/index.ts'
import { surenessOf } from '../uncertainty/index.ts'
import { reckonTask } from './index.ts'

type Run = readonly [kind: 'accurate' | 'blank', initial: string, final: string, weighing?: string]

function titrated(runs: readonly Run[], conventions: object = {}, own: object[] = []): Task {
  return readTask({
    format: 'hop-lark/task',
    version: 2,
    id: 'x',
    title: 'x',
    conventions,
    materials: [
      {
        id: 'B',
        label: 'B',
        form: 'solution',
        solute: 'NaOH',
        ...(own.length > 0 ? {} : { strength: { value: '0.100', unit: 'mol/dm3' } }),
      },
      own.length > 0
        ? { id: 'S', label: 'S', form: 'solid', solute: 'KHP' }
        : { id: 'F', label: 'F', form: 'solution', solute: 'HCl' },
    ],
    parts: [
      ...own,
      {
        id: 't',
        kind: 'titration',
        burette: 'B',
        flask: own.length > 0 ? [] : [{ material: 'F', volume: '25.0', by: 'pipette' }],
        reactions: [
          { equation: own.length > 0 ? 'HC8H4O4- + OH- -> C8H4O4^2- + H2O' : 'HCl + NaOH -> NaCl + H2O', role: 'titration' },
        ],
        runs: runs.map(([kind, initial, final, weighing], index) => ({
          id: `r${index}`,
          kind,
          initial,
          final,
          ...(weighing ? { weighing } : {}),
        })),
      },
    ],
    questions: [
      { id: 'v', find: { quantity: 'meanTitre', in: 't' } },
      {
        id: 'c',
        find:
          own.length > 0 ? { quantity: 'concentration', of: 'NaOH', in: 'B' } : { quantity: 'concentration', of: 'HCl', in: 'F' },
      },
    ],
  })
}
const RUNS: readonly Run[] = [
  ['accurate', '0.00', '20.65'],
  ['accurate', '0.00', '20.70'],
]
const BLANK: Run = ['blank', '0.00', '0.15']

describe('a blank', () => {
  it('is taken off in a line of its own', () => {
    const [titre, strength] = reckonTask(titrated([...RUNS, BLANK])).answers
    expect(titre).toMatchObject({ value: '20.53', unit: 'cm3' })
    expect(titre?.steps.map(({ says, substituted, value }) => [says, substituted, value])).toEqual([
      ['mean titre less the blank', '20.675 − 0.15', '20.525'],
    ])
    // 0.100 × 20.525/25.0.
    expect(strength).toMatchObject({ value: '0.0821', unrounded: expect.closeTo(0.0821, 9) })
    expect(strength?.steps[0]?.says).toBe('mean titre less the blank')
  })

  it('is averaged where it was run more than once, and stands in no line where it was not', () => {
    const twice = reckonTask(titrated([...RUNS, BLANK, ['blank', '0.00', '0.05']])).answers[0]
    expect(twice?.steps[0]?.substituted).toBe('20.675 − 0.10')
    expect(reckonTask(titrated(RUNS)).answers[0]?.steps).toEqual([])
  })

  it('comes and goes while readings are typed', () => {
    const without = titrated(RUNS)
    const withIt = titrated([...RUNS, BLANK])
    const typed = (task: Task): Task => ({ ...without, parts: task.parts })
    for (const task of [without, withIt, without])
      expect(reckonTask(typed(task)).answers[0]?.value).toBe(reckonTask(structuredClone(task)).answers[0]?.value)
  })

  it('is taken off every titre where each has its own weighed solid', () => {
    // 0.510 g of KHC8H4O4 (204.1) is 2.499 mmol; (25.15 − 0.15) cm³.
    const weighing = { id: 'w', kind: 'weighing', of: 'S', mass: '0.510' }
    const runs: readonly Run[] = [['accurate', '0.00', '25.15', 'w'], BLANK]
    const [, strength] = reckonTask(titrated(runs, { concordance: { runs: 1 } }, [weighing])).answers
    expect(strength?.unrounded).toBeCloseTo(0.51 / 204.1 / 0.025, 6)
  })

  it('brings its own reading to how sure the answer is', () => {
    const share = (task: Task) => surenessOf(task, 'c')?.shares.map(({ source }) => source.says) ?? []
    expect(share(titrated([...RUNS, BLANK])).filter((says) => says.includes('blank'))).toHaveLength(1)
    expect(share(titrated(RUNS)).filter((says) => says.includes('blank'))).toHaveLength(0)
  })
})
