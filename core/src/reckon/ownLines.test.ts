import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { readTyped } from '../number/index.ts'
import { readTask, type Task } from '../record/index.ts'
import { judgeOwnLines } from './ownLines.ts'
import { reckonTask } from './reckon.ts'

const LAWN: Task = readTask(
  JSON.parse(readFileSync(new URL('../../../demo/iron-in-lawn-sand.hoplark.json', import.meta.url), 'utf8')),
)

/** Judges lines typed in order; an empty one is left out. */
function judged(typed: readonly string[], task: Task = LAWN) {
  const question = task.questions.find(({ id }) => id === 'q2')
  if (!question) throw new Error('no question q2')
  const { steps = [] } = reckonTask(task).answers.find((answer) => answer.question === 'q2') ?? {}
  const own = steps.flatMap(({ line }, index) => (typed[index] ? [{ id: line, value: typed[index] }] : []))
  return judgeOwnLines(task, { ...question, own })
}

/*
 * The lines: n(MnO4-) = 0.0100 × 20.675 / 1000 = 2.07e-4; × 5 = 1.03e-3; × 250.0/25.0 = 0.0103; × 55.8 = 0.577 g;
 * 31.46 − 26.72 = 4.74 g; 0.5768/4.74 × 100 = 12.2 %.
 */
const RIGHT = ['2.07e-4', '1.03 x 10^-3', '0.0103', '0.577', '4.74', '12.2']

/** Right but for one line. */
const but = (line: number, value: string) => judged(RIGHT.map((right, index) => (index === line ? value : right)))[line]

describe("a student's own lines", () => {
  it('are right where each is', () => {
    expect(judged(RIGHT).map(({ verdict }) => verdict)).toEqual(RIGHT.map(() => 'right'))
  })

  // Each wrong value is worked out here by hand from the readings.
  it.each([
    ['the 1000 forgotten: 0.0100 × 20.675', 0, '0.207', 'units'],
    ['the ratio forgotten', 1, '2.07e-4', 'ratio'],
    ['the ratio upside down: 2.0675e-4 / 5', 1, '4.13e-5', 'ratio'],
    ['the aliquot factor forgotten', 2, '1.03e-3', 'aliquot factor'],
    ['the aliquot factor upside down', 2, '1.03e-4', 'aliquot factor'],
    ['mg for g', 3, '577', 'units'],
    ['divided by the molar mass: 0.0103375 / 55.8', 3, '1.85e-4', 'molar mass'],
    ['taken away the wrong way round', 4, '-4.74', 'sign'],
    ['added: 31.46 + 26.72', 4, '58.18', 'sign'],
    ['not times 100', 5, '0.122', 'percentage'],
    ['ten times too large', 3, '5.77', 'decimal point'],
    ['a hundred times too small', 4, '0.0474', 'decimal point'],
    ['the molar mass of Mn2+ taken: 0.0103375 × 54.9', 3, '0.568', 'molar mass'],
    ['nothing that a usual slip gives', 5, '14.9', 'arithmetic'],
  ] as const)('%s', (_what, line, value, fault) => {
    expect(but(line, value)).toMatchObject({ verdict: 'wrong', fault })
  })

  it('say so where only the figures or the rounding are amiss', () => {
    expect(but(5, '12')).toMatchObject({ verdict: 'figures' })
    expect(but(5, '12.169')).toMatchObject({ verdict: 'figures' })
    expect(but(5, '12.1')).toMatchObject({ verdict: 'rounding' })
  })

  it('do not blame an earlier line that was right, but only rounded', () => {
    // 1.03e-3 is right; 1.03e-3 × 250.0/25.0 = 0.0103 and × 55.8 = 0.5747 follow from it.
    const verdicts = judged(['2.07e-4', '1.03e-3', '0.0103', '0.5747', '4.74', '12.1'])
    expect(verdicts[3]).toMatchObject({ verdict: 'rounding', says: expect.stringContaining('carry a figure more') })
    expect(verdicts.some(({ verdict }) => verdict === 'carried')).toBe(false)
  })

  it('name the first that went wrong, and see that the next ones only follow from it', () => {
    // Ratio forgotten in line 2; the rest done rightly with that value.
    const verdicts = judged(['2.07e-4', '2.07e-4', '2.07e-3', '0.115', '4.74', '2.43'])
    expect(verdicts.map(({ verdict }) => verdict)).toEqual(['right', 'wrong', 'carried', 'carried', 'right', 'carried'])
  })

  it('stay when parts are renamed and get titles, in every school of working', () => {
    const names: Readonly<Record<string, string>> = { w1: 'weighing', s1: 'made up', t1: 'the titration' }
    const renamed = (id: string) => names[id] ?? id
    const parts = LAWN.parts.map((part) => ({
      ...part,
      id: renamed(part.id),
      title: `Stage ${part.id}`,
      ...(part.kind === 'solution' ? { from: [{ weighing: renamed('w1') }] } : {}),
    }))
    const question = LAWN.questions.find(({ id }) => id === 'q2')
    const own = reckonTask(LAWN)
      .answers.find((answer) => answer.question === 'q2')
      ?.steps.map(({ line }, index) => ({ id: line, value: RIGHT[index] ?? '' }))
    const task = readTask({ ...LAWN, parts, questions: [{ ...question, own }] })
    const verdicts = judgeOwnLines(task, task.questions[0] as Task['questions'][number])
    expect(verdicts.map(({ verdict }) => verdict)).toEqual(RIGHT.map(() => 'right'))
    expect(JSON.stringify(own)).not.toMatch(/w1|s1|t1/)
    const chain: Task = { ...task, conventions: { ...task.conventions, working: 'chain' } }
    expect(judgeOwnLines(chain, chain.questions[0] as Task['questions'][number]).map(({ line }) => line)).toEqual([
      'mass weighed',
      'percentage Fe weighed',
    ])
  })

  it('are asked for as numbers', () => {
    expect(but(3, 'about 0.6')).toMatchObject({ verdict: 'unreadable' })
  })

  it('are judged in one chain too, by its own fractions', () => {
    const chain: Task = { ...LAWN, conventions: { ...LAWN.conventions, working: 'chain' } }
    expect(judged(['4.74', '12.2'], chain).map(({ verdict }) => verdict)).toEqual(['right', 'right'])
    // 12.169 / 10: aliquot forgotten; / 5: ratio forgotten; × 1000.
    expect(judged(['4.74', '1.22'], chain)[1]).toMatchObject({ fault: 'aliquot factor' })
    expect(judged(['4.74', '2.43'], chain)[1]).toMatchObject({ fault: 'ratio' })
    expect(judged(['4.74', '12200'], chain)[1]).toMatchObject({ fault: 'units' })
  })
})

describe('a number as typed', () => {
  it.each([
    ['0.0114', 0.0114, 3],
    ['1.14e-2', 0.0114, 3],
    ['1.14 x 10^-2', 0.0114, 3],
    ['1,14 × 10⁻²', 0.0114, 3],
    ['−4.740', -4.74, 4],
    ['250', 250, 3],
  ])('%s', (text, value, figures) => {
    const typed = readTyped(text)
    expect(typed?.value.toNumber()).toBeCloseTo(value, 12)
    expect(typed?.figures).toBe(figures)
  })

  it.each(['', 'abc', '1.2.3', '12 g', '1e', '--2'])("'%s' is none", (text) => {
    expect(readTyped(text)).toBeUndefined()
  })
})
