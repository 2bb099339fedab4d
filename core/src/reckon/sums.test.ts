import { describe, expect, it } from 'vitest'
import { Exact, formatFigures, formatPlaces, readMeasured } from '../number/index.ts'
import { GROUPS, SUMS } from '../sums/index.ts'
import { readAgain } from './testing/printed.ts'
import { answersOf, type Worked } from './testing/worked.ts'

type Example = readonly [name: string, worked: Worked, expected: number]

const CARBONATE = 'CaCO3 + 2HCl -> CaCl2 + H2O + CO2'
const R = 8.314

/** Worked out in the test by plain arithmetic, with the masses to one decimal that schools use. */
const EXAMPLES: readonly Example[] = [
  ['amount of magnesium', { sum: 'amountFromMass', texts: { of: 'Mg' }, with: { m: '0.120' } }, 0.12 / 24.3],
  [
    'amount of a hydrate',
    { sum: 'amountFromMass', texts: { of: 'CuSO4.5H2O' }, with: { m: { value: '998', unit: 'mg' } } },
    0.998 / 249.6,
  ],
  ['mass of silver chloride', { sum: 'massFromAmount', texts: { of: 'AgCl' }, with: { n: '0.00250' } }, 0.0025 * 143.4],
  ['molar mass', { sum: 'molarMassFrom', with: { m: '0.460', n: '0.0100' } }, 46],
  ['amount in a portion', { sum: 'amountInSolution', with: { c: '0.100', V: '23.45' } }, 2.345e-3],
  ['amount in half a litre', { sum: 'amountInSolution', with: { c: '2.00', V: { value: '0.500', unit: 'dm3' } } }, 1],
  ['concentration', { sum: 'concentrationFrom', with: { n: '0.00235', V: '25.0' } }, 0.094],
  [
    'copper in g/dm³',
    { sum: 'massConcentrationFrom', texts: { of: 'Cu' }, with: { c: { value: '24.0', unit: 'mmol/dm3' } } },
    0.024 * 63.5,
  ],
  ['salt in mol/dm³', { sum: 'concentrationFromMass', texts: { of: 'NaCl' }, with: { rho: '2.34' } }, 2.34 / 58.5],
  ['a dilution', { sum: 'dilution', with: { c1: '0.0950', V1: '10.0', V2: '250.0' } }, 0.0038],
  [
    'chalk from carbon dioxide',
    { sum: 'byReaction', texts: { equation: CARBONATE, from: 'CO2', to: 'CaCO3' }, with: { n: '0.0040' } },
    0.004,
  ],
  [
    'acid for chalk',
    { sum: 'byReaction', texts: { equation: CARBONATE, from: 'CaCO3', to: 'HCl' }, with: { n: '0.0040' } },
    0.008,
  ],
  [
    'hydrogen where the magnesium runs out',
    {
      sum: 'limiting',
      texts: { equation: 'Mg + 2HCl -> MgCl2 + H2', a: 'Mg', b: 'HCl', to: 'H2' },
      with: { n1: '0.0050', n2: '0.0250' },
    },
    0.005,
  ],
  [
    'hydrogen where the acid runs out',
    {
      sum: 'limiting',
      texts: { equation: 'Mg + 2HCl -> MgCl2 + H2', a: 'Mg', b: 'HCl', to: 'H2' },
      with: { n1: '0.0200', n2: '0.0250' },
    },
    0.0125,
  ],
  ['yield', { sum: 'percentageYield', with: { got: '1.32', most: '1.80' } }, (1.32 / 1.8) * 100],
  ['yield, in mixed units', { sum: 'percentageYield', with: { got: { value: '950', unit: 'mg' }, most: '1.00' } }, 95],
  [
    'sulfate as barium sulfate',
    { sum: 'gravimetric', texts: { precipitate: 'BaSO4', of: 'SO4^2-' }, with: { m: '0.466', sample: '0.500' } },
    ((0.466 / 233.4) * 96.1 * 100) / 0.5,
  ],
  [
    'chloride as silver chloride',
    { sum: 'gravimetric', texts: { precipitate: 'AgCl', of: 'Cl-' }, with: { m: '0.287', sample: '0.150' } },
    ((0.287 / 143.4) * 35.5 * 100) / 0.15,
  ],
  [
    'iron as iron(III) oxide, two atoms to one',
    { sum: 'gravimetric', texts: { precipitate: 'Fe2O3', of: 'Fe' }, with: { m: '0.200', sample: '1.000' } },
    ((0.2 / 159.6) * 2 * 55.8 * 100) / 1,
  ],
  [
    'chalk by the carbon dioxide lost',
    { sum: 'percentByLoss', texts: { equation: CARBONATE, gas: 'CO2', of: 'CaCO3' }, with: { lost: '0.80', sample: '2.00' } },
    ((0.8 / 44) * 100.1 * 100) / 2,
  ],
  [
    'magnesium oxide by gain',
    { sum: 'atomsByGain', texts: { of: 'Mg', gained: 'O' }, with: { before: '0.243', after: '0.403' } },
    (0.403 - 0.243) / 16 / (0.243 / 24.3),
  ],
  ['gas by the molar volume of the task', { sum: 'amountOfGas', with: { V: { value: '48.0', unit: 'cm3' } } }, 0.048 / 24],
  ['gas by another molar volume', { sum: 'amountOfGas', with: { V: '1.00', Vm: '22.4' } }, 1 / 22.4],
  ['volume of gas', { sum: 'volumeOfGas', with: { n: '0.00500' }, unit: 'cm3' }, 120],
  [
    'an ideal gas, with its temperature in °C',
    { sum: 'idealGas', with: { p: '101', V: { value: '62.0', unit: 'cm3' }, T: { value: '21.0', unit: '°C' } } },
    (101 * 0.062) / (R * 294.15),
  ],
  [
    'an ideal gas, in pascals and kelvins',
    { sum: 'idealGas', with: { p: { value: '100000', unit: 'Pa' }, V: '2.00', T: '300' } },
    200 / (R * 300),
  ],
  [
    'a gas over water',
    {
      sum: 'gasOverWater',
      with: { p: '100.8', pw: '2.34', V: { value: '50.0', unit: 'cm3' }, T: { value: '20.0', unit: '°C' } },
    },
    ((100.8 - 2.34) * 0.05) / (R * 293.15),
  ],
  [
    'molar mass of a vapour',
    { sum: 'molarMassOfGas', with: { m: '0.250', p: '101', V: { value: '105', unit: 'cm3' }, T: '373' } },
    0.25 / ((101 * 0.105) / (R * 373)),
  ],
  [
    'a metal by its hydrogen, two atoms to one',
    {
      sum: 'atomicMassByGas',
      texts: { equation: '2Li + 2H2O -> 2LiOH + H2', gas: 'H2', of: 'Li' },
      with: { m: '0.0420', V: { value: '72.0', unit: 'cm3' } },
    },
    0.042 / (2 * (0.072 / 24)),
  ],
  ['a rise', { sum: 'temperatureChange', with: { T1: '21.4', T2: '27.6' } }, 6.2],
  ['a fall below nought', { sum: 'temperatureChange', with: { T1: '3.0', T2: '-1.5' } }, -4.5],
  ['heat', { sum: 'heat', with: { m: '50.0', dT: '6.20' } }, (50 * 4.18 * 6.2) / 1000],
  ['heat of a fall, in joules', { sum: 'heat', with: { m: '25.0', dT: { value: '-4.0', unit: '°C' } }, unit: 'J' }, -418],
  [
    'heat with a vessel',
    { sum: 'heatWithVessel', with: { m: '100.0', C: '12.0', dT: '3.50' } },
    ((100 * 4.18 + 12) * 3.5) / 1000,
  ],
  ['an exothermic enthalpy change', { sum: 'enthalpy', with: { q: '1.296', n: '0.0250' } }, -1.296 / 0.025],
  ['an endothermic one', { sum: 'enthalpy', with: { q: '-0.418', n: '0.0200' } }, 20.9],
  [
    'straight from the rise',
    { sum: 'enthalpyFromRise', with: { m: '50.0', dT: '6.2', n: '0.0250' } },
    -(50 * 4.18 * 6.2) / 1000 / 0.025,
  ],
  ['a cycle', { sum: 'cycle', with: { dH1: '-66.5', b: '2', dH2: '11.7' } }, -66.5 - 2 * 11.7],
  ['mean rate, in another unit', { sum: 'meanRate', with: { V: '66.0', t: '40' }, unit: 'cm3/min' }, (66 / 40) * 60],
  ['rate of a concentration', { sum: 'rateOfChange', with: { dc: '-0.024', t: { value: '2.0', unit: 'min' } } }, -0.024 / 120],
  ['a clock', { sum: 'reciprocalTime', with: { t: '34' } }, 1000 / 34],
  ['second order', { sum: 'order', with: { r1: '0.012', r2: '0.048', c1: '0.10', c2: '0.20' } }, 2],
  ['a half-life', { sum: 'firstOrder', with: { half: '115' } }, Math.LN2 / 115],
  ['Arrhenius by gradient', { sum: 'arrheniusGradient', with: { gradient: '-6250' } }, (6250 * R) / 1000],
  [
    'Arrhenius by two temperatures',
    {
      sum: 'arrheniusTwo',
      with: { k1: '0.0142', T1: { value: '20.0', unit: '°C' }, k2: '0.0297', T2: { value: '30.0', unit: '°C' } },
    },
    (R * Math.log(0.0297 / 0.0142)) / (1 / 293.15 - 1 / 303.15) / 1000,
  ],
  ['pH of 0.0500 mol/dm³ acid', { sum: 'pH', with: { h: '0.0500' } }, -Math.log10(0.05)],
  ['hydrogen ions at pH 4.20', { sum: 'hydrogenFromPH', with: { pH: '4.20' } }, 10 ** -4.2],
  ['pH of 0.0200 mol/dm³ alkali', { sum: 'pHOfBase', with: { oh: '0.0200' } }, 14 + Math.log10(0.02)],
  ['pH of ethanoic acid', { sum: 'pHOfWeakAcid', with: { Ka: '0.0000174', c: '0.100' } }, -Math.log10(Math.sqrt(1.74e-5 * 0.1))],
  ['Ka from pH', { sum: 'acidityFromPH', with: { pH: '2.88', c: '0.100' } }, (10 ** -2.88) ** 2 / 0.1],
  ['Ka at half the equivalence', { sum: 'acidityAtHalf', with: { pH: '4.76' } }, 10 ** -4.76],
  ['a buffer', { sum: 'buffer', with: { pKa: '4.76', base: '0.20', acid: '0.10' } }, 4.76 + Math.log10(2)],
  ['Kc of an ester', { sum: 'kcOfEster', with: { a0: '1.00', b0: '1.00', a: '0.333' } }, 0.667 ** 2 / 0.333 ** 2],
  [
    'partition',
    { sum: 'partition', with: { c1: { value: '0.0860', unit: 'mol/dm3' }, c2: { value: '1.00', unit: 'mmol/dm3' } } },
    86,
  ],
  ['ratio of two titres', { sum: 'ratio', with: { a: { value: '37.20', unit: 'cm3' }, b: { value: '12.40', unit: 'cm3' } } }, 3],
  [
    'difference, in the unit of the first',
    { sum: 'difference', with: { a: { value: '1.25', unit: 'g' }, b: { value: '300', unit: 'mg' } } },
    0.95,
  ],
  ['percentage change', { sum: 'percentageChange', with: { a: '2.50', b: '2.35' } }, -6],
  ['share', { sum: 'share', with: { a: '0.42', b: '1.20' } }, 35],
  ['half the sample', { sum: 'times', with: { a: { value: '24.70', unit: 'cm3' }, k: '0.5' } }, 12.35],
  ['mean of two', { sum: 'meanOfTwo', with: { a: '12.4', b: '12.8' } }, 12.6],
  [
    'hardness',
    { sum: 'hardness', with: { c: '0.0100', V: '13.30', Vs: '50.0' }, unit: 'mg/dm3' },
    (0.01 * 13.3 * 100.1 * 1000) / 50,
  ],
  [
    'temporary hardness',
    { sum: 'temporaryHardness', with: { c: '0.0200', V: '9.60', Vs: '100.0' }, unit: 'mg/dm3' },
    (((0.02 * 9.6) / 2) * 100.1 * 1000) / 100,
  ],
  ['degrees of hardness', { sum: 'germanDegrees', with: { rho: '266' } }, 266 / 17.85],
  ['French degrees', { sum: 'frenchDegrees', with: { rho: { value: '0.266', unit: 'g/dm3' } } }, 26.6],
  ['English degrees', { sum: 'englishDegrees', with: { rho: '266' } }, 266 / 14.25],
  [
    'available chlorine',
    { sum: 'availableChlorine', with: { c: '0.100', V: '21.60', Vs: '25.0' } },
    (((0.1 * 21.6) / 2) * 71) / 25,
  ],
  [
    'dissolved oxygen',
    { sum: 'dissolvedOxygen', with: { c: '0.0100', V: '11.20', Vs: '100.0' }, unit: 'mg/dm3' },
    (((0.01 * 11.2) / 4) * 32 * 1000) / 100,
  ],
  ['acid value', { sum: 'acidValue', with: { c: '0.100', V: '4.15', m: '10.02' } }, (0.1 * 4.15 * 56.1) / 10.02],
  [
    'saponification value',
    { sum: 'saponificationValue', with: { c: '0.500', V0: '45.60', V: '31.10', m: '2.120' } },
    (0.5 * 14.5 * 56.1) / 2.12,
  ],
  [
    'iodine value',
    { sum: 'iodineValue', with: { c: '0.100', V0: '46.80', V: '21.40', m: '0.3510' } },
    (0.1 * 25.4 * 253.8 * 100) / 2 / 1000 / 0.351,
  ],
  [
    'protein',
    { sum: 'protein', with: { c: '0.100', V: '18.60', V0: '0.20', m: '0.5200' } },
    ((0.1 * 18.4 * 14) / 1000 / 0.52) * 100 * 6.25,
  ],
]

/** A pH has two decimals, a difference of readings those of the readings (common practice). */
const PLACES: Readonly<Record<string, number>> = { pH: 2, pHOfBase: 2, pHOfWeakAcid: 2, buffer: 2, temperatureChange: 1 }

describe('named calculations', () => {
  it.each(EXAMPLES)('%s', (_, worked, expected) => {
    const [answer] = answersOf([worked])
    expect(answer?.missing).toBeUndefined()
    expect((answer?.unrounded ?? Number.NaN) / expected).toBeCloseTo(1, 9)
    const exactly = new Exact(expected.toPrecision(12))
    const places = PLACES[worked.sum]
    // A plus sign before what takes heat up is looked at below.
    expect(answer?.value?.replace('+', '')).toBe(places === undefined ? formatFigures(exactly, 3) : formatPlaces(exactly, places))
  })

  it.each(EXAMPLES)('%s: every line follows from the numbers in it', (_, worked) => {
    for (const carry of ['unrounded', 'rounded']) {
      for (const { steps } of answersOf([worked], { carry })) {
        for (const step of steps) {
          const { found, printed } = readAgain(step)
          expect(found, `${step.says}: ${step.substituted} = ${step.value}`).toBe(printed)
        }
      }
    }
  })

  it('has an example of each', () => {
    const shown = new Set(EXAMPLES.map(([, { sum }]) => sum))
    expect(SUMS.filter(({ id }) => !shown.has(id)).map(({ id }) => id)).toEqual([])
    expect(new Set(SUMS.map(({ group }) => group))).toEqual(new Set(GROUPS))
    expect(new Set(SUMS.map(({ id }) => id)).size).toBe(SUMS.length)
  })
})

describe('the sign of an enthalpy change', () => {
  it.each([
    ['2.00', '-40.0'],
    ['-2.00', '+40.0'],
  ])('heat of %s kJ taken up, of 0.0500 mol: %s', (q, value) => {
    expect(answersOf([{ sum: 'enthalpy', with: { q, n: '0.0500' } }])[0]?.value).toBe(value)
    const [inJoules] = answersOf([{ sum: 'enthalpy', with: { q, n: '0.0500' }, unit: 'J/mol' }])
    expect(inJoules?.value?.startsWith(value.charAt(0))).toBe(true)
  })

  it('can be typed where it is worked on with', () => {
    expect(readMeasured('+178.3 kJ/mol')).toEqual({ value: '178.3', unit: 'kJ/mol' })
    const [cycle] = answersOf([{ sum: 'cycle', with: { a: '1', dH1: '178.3', b: '1', dH2: '-20.0' } }])
    expect(cycle?.value).toBe('+198')
    expect(cycle?.steps[0]?.value).toBe('+178')
  })
})

describe('the reactant that runs out first', () => {
  it.each([
    ['0.0050', 'Mg'],
    ['0.0200', 'HCl'],
  ])('of %s mol of magnesium with 0.0250 mol of acid: %s', (n1, first) => {
    const texts = { equation: 'Mg + 2HCl -> MgCl2 + H2', a: 'Mg', b: 'HCl', to: 'H2' }
    const [answer] = answersOf([{ sum: 'limiting', texts, with: { n1, n2: '0.0250' }, unit: 'mmol' }])
    expect(answer?.unit).toBe('mmol')
    expect(answer?.steps.at(-2)?.says).toBe(`amount of product: ${first} runs out first`)
  })
})

describe('signs', () => {
  it.each([
    ['1.296', '−1.296 / 0.0250', '-51.8'],
    ['-1.296', '−(-1.296) / 0.0250', '+51.8'],
  ])('q = %s kJ: %s = %s', (q, substituted, value) => {
    const [answer] = answersOf([{ sum: 'enthalpy', with: { q, n: '0.0250' } }])
    expect(answer?.steps[0]).toMatchObject({ substituted, value })
  })
})

describe('masses and volumes of the task', () => {
  const copper: Worked = { sum: 'amountFromMass', texts: { of: 'CuSO4' }, with: { m: '1.60' } }

  it.each([
    [{ atomicMasses: 'whole' }, '159.5'],
    [{ atomicMasses: 'one-decimal' }, '159.6'],
    [{ sheetMasses: 'Cu 64' }, '160.1'],
    [{ sheetMasses: 'CuSO4 160' }, '160'],
  ])('%o: divided by %s', (conventions, mass) => {
    const [answer] = answersOf([copper], conventions)
    expect(answer?.steps[0]?.substituted).toBe(`1.60 / ${mass}`)
  })

  it('one molar volume for the whole task', () => {
    const [answer] = answersOf([{ sum: 'amountOfGas', with: { V: '1.2' } }], { molarVolume: '24' })
    expect(answer?.steps[0]?.substituted).toBe('1.2 / 24')
  })
})

describe('answers that are used further on', () => {
  const chalk: readonly Worked[] = [
    { sum: 'amountOfGas', with: { V: { value: '72.0', unit: 'cm3' } } },
    { sum: 'byReaction', texts: { equation: CARBONATE, from: 'CO2', to: 'CaCO3' }, with: { n: { answer: 'a' } } },
    { sum: 'massFromAmount', texts: { of: 'CaCO3' }, with: { n: { answer: 'b' } } },
    { sum: 'share', with: { a: { answer: 'c' }, b: { value: '0.350', unit: 'g' } } },
  ]

  it('carry unrounded values from line to line, and show each line once', () => {
    const answers = answersOf(chalk)
    expect(answers.map(({ value, unit }) => `${value} ${unit}`)).toEqual(['3.00e-3 mol', '3.00e-3 mol', '0.300 g', '85.8 %'])
    expect(answers.at(-1)?.unrounded).toBeCloseTo((0.003 * 100.1 * 100) / 0.35, 9)
    expect(answers.map(({ steps }) => steps.length)).toEqual([2, 1, 1, 1])
    expect(answers.at(-1)?.assumes).toContain('the reaction goes to its end and nothing else reacts')
  })

  it('in one chain too', () => {
    const answers = answersOf(chalk, { working: 'chain' })
    expect(answers.map(({ value }) => value)).toEqual(['3.00e-3', '3.00e-3', '0.300', '85.8'])
    expect(answers.at(-1)?.steps.map(({ substituted }) => substituted)).toEqual(['0.3003 g × (1 / 0.350 g) × 100 %'])
  })

  it('take two answers that reach one quantity in different ways', () => {
    const [, , ratio] = answersOf([
      { sum: 'amountFromMass', texts: { of: 'Mg' }, with: { m: '0.243' } },
      { sum: 'amountFromMass', texts: { of: 'Mg' }, with: { m: '0.486' } },
      { sum: 'ratio', with: { a: { answer: 'b' }, b: { answer: 'a' } } },
    ])
    expect(ratio?.value).toBe('2.00')
  })

  it('say which answer is missing, and do not go round in circles', () => {
    const [, lacking] = answersOf([
      { sum: 'amountFromMass', texts: { of: 'Mg' }, with: {} },
      { sum: 'massFromAmount', texts: { of: 'MgO' }, with: { n: { answer: 'a' } } },
    ])
    expect(lacking?.missing).toBe('the answer to “Amount from mass”')
    const [one] = answersOf([
      { sum: 'times', with: { a: { answer: 'b' }, k: '2' } },
      { sum: 'times', with: { a: { answer: 'a' }, k: '2' } },
    ])
    expect(one?.value).toBeNull()
    const [nobody] = answersOf([{ sum: 'times', with: { a: { answer: 'z' }, k: '2' } }])
    expect(nobody?.missing).toBe("an answer called 'z'")
  })
})

describe('sums that are refused', () => {
  it('a change of temperature is not taken for a temperature', () => {
    const [, gas] = answersOf([
      { sum: 'temperatureChange', with: { T1: '20.0', T2: '26.2' } },
      { sum: 'idealGas', with: { p: '101', V: '1.0', T: { answer: 'a' } } },
    ])
    expect(gas?.missing).toBe('temperature as it was read, instead of an answer')
  })

  it.each<readonly [string, Worked, RegExp]>([
    ['without a mass', { sum: 'amountFromMass', texts: { of: 'Mg' }, with: {} }, /^mass$/],
    ['without a formula', { sum: 'amountFromMass', with: { m: '1.0' } }, /of \(formula\), as a formula/],
    ['with a formula that is none', { sum: 'amountFromMass', texts: { of: 'Xx' }, with: { m: '1.0' } }, /instead of 'Xx'/],
    ['of electrons', { sum: 'amountFromMass', texts: { of: 'e-' }, with: { m: '1.0' } }, /a formula with atoms/],
    ['a mass of nought', { sum: 'amountFromMass', texts: { of: 'Mg' }, with: { m: '0' } }, /mass above nought instead of 0/],
    ['a mass below nought', { sum: 'amountFromMass', texts: { of: 'Mg' }, with: { m: '-1' } }, /mass above nought/],
    [
      'a volume for a mass',
      { sum: 'amountFromMass', texts: { of: 'Mg' }, with: { m: { value: '25', unit: 'cm3' } } },
      /mass in g instead of cm3/,
    ],
    ['a unit that is none', { sum: 'heat', with: { m: { value: '50', unit: 'drops' }, dT: '6' } }, /in g instead of drops/],
    [
      'an amount without equation',
      { sum: 'byReaction', texts: { from: 'CO2', to: 'CaCO3' }, with: { n: '1' } },
      /the equation of the reaction/,
    ],
    [
      'an equation that does not balance',
      { sum: 'byReaction', texts: { equation: 'CaCO3 + HCl -> CaCl2 + H2O + CO2', from: 'CO2', to: 'CaCO3' }, with: { n: '1' } },
      /an equation that balances: H is 1 on the left and 2 on the right/,
    ],
    [
      'a species that is not in the equation',
      { sum: 'byReaction', texts: { equation: CARBONATE, from: 'CO2', to: 'MgCO3' }, with: { n: '1' } },
      /an equation with MgCO3 in it/,
    ],
    [
      'what the precipitate does not hold',
      { sum: 'gravimetric', texts: { precipitate: 'BaSO4', of: 'Cl-' }, with: { m: '1', sample: '2' } },
      /that BaSO4 holds instead of Cl-/,
    ],
    [
      'two that are not alike',
      { sum: 'ratio', with: { a: { value: '1', unit: 'g' }, b: { value: '1', unit: 'cm3' } } },
      /second in g instead of cm3/,
    ],
    ['no sum at all', { sum: 'horoscope', with: {} }, /a calculation that this app knows/],
    ['a division by nought', { sum: 'enthalpy', with: { q: '1.2', n: '0' } }, /above nought/],
    [
      'a gradient in another unit',
      { sum: 'arrheniusGradient', with: { gradient: { value: '-2', unit: 'cm3/s' } } },
      /in K instead of cm3\/s/,
    ],
    ['no rise for two readings that are alike', { sum: 'order', with: { r1: '1', r2: '2', c1: '1', c2: '1' } }, /zero/],
  ])('%s', (_, worked, says) => {
    const [answer] = answersOf([worked])
    expect(answer?.value).toBeNull()
    expect(answer?.missing).toMatch(says)
  })

  it('an answer is not relabelled: in a unit that does not fit it stays in its own', () => {
    const [answer] = answersOf([{ sum: 'temperatureChange', with: { T1: '20.0', T2: '26.2' }, unit: 'kJ' }])
    expect(answer).toMatchObject({ value: '6.2', unit: '°C' })
  })
})
