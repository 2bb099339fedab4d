import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { openNetwork, reckonTask } from '../reckon/index.ts'
import { readTask, type Task } from '../record/index.ts'
import { plusMinus, surenessOf } from './index.ts'

const demo = (name: string): Task =>
  readTask(JSON.parse(readFileSync(new URL(`../../../demo/${name}.hoplark.json`, import.meta.url), 'utf8')))
const shareOf = (task: Task, question: string, id: string) =>
  surenessOf(task, question)?.shares.find(({ source }) => source.id.startsWith(id))

describe('iron in lawn sand, 4.74 g by difference, 25.0 of 250.0 cm³, titres 20.65 and 20.70', () => {
  const task = demo('iron-in-lawn-sand')
  const sureness = surenessOf(task, 'q2')

  it('has each source as worked out by hand', () => {
    // Balance: per reading √((0.005² + 0.01²)/3) g, two readings, on 4.74 g.
    expect(shareOf(task, 'q2', 'balance')?.relative).toBeCloseTo((Math.sqrt((0.005 ** 2 + 0.01 ** 2) / 3) * Math.SQRT2) / 4.74, 6)
    // Class B burette: ±0.10 cm³, triangular, on 20.675 cm³.
    expect(shareOf(task, 'q2', 'burette')?.relative).toBeCloseTo(0.1 / Math.sqrt(6) / 20.675, 6)
    // Spread of two titres 0.05 apart: s = 0.05/√2, of the mean s/√2 = 0.025.
    expect(shareOf(task, 'q2', 'titre')?.relative).toBeCloseTo(0.025 / 20.675, 6)
    // Class B pipette ±0.06 cm³ and flask ±0.30 cm³, triangular.
    expect(shareOf(task, 'q2', 'pipette')?.relative).toBeCloseTo(0.06 / Math.sqrt(6) / 25, 6)
    expect(shareOf(task, 'q2', 'flask')?.relative).toBeCloseTo(0.3 / Math.sqrt(6) / 250, 6)
  })

  it('combines them in quadrature, k = 2', () => {
    const squares = sureness?.shares.reduce((total, { relative }) => total + relative ** 2, 0) ?? 0
    expect(sureness?.expanded).toBeCloseTo(2 * Math.sqrt(squares), 8)
  })

  it('adds percentage errors the school way: balance 0.20, titre 0.44, pipette 0.24, flask 0.12 %', () => {
    // Half divisions (common practice): 2 × 0.005 g, 2 × 0.05 cm³; tolerances 0.06 and 0.3 cm³.
    const byHand = 0.01 / 4.74 + 0.1 / 20.675 + 0.06 / 25 + 0.3 / 250
    expect(sureness?.limit).toBeCloseTo(byHand, 5)
  })

  it('names the change that helps most: a balance with one more decimal', () => {
    expect(sureness?.gain?.says).toBe('a balance that shows 0.001 g')
    expect(sureness?.gain?.to).toBeLessThan(sureness?.gain?.from ?? 0)
  })

  it('says what it took as exact', () => {
    expect(sureness?.stated.join()).toContain('0.0100')
  })

  it('is written after ± to one figure, in the form of the answer', () => {
    const written = (expanded: number, value: string) =>
      sureness && plusMinus({ ...sureness, expanded }, { value, unrounded: Number(value) })
    expect(written(sureness?.expanded ?? 0, '12.2')).toBe('0.1')
    expect(written(0.0106, '4.59e-4')).toBe('5e-6')
    expect(written(0.0001, '4.59e-4')).toBe('1e-6')
    expect(written(0.02, '266')).toBe('5')
    expect(written(0.03, '22.1')).toBe('0.7')
    expect(sureness && plusMinus({ ...sureness, expanded: 0 }, { value: '1', unrounded: 1 })).toBeUndefined()
  })
})

describe('a portion by measuring cylinder', () => {
  const lawn = demo('iron-in-lawn-sand')
  const task: Task = {
    ...lawn,
    parts: lawn.parts.map((part) =>
      part.kind === 'titration'
        ? {
            ...part,
            flask: part.flask.map((content) => ('material' in content ? { ...content, by: 'cylinder' as const } : content)),
          }
        : part,
    ),
  }

  it('makes the cylinder the largest source, and a pipette the best change', () => {
    const sureness = surenessOf(task, 'q2')
    expect(sureness?.shares[0]?.source.id).toBe('cylinder 25.0')
    expect(sureness?.gain).toMatchObject({ says: 'a pipette instead of the cylinder', source: 'cylinder 25.0' })
    // ±0.5 cm³ triangular and half a division of 0.5 cm³ even, on 25.0 cm³; the rest as above.
    const cylinder = Math.hypot(0.5 / Math.sqrt(6), 0.25 / Math.sqrt(3)) / 25
    expect(sureness?.shares[0]?.relative).toBeCloseTo(cylinder, 5)
  })
})

describe('every answered question of the demo tasks', () => {
  it.each([
    'acid-in-orchard-vinegar',
    'chalk-in-oyster-shell',
    'copper-in-verdigris',
    'hardness-of-the-well',
    'kiln-wash-alkali',
    'water-in-washing-soda',
  ])('%s: its program gives the exact answer, and its shares make up the whole', (name) => {
    const task = demo(name)
    const network = openNetwork(task)
    let seen = 0
    for (const { question, unrounded, value } of reckonTask(task).answers) {
      if (value === null) continue
      const sureness = surenessOf(task, question, network)
      expect(sureness, question).toBeDefined()
      if (!sureness) continue
      expect(sureness.shares.reduce((total, { share }) => total + share, 0)).toBeCloseTo(1, 9)
      expect(unrounded).toBeDefined()
      seen++
    }
    expect(seen).toBeGreaterThan(0)
  })

  it('an answer that is not there has no uncertainty', () => {
    expect(surenessOf(demo('acid-in-orchard-vinegar'), 'q3')).toBeUndefined()
  })
})
