import { afterEach, describe, expect, it, vi } from 'vitest'
import { addSubstance, EMPTY, pour } from './contents.ts'
import { runSteps } from './index.ts'
import * as sentence from './sentence.ts'
import { freshTube, tubeOf } from './tubeState.ts'

vi.mock('./sentence.ts', async (original) => {
  const module = await original<typeof sentence>()
  return { ...module, sayFact: vi.fn(module.sayFact) }
})
afterEach(() => vi.mocked(sentence.sayFact).mockClear())

describe('what is spared while tubes are played by the thousand', () => {
  it('words are made when they are asked for, once', () => {
    const shown = runSteps({ 'Cu2+': 0.1, 'SO4^2-': 0.1 }, 1, [{ do: 'add', reagent: 'NaOH(aq)', amount: 'drops' }])
    expect(shown[0]?.facts.length).toBeGreaterThan(0)
    expect(sentence.sayFact).not.toHaveBeenCalled()
    expect(shown[0]?.saw.join()).toContain('precipitate')
    expect(shown[0]?.saw).toBe(shown[0]?.saw)
    expect(sentence.sayFact).toHaveBeenCalledTimes(shown[0]?.facts.length ?? 0)
  })

  // By halving; by trying one step after another it took up to fifty.
  it.each([
    ['iron(III)', { 'Fe3+': 0.1, 'Cl-': 0.3 }],
    ['bismuth', { 'Bi3+': 0.1, 'NO3-': 0.3 }],
    ['iron(III) nitrate, strong', { 'Fe3+': 0.4, 'NO3-': 1.2 }],
  ])('the acid that keeps a salt clear is the least that does: %s', (_, contains) => {
    const neat = pour(EMPTY, contains, 1)
    const isClear = (acid: number) => tubeOf(addSubstance(neat, 'HNO3', acid / 1000)).view.solids.length === 0
    const steps = Array.from({ length: 51 }, (_step, index) => index * 0.02)
    const least = steps.find(isClear) ?? 0
    const added = ((freshTube(contains, 1).contents.amounts.H ?? 0) - (neat.amounts.H ?? 0)) * 1000
    expect(added).toBeCloseTo(least, 9)
  })
})
