import { describe, expect, it } from 'vitest'
import { identifyRack } from './identify.ts'
import { sayTells } from './nextTests.ts'

type Step = readonly [act: string, saw: string]
type Sample = Parameters<typeof identifyRack>[0][number]

/** Tubes of a sample, each a list of `reagent amount` (or an act) and what was seen. */
function wholeOf(tubes: readonly (readonly Step[])[], form: 'solid' | 'solution' = 'solid') {
  const recorded: Sample['tubes'] = tubes.map((steps, tube) => ({
    id: `P${tube + 1}`,
    steps: steps.map(([act, saw], step): Sample['tubes'][number]['steps'][number] => {
      const [reagent = '', amount] = act.split(' ')
      const isAct = !reagent.includes('(')
      return {
        id: `${tube}-${step}`,
        saw,
        ...(isAct ? { do: reagent as 'look' } : { do: 'add', reagent, ...(amount ? { amount } : {}) }),
      }
    }),
  }))
  const [found] = identifyRack([{ material: 'P', tubes: recorded }], { forms: { P: form } })
  return found
}

// What metals and oxides of a bench do (common practice).
const IN_ACID = 'fizzes, gas gave a squeaky pop with a lighted splint, colourless solution'
const SAMPLES: readonly (readonly [name: string, may: readonly string[], tubes: readonly (readonly Step[])[]])[] = [
  [
    'copper',
    ['Cu'],
    [[['look', 'brown turnings']], [['HCl(aq) excess', 'no change']], [['HNO3(conc) excess', 'brown gas, blue solution']]],
  ],
  [
    'iron',
    ['Fe'],
    [
      [['look', 'grey powder']],
      [
        ['H2SO4(aq)', 'bubbles, gas pops, pale green solution'],
        ['NaOH(aq) excess', 'green precipitate'],
      ],
    ],
  ],
  [
    'zinc or aluminium',
    ['Zn', 'Al'],
    [
      [
        ['HCl(aq)', IN_ACID],
        ['NaOH(aq) equal', 'white precipitate'],
        ['NaOH(aq) excess', 'precipitate dissolves'],
      ],
    ],
  ],
  [
    'zinc',
    ['Zn'],
    [
      [
        ['HCl(aq) equal', IN_ACID],
        ['NH3(aq) equal', 'white precipitate'],
        ['NH3(aq) excess', 'precipitate dissolves, colourless solution'],
      ],
    ],
  ],
  [
    'copper(II) oxide',
    ['CuO'],
    [
      [['look', 'black powder']],
      [
        ['H2SO4(aq) equal', 'no change'],
        ['warm', 'black solid dissolves, blue solution'],
      ],
    ],
  ],
  [
    'brass',
    ['brass'],
    [
      [['look', 'yellow turnings']],
      [['HCl(aq) excess', 'no change']],
      [
        ['HNO3(aq) excess', 'no change'],
        ['warm', 'dissolves, brown gas, blue solution'],
      ],
    ],
  ],
  [
    'bronze',
    ['bronze'],
    [[['HCl(aq) excess', 'no change']], [['HNO3(conc) excess', 'brown gas, white solid in a blue solution']]],
  ],
  [
    'solder',
    ['solder'],
    [
      [['look', 'grey metal']],
      [
        ['HNO3(aq) excess', 'no change'],
        ['warm', 'effervescence, brown gas, white precipitate'],
        ['filter', 'colourless filtrate'],
        ['H2SO4(aq)', 'white precipitate'],
      ],
    ],
  ],
  [
    'manganese(IV) oxide',
    ['MnO2'],
    [[['look', 'black powder']], [['H2O2(aq)', 'vigorous fizzing, gas relights a glowing splint']], [['HCl(aq)', 'no change']]],
  ],
]

describe('metals, alloys and oxides as samples', () => {
  it.each(SAMPLES)('%s', (_, may, tubes) => {
    const found = wholeOf(tubes)
    const sum = found?.whole
      .filter(({ formula, name: called }) => may.includes(formula ?? called))
      .reduce((all, one) => all + one.probability, 0)
    expect(sum, JSON.stringify(found?.whole)).toBeGreaterThan(0.8)
  })

  it('a carbonate is none of them, nor is a salt that dissolves', () => {
    const green = wholeOf([[['look', 'green powder']], [['H2SO4(aq)', 'fizzes, limewater turned milky, blue solution']]])
    expect(green?.whole).toEqual([])
    const white = wholeOf([[['look', 'white crystals']], [['H2O(l) excess', 'dissolves']], [['flame', 'lilac']]])
    expect(white?.whole).toEqual([])
  })

  it('of which metal it is, a test is advised that tells', () => {
    const found = wholeOf([[['look', 'grey granules']], [['HCl(aq) equal', IN_ACID]]])
    expect(found?.whole.map(({ formula }) => formula)).toEqual(expect.arrayContaining(['Mg', 'Zn', 'Al']))
    expect(found?.next[0]?.test).toMatch(/sodium hydroxide|alkali/)
  })

  it('tells a metal from its oxide, and does not take the ion for the answer', () => {
    const found = wholeOf([
      [
        ['HCl(aq) equal', 'dissolves, colourless solution'],
        ['NH3(aq) equal', 'white precipitate'],
        ['NH3(aq) excess', 'precipitate dissolves'],
      ],
    ])
    expect(found?.ions.find(({ ion }) => ion === 'Zn2+')?.verdict).toBe('present')
    expect(found?.whole.map(({ name }) => name)).toContain('zinc oxide')
    expect(found?.next.map(sayTells).join('; ')).toMatch(/zinc oxide|metallic zinc/)
  })

  // What bottles of a bench do to one another (common practice).
  it.each([
    [
      'potassium manganate(VII)',
      [
        [['look', 'purple solution']],
        [
          ['H2SO4(aq) equal', 'no change'],
          ['FeSO4(aq) excess', 'solution turned from purple to pale yellow'],
        ],
      ],
    ],
    [
      'hydrogen peroxide',
      [
        [['look', 'colourless solution']],
        [['MnO2(s)', 'vigorous effervescence, gas relights a glowing splint']],
        [
          ['H2SO4(aq) equal', 'no change'],
          ['KI(aq)', 'turned brown'],
        ],
      ],
    ],
    [
      'potassium hexacyanoferrate(II)',
      [[['FeCl3(aq)', 'deep blue precipitate']], [['CuSO4(aq)', 'red-brown precipitate']], [['flame', 'lilac']]],
    ],
    [
      'bromine water',
      [[['look', 'orange solution']], [['KI(aq)', 'turned brown']], [['Na2S2O3(aq) excess', 'turned colourless']]],
    ],
  ] as const)('a bottle of %s is named', (name, tubes) => {
    const found = wholeOf(tubes, 'solution')
    expect(found?.whole[0], JSON.stringify(found?.ions.slice(0, 4))).toMatchObject({ name })
    expect(found?.whole[0]?.probability).toBeGreaterThan(0.4)
  })

  it('a solution of salts is no bottle, nor is anything where the sheet lists the ions', () => {
    const steps: readonly (readonly Step[])[] = [
      [['look', 'colourless solution']],
      [['flame', 'yellow']],
      [['HCl(aq)', 'no change']],
    ]
    expect(wholeOf(steps, 'solution')?.whole).toEqual([])
  })
})
