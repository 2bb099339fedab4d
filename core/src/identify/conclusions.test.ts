import { describe, expect, it } from 'vitest'
import { concludeFrom, type IonVerdict, sayStep, wholeSalts } from './index.ts'
import { tube } from './testing/records.ts'

const found = (...ions: readonly string[]) => ({
  ions: ions.map((ion): IonVerdict => ({ ion, verdict: 'present', probability: 0.99, for: [], against: [] })),
})

describe('what was done, as a conclusion quotes it', () => {
  // Common practice: how evidence is worded in a report.
  it.each<[Parameters<typeof sayStep>[0], string]>([
    [{ do: 'add', reagent: 'NaOH(aq)', amount: 'drops' }, 'on adding a few drops of sodium hydroxide'],
    [{ do: 'add', reagent: 'NH3(aq)', amount: 'excess' }, 'on adding excess aqueous ammonia'],
    [{ do: 'add', reagent: 'HCl(aq)', amount: '2 cm3' }, 'on adding 2 cm³ of dilute hydrochloric acid'],
    [{ do: 'add', reagent: 'H2SO4(aq)', amount: 'equal' }, 'on adding an equal volume of dilute sulfuric acid'],
    [{ do: 'add', reagent: 'NH4Cl(s)', amount: 'solid' }, 'on adding a spatula measure of solid ammonium chloride'],
    [{ do: 'add', reagent: 'Al(s)', amount: 'piece' }, 'on adding a piece of aluminium foil'],
    [{ do: 'add', reagent: 'borax' }, 'on adding borax'],
    [{ do: 'dissolve' }, 'on dissolving in water'],
    [{ do: 'dissolve', reagent: 'H2O(l)' }, 'on dissolving in distilled water'],
    [{ do: 'warm' }, 'on warming'],
    [{ do: 'heat' }, 'on heating'],
    [{ do: 'boil' }, 'on boiling'],
    [{ do: 'cool' }, 'on cooling'],
    [{ do: 'stand' }, 'on standing'],
    [{ do: 'filter' }, 'after filtering'],
    [{ do: 'flame' }, 'in a flame'],
    [{ do: 'gas', reagent: 'limewater' }, 'in the gas test with limewater'],
    [{ do: 'gas' }, 'in the gas test'],
    [{ do: 'shake' }, 'on shaking'],
    [{ do: 'look' }, 'at first sight'],
  ])('%j: %s', (step, says) => {
    expect(sayStep(step)).toBe(says)
  })
})

describe('a conclusion', () => {
  const samples = [
    {
      material: 'P',
      tubes: [
        tube('P1', ['NaOH(aq)', 'light blue ppt.'], ['NaOH(aq) excess', 'insol in xs']),
        tube('P2', ['NH3(aq)', 'pale blue ppt;'], ['NH3(aq) excess', '']),
      ],
    },
  ]
  const copper = (evidence: readonly string[]): IonVerdict => ({
    ion: 'Cu2+',
    verdict: 'present',
    probability: 0.99,
    for: evidence,
    against: [],
  })

  it('quotes at most three steps, in the student’s words', () => {
    const [conclusion] = concludeFrom({ ions: [copper(['P1.1', 'P2.1', 'P1.2', 'P2.2'])] }, samples, 'P')
    expect(conclusion?.says).toBe(
      'P contains copper(II) ions: on adding a few drops of sodium hydroxide, light blue ppt; ' +
        'on adding a few drops of aqueous ammonia, pale blue ppt; on adding excess sodium hydroxide, insol in xs.',
    )
    expect(conclusion?.evidence).toHaveLength(4)
  })

  it('leaves out steps that are no longer there or say nothing', () => {
    expect(concludeFrom({ ions: [copper(['P2.2', 'P9.1', 'P1.7'])] }, samples, 'P')[0]?.says).toBe('P contains copper(II) ions.')
  })

  it('calls an acid by its name, and is drawn of what is present alone', () => {
    const acid: IonVerdict = { ...copper(['P1.1']), ion: 'H+' }
    const perhaps: IonVerdict = { ...copper([]), ion: 'Zn2+', verdict: 'possible' }
    const drawn = concludeFrom({ ions: [acid, perhaps] }, samples, 'P')
    expect(drawn.map(({ says }) => says)).toEqual([
      'P contains hydrogen ions (an acid): on adding a few drops of sodium hydroxide, light blue ppt.',
    ])
  })
})

describe('the whole salt', () => {
  // Formulae and names of salts and double salts: common practice.
  it.each<[readonly string[], readonly string[]]>([
    [['Cu2+', 'SO4^2-'], ['CuSO4 copper(II) sulfate']],
    [['Fe2+', 'NH4+', 'SO4^2-'], ['(NH4)2Fe(SO4)2 ammonium iron(II) sulfate']],
    [['Al3+', 'NH4+', 'SO4^2-'], ['NH4Al(SO4)2 ammonium aluminium sulfate']],
    [['Al3+', 'SO4^2-'], ['Al2(SO4)3 aluminium sulfate']],
    [['NH4+', 'Cl-'], ['NH4Cl ammonium chloride']],
    [['Pb2+', 'NO3-'], ['Pb(NO3)2 lead(II) nitrate']],
    [['Cu2+', 'Zn2+', 'SO4^2-'], []],
    [['Fe2+', 'NH4+', 'Cl-'], []],
    [['Cu2+', 'SO4^2-', 'Cl-'], []],
    [['Cu2+'], []],
    [['SO4^2-'], []],
  ])('%j: %j', (ions, salts) => {
    expect(wholeSalts(found(...ions)).map(({ formula, name }) => `${formula} ${name}`)).toEqual(salts)
  })
})
