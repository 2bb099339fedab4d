import { afterEach, describe, expect, it, vi } from 'vitest'
import { uniformFrom } from '../../number/index.ts'
import { equilibrate, totalsOf } from '../index.ts'
import { systemOf } from '../system.ts'
import { approach, guess } from './approach.ts'
import { evaluate, residualOf } from './balances.ts'
import { descend, polish } from './descend.ts'
import { layoutOf } from './layout.ts'
import { direct } from './pivots.ts'
import { beginSolve } from './workspace.ts'

afterEach(() => vi.restoreAllMocks())

/** Exponentials for a mixture, a twentieth above what was counted when this was written. */
const MOST_WORK = 85

/** Exponentials taken while something is done: each evaluation of the balances takes one for each component. */
function exponentialsIn(act: () => void): number {
  const spy = vi.spyOn(Math, 'exp')
  act()
  const { length } = spy.mock.calls
  spy.mockRestore()
  return length
}

describe('the solver', () => {
  it('takes an exponential for each component, not for each species', () => {
    const system = systemOf(['Cu', 'SO4', 'NH3'])
    const work = beginSolve(system)
    work.x.fill(-5)
    expect(system.species.length).toBeGreaterThan(2 * system.components.length)
    expect(exponentialsIn(() => evaluate(work, true))).toBe(system.components.length)
  })

  it('finds Σ ν ν c in the same pass as the balances', () => {
    const work = beginSolve(systemOf(['CH3COO']))
    work.totals.fill(0)
    const at = (shift: number) => {
      work.x.fill(-4)
      work.x[1] = -6 + shift
      evaluate(work, true)
      return work.gradient[1] as number
    }
    const difference = (at(1e-6) - at(-1e-6)) / 2e-6
    at(0)
    expect(work.hessian[work.n + 1]).toBeCloseTo(difference, 8)
  })

  it('lays a system out once', () => {
    expect(layoutOf(systemOf(['Cu', 'SO4']))).toBe(layoutOf(systemOf(['SO4', 'Cu'])))
  })

  it('comes to a neighbouring state by its activities and solids, in at most half of the work', () => {
    const totals = (alkali: number) => totalsOf({ CuSO4: 0.1, NaOH: alkali })
    const near = equilibrate(totals(0.1))
    const cold = exponentialsIn(() => equilibrate(totals(0.1005)))
    const warm = exponentialsIn(() => equilibrate(totals(0.1005), { start: near }))
    expect(near.solids.size).toBeGreaterThan(0)
    expect(warm).toBeLessThanOrEqual(cold / 2)
  })

  it('finds its neighbour’s activities and solids in another system, too', () => {
    const near = equilibrate(totalsOf({ CuSO4: 0.1, NaOH: 0.1 }))
    const totals = totalsOf({ CuSO4: 0.1, NaOH: 0.1, NH3: 0.01 })
    const far = equilibrate(totals)
    const found = equilibrate(totals, { start: near })
    expect([...found.solids.keys()].toSorted()).toEqual([...far.solids.keys()].toSorted())
    expect(found.pH).toBeCloseTo(far.pH, 9)
  })

  it('puts what is plainly supersaturated in before it knows the state without it', () => {
    // Lead iodide from the two: knowing the state without it to 1e-12 first took 22 evaluations of four components more.
    const evaluations = exponentialsIn(() => equilibrate(totalsOf({ 'Pb(NO3)2': 0.1, KI: 0.2 }))) / 3
    expect(evaluations).toBeLessThan(20)
  })

  it('begins with what is known: most of a component free, hydrogen ion as its excess has it', () => {
    const begun = (totals: Readonly<Record<string, number>>) => {
      const work = beginSolve(systemOf(['CH3COO']))
      work.system.components.forEach((name, place) => {
        work.totals[place] = totals[name] ?? 0
      })
      guess(work)
      return Object.fromEntries(work.system.components.map((name, place) => [name, (work.x[place] as number) / Math.LN10]))
    }
    const aThird = 1 / Math.LN10
    expect(begun({ CH3COO: 0.1, H: 0.01 })).toEqual({ CH3COO: expect.closeTo(-1 - aThird), H: expect.closeTo(-2 - aThird) })
    expect(begun({ CH3COO: 0, H: -0.01 })).toEqual({ CH3COO: expect.closeTo(-12 - aThird), H: expect.closeTo(-11.995) })
    expect(begun({ CH3COO: 0.1, H: 1e-9 }).H).toBeCloseTo(-7, 12)
  })

  it('comes near from far away before Newton’s method begins', () => {
    const work = beginSolve(systemOf(['Cu', 'NH3', 'SO4']))
    work.system.components.forEach((name, place) => {
      work.totals[place] = ({ Cu: 0.1, NH3: 1, SO4: 0.1 } as Readonly<Record<string, number>>)[name] ?? 0
    })
    guess(work)
    approach(work)
    evaluate(work, false)
    // Amounts bound and free come to the totals, but for a factor that Newton's method soon takes away.
    for (let j = 0; j < work.n; j++) expect(Math.abs(work.gradient[j] as number)).toBeLessThan(0.5 * (work.size[j] as number))
  })

  it('does no more work than it did for mixtures of every kind', () => {
    const random = uniformFrom(7)
    const salts = ['AgNO3', 'BaCl2', 'CuSO4', 'AlCl3', 'Pb(NO3)2', 'Na2CO3', 'KI', 'Na3PO4', 'NH3', 'HCl', 'NaOH', 'Na2S']
    const mixtures = Array.from({ length: 300 }, () => {
      const pick = () => salts[Math.floor(random() * salts.length)] as string
      return totalsOf({ [pick()]: 10 ** (-3 * random()), [pick()]: 10 ** (-3 * random()), [pick()]: 10 ** (-3 * random()) })
    })
    const work = exponentialsIn(() => {
      for (const totals of mixtures) equilibrate(totals)
    })
    expect(work / mixtures.length).toBeLessThan(MOST_WORK)
  })

  describe('the last steps, which only rounding can refuse', () => {
    const nearly = () => {
      const work = beginSolve(systemOf(['CH3COO', 'NH3']))
      work.system.components.forEach((name, place) => {
        work.totals[place] = ({ CH3COO: 0.1, NH3: 0.2, H: 0.1 } as Readonly<Record<string, number>>)[name] ?? 0
      })
      guess(work)
      approach(work)
      direct(work)
      descend(work, 1e-5)
      return work
    }
    const residual = (work: ReturnType<typeof nearly>) => residualOf(work, 1e-9)

    it('take away what is left of an imbalance', () => {
      const work = nearly()
      const before = residual(work)
      expect(before).toBeGreaterThan(1e-12)
      polish(work, () => residual(work), 1e-14)
      expect(residual(work)).toBeLessThan(1e-12)
    })

    it('are three at most, and none where it is small enough already', () => {
      const work = nearly()
      let measured = 0
      polish(work, () => 1 / ++measured, 0)
      expect(measured).toBe(4)
      measured = 0
      polish(work, () => 1 / ++measured, 1)
      expect(measured).toBe(1)
    })

    it('are taken back where nothing gets less by them', () => {
      const work = nearly()
      const before = work.x.slice(0, work.n)
      let measured = 0
      polish(work, () => ++measured, 0)
      expect(work.x.slice(0, work.n)).toEqual(before)
      // Once before, once after the step, once when it was taken back.
      expect(measured).toBe(3)
      const gradient = work.gradient.slice(0, work.n)
      evaluate(work, true)
      expect(work.gradient.slice(0, work.n)).toEqual(gradient)
    })
  })

  it('leaves nothing of one solve to the next: activities are concentrations again after Davies, refused or not', () => {
    const before = equilibrate(totalsOf({ Na2CO3: 0.1 })).pH
    equilibrate(totalsOf({ Na2CO3: 0.1 }), { activity: 'davies' })
    expect(equilibrate(totalsOf({ Na2CO3: 0.1 })).pH).toBe(before)
  })

  it('meets its balances to rounding where Newton’s method has hundreds of steps to go', () => {
    // Bismuth sulfide put in where copper has not yet precipitated: F begins above 1e80.
    const totals = {
      Bi: 0.0002003082588557242,
      Cu: 0.08829485813919209,
      Cr: 0.0001204049129068794,
      HS: 0.1,
      H: 0.07147275048773737,
    }
    expect(equilibrate(totals).proof.residual).toBeLessThan(1e-12)
  })

  it('makes the tables by name when they are asked for, once', () => {
    const found = equilibrate(totalsOf({ AgNO3: 0.1, NaCl: 0.1 }))
    expect(found.species).toBe(found.species)
    expect(found.solids).toBe(found.solids)
    expect(found.species.get('NO3-')).toBe(0.1)
  })

  it('remembers a system by its components in whatever order, and by what does not form', () => {
    const slow = ['CaCO3']
    expect(systemOf(['Ca', 'CO3'])).toBe(systemOf(['CO3', 'Ca']))
    expect(systemOf(['Ca', 'CO3'], slow)).toBe(systemOf(['CO3', 'Ca'], slow))
    expect(systemOf(['Ca', 'CO3']).solids).toContain('CaCO3')
    expect(systemOf(['Ca', 'CO3'], slow).solids).not.toContain('CaCO3')
  })
})
