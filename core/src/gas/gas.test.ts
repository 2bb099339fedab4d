import { describe, expect, it } from 'vitest'
import { GASES, gasReading, gasTestNamed, gasToldBy, givesReading, inTest, readingOf, resultOf } from './index.ts'

describe('gases', () => {
  it('are each told by the reading that is theirs, and by none that several give', () => {
    // Common practice: the confirmatory test of each gas.
    expect(gasToldBy('limewater milky')).toBe('CO2')
    expect(gasToldBy('red litmus blue')).toBe('NH3')
    expect(gasToldBy('white smoke with hydrochloric acid')).toBe('NH3')
    expect(gasToldBy('white smoke with ammonia')).toBe('HCl')
    expect(gasToldBy('smell of rotten eggs')).toBe('H2S')
    expect(gasToldBy('brown gas')).toBe('NO2')
    for (const several of ['blue litmus red', 'splint out', 'white smoke']) expect(gasToldBy(several)).toBeUndefined()
  })

  it('do in a test what it is read as', () => {
    expect(resultOf('limewater', 'SO2')).toBe('turned milky')
    expect(resultOf('limewater', 'NH3')).toBeUndefined()
    expect(readingOf('damp blue litmus paper', 'Cl2')).toBe('litmus bleached')
    expect(givesReading('SO2', 'blue litmus red')).toBe(true)
    expect(givesReading('NH3', 'limewater milky')).toBe(false)
    expect(inTest('white smoke', 'glass rod with aqueous ammonia')).toBe('white smoke with ammonia')
    expect(inTest('pops', 'lighted splint')).toBe('pops')
  })

  it('have a usual test that says something of them, or are seen, and are told from others by name', () => {
    for (const { gas, usual, sight, tests, toldFrom = [] } of GASES) {
      expect(tests.some(({ test }) => test === usual) || sight !== undefined, gas).toBe(true)
      for (const other of toldFrom) expect(GASES.map((row) => row.gas)).toContain(other.gas)
    }
  })

  it('are tested in words however brief', () => {
    expect(gasTestNamed('held moist red litmus')).toBe('damp red litmus paper')
    expect(gasTestNamed('rod with conc HCl')).toBe('glass rod with concentrated hydrochloric acid')
    expect(gasTestNamed('a spoon')).toBeUndefined()
  })

  it('are drawn by what was held at the mouth', () => {
    expect(gasReading('red litmus blue').paper).toEqual(['red', 'blue'])
    expect(gasReading('pops').flame).toBe(true)
  })
})
