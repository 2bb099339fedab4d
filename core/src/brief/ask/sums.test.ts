import { describe, expect, it } from 'vitest'
import { readSheet } from '../index.ts'

const findsIn = (sheet: string) => readSheet(sheet).task.questions.map(({ find }) => find)

describe('single readings and what is worked out of them', () => {
  it('a heat of dissolving', () => {
    const finds = findsIn(`1. Put 50.0 cm3 of water into a calorimeter and take its temperature.
2. Tip in 4.0 g of the salt, stir, and take the lowest temperature.
(a) What is the temperature change?
(b) Calculate the heat taken in. The specific heat capacity is 4.18 J per g and K.
(c) Calculate the enthalpy change of solution.`)
    expect(finds).toMatchObject([
      { sum: 'temperatureChange' },
      { sum: 'heat', with: { c: '4.18', dT: { answer: 'q1' } } },
      { sum: 'enthalpy', with: { q: { answer: 'q2' } } },
    ])
  })

  it('a gas that is collected once, by the equation of the sheet', () => {
    const finds =
      findsIn(`Join the flask to a gas syringe, drop the ribbon into the acid and close it. Read the syringe at the end.
Mg + 2HCl -> MgCl2 + H2
(a) How many moles of hydrogen were collected?
(b) How many moles of magnesium reacted?
(c) What mass of magnesium was that?`)
    expect(finds).toMatchObject([
      { sum: 'amountOfGas' },
      { sum: 'byReaction', texts: { from: 'H2', to: 'Mg' }, with: { n: { answer: 'q1' } } },
      { sum: 'massFromAmount', texts: { of: 'Mg' }, with: { n: { answer: 'q2' } } },
    ])
  })

  it('a volume read over and over is a run, and no single reading', () => {
    const { task } = readSheet(`Join the flask to a gas syringe, drop the ribbon into the acid and start the clock.
Read the volume of gas every 10 s for 60 s. Plot volume against time and find the initial rate.`)
    expect(task.parts.map(({ kind }) => kind)).toEqual(['series'])
    expect(task.questions.map(({ find }) => find.quantity)).toContain('gradient')
  })

  it('a burette that became nothing is asked about, whatever stands in another question', () => {
    const { gaps } = readSheet(`Question 1
Pour 50 cm3 of water into a cup and take its temperature. Tip in the salt and take it again.
(a) What is the temperature change?
Question 2
Rinse the burette and look at its tap.`)
    expect(gaps.map(({ id }) => id)).toContain('left.glass.burette')
  })
})

describe('what each tablet holds', () => {
  const tablets = (weighed: string) =>
    `T is iron tablets. K is 0.0100 mol dm-3 potassium manganate(VII).
1. ${weighed} Dissolve the powder in dilute sulfuric acid and make it up to 100 cm3 in a volumetric flask. This is S.
2. Titrate 10.0 cm3 of S with K from a burette until it is pink.
(a) What mass of iron is in each tablet?`
  const askedOf = (weighed: string) => findsIn(tablets(weighed)).at(-1)

  it('is worked out of those that were counted', () => {
    expect(askedOf('Weigh six tablets T and crush them.')).toMatchObject({ quantity: 'perItem', items: 6 })
    expect(askedOf('Weigh one tablet of T and crush it.')).toMatchObject({ quantity: 'perItem', items: 1 })
  })

  it('is left to words, and asked about, where nobody says how many were weighed', () => {
    expect(askedOf('Weigh the tablets T together and crush them.')).toEqual({ quantity: 'words' })
    expect(
      readSheet(tablets('Weigh the tablets T together and crush them.')).gaps.some(({ id }) => id.startsWith('asked.')),
    ).toBe(true)
  })
})
