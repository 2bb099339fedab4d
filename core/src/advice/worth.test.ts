import { describe, expect, it } from 'vitest'
import type { TubeStep } from '../tube/index.ts'
import { timesDone, worthOf } from './index.ts'

const acid: TubeStep = { do: 'add', reagent: 'HNO3(aq)', amount: 'drops' }
const silver: TubeStep = { do: 'add', reagent: 'AgNO3(aq)', amount: 'drops' }

describe('how often a test was done', () => {
  it('is counted by tubes, as a whole and in its order', () => {
    const tubes = [[acid, silver], [silver, acid], [acid], [{ do: 'look' }, acid, silver]]
    expect(timesDone(tubes, [acid, silver])).toBe(2)
    expect(timesDone(tubes, [acid])).toBe(4)
    expect(timesDone([], [acid])).toBe(0)
  })

  it('tells amounts apart', () => {
    expect(timesDone([[{ ...acid, amount: 'excess' }]], [acid])).toBe(0)
  })
})

it('a dearer test is worth less for the same, and more where it tells much more', () => {
  expect(worthOf(1, 1)).toBe(1)
  expect(worthOf(1, 3)).toBeLessThan(worthOf(1, 1))
  expect(worthOf(2, 3)).toBeGreaterThan(worthOf(1, 1))
})
