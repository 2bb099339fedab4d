import { describe, expect, it } from 'vitest'
import { ANIONS, CANDIDATES, CATIONS } from './ions.ts'
import { beforehand, halfOf, type Stated } from './priors.ts'

const of = (...ions: readonly string[]) => halfOf(CANDIDATES.filter(({ ion }) => ions.includes(ion)))
const prior = (cations: readonly string[], anions: readonly string[], stated?: Stated, dissolved = true) =>
  beforehand(dissolved, stated)(of(...cations), of(...anions))

describe('what is thought beforehand', () => {
  it('is one whole over all sets of a shape: many sets do not make a shape likely', () => {
    const weigh = beforehand(true)
    const usual = (list: typeof CATIONS) => list.filter(({ rare }) => !rare)
    const [single, double] = [
      usual(CATIONS).map((one) => [one]),
      usual(CATIONS).flatMap((one, place, all) => all.slice(place + 1).map((other) => [one, other])),
    ]
    const sum = (halves: typeof single) =>
      halves.reduce(
        (all, cations) => all + usual(ANIONS).reduce((part, one) => part + Math.exp(weigh(halfOf(cations), halfOf([one]))), 0),
        0,
      )
    expect(double.length).toBeGreaterThan(8 * single.length)
    expect(sum(single)).toBeGreaterThan(3 * sum(double))
  })

  it('knows what stands in bottles: acids, alkalis, double sulfates, and no copper carbonate', () => {
    expect(prior(['H+'], ['Cl-'])).toBeGreaterThan(prior(['H+'], ['I-']))
    expect(prior(['Na+'], ['OH-'])).toBeGreaterThan(prior(['Cu2+'], ['OH-']))
    expect(prior(['NH4+', 'Fe2+'], ['SO4^2-'])).toBeGreaterThan(prior(['NH4+', 'Fe2+'], ['Cl-']))
    expect(prior(['Cu2+'], ['CO3^2-'])).toBeLessThan(prior(['Cu2+'], ['CO3^2-'], {}, false) - 2)
  })

  it('takes the sheet at its word, short of certainty', () => {
    expect(prior(['Na+'], ['Cl-', 'SO4^2-'], { anions: 2 })).toBeGreaterThan(prior(['Na+'], ['Cl-'], { anions: 2 }))
    expect(prior(['Na+'], ['Cl-'], { mixture: true })).toBeLessThan(prior(['Na+'], ['Cl-']) - 3)
    expect(prior(['Na+'], ['Cl-'], { mixture: true })).toBeGreaterThan(Number.NEGATIVE_INFINITY)
  })

  it('thinks of what is seldom handed out where the sheet names it', () => {
    const listed = ['Cd2+', 'Na+', 'Cl-']
    const cadmium = CANDIDATES.filter(({ ion }) => ion === 'Cd2+')
    expect(halfOf(cadmium, new Set(listed)).common).toBeGreaterThan(halfOf(cadmium).common)
  })
})
