import { describe, expect, it } from 'vitest'
import { readSheet } from '../index.ts'

const SHEET = `P is a solution. It contains one cation and one anion.
You may use only the following reagents: aqueous sodium hydroxide, aqueous ammonia and dilute nitric acid.
Use a fresh 1 cm depth of P in a test-tube for each test.
(a) Add aqueous sodium hydroxide drop by drop until it is in excess.
(b) Add aqueous ammonia drop by drop until it is in excess.
(c) Which ions are in P?`

describe('what a sheet states of tests in tubes', () => {
  const { task, gaps } = readSheet(SHEET)

  it('reagents that are allowed limit what the rack advises', () => {
    const [rack] = task.parts
    expect(rack?.kind === 'rack' && rack.allowed).toEqual(['NaOH(aq)', 'NH3(aq)', 'HNO3(aq)'])
    expect(rack?.kind === 'rack' && rack.samples[0]?.tubes.length).toBe(2)
    expect(gaps).toEqual([])
  })

  it('facts are kept with the sample, in the words of the sheet', () => {
    expect(task.materials[0]?.note).toBe('It contains one cation and one anion.')
  })

  it('what is said of all is kept with all; a sheet that limits nothing allows the whole bench', () => {
    const two = readSheet(`A1 and A2 are solutions. Each contains one cation and one anion.
Add aqueous ammonia until in excess to a fresh portion of each in a test-tube.
Which ions are in A1 and A2?`).task
    expect(two.materials.map(({ note }) => note)).toEqual(Array(2).fill('Each contains one cation and one anion.'))
    expect(two.parts[0]?.kind === 'rack' && two.parts[0].allowed).toBeUndefined()
  })
})
