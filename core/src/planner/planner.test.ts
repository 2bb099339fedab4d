import { describe, expect, it } from 'vitest'
import { readSheet } from '../brief/index.ts'
import { readTask, writeTask } from '../record/index.ts'
import type { Asked, Plan } from './index.ts'
import { asSheet, foreseenErrors, INVESTIGATIONS, planOf, usualValues } from './index.ts'

const planned = (id: string, values: Readonly<Record<string, string>> = {}): Plan => {
  const investigation = INVESTIGATIONS.find((one) => one.id === id) ?? expect.fail(id)
  const plan = planOf(investigation, { ...usualValues(investigation), ...values })
  return 'refused' in plan ? expect.fail(plan.refused) : plan
}
const refusal = (id: string, values: Readonly<Record<string, string>>): string => {
  const investigation = INVESTIGATIONS.find((one) => one.id === id) ?? expect.fail(id)
  const plan = planOf(investigation, { ...usualValues(investigation), ...values })
  return 'refused' in plan ? plan.refused : ''
}

/** Every choice of every investigation, with the usual numbers. */
const CASES = INVESTIGATIONS.flatMap((investigation) => {
  const choices = investigation.asks.filter((asked): asked is Extract<Asked, { kind: 'choice' }> => asked.kind === 'choice')
  const each = choices.flatMap(({ name, choices: all }) => all.map(({ value }) => ({ [name]: value })))
  return (each.length > 0 ? each : [{}]).map(
    (values) => [`${investigation.id} ${JSON.stringify(values)}`, investigation.id, values] as const,
  )
})

describe('a plan', () => {
  it.each(CASES)('%s: is read by the reader of sheets, and nothing of it is asked', (_, id, values) => {
    const reading = readSheet(asSheet(planned(id, values)))
    expect(reading.gaps.map(({ says }) => says)).toEqual([])
    expect(reading.notRead.map(({ text }) => text)).toEqual([])
    expect(reading.task.parts.length).toBeGreaterThan(0)
    expect(reading.task.questions.length).toBeGreaterThan(0)
    expect(readTask(JSON.parse(writeTask(reading.task)))).toEqual(reading.task)
  })

  it.each(CASES)('%s: says what, why, how often and with what care', (_, id, values) => {
    const plan = planned(id, values)
    expect(plan.keeps.length).toBeGreaterThan(1)
    expect(plan.chosen.every(({ says, because }) => says !== '' && because !== '')).toBe(true)
    expect(plan.table.length).toBeGreaterThan(0)
    expect(plan.cautions.join(' ')).toMatch(/[a-z]{4}/)
    expect(plan.answers && plan.repeats && plan.changes && plan.measures).toBeTruthy()
  })
})

// Worked by hand.
describe('quantities are chosen by computing', () => {
  it('so that a titre lands between 15 and 35 cm3, with a dilution only where it must be', () => {
    // 0.80 mol/dm3 against 0.100: no portion lands; 25.0 in 100 makes 0.200, of which 10.0 cm3 take 20.0 cm3.
    const vinegar = planned('neutralisation')
    expect(vinegar.expected.titres).toEqual([20])
    expect(vinegar.method[0]).toContain('25.0 cm3 of P into a 100 cm3 volumetric flask')
    // 0.100 against 0.100: 25.0 cm3 take 25.0 cm3, undiluted.
    const plain = planned('neutralisation', { expected: '0.100' })
    expect(plain.expected.titres).toEqual([25])
    expect(plain.method.join()).not.toContain('volumetric')
  })

  it('so that the acid left over takes 25 cm3 of alkali', () => {
    // 50.0 cm3 of 1.00 mol/dm3 are 50 mmol; 25 cm3 of 0.100 in each tenth leave 25; the other 25 use up 12.5 mmol of CaCO3, 1.251 g,
    // which is 90 % of 1.39 g.
    expect(planned('purity').expected.masses?.[0]).toBeCloseTo(1.39, 2)
  })

  it('so that the gas fills four fifths of the syringe, and the acid stays strong', () => {
    // 80 cm3 at 24 dm3/mol are 3.33 mmol: 0.334 g of calcium carbonate, 0.081 g of magnesium.
    expect(planned('rate').method[0]).toContain('0.334 g')
    expect(planned('rate', { reaction: 'magnesium' }).method[0]).toContain('0.081 g')
  })

  it('so that a change of temperature is many times half a division', () => {
    // 50 g of water by 8 degrees take 1 672 J; at 25.7 kJ/mol that is 65.1 mmol of ammonium nitrate, 5.21 g.
    expect(planned('energetics').method.join()).toContain('5.21 g')
  })

  it('so that the saturated solution takes a titre that can be read', () => {
    // 25.0 cm3 of 0.020 mol/dm3 calcium hydroxide take 25.0 cm3 of 0.040 mol/dm3 acid.
    const lime = planned('solubility')
    expect(lime.materials[1]).toContain('0.0400 mol dm-3')
    expect(lime.expected.titres?.[0]).toBeCloseTo(25)
  })

  it('so that two dyes can be told apart', () => {
    // A quarter of 2 mm in 0.02 is 100 mm.
    expect(planned('chromatography', { apart: '0.02' }).method.join()).toContain('100 mm')
  })
})

describe('what cannot be planned', () => {
  it.each([
    ['neutralisation', { expected: '0.002', titrant: '2' }, /weaker solution in the burette/],
    ['purity', { alkali: '1' }, /too strong for the acid/],
    ['purity', { acid: '0.1', alkali: '0.01' }, /Take stronger acid/],
    ['rate', { strength: '0.2' }, /Take acid of at least/],
    ['energetics', { volume: '20', rise: '2', change: 'zinc' }, /too coarsely/],
    ['solubility', { expected: '2' }, /No usual strength/],
    ['chromatography', { apart: '0.005' }, /longer than a strip/],
    ['chromatography', { known: '' }, /1 to 8 names/],
    ['neutralisation', { expected: 'strong' }, /Expected strength: a number from/],
    ['neutralisation', { analyte: 'wine' }, /choose one of those/],
  ] as const)('%s %o: is refused, with what to change', (id, values, says) => {
    expect(refusal(id, values)).toMatch(says)
  })
})

describe('errors before anything is measured', () => {
  it('come from the glass and the balance that the plan has', () => {
    const foreseen = foreseenErrors(planned('purity'))
    expect(foreseen?.errors[0]?.says).toMatch(/balance read to 0.01 g/)
    // Two readings of ±0.005 g, rectangular, in 0.625 of what was used: about 1.4 % at k = 2 by the rules of the page.
    expect(foreseen?.percent).toBeGreaterThan(0.5)
    expect(foreseen?.percent).toBeLessThan(3)
  })

  it('are largest for the smallest mass', () => {
    const percent = (reaction: string) => foreseenErrors(planned('rate', { reaction }))?.percent ?? 0
    expect(percent('magnesium')).toBeGreaterThan(2 * percent('marble'))
  })

  it('are not made up where nothing is counted', () => {
    expect(foreseenErrors(planned('displacement'))).toBeUndefined()
  })
})
