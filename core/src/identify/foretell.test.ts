import { describe, expect, it } from 'vitest'
import { runStep, type TubeStep } from '../tube/index.ts'
import { type Features, featuresOf } from './features.ts'
import { contentsBefore, foretell } from './foretell.ts'
import { CANDIDATES, CATIONS } from './ions.ts'
import { TESTS } from './tests.ts'
import { warmingUp } from './warmUp.ts'

const BEGUN = { cm3: 1, form: 'solution', before: [] } as const
const of = (...ions: readonly string[]) => ({ ions: CANDIDATES.filter(({ ion }) => ions.includes(ion)) })

/** The same steps played one after another, without anything remembered. */
function playedAfresh(ions: ReturnType<typeof of>, steps: readonly TubeStep[]) {
  let tube = contentsBefore(ions, BEGUN)
  return steps.map((step) => {
    if (!tube) throw new Error('no tube')
    const next = runStep(tube, step)
    tube = next.tube
    return featuresOf(next.shown.facts)
  })
}

/** What is seen, without the gas of the step before that may be there still. */
const withoutOld = (features: readonly Features[] | undefined) => features?.map(({ still: _, ...seen }) => seen)

const STEPS: readonly TubeStep[] = [
  { do: 'add', reagent: 'NH3(aq)', amount: 'drops' },
  { do: 'add', reagent: 'NH3(aq)', amount: 'excess' },
  { do: 'warm' },
  { do: 'add', reagent: 'HCl(aq)', amount: 'excess' },
]

describe('what is foretold', () => {
  it('is the same whether a record grew step by step or came at once', () => {
    const copper = of('Cu2+', 'SO4^2-')
    const grown = STEPS.map((_, index) => foretell(copper, BEGUN, STEPS.slice(0, index + 1))).at(-1)
    expect(withoutOld(grown)).toEqual(playedAfresh(copper, STEPS))
    // Ammonia that was driven off by warming is there when acid is added.
    expect(grown?.at(-1)?.still).toEqual(['NH3'])
    // The same steps in other hands: a new list, the same text.
    expect(foretell(copper, BEGUN, structuredClone(STEPS))).toEqual(grown)
  })

  it('goes on from a tube it was begun from', () => {
    const zinc = of('Zn2+', 'Cl-')
    const whole = playedAfresh(zinc, STEPS)
    for (const cut of [1, 2, 3])
      expect(withoutOld(foretell(zinc, { ...BEGUN, before: STEPS.slice(0, cut) }, STEPS.slice(cut)))).toEqual(whole.slice(cut))
  })

  it('branches: two tubes that began alike do not meddle with one another', () => {
    const iron = of('Fe3+', 'Cl-')
    const begin: TubeStep = { do: 'add', reagent: 'HNO3(aq)', amount: 'drops' }
    const silver = [begin, { do: 'add', reagent: 'AgNO3(aq)', amount: 'drops' }]
    const barium = [begin, { do: 'add', reagent: 'Ba(NO3)2(aq)', amount: 'drops' }]
    const first = foretell(iron, BEGUN, silver)
    expect(foretell(iron, BEGUN, barium)).toEqual(playedAfresh(iron, barium))
    expect(foretell(iron, BEGUN, silver)).toEqual(first)
    expect(first?.[1]?.precipitate).toBe('full')
  })

  it('is nothing for ions that cannot be in a solution together', () => {
    expect(foretell(of('Ag+', 'Cl-'), BEGUN, STEPS)).toBeUndefined()
    expect(foretell(of('Ag+', 'Cl-'), BEGUN, [])).toBeUndefined()
  })

  it('lilac that comes of a potassium standing in for another ion is not foretold', () => {
    const flame: readonly TubeStep[] = [{ do: 'flame' }]
    expect(foretell(of('Cl-'), BEGUN, flame)?.[0]?.flame).toBeUndefined()
    expect(foretell(of('K+', 'Cl-'), BEGUN, flame)?.[0]?.flame).toBe('lilac')
  })

  it('is not changed by what is played ahead', () => {
    const steps = TESTS[1]?.steps ?? []
    expect([...warmingUp()].length).toBeGreaterThanOrEqual(TESTS.length * CATIONS.length)
    expect(foretell(of('Cu2+'), BEGUN, steps)).toEqual(playedAfresh(of('Cu2+'), steps))
  })
})
