import { describe, expect, it } from 'vitest'
import { adviseLiquid, judgeLiquid, LIQUIDS, playLiquid, saySigns } from './index.ts'
import { foundIn, recordsOf } from './testing/records.ts'
import { TESTS } from './tests.ts'

/** What a liquid shows in the last of some steps: bottles, and `warm`. */
function shows(name: string, ...acts: readonly string[]): string {
  const steps = acts.map((act) => (/^[a-z]+$/.test(act) ? { do: act } : { do: 'add', reagent: act, amount: 'drops' }))
  const liquid = LIQUIDS[name]
  return liquid ? saySigns(playLiquid(liquid, steps).at(-1) ?? []) : 'no such liquid'
}

// B. S. Furniss and others, Vogel's Textbook of Practical Organic Chemistry, chapter 9, recalled from memory; where it is not in it, common practice.
describe('what a test of a liquid shows', () => {
  it.each([
    ['cyclohexene', ['Br2(aq)'], 'decolourised'],
    ['cyclohexane', ['Br2(aq)'], 'no visible change'],
    ['phenol', ['Br2(aq)'], 'decolourised; white precipitate'],
    ['ethanol', ['H2SO4(aq)', 'K2Cr2O7(aq)'], 'no visible change'],
    ['ethanol', ['H2SO4(aq)', 'K2Cr2O7(aq)', 'warm'], 'solution turned green'],
    ['propan-2-ol', ['H2SO4(aq)', 'K2Cr2O7(aq)', 'warm'], 'solution turned green'],
    ['2-methylpropan-2-ol', ['H2SO4(aq)', 'K2Cr2O7(aq)', 'warm'], 'no visible change'],
    ['ethanal', ['ammoniacal silver nitrate', 'warm'], 'silver mirror'],
    ['propanone', ['ammoniacal silver nitrate', 'warm'], 'no visible change'],
    ['propanal', ['alkaline copper(II) tartrate', 'warm'], 'brick-red precipitate'],
    ['glucose', ['alkaline copper(II) citrate', 'boil'], 'brick-red precipitate'],
    ['sucrose', ['alkaline copper(II) citrate', 'boil'], 'no visible change'],
    ['sucrose', ['HCl(aq)', 'boil', 'NaOH(aq)', 'alkaline copper(II) citrate', 'boil'], 'brick-red precipitate'],
    ['propanone', ['2,4-DNPH'], 'orange precipitate'],
    ['ethyl ethanoate', ['2,4-DNPH'], 'no visible change'],
    ['ethanol', ['I2(aq)', 'NaOH(aq)', 'warm'], 'pale yellow precipitate; antiseptic smell'],
    ['propan-1-ol', ['I2(aq)', 'NaOH(aq)', 'warm'], 'no visible change'],
    ['pentan-3-one', ['I2(aq)', 'NaOH(aq)', 'warm'], 'no visible change'],
    ['ethanoic acid', ['Na2CO3(aq)'], 'effervescence'],
    ['phenol', ['Na2CO3(aq)'], 'no visible change'],
    ['phenol', ['FeCl3(aq)'], 'solution turned purple'],
    ['1-chlorobutane', ['AgNO3(aq)', 'warm'], 'white precipitate'],
    ['1-bromobutane', ['AgNO3(aq)', 'warm'], 'cream precipitate'],
    ['1-iodobutane', ['AgNO3(aq)', 'warm'], 'pale yellow precipitate'],
    ['methanol', ['CH3COOH(l)', 'H2SO4(conc)', 'warm'], 'fruity smell'],
    ['2-methylbutan-2-ol', ['HCl(conc)'], 'white precipitate'],
    ['butan-1-ol', ['Na(s)'], 'effervescence'],
    ['hexane', ['Na(s)'], 'no visible change'],
    ['water', ['CuSO4(s)'], 'solid turned blue'],
    ['hex-1-ene', ['KMnO4(aq)', 'H2SO4(aq)'], 'decolourised'],
    ['ethyl ethanoate', ['H2O(l)'], 'two layers'],
    ['glucose', ['H2SO4(conc)'], 'turned black'],
  ])('%s, %s: %s', (name, acts, says) => {
    expect(shows(name, ...acts)).toBe(says)
  })
})

describe('which liquid it is', () => {
  it.each(recordsOf('records.txt').map((record) => [`${record.truth}: ${record.lines.join(' | ')}`, record] as const))(
    '%s',
    (_, record) => {
      const found = foundIn(record)
      const likeliest = record.truth.startsWith('~')
      expect(likeliest ? `~${found?.kinds[0]?.kind}` : found?.says).toBe(record.truth)
      expect(found?.sure).toBe(!likeliest)
    },
  )

  it('names the steps that speak for it and against the others', () => {
    const found = foundIn({ lines: ['Br2(aq): decolourised', 'H2O(l): two layers'], isLiquid: true })
    expect(found?.kinds[0]).toMatchObject({ kind: 'alkene', for: ['P1.1', 'P2.1'] })
    expect(found?.kinds.find(({ kind }) => kind === 'alkane')?.against).toContain('P1.1')
  })

  it('is not settled by a test that several kinds answer', () => {
    const found = foundIn({ lines: ['2,4-DNPH: orange ppt'], isLiquid: true })
    expect(found).toMatchObject({ says: 'carbonyl compound', sure: true })
    expect(foundIn({ lines: ['Na(s): fizzes'], isLiquid: true })?.sure).toBe(false)
  })

  it('says nothing of a liquid that was only looked at', () => {
    expect(foundIn({ lines: ['look: colourless liquid'], isLiquid: true })).toBeUndefined()
  })

  it('leaves a solution of ions to the ions', () => {
    const found = foundIn({
      lines: ['NaOH(aq): white ppt', 'AgNO3(aq): white ppt', 'Na2CO3(aq): white ppt'],
      isLiquid: false,
    })
    expect(found?.aqueous).toBeGreaterThan(0.9)
  })
})

describe('the next test of a liquid', () => {
  const advised = (lines: readonly string[]) => {
    const steps = lines.map((line) => {
      const [reagent = '', saw = ''] = line.split(': ')
      return { at: '', step: { do: 'add', reagent, amount: 'drops' }, facts: [{ kind: 'noChange' as const }], saw }
    })
    return adviseLiquid([{ steps }], true)
  }

  it('begins with what is cheap and safe', () => {
    expect(advised([])[0]?.test).toMatch(/water|indicator|carbonate|bromine/)
  })

  it('says what it tells apart', () => {
    expect(advised([])[0]?.apart.flat().length).toBeGreaterThan(0)
  })

  it.each([undefined, 'drops', 'excess'])('asks for no test again that was done with %s of it', (amount) => {
    const again = TESTS.filter(({ test, steps }) => {
      const done = steps.map((step, index) => ({
        at: `P1.${index + 1}`,
        step: { ...step, ...(step.do === 'add' ? { amount } : {}) },
        facts: [{ kind: 'noChange' as const }],
        saw: 'no visible change',
      }))
      return adviseLiquid([{ steps: done }], true).some((next) => next.test === test)
    })
    expect(again.map(({ test }) => test)).toEqual([])
  })

  it('says no more where it is settled', () => {
    const steps = [
      { at: 'P1.1', step: { do: 'flame' }, facts: [{ kind: 'smoky' as const }], saw: 'burns, smoky' },
      { at: 'P2.1', step: { do: 'add', reagent: 'Br2(aq)' }, facts: [{ kind: 'decolourised' as const }], saw: 'decolourised' },
      { at: 'P3.1', step: { do: 'add', reagent: 'KMnO4(aq)' }, facts: [{ kind: 'decolourised' as const }], saw: 'decolourised' },
    ]
    const tubes = steps.map((step) => ({ steps: [step] }))
    expect(adviseLiquid(tubes, true)).toEqual([])
  })
})

describe('a conclusion on a liquid', () => {
  const found = foundIn({ lines: ['Br2(aq): decolourised', 'H2O(l): two layers', 'flame: burns, smoky'], isLiquid: true })
  it.each([
    ['It is an alkene: it decolourised bromine water.', { names: 'alkene', judged: 'agrees' }],
    ['Cyclohexene, as it burns with soot', { names: 'cyclohexene', judged: 'agrees' }],
    ['A carboxylic acid, I think', { names: 'carboxylic acid', judged: 'disagrees' }],
    ['It is not an alkane but a ketone', { names: 'ketone', judged: 'disagrees' }],
  ])('%s', (conclusion, judged) => {
    expect(found && judgeLiquid(conclusion, found)).toMatchObject(judged)
  })

  it('bromine water is no water', () => {
    expect(found && judgeLiquid('It decolourises bromine water.', found)).toBeUndefined()
  })
})
