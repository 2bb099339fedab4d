import { describe, expect, it } from 'vitest'
import { expectedIn } from '../identify/index.ts'
import { SCHEME } from '../tube/index.ts'
import { compareConclusion, ionsNamed, readActs, schemePath } from './index.ts'

describe('what a conclusion names', () => {
  // Common practice: the words and formulae of students' conclusions.
  it.each<[string, readonly string[]]>([
    ['Jar H is ammonium aluminium sulfate', ['NH4+', 'Al3+', 'SO4^2-']],
    ['contains Fe2+ and SO42-', ['Fe2+', 'SO4^2-']],
    ['Fe²⁺, Cl⁻', ['Fe2+', 'Cl-']],
    ['iron(III) chloride', ['Fe3+', 'Cl-']],
    ['ferrous sulphate, no chloride', ['Fe2+', 'SO4^2-']],
    ['copper(II) nitrate, not carbonate', ['Cu2+', 'NO3-']],
    ['nothing can be said yet', []],
    ['Jar G is nickel(II) chloride: green precipitate with sodium hydroxide, white with silver nitrate.', ['Ni2+', 'Cl-']],
    ['It contains iron(II) because sodium hydroxide gave a dirty green precipitate', ['Fe2+']],
    ['White precipitate with silver nitrate, so chloride. Sulfate is absent', ['Cl-']],
  ])('%s', (text, ions) => {
    expect(ionsNamed(text)).toEqual(ions)
  })

  it('is laid beside what the record shows', () => {
    const ions = [
      { ion: 'Fe2+', verdict: 'present', probability: 0.99, for: ['P1.1'], against: [] },
      { ion: 'NH4+', verdict: 'present', probability: 0.98, for: ['P1.3'], against: [] },
      { ion: 'Cl-', verdict: 'possible', probability: 0.3, for: [], against: [] },
      { ion: 'SO4^2-', verdict: 'absent', probability: 0.01, for: [], against: ['P2.1'] },
    ] as const
    const judged = (text: string) => {
      const { claims, missed } = compareConclusion(text, { ions })
      return [
        ...claims.map(({ ion, judged: how, steps }) => [ion, how, ...steps].join(' ')),
        ...missed.map((ion) => `missed ${ion}`),
      ]
    }
    expect(judged('iron(II) chloride')).toEqual(['Fe2+ agrees P1.1', 'Cl- not shown', 'missed NH4+'])
    expect(judged('Sulfate absent. Ammonium and iron(II) are present')).toEqual([
      'NH4+ agrees P1.3',
      'Fe2+ agrees P1.1',
      'SO4^2- agrees P2.1',
    ])
    expect(judged('contains sulfate, no ammonium')).toEqual(['NH4+ disagrees P1.3', 'SO4^2- disagrees P2.1', 'missed Fe2+'])
    expect(judged('probably ammonium, perhaps chloride')).toEqual(['NH4+ shown already P1.3', 'Cl- agrees', 'missed Fe2+'])
    expect(judged('its got iron in')).toEqual(['Fe2+ shown already P1.1', 'Fe3+ agrees', 'missed NH4+'])
  })
})

describe('the guided path through the groups', () => {
  const add = (reagent: string, amount: string, saw: string) => ({
    id: `${reagent} ${amount}`,
    do: 'add' as const,
    reagent,
    amount,
    saw,
  })
  it('marks a group by what was seen, and says what to take forward', () => {
    const sample = {
      material: 'M',
      tubes: [
        {
          id: 'M1',
          steps: [
            add('HCl(aq)', '1 cm3', 'no visible change'),
            add('H2S(g)', 'excess', 'black ppt'),
            { id: 's2', do: 'filter' as const },
          ],
        },
        { id: 'M2', from: 'M1', take: 'filtrate' as const, steps: [{ id: 's3', do: 'boil' as const }] },
      ],
    }
    const path = schemePath(sample)
    expect(path.map(({ group, state }) => `${group} ${state}`)).toEqual([
      '0 to do',
      'I absent',
      'II present',
      'III to do',
      'IV later',
      'V later',
      'VI later',
    ])
    expect(path[1]?.takes).toMatch(/same solution/)
    expect(path[2]).toMatchObject({ at: 'M1.2', takes: expect.stringMatching(/filtrate goes on/) })
    expect(path[3]?.does).toContain('NH3(aq) to excess')
  })

  it('offers each step in words that are read back as the step of the scheme', () => {
    const offered = SCHEME.flatMap(({ prepare, companions, tells }) => [...prepare, ...companions, ...tells])
    const read = schemePath({ material: 'M', tubes: [] }).flatMap(({ does }) => does.map((did) => readActs(did)))
    expect(read).toMatchObject(offered.map((action) => ({ kind: 'acts', acts: [{ action }] })))
  })

  // Hydrogen sulfide means group II in acid and group IV in ammonia (Svehla's edition of Vogel, from memory).
  it.each<[string, readonly string[], string]>([
    ['in acid', ['HCl(aq)', 'H2S(g)'], 'II'],
    ['in ammonia', ['HCl(aq)', 'H2S(g)', 'NH4Cl(aq)', 'NH3(aq)', 'H2S(g)'], 'IV'],
    ['ammonia without its chloride says nothing of group III', ['HCl(aq)', 'H2S(g)', 'NH3(aq)'], 'II'],
    ['a stronger bottle of the group reagent', ['HCl(conc)'], 'I'],
  ])('the last step tells of its group: %s', (_, reagents, group) => {
    const steps = reagents.map((reagent) => add(reagent, 'drops', 'no change'))
    const told = schemePath({ material: 'M', tubes: [{ id: 'M1', steps }] }).filter(({ state }) => state === 'absent')
    expect(told.at(-1)?.group).toBe(group)
  })

  it.each<[string, string]>([
    ['gas turned damp red litmus paper blue', 'present'],
    ['no visible change', 'absent'],
  ])('ammonium is looked for first, in a portion of its own: %s', (saw, state) => {
    const alkali = [add('NaOH(aq)', 'excess', 'no change'), { id: 's4', do: 'warm' as const, saw }]
    const path = schemePath({ material: 'M', tubes: [{ id: 'M1', steps: alkali }] })
    expect(path.slice(0, 3).map((stage) => stage.state)).toEqual([state, 'to do', 'later'])
    expect(path[0]).toMatchObject({ at: 'M1.2', takes: expect.stringMatching(/original solution/) })
  })

  it('a residue is confirmed by itself and is not on the path', () => {
    const tubes = [
      { id: 'M1', steps: [add('HCl(aq)', '1 cm3', 'white ppt')] },
      { id: 'M2', from: 'M1', take: 'residue' as const, steps: [add('H2S(g)', 'excess', 'black ppt')] },
    ]
    expect(schemePath({ material: 'M', tubes })[2]?.state).toBe('to do')
  })
})

it('what an ion should have shown is foretold step by step, with its equation', () => {
  const samples = [
    {
      material: 'P',
      tubes: [
        {
          id: 'P1',
          cm3: '1',
          steps: [
            { id: 's5', do: 'add' as const, reagent: 'NH3(aq)', amount: 'drops', saw: 'white ppt' },
            { id: 's6', do: 'add' as const, reagent: 'NH3(aq)', amount: 'excess' },
          ],
        },
      ],
    },
  ]
  const expected = expectedIn(samples, 'P1', ['Cu2+'])
  // Svehla's edition of Vogel's textbook, from memory: pale blue, then a deep blue solution.
  expect(expected?.[0]?.saw).toMatch(/blue precipitate/)
  expect(expected?.[1]?.saw).toMatch(/deep blue solution/)
  expect(expected?.[1]?.equations.length).toBeGreaterThan(0)
  expect(expectedIn(samples, 'P9', ['Cu2+'])).toBeUndefined()
})
