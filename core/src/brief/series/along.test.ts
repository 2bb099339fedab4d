import { describe, expect, it } from 'vitest'
import type { Task } from '../../record/index.ts'
import { readSheet } from '../index.ts'

const seriesIn = ({ parts }: Task) => parts.flatMap((part) => (part.kind === 'series' ? [part] : []))

describe('runs along an axis that a sheet lists', () => {
  it('pH while one runs into the other', () => {
    const { task } = readSheet(`Titration of a weak base
B is aqueous ammonia. H is 0.150 mol dm-3 hydrochloric acid.
1. Pipette 20.0 cm3 of B into a beaker. Put in the electrode of the pH meter.
2. Run in H from a burette in 1.50 cm3 portions until a total of 30.0 cm3 has been added, noting the pH after each portion.
(a) Read off the volume at the equivalence point.
(b) How many moles of H is that?
(c) Calculate the concentration of ammonia in B.`)
    const [run] = seriesIn(task)
    expect(run).toMatchObject({ x: { name: 'volume added' }, y: { name: 'pH' }, reading: 'curve-through-points' })
    expect(run?.planned?.slice(0, 3)).toEqual(['0.00', '1.50', '3.00'])
    expect(run?.planned?.at(-1)).toBe('30.00')
    expect(task.questions.map(({ find }) => find)).toMatchObject([
      { quantity: 'equivalence', in: 'm1' },
      { quantity: 'sum', sum: 'amountInSolution', with: { c: '0.150', V: { answer: 'q1' } } },
      { quantity: 'sum', sum: 'concentrationFrom', with: { n: { answer: 'q2' }, V: '20.0' } },
    ])
  })

  it('absorbances of standards that are listed, and of what is looked up', () => {
    const { task } = readSheet(`Nickel in a plating bath
N is the bath, of unknown strength.
Use the colorimeter to measure the absorbance of standards of 0.02, 0.04, 0.06 and 0.08 mol/dm3 nickel(II) sulfate, and of N.
(a) From your calibration line find the concentration of nickel in N.`)
    const [run] = seriesIn(task)
    expect(run?.planned).toEqual(['0.02', '0.04', '0.06', '0.08'])
    expect(run?.unknowns).toMatchObject([{ id: 'u1', label: 'N' }])
    expect(task.questions[0]?.find).toMatchObject({ quantity: 'xAt', in: 'm1', y: { unknown: 'u1' } })
  })

  it.each([
    ['plotted as logarithms where the activation energy is wanted', ' Plot ln(1/t) against 1/T.', 'inverse kelvins'],
    ['as they are where nothing is said', ' Plot a graph of the times.', undefined],
  ])('times at temperatures, %s', (_, plots, plotted) => {
    const { task } = readSheet(
      `Pour the acid onto the thiosulfate and use a stop-clock to find the time until the cross is hidden. Do this at 20, 30, 40 and 50 °C.${plots}`,
    )
    const [run] = seriesIn(task)
    expect(run).toMatchObject({ x: { name: 'temperature' }, y: { name: 'time', unit: 's' }, planned: ['20', '30', '40', '50'] })
    expect(run?.x.plotted).toBe(plotted)
  })

  it('asks where the places are, if the sheet lists none', () => {
    const { gaps } = readSheet(
      'Measure the absorbance of some standards of copper in the colorimeter, and of the sample. Draw a calibration line.',
    )
    expect(gaps.map(({ id }) => id)).toContain('m1.planned')
  })
})
