import { afterEach, describe, expect, it, vi } from 'vitest'
import * as tube from '../../tube/index.ts'
import { foretell, freshOf, playAfresh } from '../foretell.ts'
import { areCompatible } from '../hypothesis.ts'
import { CANDIDATES } from '../ions.ts'
import { USUAL_ACTS } from './acts.ts'
import { standTogether, usualFeatures } from './lookUp.ts'
import { makeUsualTable } from './makeTable.ts'
import { USUAL_TABLE } from './table.ts'

vi.mock('../../tube/index.ts', async (original) => {
  const module = await original<typeof tube>()
  return { ...module, runStep: vi.fn(module.runStep) }
})
afterEach(() => vi.mocked(tube.runStep).mockClear())

const ion = (formula: string) => {
  const found = CANDIDATES.find((one) => one.ion === formula)
  if (!found) throw new Error(`${formula} is no candidate`)
  return found
}

describe('the table of usual acts', () => {
  it('is what the model plays: made again, it is the same (else: npm run usual-table)', () => {
    expect(JSON.parse(USUAL_TABLE)).toEqual(makeUsualTable())
  })

  it('has every usual act for every ion that can be in solution alone', () => {
    for (const one of CANDIDATES) {
      const able = playAfresh({ ions: [one] }, freshOf('solution'), []) !== undefined
      for (const acts of USUAL_ACTS) {
        const texts = acts.map((_, last) =>
          acts
            .slice(0, last + 1)
            .map((step) => JSON.stringify(step))
            .join(''),
        )
        expect(usualFeatures(one, texts)?.length, one.ion).toBe(able ? acts.length : undefined)
      }
    }
  })

  it('spares the play: what copper shows in its usual tests is foretold without a tube', () => {
    const acts = USUAL_ACTS[0] ?? []
    vi.mocked(tube.runStep).mockClear()
    expect(foretell({ ions: [ion('Cu2+')] }, freshOf('solution'), acts)?.length).toBe(acts.length)
    expect(tube.runStep).not.toHaveBeenCalled()
  })

  it('goes on from there by playing: an unusual step after usual ones shows what it shows', () => {
    const further = [...(USUAL_ACTS[0] ?? []), { do: 'add' as const, reagent: 'H2O2(aq)', amount: 'excess' }]
    const iron = { ions: [ion('Fe2+')] }
    expect(foretell(iron, freshOf('solution'), further)).toEqual(playAfresh(iron, freshOf('solution'), further))
    expect(tube.runStep).toHaveBeenCalled()
  })

  it('is not taken for other portions: a dry one, another volume, one that goes on', () => {
    const acts = USUAL_ACTS[0] ?? []
    for (const begun of [
      freshOf('solid'),
      { ...freshOf('solution'), cm3: 2 },
      { ...freshOf('solution'), before: acts.slice(0, 1) },
    ]) {
      vi.mocked(tube.runStep).mockClear()
      foretell({ ions: [ion('Mn2+')] }, begun, acts)
      expect(tube.runStep).toHaveBeenCalled()
    }
  })

  it('tells which ions stand together', () => {
    expect(standTogether(ion('Ag+'), ion('Cl-'))).toBe(false)
    expect(standTogether(ion('Ag+'), ion('NO3-'))).toBe(areCompatible(ion('Ag+'), ion('NO3-')))
    expect(standTogether(ion('Na+'), ion('SO4^2-'))).toBe(true)
  })
})
