import { describe, expect, it } from 'vitest'
import { GUIDES, guidesFor, MOST_LINES } from './index.ts'

describe('guides of how the hands do it', () => {
  it.each(GUIDES.map((guide) => [guide.title, guide] as const))('%s: short, with reasons, and defers', (_, guide) => {
    expect(guide.lines.length).toBeGreaterThanOrEqual(3)
    expect(guide.lines.length).toBeLessThanOrEqual(MOST_LINES)
    for (const line of guide.lines) {
      expect(line.do).toMatch(/^[A-Z].*[.]$/)
      expect(line.because).toMatch(/^[A-Z].*[.]$/)
    }
    expect(guide.caution).toMatch(/laboratory’s rules and your supervisor\.$/)
    expect(guide.onePair && guide.leftHand).toBeTruthy()
  })

  it('each have a name of their own', () => {
    expect(new Set(GUIDES.map(({ id }) => id)).size).toBe(GUIDES.length)
  })

  // What a teacher would point to for these sentences (common practice).
  it.each([
    ['Weigh accurately about 3.2 g of FB 1 in a weighing bottle.', 'weighing-by-difference'],
    ['Transfer the solution to a 250 cm3 volumetric flask and make up to the mark.', 'making-up'],
    ['Pipette 25.0 cm3 of FB 4 into a conical flask.', 'pipetting'],
    ['Rinse the burette with FA 2 and fill it.', 'filling-a-burette'],
    ['Titrate with K to the first pink that lasts 30 s.', 'drops-and-half-drops'],
    ['Stir calcium hydroxide with water to make a saturated solution.', 'saturated-solution'],
    ['Filter the mixture.', 'filtering'],
    ['Crush five tablets T.', 'crushing-tablets'],
    ['Heat the crucible strongly for five minutes.', 'heating-to-constant-mass'],
    ['Boil off the water.', 'boiling-off'],
    ['Warm the mixture gently.', 'tube-in-a-flame'],
    ['Carry out a flame test on Q.', 'flame-test'],
    ['Put small spots of the inks on the pencil line.', 'chromatogram'],
    ['Test the gas with a lighted splint.', 'gas-hydrogen'],
    ['Test any gas with limewater.', 'gas-carbon-dioxide'],
    ['Hold damp red litmus paper at the mouth.', 'gas-ammonia'],
  ])('%s', (text, id) => {
    expect(guidesFor(text).map((guide) => guide.id)).toContain(id)
  })

  it('have nothing to say where nothing is done by hand', () => {
    expect(guidesFor('Calculate the concentration of Q.')).toEqual([])
  })
})
