import { describe, expect, it } from 'vitest'
import { uniformFrom } from '../number/index.ts'
import type { ChemistryError } from '../problem/index.ts'
import { parseFormula } from '../substance/index.ts'
import { COMPONENTS, type Component, readMadeOf } from './components.ts'
import { SOLIDS, SPECIES } from './data/index.ts'
import {
  componentsOf,
  equilibrate,
  equivalencesOf,
  TitrationModel,
  type Totals,
  titrationCurve,
  totalsOf,
  volumeAtPH,
} from './index.ts'

const pH = (putIn: Record<string, number>, activity: 'ideal' | 'davies' = 'ideal') =>
  equilibrate(totalsOf(putIn), { activity }).pH
const KW = 1e-14

describe('pH against formulae of textbooks', () => {
  it('of a weak acid: h² + Ka h − Ka c = 0', () => {
    // Ka from the table, pKa 4.757 (Martell and Smith); solved here by the quadratic formula.
    const Ka = 10 ** -4.757
    const h = (-Ka + Math.sqrt(Ka ** 2 + 4 * Ka * 0.1)) / 2
    expect(pH({ CH3COOH: 0.1 })).toBeCloseTo(-Math.log10(h), 3)
    expect(pH({ CH3COOH: 0.1 })).toBeCloseTo(2.88, 2)
  })

  it('of a weak base and of its salt', () => {
    expect(pH({ NH3: 0.1 })).toBeCloseTo(11.12, 2)
    expect(pH({ NH4Cl: 0.1 })).toBeCloseTo(5.12, 2)
  })

  it('of strong acid and alkali, and of water', () => {
    expect(pH({ HCl: 0.1 })).toBeCloseTo(1, 6)
    expect(pH({ NaOH: 0.1 })).toBeCloseTo(12.995, 6)
    expect(pH({ NaCl: 0.1 })).toBeCloseTo(-Math.log10(Math.sqrt(KW)), 2)
  })

  // Check values of the model as studied before, ideal and with the Davies equation.
  it.each([
    [{ Na2CO3: 0.1 }, 11.65, 11.39],
    [{ NaHCO3: 0.1 }, 8.34, 8.13],
    [{ H3PO4: 0.1 }, 1.63, 1.64],
  ])('of %j: %d ideal, %d by Davies', (putIn, ideal, davies) => {
    expect(pH(putIn)).toBeCloseTo(ideal, 1)
    expect(Math.abs(pH(putIn) - ideal)).toBeLessThan(0.006)
    expect(Math.abs(pH(putIn, 'davies') - davies)).toBeLessThan(0.008)
  })

  // NIST pH standards at 25 °C: 4.005, 6.865, 9.180 (from memory); the Davies equation comes within 0.015.
  it.each([
    ['phthalate', { KHC8H4O4: 0.05 }, 4.005],
    ['phosphate', { KH2PO4: 0.025, Na2HPO4: 0.025 }, 6.865],
    ['borax', { 'Na2B4O7.10H2O': 0.01 }, 9.18],
  ])('of the %s buffer', (_name, putIn, standard) => {
    expect(Math.abs(pH(putIn, 'davies') - standard)).toBeLessThan(0.015)
  })
})

describe('solubility', () => {
  const dissolved = (putIn: Record<string, number>, solid: string, activity: 'ideal' | 'davies' = 'ideal') => {
    const found = equilibrate(totalsOf(putIn), { activity })
    const left = found.solids.get(solid) ?? 0
    return Math.max(...Object.values(putIn).slice(0, 1)) - left
  }

  // AgX in 1 mol/dm³ ammonia: s = √(Ksp β₂)·(c − 2s), by hand.
  it.each([
    ['AgCl', 0.1, 0.049],
    ['AgBr', 0.1, 3.0e-3],
    ['AgI', 0.1, 3.7e-5],
  ])('of %s in 1 mol/dm³ ammonia', (salt, amount, expected) => {
    expect(dissolved({ [salt]: amount, NH3: 1 }, salt) / expected).toBeCloseTo(1, 1)
  })

  it('of calcium carbonate in closed water', () => {
    const found = equilibrate(totalsOf({ CaCO3: 0.01 }))
    expect((0.01 - (found.solids.get('CaCO3') ?? 0)) / 1.2e-4).toBeCloseTo(1, 1)
    expect(found.pH).toBeCloseTo(9.9, 1)
  })

  // log Ksp = log [Ca2+][SO4^2-] + 2 log γ, with γ of the Davies equation at the ionic strength that comes out, by hand.
  it('of gypsum with coefficients that agree with the state they give', () => {
    const { species, ionicStrength } = equilibrate(totalsOf({ CaSO4: 0.1 }), { activity: 'davies' })
    const root = Math.sqrt(ionicStrength)
    const logGamma = -0.509 * 4 * (root / (1 + root) - 0.3 * ionicStrength)
    const product = Math.log10((species.get('Ca2+') ?? 0) * (species.get('SO4^2-') ?? 0)) + 2 * logGamma
    expect(product).toBeCloseTo(-4.58, 6)
  })

  it('of potassium hydrogentartrate: lowered by its own ion, raised by another salt', () => {
    const of = (more: Record<string, number>) => dissolved({ KHC4H4O6: 0.1, ...more }, 'KHC4H4O6', 'davies')
    expect(of({})).toBeCloseTo(0.028, 3)
    expect(of({ KNO3: 0.1 })).toBeCloseTo(0.009, 3)
    expect(of({ NaNO3: 0.1 })).toBeCloseTo(0.032, 3)
  })

  it('of hydroxides that are amphoteric: little alkali, a precipitate; much, none', () => {
    const solid = (alkali: number) => equilibrate(totalsOf({ AlCl3: 0.05, NaOH: alkali })).solids.get('Al(OH)3') ?? 0
    expect(solid(0.15)).toBeGreaterThan(0.045)
    expect(solid(0.6)).toBe(0)
  })
})

describe('the optimum', () => {
  const STATES = Number(process.env.HOP_LARK_RUNS ?? 100_000)
  const NAMES = (Object.keys(COMPONENTS) as Component[]).filter((name) => name !== 'H')
  const CATIONS = NAMES.filter((name) => COMPONENTS[name].charge > 0 || name === 'NH3')
  const ANIONS = NAMES.filter((name) => COMPONENTS[name].charge < 0 || name === 'B(OH)3')

  function draw(random: () => number): Totals {
    const pick = (some: readonly Component[]) => some[Math.floor(random() * some.length)] as Component
    // Equal totals are drawn often: they are where rounding bites.
    const amount = () => (random() < 0.3 ? 0.1 : 0.5 * 10 ** (-4 * random()))
    const totals: Partial<Record<Component, number>> = {}
    for (let count = 1 + Math.floor(random() * 3); count > 0; count--) totals[pick(CATIONS)] = amount()
    for (let count = 1 + Math.floor(random() * 3); count > 0; count--) totals[pick(ANIONS)] = amount()
    totals.H = (2 * random() - 1) * (random() < 0.5 ? 1 : 0.1)
    return totals
  }

  it(`is proved on each of ${STATES} random states: balances met, no amount below nought, nothing supersaturated`, () => {
    const random = uniformFrom(20)
    for (let count = 0; count < STATES; count++) {
      const totals = draw(random)
      const { proof } = equilibrate(totals, { activity: count % 5 === 0 ? 'davies' : 'ideal' })
      const proved = proof.residual < 1e-11 && proof.leastAmount > -1e-9 && proof.greatestSaturation < 1e-8
      if (!proved) expect.fail(`state ${count}, ${JSON.stringify(totals)}: ${JSON.stringify(proof)}`)
    }
  }, 300_000)

  it.each<[Totals, string]>([
    [{ Na: -0.1 }, 'aqueous.impossible'],
    [{ H: Number.NaN }, 'aqueous.impossible'],
    [{ Cl: 1000 }, 'aqueous.impossible'],
    [{ Xx: 0.1 } as Totals, 'aqueous.unknownComponent'],
  ])('is refused for %j', (totals, code) => {
    expect(() => equilibrate(totals)).toThrow(expect.objectContaining({ code }) as ChemistryError)
  })

  it('is the same from a state near by', () => {
    const first = equilibrate(totalsOf({ CuSO4: 0.1, NH3: 0.3 }))
    const again = equilibrate(totalsOf({ CuSO4: 0.1, NH3: 0.31 }), { start: first })
    expect(again.pH).toBeCloseTo(equilibrate(totalsOf({ CuSO4: 0.1, NH3: 0.31 })).pH, 8)
  })
})

describe('what is put in', () => {
  it.each<[string, Record<string, number>]>([
    ['CH3COOH', { CH3COO: 1, H: 1 }],
    ['NaOH', { Na: 1, H: -1 }],
    ['Na2HPO4', { Na: 2, PO4: 1, H: 1 }],
    ['K2Cr2O7', { K: 2, CrO4: 2, H: 2 }],
    ['NH4Cl', { NH3: 1, H: 1, Cl: 1 }],
    ['CO2', { CO3: 1, H: 2 }],
    ['HCO3-', { CO3: 1, H: 1 }],
    ['Na2B4O7.10H2O', { Na: 2, 'B(OH)3': 4, H: -2 }],
    ['(NH4)2Fe(SO4)2.6H2O', { NH3: 2, H: 2, Fe2: 1, SO4: 2 }],
    ['K4Fe(CN)6', { K: 4, 'Fe(CN)6^4-': 1 }],
    ['FeCl3', { Fe3: 1, Cl: 3 }],
    ['CaO', { Ca: 1, H: -2 }],
  ])('%s', (text, expected) => {
    expect(componentsOf(text)).toEqual(expected)
  })

  it('is refused where the model does not know it', () => {
    expect(() => componentsOf('UO2SO4')).toThrow('is not known to the model')
  })
})

describe('the tables', () => {
  it('have formulae that parse and bear the charge of what they are made of', () => {
    for (const { formula, madeOf } of [...SPECIES, ...SOLIDS]) {
      const parts = Object.entries(readMadeOf(madeOf)) as [Component, number][]
      const charge = parts.reduce((sum, [part, count]) => sum + COMPONENTS[part].charge * count, 0)
      expect(parseFormula(formula).charge, formula).toBe(charge)
    }
  })

  it('name each species once', () => {
    for (const names of [
      SPECIES.map(({ madeOf }) => madeOf),
      SPECIES.map(({ formula }) => formula),
      SOLIDS.map(({ formula }) => formula),
    ])
      expect(names.filter((name, at) => names.indexOf(name) !== at)).toEqual([])
  })
})

describe('a titration curve', () => {
  const strong = { flask: { HCl: 0.1 }, volume: 25, burette: { NaOH: 0.1 } }
  const weak = { flask: { CH3COOH: 0.1 }, volume: 25, burette: { NaOH: 0.1 } }

  it.each([
    [24.95, 4.0],
    [25.0, 6.997],
    [25.05, 9.995],
  ])('of strong acid and alkali is exact at %d cm³: %d', (volume, expected) => {
    // Excess (24.95: 0.005 mmol of acid in 49.95 cm³ …), and pKw/2 at equivalence.
    expect(new TitrationModel(strong).pHAt(volume)).toBeCloseTo(expected, 2)
  })

  it('of a weak acid stands at pKa half-way, and above 7 at its equivalence', () => {
    const [only] = equivalencesOf(weak, 40)
    expect(only?.volume).toBeCloseTo(25, 2)
    expect(only?.pH).toBeCloseTo(8.726, 2)
    expect(only?.half.pH).toBeCloseTo(4.757, 2)
    expect(only?.buffer?.[0]).toBeCloseTo(25 / 11, 1)
    expect(equivalencesOf(strong, 40)[0]?.buffer).toBeUndefined()
  })

  it('of carbonate with acid has two ends, at pH about 8.3 and 4', () => {
    const ends = equivalencesOf({ flask: { Na2CO3: 0.05 }, volume: 25, burette: { HCl: 0.1 } }, 35)
    expect(ends.map(({ volume }) => Number(volume.toFixed(1)))).toEqual([12.5, 25])
    expect(ends[0]?.pH).toBeCloseTo(8.3, 0)
    expect(ends[1]?.pH).toBeCloseTo(4, 0)
  })

  it('tells what an indicator would give: phenolphthalein right for a weak acid, methyl orange far too early', () => {
    expect(volumeAtPH(weak, 8.7, 40)).toBeCloseTo(25, 2)
    expect(volumeAtPH(weak, 3.75, 40)).toBeLessThan(4)
    expect(volumeAtPH(weak, 13.5, 40)).toBeUndefined()
  })

  it('is met where it falls as well as where it rises, at a point of it and between two', () => {
    const falling = { flask: { NaOH: 0.1 }, volume: 25, burette: { HCl: 0.1 } }
    expect(volumeAtPH(falling, 6.997, 40)).toBeCloseTo(25, 3)
    // 0.1 (25 − v)/(25 + v) = 0.0333 mol/dm³ of alkali are left at half of it.
    expect(volumeAtPH(falling, 13.995 + Math.log10(0.1 / 3), 40)).toBeCloseTo(12.5, 3)
    expect(volumeAtPH(strong, -Math.log10(0.1 / 3), 40)).toBeCloseTo(12.5, 3)
    expect(volumeAtPH(strong, 1, 40)).toBeCloseTo(0, 3)
    expect(volumeAtPH(strong, 0.9, 40)).toBeUndefined()
    expect(volumeAtPH(falling, 13.2, 40)).toBeUndefined()
  })

  it('has as many points as are asked for, from nothing added', () => {
    const curve = titrationCurve(weak, 50, 10)
    expect(curve).toHaveLength(11)
    expect(curve[0]).toMatchObject({ volume: 0 })
    expect(curve.every((point, index) => index === 0 || point.pH > (curve[index - 1]?.pH ?? 0))).toBe(true)
  })
})
