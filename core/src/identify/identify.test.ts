import { describe, expect, it } from 'vitest'
import { givesReading } from '../gas/index.ts'
import { readObservation } from '../observe/index.ts'
import { runSteps } from '../tube/index.ts'
import { featuresOf, featuresRead } from './features.ts'
import {
  CANDIDATES,
  concludeFrom,
  expectedIn,
  identifying,
  identifyRack,
  offersFor,
  type SampleVerdict,
  saltOf,
  wholeSalts,
} from './index.ts'
import { chargeOf } from './ions.ts'
import { identify, of, tube } from './testing/records.ts'

describe('a record with a slip in it', () => {
  const tubes = [
    tube('P1', ['NaOH(aq)', 'light blue ppt'], ['NaOH(aq) excess', 'insol in xs']),
    tube('P2', ['NH3(aq)', 'pale blue ppt'], ['NH3(aq) excess', 'dissolves giving a dark blue solution']),
    tube('A1', ['HNO3(aq)', 'no visible change'], ['AgNO3(aq)', 'no change']),
    // A heavy precipitate that a copper salt cannot give with iodide is worded as white; and one that was missed.
    tube('A2', ['HNO3(aq)', 'effervescence, gas turned limewater milky'], ['Ba(NO3)2(aq)', 'white precipitate']),
  ]

  it('keeps the verdict, and names the step worth repeating', () => {
    const found = identify(...tubes)
    expect(of(found, 'present')).toContain('Cu2+')
    expect(found.doubtful).toContain('A2.1')
    expect(found.gases).toEqual([{ gas: 'CO2', at: 'A2.1' }])
  })
})

describe('a reagent that is no bottle known here', () => {
  const known = [
    tube('P1', ['NaOH(aq)', 'light blue ppt'], ['NaOH(aq) excess', 'insol in xs']),
    tube('P2', ['NH3(aq)', 'pale blue ppt'], ['NH3(aq) excess', 'dissolves giving a dark blue solution']),
  ]

  it('tells nothing, from its step on, and nothing of it is doubted', () => {
    const found = identify(...known, tube('P3', ['mystery(aq)', 'red ppt'], ['NaOH(aq) excess', 'yellow ppt']))
    const without = identify(...known)
    const odds = ({ ions }: typeof found) => ions.map(({ ion, probability }) => [ion, probability])
    expect(odds(found)).toEqual(odds(without))
    expect(found.doubtful).toEqual([])
  })

  it('what was seen before it counts', () => {
    const found = identify(tube('P3', ['NaOH(aq)', 'light blue ppt'], ['mystery(aq)', 'red ppt']))
    expect(found.ions.find(({ ion }) => ion === 'Cu2+')?.for).toContain('P3.1')
  })

  it('is not foretold, and no outcomes are offered', () => {
    const samples = [{ material: 'P', tubes: [tube('P1', ['mystery(aq)', 'red ppt'], ['NaOH(aq)', ''])] }]
    expect(expectedIn(samples, 'P1', ['Cu2+'])?.map(({ saw }) => saw)).toEqual([
      'not known to the model',
      'not known to the model',
    ])
    expect(offersFor(samples, 'P1', { do: 'warm' })).toEqual([])
  })
})

it('a fresh portion nothing was done with changes nothing: an insoluble solid stays possible', () => {
  // Zinc carbonate (common practice): yellow when hot, white when cold, and carbon dioxide.
  const heated = {
    id: 'L1',
    steps: [
      { do: 'heat' as const, saw: 'gas turned limewater milky; solid turned yellow when hot' },
      { do: 'cool' as const, saw: 'solid turned white when cold' },
    ],
  }
  const of = (tubes: readonly object[]) =>
    identifyRack([{ material: 'L', tubes: [...tubes] as never }], { forms: { L: 'solid' } })[0]?.ions.map(
      ({ ion, verdict }) => `${ion} ${verdict}`,
    )
  const before = of([heated])
  expect(before).toContain('CO3^2- present')
  expect(of([heated, { id: 'L2', cm3: '1', steps: [] }])).toEqual(before)
})

it.each([
  ['I-', 'solution turned brown', 'purple upper layer, lower layer colourless'],
  ['Br-', 'turned orange', 'orange organic layer'],
])('%s is known by its halogen in the upper layer', (ion, first, second) => {
  // Displacement and a hydrocarbon (common practice).
  const steps = [
    { id: 's1', do: 'add' as const, reagent: 'Cl2(aq)', amount: '1 cm3', saw: first },
    { id: 's2', do: 'add' as const, reagent: 'C6H12(l)', amount: 'equal', saw: second },
  ]
  const found = identify({ id: 'P1', steps })
  const halides = found.ions.filter((one) => ['Cl-', 'Br-', 'I-'].includes(one.ion))
  expect(halides[0]?.ion).toBe(ion)
  expect(halides[0]?.probability).toBeGreaterThan(3 * (halides[1]?.probability ?? 1))
})

describe('evidence', () => {
  const found = identify(
    tube('P1', ['NaOH(aq)', 'white ppt'], ['NaOH(aq) excess', 'ppt dissolves giving colourless soln']),
    tube('P2', ['NH3(aq)', 'white ppt'], ['NH3(aq) excess', 'insoluble in excess']),
  )

  it('is the steps that changed the odds: the excess of ammonia speaks against zinc', () => {
    const aluminium = found.ions.find(({ ion }) => ion === 'Al3+')
    const zinc = found.ions.find(({ ion }) => ion === 'Zn2+')
    // Lead(II) does the same in both, so aluminium stays open beside it while zinc goes.
    expect(aluminium?.probability).toBeGreaterThan(0.3)
    expect(zinc?.against).toContain('P2.2')
    expect(zinc?.probability).toBeLessThan(0.3)
  })

  it('leaves what no step bears on untested, and finds a test that would', () => {
    expect(found.ions.find(({ ion }) => ion === 'SO4^2-')?.verdict).toBe('untested')
    expect(found.next.length).toBeGreaterThan(0)
    expect(found.next[0]?.bits).toBeGreaterThan(0.3)
  })

  it('an empty rack tells nothing', () => {
    const nothing = identify(tube('P1', ['NaOH(aq)', '']))
    expect(nothing.ions.every(({ verdict }) => verdict === 'untested')).toBe(true)
  })
})

it.each([
  ['Na+', 1],
  ['Fe3+', 3],
  ['SO4^2-', -2],
  ['NO3-', -1],
  ['NH4+', 1],
  ['CH3COO-', -1],
])('%s bears a charge of %d', (ion, charge) => {
  expect(chargeOf(ion)).toBe(charge)
})

describe('conclusions', () => {
  const tubes = [
    tube('P1', ['NaOH(aq)', 'pale blue precipitate'], ['NaOH(aq) excess', 'precipitate insoluble in excess']),
    tube('P2', ['NH3(aq)', 'pale blue precipitate'], ['NH3(aq) excess', 'precipitate dissolved giving a deep blue solution']),
    tube('P3', ['HNO3(aq)', 'no visible change'], ['Ba(NO3)2(aq)', 'white precipitate']),
    tube('P4', ['HNO3(aq)', 'no visible change'], ['AgNO3(aq)', 'no visible change']),
  ]
  const found = identify(...tubes)

  it('name the ion and quote the evidence', () => {
    const says = concludeFrom(found, [{ material: 'P', tubes }], 'P').map((one) => one.says)
    expect(says[0]).toMatch(/^P contains copper\(II\) ions: on adding .*, .*precipitate/)
    expect(says.join(' ')).toMatch(/P contains sulfate ions: on adding a few drops of barium nitrate, white precipitate/)
  })

  it('suggest the whole salt', () => {
    expect(wholeSalts(found)).toEqual([{ formula: 'CuSO4', name: 'copper(II) sulfate' }])
    const double = ['Fe2+', 'NH4+', 'SO4^2-'].map((ion) => ({
      ion,
      verdict: 'present' as const,
      probability: 1,
      for: [],
      against: [],
    }))
    expect(wholeSalts({ ions: double })).toEqual([{ formula: '(NH4)2Fe(SO4)2', name: 'ammonium iron(II) sulfate' }])
  })

  it.each([
    ['Pb2+', 'NO3-', 'Pb(NO3)2'],
    ['Na+', 'SO4^2-', 'Na2SO4'],
    ['Al3+', 'SO4^2-', 'Al2(SO4)3'],
    ['NH4+', 'CO3^2-', '(NH4)2CO3'],
    ['Cu2+', 'SO4^2-', 'CuSO4'],
  ])('the salt of %s and %s is %s', (positive, negative, salt) => {
    expect(saltOf(positive, negative)).toBe(salt)
  })
})

describe('what the model says in words', () => {
  it('is read back as what it meant', () => {
    for (const { ion, strength } of CANDIDATES)
      for (const reagent of ['NaOH(aq)', 'NH3(aq)', 'HCl(aq)', 'AgNO3(aq)', 'KI(aq)']) {
        const steps = [{ do: 'add', reagent, amount: 'drops' }, { do: 'add', reagent, amount: 'excess' }, { do: 'warm' }]
        for (const { facts, saw } of runSteps({ [ion]: strength }, 1, steps)) {
          const read = featuresRead(readObservation(saw.join('; ')).facts.map(({ fact }) => fact))
          const meant = featuresOf(facts)
          // A gas is read by what it does in a test, and each reading is one that it gives.
          expect({ ...read, gases: [] }, `${ion} ${reagent}: ${saw.join('; ')}`).toEqual({ ...meant, gases: [] })
          const told = read?.gases ?? []
          expect(told.every((reading) => meant.gases.some((gas) => givesReading(gas, reading)))).toBe(true)
          expect(meant.gases.every((gas) => told.some((reading) => givesReading(gas, reading)))).toBe(true)
        }
      }
  })
})

describe('a gas is known by any of its tests', () => {
  const seen = (...lines: readonly (readonly [string, string])[]) => {
    const found = identify(tube('P1', ['NaOH(aq) excess', 'no visible change'], ...lines))
    return found.ions.find(({ ion }) => ion === 'NH4+')?.probability ?? 0
  }

  // Common practice: ammonia by litmus, and by white smoke at a rod with concentrated hydrochloric acid.
  it.each([
    'gas turned damp red litmus paper blue',
    'gas gave white smoke at a glass rod with concentrated hydrochloric acid',
    'dense white fumes with conc HCl on a glass rod',
    'white smoke',
  ])('%s', (saw) => {
    expect(seen(['warm', saw])).toBeGreaterThan(0.9)
  })

  it('white smoke at a rod with ammonia is hydrogen chloride, not ammonia', () => {
    expect(seen(['warm', 'white smoke at a glass rod with aqueous ammonia'])).toBeLessThan(0.5)
  })

  it('as a test on its own, the rod says which smoke it was', () => {
    const steps = [
      { id: 's1', do: 'add' as const, reagent: 'NaOH(aq)', amount: 'excess', saw: 'no visible change' },
      { id: 's2', do: 'warm' as const, saw: 'no visible change' },
      { id: 's3', do: 'gas' as const, reagent: 'glass rod with concentrated hydrochloric acid', saw: 'white smoke' },
    ]
    const found = identify({ id: 'P1', cm3: '1', steps })
    expect(found.ions.find(({ ion }) => ion === 'NH4+')?.probability).toBeGreaterThan(0.95)
    expect(found.gases).toEqual([{ gas: 'NH3', at: 'P1.3' }])
  })

  it('sulfur dioxide is not held against a sample for reddening litmus', () => {
    const found = identify(tube('P1', ['HCl(aq) excess', 'effervescence'], ['warm', 'gas turned damp blue litmus paper red']))
    const fizzing = ['SO3^2-', 'CO3^2-', 'NO2-', 'S2O3^2-']
    const sum = fizzing.reduce((total, ion) => total + (found.ions.find((one) => one.ion === ion)?.probability ?? 0), 0)
    expect(sum, JSON.stringify(found.ions.slice(0, 8).map(({ ion, probability }) => [ion, probability]))).toBeGreaterThan(0.95)
  })
})

describe('the verdict', () => {
  it('is there before the advice: the same as at the end, without the next tests', () => {
    const samples = [
      { material: 'V', tubes: [tube('V1', ['NaOH(aq)', 'pale blue precipitate'], ['NaOH(aq) excess', 'insoluble'])] },
    ]
    const running = identifying(samples)
    const early: SampleVerdict[] = []
    const done: number[] = []
    let step = running.next()
    for (; !step.done; step = running.next()) {
      done.push(step.value.done)
      if (step.value.verdict) early.push(step.value.verdict)
    }
    const [found] = step.value
    expect(early).toHaveLength(1)
    expect(found).toMatchObject({ ...early[0] })
    expect(early[0]).not.toHaveProperty('next')
    expect(found?.next.length).toBeGreaterThan(0)
    // And there is room to breathe between the verdict and the last of the advice.
    expect(done.length - done.indexOf(0.75)).toBeGreaterThan(5)
    expect(done).toEqual(done.toSorted((a, b) => a - b))
  })
})
