import type { Sum, SumLine } from './sum.ts'

const STRENGTH = { key: 'c', symbol: 'c', says: 'concentration of the titrant', unit: 'mol/dm3' } as const
const TITRE = { key: 'V', symbol: 'V', says: 'titre', unit: 'cm3' } as const
const BLANK = { key: 'V0', symbol: 'V₀', says: 'titre of the blank', unit: 'cm3', signed: true } as const
const PORTION = { key: 'Vs', symbol: 'V(sample)', says: 'volume of sample', unit: 'cm3' } as const
const SAMPLE = { key: 'm', symbol: 'm', says: 'mass of sample', unit: 'g' } as const

const titrant = (formula: string, over: readonly string[]): SumLine => ({
  gives: 'n',
  symbol: 'n',
  says: 'amount of titrant',
  unit: 'mol',
  formula,
  over,
  factor: { over: 1, under: 1000 },
})
const LESS_BLANK: SumLine = {
  gives: 'net',
  symbol: 'V(net)',
  says: 'titre less the blank',
  unit: 'cm3',
  formula: 'V − V₀',
  plus: ['V'],
  minus: ['V0'],
}
const BLANK_LESS: SumLine = {
  gives: 'net',
  symbol: 'V(net)',
  says: 'blank less the titre',
  unit: 'cm3',
  formula: 'V₀ − V',
  plus: ['V0'],
  minus: ['V'],
}

interface Degrees {
  readonly id: string
  readonly country: string
  readonly unit: string
  /** mg of CaCO3 in a dm³ that one degree is. */
  readonly eachIs: string
  readonly source: string
}

/** Degrees in which a country states the hardness of water. */
function degreesOfHardness({ id, country, unit, eachIs, source }: Degrees): Sum {
  const [whole = '', part = ''] = eachIs.split('.')
  return {
    id,
    group: 'water and oils',
    says: `degrees of hardness (${country}: ${eachIs} mg/dm³ CaCO3)`,
    takes: [{ key: 'rho', symbol: 'ρ', says: 'hardness as CaCO3', unit: 'mg/dm3' }],
    lines: [
      {
        gives: 'degrees',
        symbol: unit,
        says: 'degrees of hardness',
        unit,
        formula: `ρ/${eachIs}`,
        over: ['rho'],
        factor: { over: 10 ** part.length, under: Number(whole + part) },
      },
    ],
    source,
  }
}

/** Amount of titrant, as a mass of what it stands for, in a litre of sample. */
function massPerLitre(
  ofWhat: string,
  molarMass: string,
  counts: { readonly over: number; readonly under: number },
): readonly SumLine[] {
  return [
    titrant('cV/1000', ['c', 'V']),
    {
      gives: 'stands',
      symbol: `n(${ofWhat})`,
      says: `amount it stands for, as ${ofWhat}`,
      unit: 'mol',
      formula: counts.under === 1 ? 'n' : `n/${counts.under}`,
      over: ['n'],
      factor: counts,
    },
    { gives: 'mass', symbol: 'm', says: `mass of ${ofWhat}`, unit: 'g', formula: 'nM', over: ['stands', `M:${molarMass}`] },
    {
      gives: 'rho',
      symbol: 'ρ',
      says: `${ofWhat} in a litre`,
      unit: 'g/dm3',
      formula: '1000m/V(sample)',
      over: ['mass'],
      under: ['Vs'],
      factor: { over: 1000, under: 1 },
    },
  ]
}

/** A mass of some reagent, in mg, that goes with a gram of fat. */
const perGram = (
  formula: string,
  molarMass: string,
  symbol: string,
  says: string,
  unit: string,
  factor: { over: number; under: number },
): readonly SumLine[] => [
  titrant(formula, ['c', formula.includes('net') ? 'net' : 'V']),
  { gives: 'mass', symbol: 'm', says, unit: 'g', formula: 'nM', over: ['n', `M:${molarMass}`] },
  { gives: 'value', symbol, says: symbol, unit, formula: `${factor.over}m/m(sample)`, over: ['mass'], under: ['m'], factor },
]

/** Quantities that have a name of their own, each with its definition. */
export const WATER_AND_OILS: readonly Sum[] = [
  {
    id: 'hardness',
    group: 'water and oils',
    says: 'total hardness of water as CaCO3, by EDTA',
    takes: [STRENGTH, TITRE, PORTION],
    lines: massPerLitre('CaCO3', 'CaCO3', { over: 1, under: 1 }),
    assumes: ['calcium and magnesium together are counted as CaCO3, one EDTA to each'],
    source: 'ISO 6059: total hardness, EDTA method; from memory',
  },
  {
    id: 'temporaryHardness',
    group: 'water and oils',
    says: 'temporary hardness of water as CaCO3, by acid',
    takes: [STRENGTH, TITRE, PORTION],
    lines: massPerLitre('CaCO3', 'CaCO3', { over: 1, under: 2 }),
    assumes: ['all the alkalinity is hydrogencarbonate, two H⁺ to one CaCO3'],
    source: 'common practice',
  },
  degreesOfHardness({
    id: 'germanDegrees',
    country: 'German',
    unit: '°dH',
    eachIs: '17.85',
    source: '1 °dH is 10 mg CaO in a litre, 17.85 mg CaCO3 (common practice)',
  }),
  degreesOfHardness({
    id: 'frenchDegrees',
    country: 'French',
    unit: '°fH',
    eachIs: '10',
    source: '1 °fH is 10 mg CaCO3 in a litre (common practice)',
  }),
  degreesOfHardness({
    id: 'englishDegrees',
    country: 'English (Clark)',
    unit: '°e',
    eachIs: '14.25',
    source: '1 °e is a grain of CaCO3 in an imperial gallon, 14.25 mg in a litre (common practice)',
  }),
  {
    id: 'availableChlorine',
    group: 'water and oils',
    says: 'available chlorine of a bleach, by iodine and thiosulfate',
    takes: [STRENGTH, TITRE, PORTION],
    lines: massPerLitre('Cl2', 'Cl2', { over: 1, under: 2 }),
    assumes: ['available chlorine: the mass of Cl2 that would set as much iodine free, half as many moles as thiosulfate'],
    source: 'Vogel, Textbook of Quantitative Chemical Analysis, available chlorine; from memory',
  },
  {
    id: 'dissolvedOxygen',
    group: 'water and oils',
    says: 'dissolved oxygen, by manganese, iodine and thiosulfate',
    takes: [STRENGTH, TITRE, PORTION],
    lines: massPerLitre('O2', 'O2', { over: 1, under: 4 }),
    assumes: ['four thiosulfate to one O2', 'no bubble was shut in, and the reagents brought no oxygen'],
    source: 'ISO 5813: dissolved oxygen, iodometric method; from memory',
  },
  {
    id: 'acidValue',
    group: 'water and oils',
    says: 'acid value of a fat (mg KOH to 1 g)',
    takes: [STRENGTH, TITRE, SAMPLE],
    lines: perGram('cV/1000', 'KOH', 'acid value', 'mass of KOH taken up', 'mg/g', { over: 1000, under: 1 }),
    source: 'ISO 660: acid value; from memory',
  },
  {
    id: 'saponificationValue',
    group: 'water and oils',
    says: 'saponification value of a fat (mg KOH to 1 g)',
    takes: [STRENGTH, BLANK, TITRE, SAMPLE],
    lines: [
      BLANK_LESS,
      ...perGram('cV(net)/1000', 'KOH', 'saponification value', 'mass of KOH used', 'mg/g', { over: 1000, under: 1 }),
    ],
    source: 'ISO 3657: saponification value; from memory',
  },
  {
    id: 'iodineValue',
    group: 'water and oils',
    says: 'iodine value of a fat (g I2 to 100 g)',
    takes: [STRENGTH, BLANK, TITRE, SAMPLE],
    lines: [
      BLANK_LESS,
      titrant('cV(net)/1000', ['c', 'net']),
      {
        gives: 'iodine',
        symbol: 'n(I2)',
        says: 'amount of iodine taken up',
        unit: 'mol',
        formula: 'n/2',
        over: ['n'],
        factor: { over: 1, under: 2 },
      },
      { gives: 'mass', symbol: 'm(I2)', says: 'mass of iodine', unit: 'g', formula: 'nM', over: ['iodine', 'M:I2'] },
      {
        gives: 'value',
        symbol: 'iodine value',
        says: 'iodine value',
        unit: 'g/100 g',
        formula: '100m(I2)/m',
        over: ['mass'],
        under: ['m'],
        factor: { over: 100, under: 1 },
      },
    ],
    source: 'ISO 3961: iodine value; from memory',
  },
  {
    id: 'protein',
    group: 'water and oils',
    says: 'protein by nitrogen (acid titration of the ammonia)',
    takes: [STRENGTH, TITRE, BLANK, SAMPLE, { key: 'factor', symbol: 'F', says: 'protein factor', unit: '', usual: '6.25' }],
    lines: [
      LESS_BLANK,
      titrant('cV(net)/1000', ['c', 'net']),
      { gives: 'mass', symbol: 'm(N)', says: 'mass of nitrogen', unit: 'g', formula: 'nM', over: ['n', 'M:N'] },
      {
        gives: 'nitrogen',
        symbol: '%N',
        says: 'percentage of nitrogen',
        unit: '%',
        formula: 'm(N)/m × 100',
        over: ['mass'],
        under: ['m'],
        factor: { over: 100, under: 1 },
      },
      {
        gives: 'protein',
        symbol: '%protein',
        says: 'percentage of protein',
        unit: '%',
        formula: '%N × F',
        over: ['nitrogen', 'factor'],
      },
    ],
    assumes: ['all the nitrogen is that of protein'],
    source: 'ISO 1871: nitrogen by the Kjeldahl method; 6.25 unless another factor is given; from memory',
  },
]
