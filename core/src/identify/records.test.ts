import { describe, expect, it } from 'vitest'
import { identifyRack } from './index.ts'
import { identify, of, type Tube, tube } from './testing/records.ts'

/** Tests of anions that show nothing but what is said. */
const chloride: readonly Tube[] = [
  tube('A1', ['HNO3(aq)', 'no visible change'], ['AgNO3(aq)', 'white ppt']),
  tube('A2', ['HNO3(aq)', 'no visible change'], ['Ba(NO3)2(aq)', 'no visible change']),
]
const sulfate: readonly Tube[] = [
  tube('A1', ['HNO3(aq)', 'no visible change'], ['AgNO3(aq)', 'no change']),
  tube('A2', ['HNO3(aq)', 'no visible change'], ['Ba(NO3)2(aq)', 'white precipitate']),
]

/*
 * Records written out as students word them, from the observation tables of school data booklets and of Svehla's edition
 * of Vogel's Qualitative Inorganic Analysis, recalled from memory.
 */
describe('records from tables, in students’ words', () => {
  it.each<[string, readonly Tube[], readonly string[]]>([
    [
      'copper(II) sulfate',
      [
        tube('P1', ['NaOH(aq)', 'light blue ppt'], ['NaOH(aq) excess', 'insol in xs']),
        tube('P2', ['NH3(aq)', 'pale blue ppt'], ['NH3(aq) excess', 'dissolves giving a dark blue solution']),
        ...sulfate,
      ],
      ['Cu2+', 'SO4^2-'],
    ],
    [
      'aluminium chloride',
      [
        tube('P1', ['NaOH(aq)', 'white ppt'], ['NaOH(aq) excess', 'ppt dissolves giving colourless soln']),
        tube('P2', ['NH3(aq)', 'white ppt'], ['NH3(aq) excess', 'insoluble in excess']),
        ...chloride,
      ],
      ['Al3+', 'Cl-'],
    ],
    [
      'zinc sulfate',
      [
        tube('P1', ['NaOH(aq)', 'white ppt'], ['NaOH(aq) excess', 'sol in xs, colourless solution']),
        tube('P2', ['NH3(aq)', 'white ppt'], ['NH3(aq) excess', 'redissolves to give a colourless solution']),
        ...sulfate,
      ],
      ['SO4^2-', 'Zn2+'],
    ],
    [
      'iron(III) chloride',
      [
        tube('P1', ['NaOH(aq)', 'rust brown ppt'], ['NaOH(aq) excess', 'insoluble in excess']),
        tube('P2', ['NH3(aq)', 'red-brown precipitate'], ['NH3(aq) excess', 'does not dissolve']),
        ...chloride,
      ],
      ['Cl-', 'Fe3+'],
    ],
    [
      'ammonium iron(II) sulfate: two cations in a green precipitate and ammonia on warming',
      [
        tube(
          'P1',
          ['NaOH(aq)', 'dirty green ppt'],
          ['NaOH(aq) excess', 'insol in xs'],
          ['warm', 'gas turned damp red litmus blue'],
        ),
        tube('P2', ['NH3(aq)', 'green ppt'], ['NH3(aq) excess', 'ppt insoluble in excess']),
        ...sulfate,
      ],
      ['Fe2+', 'NH4+', 'SO4^2-'],
    ],
    [
      'nickel(II) chloride',
      [
        tube('P1', ['NaOH(aq)', 'green ppt'], ['NaOH(aq) excess', 'insoluble in excess']),
        tube('P2', ['NH3(aq)', 'green ppt'], ['NH3(aq) excess', 'ppt dissolves giving a blue solution']),
        ...chloride,
      ],
      ['Cl-', 'Ni2+'],
    ],
    [
      'chromium(III) chloride',
      [
        tube('P1', ['NaOH(aq)', 'grey-green ppt'], ['NaOH(aq) excess', 'dissolves giving a green solution']),
        tube('P2', ['NH3(aq)', 'grey green precipitate'], ['NH3(aq) excess', 'insoluble in excess']),
        ...chloride,
      ],
      ['Cl-', 'Cr3+'],
    ],
    [
      'magnesium sulfate',
      [
        tube('P1', ['NaOH(aq)', 'white ppt'], ['NaOH(aq) excess', 'insoluble in excess']),
        tube('P2', ['NH3(aq)', 'white ppt'], ['NH3(aq) excess', 'insol in xs']),
        ...sulfate,
      ],
      ['Mg2+', 'SO4^2-'],
    ],
    [
      'calcium chloride',
      [
        tube('P1', ['NaOH(aq)', 'white ppt'], ['NaOH(aq) excess', 'insoluble in excess']),
        tube('P2', ['NH3(aq)', 'no ppt'], ['NH3(aq) excess', 'no visible change']),
        tube('P3', ['flame', 'brick-red flame']),
        ...chloride,
      ],
      ['Ca2+', 'Cl-'],
    ],
    [
      'barium chloride: no precipitate with alkali, one with sulfate',
      [
        tube('P1', ['NaOH(aq)', 'no visible change'], ['NaOH(aq) excess', 'no visible change']),
        tube('P2', ['H2SO4(aq)', 'white ppt'], ['H2SO4(aq) excess', 'insoluble']),
        tube('P3', ['flame', 'pale green flame']),
        ...chloride,
      ],
      ['Ba2+', 'Cl-'],
    ],
    [
      'lead(II) nitrate: yellow with iodide, ammonia with foil',
      [
        tube('P1', ['NaOH(aq)', 'white ppt'], ['NaOH(aq) excess', 'ppt dissolves to give a colourless solution']),
        tube('P2', ['NH3(aq)', 'white ppt'], ['NH3(aq) excess', 'insol']),
        tube('P3', ['KI(aq)', 'bright yellow ppt']),
        tube('P4', ['HNO3(aq) excess', 'no visible change']),
        tube(
          'A1',
          ['NaOH(aq) excess', 'white ppt'],
          ['boil', 'no change'],
          ['Al(s)', 'bubbles'],
          ['warm', 'gas turned damp red litmus blue'],
        ),
      ],
      ['NO3-', 'Pb2+'],
    ],
    [
      'manganese(II) chloride: off-white, brown on standing',
      [
        tube('P1', ['NaOH(aq)', 'off-white ppt'], ['NaOH(aq) excess', 'insoluble in excess'], ['stand', 'ppt turns brown']),
        tube('P2', ['NH3(aq)', 'buff ppt'], ['NH3(aq) excess', 'insoluble in excess']),
        ...chloride,
      ],
      ['Cl-', 'Mn2+'],
    ],
    [
      'cobalt(II) chloride',
      [
        tube('P0', ['look', 'pink solution']),
        tube('P1', ['NaOH(aq)', 'blue ppt'], ['NaOH(aq) excess', 'insoluble in excess']),
        ...chloride,
      ],
      ['Cl-', 'Co2+'],
    ],
    [
      'silver nitrate: brown with alkali, white with chloride, which ammonia dissolves',
      [
        tube('P1', ['NaOH(aq)', 'brown ppt'], ['NaOH(aq) excess', 'insoluble']),
        tube('P2', ['HCl(aq)', 'white ppt'], ['NH3(aq) excess', 'dissolves giving a colourless solution']),
        tube(
          'A1',
          ['NaOH(aq) excess', 'brown ppt'],
          ['boil', 'no change'],
          ['Al(s)', 'bubbles'],
          ['warm', 'damp red litmus turned blue'],
        ),
      ],
      ['Ag+', 'NO3-'],
    ],
    [
      'iron(II) sulfate, browning',
      [
        tube('P1', ['NaOH(aq)', 'dirty green ppt'], ['NaOH(aq) excess', 'insoluble in excess'], ['stand', 'turns brown in air']),
        tube('P2', ['H2SO4(aq)', 'no visible change'], ['KMnO4(aq)', 'purple decolourised']),
        ...sulfate,
      ],
      ['Fe2+', 'SO4^2-'],
    ],
    [
      'iron(III) nitrate confirmed by thiocyanate and hexacyanoferrate(II)',
      [
        tube('P1', ['NaOH(aq)', 'rust ppt'], ['NaOH(aq) excess', 'insoluble']),
        tube('P2', ['KSCN(aq)', 'blood red solution']),
        tube('P3', ['K4Fe(CN)6(aq)', 'dark blue ppt']),
        tube('A1', ['HNO3(aq)', 'no change'], ['AgNO3(aq)', 'no ppt']),
        tube('A2', ['HNO3(aq)', 'no change'], ['Ba(NO3)2(aq)', 'no ppt']),
        tube(
          'A3',
          ['NaOH(aq) excess', 'red-brown ppt'],
          ['boil', 'no change'],
          ['Al(s)', 'effervescence'],
          ['warm', 'gas turned damp red litmus paper blue'],
        ),
      ],
      ['Fe3+', 'NO3-'],
    ],
    [
      'ammonium chloride',
      [
        tube(
          'P1',
          ['NaOH(aq)', 'no ppt'],
          ['NaOH(aq) excess', 'no visible change'],
          ['warm', 'pungent gas turned damp red litmus paper blue'],
        ),
        tube('P2', ['NH3(aq)', 'no visible change']),
        tube('P3', ['flame', 'no visible change']),
        ...chloride,
      ],
      ['Cl-', 'NH4+'],
    ],
    [
      'potassium bromide: cream, hardly soluble in dilute ammonia; orange with chlorine',
      [
        tube('A1', ['HNO3(aq)', 'no change'], ['AgNO3(aq)', 'cream ppt'], ['NH3(aq) excess', 'partly soluble']),
        tube('A2', ['Cl2(aq) 1 cm3', 'turns orange']),
        tube('P1', ['flame', 'lilac flame']),
        tube('P2', ['NaOH(aq) excess', 'no visible change']),
      ],
      ['Br-', 'K+'],
    ],
    [
      'potassium iodide: yellow, insoluble in ammonia; brown with chlorine',
      [
        tube('A1', ['HNO3(aq)', 'no visible change'], ['AgNO3(aq)', 'yellow ppt'], ['NH3(aq) excess', 'insoluble in excess']),
        tube('A2', ['Cl2(aq)', 'brown solution']),
        tube('P1', ['flame', 'lilac flame']),
        tube('P2', ['NaOH(aq) excess', 'nvc']),
      ],
      ['I-', 'K+'],
    ],
    [
      'sodium carbonate',
      [
        tube('A1', ['HCl(aq) excess', 'fizzes, gas turned limewater milky']),
        tube('A2', ['BaCl2(aq)', 'white ppt'], ['HCl(aq) excess', 'ppt dissolves with effervescence, limewater milky']),
        tube('P1', ['flame', 'bright yellow flame']),
        tube('P2', ['NaOH(aq) excess', 'no visible change']),
      ],
      ['CO3^2-', 'Na+'],
    ],
    [
      'sodium sulfite: a gas that decolourises manganate paper',
      [
        tube('A1', ['HCl(aq) excess', 'choking gas'], ['warm', 'gas decolourised acidified manganate(VII) paper']),
        tube('A2', ['BaCl2(aq)', 'white ppt'], ['HCl(aq) excess', 'ppt dissolves giving a colourless solution']),
        tube('P1', ['flame', 'yellow flame']),
      ],
      ['Na+', 'SO3^2-'],
    ],
    [
      'potassium chromate(VI)',
      [
        tube('P0', ['look', 'yellow solution']),
        tube('A1', ['H2SO4(aq)', 'yellow to orange']),
        tube('A2', ['BaCl2(aq)', 'yellow ppt']),
        tube('P1', ['flame', 'lilac flame']),
      ],
      ['CrO4^2-', 'K+'],
    ],
    [
      'sodium thiosulfate: a yellow cloud in acid',
      [
        tube('A1', ['HCl(aq) 1 cm3', 'pale yellow ppt formed']),
        tube('A2', ['I2(aq)', 'brown colour disappears']),
        tube('P1', ['flame', 'yellow flame']),
      ],
      ['Na+', 'S2O3^2-'],
    ],
    [
      'aluminium ammonium sulfate: two cations, one of them a gas',
      [
        tube(
          'P1',
          ['NaOH(aq)', 'white ppt'],
          ['NaOH(aq) excess', 'dissolves giving a colourless solution'],
          ['warm', 'gas turned damp red litmus blue'],
        ),
        tube('P2', ['NH3(aq)', 'white ppt'], ['NH3(aq) excess', 'insoluble in excess']),
        tube('P3', ['KI(aq)', 'no visible change']),
        ...sulfate,
      ],
      ['Al3+', 'NH4+', 'SO4^2-'],
    ],
  ])('%s', (_name, tubes, ions) => {
    const found = identify(...tubes)
    // The likeliest ions are the right ones, each likely enough to be written down, and none else is called present.
    const likeliest = found.ions.slice(0, ions.length)
    expect(likeliest.map(({ ion }) => ion).toSorted()).toEqual(ions)
    for (const { ion, probability } of likeliest) expect(probability, ion).toBeGreaterThan(0.85)
    for (const ion of of(found, 'present')) expect(ions).toContain(ion)
  })
})

describe('records in which a step went wrong, or an ion hides another', () => {
  const withAmmonium = [
    tube('P1', ['NaOH(aq)', 'no ppt'], ['NaOH(aq) excess', 'no visible change'], ['warm', 'gas turned damp red litmus blue']),
    ...chloride,
  ]
  // Common practice: ammonium that was not boiled off looks like nitrate.
  it('nitrate is not called present when ammonium was not boiled off before the foil', () => {
    const notBoiled = tube(
      'A3',
      ['NaOH(aq) excess', 'no visible change'],
      ['Al(s)', 'bubbles'],
      ['warm', 'gas turned damp red litmus blue'],
    )
    const found = identify(...withAmmonium, notBoiled)
    expect(of(found, 'present')).toContain('NH4+')
    expect(of(found, 'present')).not.toContain('NO3-')
  })

  it('and is when it was', () => {
    const boiled = tube(
      'A3',
      ['NaOH(aq) excess', 'no visible change'],
      ['boil', 'gas turned damp red litmus blue'],
      ['boil', 'no visible change'],
      ['Al(s)', 'bubbles'],
      ['warm', 'gas turned damp red litmus blue'],
    )
    expect(of(identify(...withAmmonium, boiled), 'present')).toContain('NO3-')
  })

  it('chloride stays when too little ammonia came after the acid to dissolve it', () => {
    const found = identify(
      tube('A1', ['HNO3(aq) 1 cm3', 'no visible change'], ['AgNO3(aq)', 'white ppt'], ['NH3(aq)', 'ppt insoluble']),
      tube('P1', ['flame', 'lilac flame']),
      tube('P2', ['NaOH(aq) excess', 'no visible change']),
    )
    expect(found.ions.find(({ ion }) => ion === 'Cl-')?.probability).toBeGreaterThan(0.8)
  })

  it('iodide beside bromide: yellow, and chlorine water says which is there', () => {
    const found = identify(
      tube('A1', ['HNO3(aq)', 'no change'], ['AgNO3(aq)', 'yellow ppt'], ['NH3(aq) excess', 'insoluble in excess']),
      tube('A2', ['Cl2(aq)', 'brown solution']),
      tube('P1', ['flame', 'lilac flame']),
    )
    expect(of(found, 'present')).toContain('I-')
    // Iodide hides bromide, so that it cannot be ruled out altogether.
    expect(found.ions.find(({ ion }) => ion === 'Br-')?.probability).toBeGreaterThan(0.01)
  })

  it('a product of one tube is a sample of its own: chromate from chromium(III)', () => {
    const samples = [
      {
        material: 'K',
        tubes: [
          tube(
            'K1',
            ['NaOH(aq)', 'grey-green ppt'],
            ['NaOH(aq) excess', 'dissolves giving a green solution'],
            ['H2O2(aq) excess', 'turned yellow'],
          ),
          tube('K2', ['NH3(aq)', 'grey-green ppt'], ['NH3(aq) excess', 'insoluble']),
          tube('K3', ['HNO3(aq)', 'no change'], ['AgNO3(aq)', 'white ppt']),
        ],
      },
      {
        material: 'M',
        tubes: [{ ...tube('M1', ['CH3COOH(aq) excess', 'yellow solution'], ['BaCl2(aq)', 'yellow ppt']), from: 'K1' }],
      },
    ]
    const [jar, product] = identifyRack(samples)
    expect(
      jar?.ions
        .slice(0, 2)
        .map(({ ion }) => ion)
        .toSorted(),
    ).toEqual(['Cl-', 'Cr3+'])
    expect(product?.ions.find(({ ion }) => ion === 'CrO4^2-')?.probability).toBeGreaterThan(0.9)
    expect(product?.ions.find(({ ion }) => ion === 'Cr3+')?.probability).toBeLessThan(0.1)
  })

  it('a solid is known by what heating does: zinc carbonate', () => {
    const [found] = identifyRack(
      [
        {
          material: 'L',
          tubes: [
            tube(
              'L1',
              ['look', 'white powder'],
              ['heat', 'yellow when hot; gas turned limewater milky'],
              ['cool', 'white on cooling'],
            ),
            tube('L2', ['HNO3(aq) excess', 'effervescence, gas turned limewater milky']),
            {
              ...tube('L3', ['NaOH(aq)', 'white ppt'], ['NaOH(aq) excess', 'dissolves giving a colourless solution']),
              from: 'L2',
            },
          ],
        },
      ],
      { forms: { L: 'solid' } },
    )
    expect(
      found?.ions
        .slice(0, 2)
        .map(({ ion }) => ion)
        .toSorted(),
    ).toEqual(['CO3^2-', 'Zn2+'])
  })

  it('an acid, and an alkali', () => {
    const acid = identify(
      tube('P0', ['look', 'colourless solution']),
      tube('P1', ['blue litmus', 'turned blue litmus paper red']),
      tube('P2', ['Na2CO3(aq)', 'effervescence, limewater turned milky']),
      tube('P3', ['Mg(s)', 'fizzes, pops with a lighted splint']),
      ...chloride,
    )
    expect(of(acid, 'present')).toEqual(['Cl-', 'H+'])
    const alkali = identify(
      tube('P1', ['red litmus', 'turned red litmus paper blue']),
      tube('P2', ['CuSO4(aq)', 'pale blue ppt']),
      tube('P3', ['flame', 'yellow flame']),
    )
    expect(alkali.ions.slice(0, 2).map(({ ion }) => ion)).toContain('OH-')
  })
})
