import { describe, expect, it, vi } from 'vitest'
import { NOTHING } from '../features.ts'
import { shows, together } from '../foretell.ts'
import { ANIONS, CATIONS } from '../ions.ts'
import * as likelihood from '../likelihood.ts'
import { posterior, posteriorWithout, priorUnplayed, type Scored, totalOf } from '../scored.ts'
import { blendOf, NOT_SEEN, roughly, type Seen } from './blends.ts'
import { informationOf } from './channel.ts'
import { featuresAt, likelihoodOf, NOTHING_SHOWN, numberOf, showsAt, togetherOf } from './featureNumbers.ts'
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

const ALONE = new Map([
  ['Cu2+', Int32Array.of(numberOf(blue), NOTHING_SHOWN)],
  ['Al3+', Int32Array.of(numberOf(white), NOTHING_SHOWN)],
  ['NH4+', Int32Array.of(NOTHING_SHOWN, numberOf(gas))],
])
const SEEN: Seen = Int32Array.of(numberOf(white), numberOf(gas), NOT_SEEN)
const halvesOf = (list: typeof CATIONS) =>
  list
    .flatMap((one, place) => [[one], ...list.slice(place + 1).map((other) => [one, other])])
    .map((ions) => blendOf(ions, 3, ALONE))
const [cations, anions] = [halvesOf(CATIONS), halvesOf(ANIONS)]

/** Every pair, one by one, as it was done before there were tables. */
const oneByOne = cations.flatMap((one) => anions.map((other) => roughly(blendOf([...one.ions, ...other.ions], 3, ALONE), SEEN)))

describe('the first look', () => {
  const look = firstLook(cations, anions, SEEN, false)

  it('weighs every pair as one by one, the likeliest first', () => {
    const expected = oneByOne.map(totalOf).toSorted((a, b) => b - a)
    expect(look.length).toBe(expected.length)
    for (let place = 0; place < look.length; place++) {
      expect(look.totalAt(place)).toBeCloseTo(expected[place] ?? 0, 9)
      if (place < 50) expect(totalOf(look.at(place))).toBeCloseTo(look.totalAt(place), 9)
    }
  })

  it('compares different features only: far fewer than pairs of halves', () => {
    vi.mocked(likelihood.logLikelihood).mockClear()
    const unmet: Seen = Int32Array.of(numberOf({ ...NOTHING, precipitate: 'slight', colour: 'cream' }), NOT_SEEN, NOT_SEEN)
    firstLook(cations, anions, unmet, false)
    expect(cations.length * anions.length).toBeGreaterThan(10_000)
    expect(vi.mocked(likelihood.logLikelihood).mock.calls.length).toBeLessThan(20)
  })

  it('leaves out what cannot stand together where the sample is a solution', () => {
    const dissolved = firstLook(cations, anions, SEEN, true)
    const ions = (place: number) => dissolved.halvesAt(place).flatMap((half) => half.ions.map(({ ion }) => ion))
    expect(dissolved.length).toBeLessThan(look.length)
    for (let place = 0; place < dissolved.length; place++) expect(ions(place)).not.toEqual(expect.arrayContaining(['Ag+', 'Cl-']))
  })

  it('knows the places of hypotheses', () => {
    const some = [look.at(3).hypothesis, look.at(11).hypothesis]
    const isOne = look.placesOf(some)
    expect([...Array(look.length).keys()].filter(isOne)).toEqual([3, 11])
    expect(look.placesOf([{ ions: CATIONS.slice(0, 3) }])(0)).toBe(false)
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

it('the prior of what is not played is lower for every further ion, and lower still for a third', () => {
  expect(priorUnplayed(1, 1)).toBeGreaterThan(priorUnplayed(1, 2))
  expect(priorUnplayed(1, 2) - priorUnplayed(1, 3)).toBeGreaterThan(priorUnplayed(1, 1) - priorUnplayed(1, 2))
})
