import { describe, expect, it } from 'vitest'
import { freshTube, playSteps, runSteps } from './index.ts'
import { add, IONS } from './testing/rows.ts'

const saw = (ion: string, ...steps: Parameters<typeof playSteps>[1][number][]) =>
  runSteps(IONS[ion] ?? {}, 1, steps).map((shown) => shown.saw.join('; '))

const chlorine = add('Cl2(aq)', '1 cm3')
const cyclohexane = add('C6H12(l)', 'equal')

/** Halogens shaken with a hydrocarbon (Svehla's edition of Vogel and school texts, from memory; colours common practice). */
describe('an upper layer of a hydrocarbon', () => {
  it.each([
    ['iodide', /purple upper layer/],
    ['bromide', /orange upper layer/],
    // The chlorine that was not used up.
    ['chloride', /pale green upper layer/],
    ['sulfate', /pale green upper layer/],
  ])('after chlorine water, %s: %s', (ion, layer) => {
    expect(saw(ion, chlorine, cyclohexane)[1]).toMatch(layer)
  })

  it('takes the halogen out of the water under it', () => {
    const [, second] = saw('iodide', chlorine, cyclohexane)
    expect(second).toMatch(/solution turned from brown/)
  })

  it('may be there before the chlorine is', () => {
    const [first, second] = saw('iodide', cyclohexane, chlorine)
    expect(first).toBe('two colourless layers')
    expect(second).toMatch(/^purple upper layer/)
    expect(second).not.toMatch(/brown/)
  })

  it('shows no more where nothing more happens', () => {
    expect(saw('iodide', chlorine, cyclohexane, { do: 'shake' })[2]).toBe('no visible change')
  })

  it('leaves what happens in the water as it is', () => {
    const [, alkali] = saw('Cu', cyclohexane, add('NaOH(aq)', '1 cm3'))
    expect(alkali).toMatch(/^pale blue precipitate$/)
  })

  it('keeps all of the halogen: what left the water is in the layer', () => {
    const before = playSteps(freshTube(IONS.iodide ?? {}, 1), [chlorine]).tube.contents
    const after = playSteps(freshTube(IONS.iodide ?? {}, 1), [chlorine, cyclohexane]).tube.contents
    expect((after.amounts.I2 ?? 0) + (after.floating?.amounts.I2 ?? 0)).toBeCloseTo(before.amounts.I2 ?? 0, 12)
    expect(after.floating?.amounts.I2).toBeGreaterThan(0)
  })
})

/** Common practice: starch is blue-black with iodine, and pale again when the iodine is used up. */
describe('starch', () => {
  it('turns blue-black where there is iodine, and nowhere else', () => {
    expect(saw('iodide', chlorine, add('starch(aq)'))[1]).toMatch(/to blue-black/)
    expect(saw('iodide', add('starch(aq)'))[0]).toBe('no visible change')
    expect(saw('bromide', chlorine, add('starch(aq)'))[1]).not.toMatch(/blue-black/)
  })

  it('is decolourised by thiosulfate', () => {
    const [, , last] = saw('iodide', add('Cl2(aq)'), add('starch(aq)'), add('Na2S2O3(aq)', '2 cm3'))
    expect(last).toMatch(/from blue-black to colourless/)
  })
})
