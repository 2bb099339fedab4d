import { describe, expect, it } from 'vitest'
import { identifyRack, type SampleVerdict } from './index.ts'
import { identify, of, tube } from './testing/records.ts'

const chance = ({ ions }: Pick<SampleVerdict, 'ions'>, ion: string) => ions.find((one) => one.ion === ion)?.probability ?? 0

/* Records that were once read wrongly. */
describe('what is plain to a chemist', () => {
  it('an acid beside a potassium salt is no aluminium salt: alkali gives no precipitate', () => {
    const found = identify(
      tube('P1', ['universal indicator', 'turned red']),
      tube('P2', ['Mg(s)', 'effervescence; gas burnt with a pop']),
      tube('P3', ['flame', 'lilac flame']),
      tube('P4', ['HNO3(aq)', 'no visible change'], ['AgNO3(aq)', 'white precipitate']),
    )
    expect(chance(found, 'H+')).toBeGreaterThan(0.8)
    expect(chance(found, 'Al3+')).toBeLessThan(0.1)
    for (const ion of ['Cl-', 'K+']) expect(chance(found, ion), ion).toBeGreaterThan(0.5)
  })

  it('chloride and sulfate of sodium are no sulfite', () => {
    const found = identify(
      tube('P1', ['flame', 'yellow flame']),
      tube('P2', ['HNO3(aq)', 'no visible change'], ['AgNO3(aq)', 'white precipitate']),
      tube('P3', ['HNO3(aq)', 'no visible change'], ['Ba(NO3)2(aq)', 'white precipitate']),
    )
    expect(chance(found, 'SO3^2-')).toBeLessThan(0.1)
    for (const ion of ['Na+', 'Cl-', 'SO4^2-']) expect(chance(found, ion), ion).toBeGreaterThan(0.7)
  })

  it('sodium hydroxide is hydroxide', () => {
    const found = identify(
      tube('P1', ['flame', 'yellow flame']),
      tube('P2', ['universal indicator', 'turned purple']),
      tube('P3', ['HCl(aq) excess', 'no visible change']),
      tube('P4', ['CuSO4(aq)', 'pale blue precipitate']),
    )
    expect(chance(found, 'OH-')).toBeGreaterThan(0.7)
  })

  it('a blood red colour with iron(III) chloride, brown and cloudy when boiled, is ethanoate', () => {
    const found = identify(tube('P1', ['FeCl3(aq)', 'blood red solution'], ['boil', 'brown precipitate']))
    expect(chance(found, 'CH3COO-')).toBeGreaterThan(0.5)
  })

  it('iron(III) chloride, kept clear by a little of its own acid, is no nitrate', () => {
    const found = identify(
      tube('P1', ['NaOH(aq)', 'red-brown precipitate'], ['NaOH(aq) excess', 'insoluble in excess']),
      tube('P2', ['HNO3(aq)', 'no visible change'], ['AgNO3(aq)', 'white precipitate']),
      tube(
        'P3',
        ['NaOH(aq) excess', 'red-brown precipitate'],
        ['boil', 'no visible change'],
        ['Al(s)', 'effervescence'],
        ['warm', 'damp red litmus stayed red'],
      ),
    )
    expect(of(found, 'present')).toEqual(['Cl-', 'Fe3+'])
    expect(chance(found, 'NO3-')).toBeLessThan(0.05)
  })
})

describe('water, and what is not on the list', () => {
  it('is thought of where nothing shows', () => {
    const found = identify(
      tube('P1', ['universal indicator', 'turned green']),
      tube('P2', ['NaOH(aq)', 'no visible change'], ['NaOH(aq) excess', 'no visible change']),
      tube('P3', ['HNO3(aq)', 'no visible change'], ['AgNO3(aq)', 'no visible change']),
      tube('P4', ['HNO3(aq)', 'no visible change'], ['Ba(NO3)2(aq)', 'no visible change']),
      tube('P5', ['flame', 'no colour']),
    )
    expect(found.nothing).toBeGreaterThan(0.5)
    expect(of(found, 'present')).toEqual([])
  })

  it('a record that no ion explains is said to fit none', () => {
    const found = identify(
      tube('P1', ['NaOH(aq)', 'black precipitate'], ['NaOH(aq) excess', 'precipitate dissolved giving a purple solution']),
      tube('P2', ['HCl(aq) excess', 'bright yellow precipitate']),
      tube('P3', ['KI(aq)', 'green precipitate']),
      tube('P4', ['Na2CO3(aq)', 'purple precipitate']),
    )
    expect(found.other).toBeGreaterThan(0.3)
    expect(of(found, 'present').length).toBeLessThan(2)
  })
})

describe('a flame through blue glass', () => {
  const chloride = tube(
    'P2',
    ['HNO3(aq)', 'no visible change'],
    ['AgNO3(aq)', 'white precipitate'],
    ['NH3(aq) excess', 'dissolves'],
  )

  it('shows potassium beside sodium, and neither is ruled out by the other', () => {
    const found = identify(tube('P1', ['flame', 'yellow flame, lilac through blue glass']), chloride)
    expect(of(found, 'absent')).not.toContain('Na+')
    for (const ion of ['Na+', 'K+']) expect(chance(found, ion), ion).toBeGreaterThan(0.4)
  })

  it('is not looked for in vain: yellow alone leaves potassium open', () => {
    const found = identify(tube('P1', ['flame', 'yellow flame']), chloride)
    expect(chance(found, 'Na+')).toBeGreaterThan(0.7)
    expect(of(found, 'absent')).not.toContain('K+')
  })
})

describe('what one ion hides of another', () => {
  it('is not tested: zinc under much iron(III)', () => {
    const [found] = identifyRack([
      {
        material: 'P',
        tubes: [
          tube('P1', ['NaOH(aq)', 'red-brown precipitate'], ['NaOH(aq) excess', 'insoluble in excess']),
          tube('P2', ['HNO3(aq)', 'no visible change'], ['Ba(NO3)2(aq)', 'white precipitate']),
        ],
      },
    ])
    expect(found?.ions.find(({ ion }) => ion === 'Zn2+')?.verdict).toBe('untested')
    expect(found?.ions.find(({ ion }) => ion === 'Cu2+')?.verdict).not.toBe('present')
  })
})
