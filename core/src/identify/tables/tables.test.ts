import { describe, expect, it, vi } from 'vitest'
import { NOTHING } from '../features.ts'
import { shows, together } from '../foretell.ts'
import { ANIONS, CANDIDATES, CATIONS, type Candidate } from '../ions.ts'
import * as likelihood from '../likelihood.ts'
import { beforehand } from '../priors.ts'
import { NOT_PLAYED, posterior, posteriorWithout, type Scored } from '../scored.ts'
import { shareOfLevel } from '../strengths.ts'
import { type HalfBlend, halfBlends, NOT_SEEN, type Seen, scoresOf } from './blends.ts'
import { informationOf } from './channel.ts'
import { featuresAt, likelihoodOf, likelihoodWithSlip, NOTHING_SHOWN, numberOf, showsAt, togetherOf } from './featureNumbers.ts'
import { firstLook } from './firstLook.ts'
import { probabilitiesOf } from './leftOut.ts'

vi.mock('../likelihood.ts', async (original) => {
  const module = await original<typeof likelihood>()
  return { ...module, logLikelihood: vi.fn(module.logLikelihood) }
})

const white = { ...NOTHING, precipitate: 'full', colour: 'white' } as const
const blue = { ...NOTHING, precipitate: 'full', colour: 'pale blue' } as const
const gas = { ...NOTHING, gases: ['red litmus blue'] } as const

describe('features by number', () => {
  it('are the same number when they are alike', () => {
    expect(numberOf({ ...white })).toBe(numberOf(white))
    expect(numberOf(blue)).not.toBe(numberOf(white))
    expect(featuresAt(numberOf(gas))).toEqual(gas)
    expect([NOTHING, white, gas].map((one) => showsAt(numberOf(one)))).toEqual([NOTHING, white, gas].map(shows))
  })

  it('together and compared are what the features themselves give, worked out once', () => {
    expect(featuresAt(togetherOf(numberOf(white), numberOf(gas)))).toEqual(together(white, gas))
    expect(togetherOf(NOTHING_SHOWN, numberOf(gas))).toBe(numberOf(gas))
    const once = likelihoodOf(numberOf(white), numberOf(blue))
    const calls = vi.mocked(likelihood.logLikelihood).mock.calls.length
    expect(likelihoodOf(numberOf({ ...white }), numberOf({ ...blue }))).toBe(once)
    expect(vi.mocked(likelihood.logLikelihood).mock.calls).toHaveLength(calls)
    expect(once).toBe(likelihood.logLikelihood(white, blue))
  })
})

const of = (ion: string) => CANDIDATES.find((one) => one.ion === ion) as Candidate
const ALONE = new Map([
  [of('Cu2+'), Int32Array.of(numberOf(blue), NOTHING_SHOWN)],
  [of('Al3+'), Int32Array.of(numberOf(white), NOTHING_SHOWN)],
  [of('NH4+'), Int32Array.of(NOTHING_SHOWN, numberOf(gas))],
])
const SEEN: Seen = Int32Array.of(numberOf(white), numberOf(gas), NOT_SEEN)
const NONE: ReadonlySet<string> = new Set()
const halvesOf = (list: typeof CATIONS) =>
  list
    .filter(({ rare }) => !rare)
    .flatMap((one, place, usual) => [[one], ...usual.slice(place + 1).map((other) => [one, other])])
    .flatMap((ions, set) => halfBlends(ions, set, 3, ALONE, NONE))
const [cations, anions] = [halvesOf(CATIONS), halvesOf(ANIONS)]

/** Every pair, one by one, as it would be without tables. */
const before = beforehand(false)
const oneByOne = cations.flatMap((one) =>
  anions.flatMap((other): readonly Scored[] => {
    if (one.level !== undefined && other.level !== undefined && one.level !== other.level) return []
    const features = one.features.map((number, step) => togetherOf(number, other.features[step] ?? 0))
    const level = one.level ?? other.level
    return [
      {
        hypothesis: { ions: [...one.ions, ...other.ions] },
        prior: before(one.half, other.half) + (level === undefined ? 0 : shareOfLevel(level)),
        steps: scoresOf(SEEN, features),
      },
    ]
  }),
)

/** ln of how likely a pair is with a few slips. */
const withSlips = ([one, other]: readonly [HalfBlend, HalfBlend]) =>
  [...SEEN].reduce(
    (sum, seen, step) =>
      seen === NOT_SEEN ? sum : sum + likelihoodWithSlip(seen, togetherOf(one.features[step] ?? 0, other.features[step] ?? 0)),
    0,
  )

describe('the first look', () => {
  const looked = { seen: SEEN, beforehand: before, dissolved: false, dryRows: [false, false, false] }
  const look = firstLook(cations, anions, looked)

  it('weighs pairs as one by one, the likeliest first', () => {
    const steps = (one: Scored) => one.steps.map((step) => step.toFixed(9)).join(' ')
    const known = new Map(oneByOne.map((one) => [one.hypothesis.ions.map(({ ion, strength }) => ion + strength).join(' '), one]))
    for (let place = 0; place < look.length; place++) {
      const found = look.at(place)
      const same = known.get(found.hypothesis.ions.map(({ ion, strength }) => ion + strength).join(' ')) as Scored
      expect(steps(found)).toBe(steps(same))
      expect(found.prior).toBeCloseTo(same.prior - NOT_PLAYED, 9)
      expect(look.totalAt(place)).toBeCloseTo(same.prior + withSlips(look.halvesAt(place)), 9)
      if (place > 0) expect(look.totalAt(place)).toBeLessThanOrEqual(look.totalAt(place - 1))
    }
  })

  it('ranks no more than are worth it, and none that is better is left out', () => {
    expect(look.length).toBeLessThan(oneByOne.length / 3)
    const last = look.totalAt(look.length - 1)
    const better = cations.flatMap((one) =>
      anions.filter((other) => {
        const alike = one.level === undefined || other.level === undefined || one.level === other.level
        const share = one.level ?? other.level
        const total = before(one.half, other.half) + (share === undefined ? 0 : shareOfLevel(share)) + withSlips([one, other])
        return alike && total > last + 1e-9
      }),
    )
    expect(better.length).toBeLessThan(look.length)
  })

  it('compares different features only: far fewer than pairs of halves', () => {
    vi.mocked(likelihood.logLikelihood).mockClear()
    const unmet: Seen = Int32Array.of(numberOf({ ...NOTHING, precipitate: 'slight', colour: 'cream' }), NOT_SEEN, NOT_SEEN)
    firstLook(cations, anions, { ...looked, seen: unmet })
    expect(cations.length * anions.length).toBeGreaterThan(10_000)
    expect(vi.mocked(likelihood.logLikelihood).mock.calls.length).toBeLessThan(20)
  })

  it('leaves out what cannot stand together where the sample is a solution', () => {
    const dissolved = firstLook(cations, anions, { ...looked, dissolved: true })
    const ions = (place: number) => dissolved.halvesAt(place).flatMap((half) => half.ions.map(({ ion }) => ion))
    for (let place = 0; place < dissolved.length; place++) expect(ions(place)).not.toEqual(expect.arrayContaining(['Ag+', 'Cl-']))
  })
})

describe('probabilities with a step left out', () => {
  it('are the sums over hypotheses that hold the ion, one step at a time', () => {
    const scored: readonly Scored[] = oneByOne.slice(0, 900)
    const probability = probabilitiesOf(scored, 3)
    const sum = (weights: readonly number[], ion: string) =>
      scored.reduce((all, one, k) => (one.hypothesis.ions.some((held) => held.ion === ion) ? all + (weights[k] ?? 0) : all), 0)
    for (const ion of ['Na+', 'K+', 'Cl-', 'SO4^2-']) {
      expect(probability(ion)).toBeCloseTo(sum(posterior(scored), ion), 12)
      for (const step of [0, 1, 2]) expect(probability(ion, step)).toBeCloseTo(sum(posteriorWithout(scored, step), ion), 12)
    }
  })
})

describe('the information of a test', () => {
  const steps = [{ do: 'add', reagent: 'NaOH(aq)', amount: 'drops' }] as const
  const outcome = (features: typeof NOTHING, weight: number) => ({ steps: Int32Array.of(numberOf(features)), weight })

  it('is nothing of a test whose outcome is sure, and at most the bits of its outcomes', () => {
    expect(informationOf([outcome(white, 1)], steps)).toBe(0)
    const two = informationOf([outcome(white, 0.5), outcome(blue, 0.5)], steps)
    expect(two).toBeGreaterThan(0.7)
    expect(two).toBeLessThan(1)
  })

  it('is little where a student easily takes one for the other', () => {
    const off = { ...NOTHING, precipitate: 'full', colour: 'off-white' } as const
    const near = informationOf([outcome(white, 0.5), outcome(off, 0.5)], steps)
    expect(near).toBeLessThan(informationOf([outcome(white, 0.5), outcome(blue, 0.5)], steps))
  })

  it('counts a flame without colour as seen', () => {
    const lilac = { ...NOTHING, flame: 'lilac' } as const
    expect(informationOf([outcome(lilac, 0.5), outcome(NOTHING, 0.5)], [{ do: 'flame' }])).toBeGreaterThan(0.3)
  })
})
