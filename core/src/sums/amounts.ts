import type { Sum, SumLine } from './sum.ts'

const OF = { key: 'of', says: 'Of (formula)', kind: 'formula', placeholder: 'Na2CO3' } as const
const EQUATION = {
  key: 'equation',
  says: 'By the equation',
  kind: 'equation',
  placeholder: 'CaCO3 + 2HCl -> CaCl2 + H2O + CO2',
} as const
const MASS = { key: 'm', symbol: 'm', says: 'mass', unit: 'g' } as const
const AMOUNT = { key: 'n', symbol: 'n', says: 'amount', unit: 'mol' } as const
const VOLUME = { key: 'V', symbol: 'V', says: 'volume', unit: 'cm3' } as const
const CONCENTRATION = { key: 'c', symbol: 'c', says: 'concentration', unit: 'mol/dm3' } as const

/** What is sought as a percentage of the sample. */
const OF_SAMPLE: SumLine = {
  gives: 'percent',
  symbol: '%',
  says: 'percentage by mass',
  unit: '%',
  formula: 'm/m(sample) × 100',
  over: ['part'],
  under: ['sample'],
  factor: { over: 100, under: 1 },
}

/** Amounts from what was weighed and measured out, and from one species to another by a reaction. */
export const AMOUNTS: readonly Sum[] = [
  {
    id: 'amountFromMass',
    group: 'amounts',
    says: 'amount from mass',
    texts: [OF],
    takes: [MASS],
    lines: [{ gives: 'n', symbol: 'n', says: 'amount', unit: 'mol', formula: 'm/M', over: ['m'], under: ['M:of'] }],
    source: 'common practice',
  },
  {
    id: 'massFromAmount',
    group: 'amounts',
    says: 'mass from amount',
    texts: [OF],
    takes: [AMOUNT],
    lines: [{ gives: 'm', symbol: 'm', says: 'mass', unit: 'g', formula: 'nM', over: ['n', 'M:of'] }],
    source: 'common practice',
  },
  {
    id: 'molarMassFrom',
    group: 'amounts',
    says: 'molar mass from mass and amount',
    takes: [MASS, AMOUNT],
    lines: [{ gives: 'M', symbol: 'M', says: 'molar mass', unit: 'g/mol', formula: 'm/n', over: ['m'], under: ['n'] }],
    source: 'common practice',
  },
  {
    id: 'amountInSolution',
    group: 'amounts',
    says: 'amount in a volume of solution',
    takes: [CONCENTRATION, VOLUME],
    lines: [
      {
        gives: 'n',
        symbol: 'n',
        says: 'amount',
        unit: 'mol',
        formula: 'cV/1000',
        over: ['c', 'V'],
        factor: { over: 1, under: 1000 },
      },
    ],
    source: 'common practice',
  },
  {
    id: 'concentrationFrom',
    group: 'amounts',
    says: 'concentration from amount and volume',
    takes: [AMOUNT, VOLUME],
    lines: [
      {
        gives: 'c',
        symbol: 'c',
        says: 'concentration',
        unit: 'mol/dm3',
        formula: '1000n/V',
        over: ['n'],
        under: ['V'],
        factor: { over: 1000, under: 1 },
      },
    ],
    source: 'common practice',
  },
  {
    id: 'byReaction',
    group: 'amounts',
    says: 'amount of one substance from another, by a reaction',
    texts: [
      EQUATION,
      { key: 'from', says: 'Known', kind: 'formula', placeholder: 'CO2' },
      { key: 'to', says: 'Wanted', kind: 'formula', placeholder: 'CaCO3' },
    ],
    takes: [AMOUNT],
    lines: [
      {
        gives: 'found',
        symbol: 'n',
        says: 'amount wanted',
        unit: 'mol',
        formula: 'n(known) × ratio of the equation',
        over: ['n'],
        ratio: { equation: 'equation', of: 'to', to: 'from' },
      },
    ],
    assumes: ['the reaction goes to its end and nothing else reacts'],
    source: 'common practice',
  },
  {
    id: 'limiting',
    group: 'amounts',
    says: 'amount formed where one of two reactants runs out',
    texts: [
      EQUATION,
      { key: 'a', says: 'First reactant', kind: 'formula', placeholder: 'Mg' },
      { key: 'b', says: 'Second reactant', kind: 'formula', placeholder: 'HCl' },
      { key: 'to', says: 'Product', kind: 'formula', placeholder: 'H2' },
    ],
    takes: [
      { key: 'n1', symbol: 'n₁', says: 'amount of the first reactant', unit: 'mol' },
      { key: 'n2', symbol: 'n₂', says: 'amount of the second reactant', unit: 'mol' },
    ],
    lines: [
      {
        gives: 'x1',
        symbol: 'n(1)',
        says: 'product if the first runs out',
        unit: 'mol',
        formula: 'n₁ × ratio of the equation',
        over: ['n1'],
        ratio: { equation: 'equation', of: 'to', to: 'a' },
      },
      {
        gives: 'x2',
        symbol: 'n(2)',
        says: 'product if the second runs out',
        unit: 'mol',
        formula: 'n₂ × ratio of the equation',
        over: ['n2'],
        ratio: { equation: 'equation', of: 'to', to: 'b' },
      },
      {
        gives: 'found',
        symbol: 'n',
        says: 'amount of product',
        unit: 'mol',
        formula: 'the smaller of the two',
        least: ['x1', 'x2'],
        runsOut: ['a', 'b'],
      },
    ],
    assumes: ['the reaction goes to its end and nothing else reacts'],
    source: 'common practice',
  },
  {
    id: 'percentageYield',
    group: 'amounts',
    says: 'percentage yield',
    takes: [
      { key: 'got', symbol: 'm(got)', says: 'mass obtained', unit: 'g' },
      { key: 'most', symbol: 'm(most)', says: 'mass by the equation', unit: 'g' },
    ],
    lines: [
      {
        gives: 'yield',
        symbol: 'yield',
        says: 'percentage yield',
        unit: '%',
        formula: 'm(got)/m(most) × 100',
        over: ['got'],
        under: ['most'],
        factor: { over: 100, under: 1 },
      },
    ],
    assumes: ['the product is pure and dry'],
    source: 'common practice',
  },
  {
    id: 'gravimetric',
    group: 'amounts',
    says: 'percentage by mass from a precipitate that was weighed',
    texts: [
      { key: 'precipitate', says: 'Precipitate', kind: 'formula', placeholder: 'BaSO4' },
      { key: 'of', says: 'Sought (an ion or element it holds)', kind: 'formula', placeholder: 'SO4^2-' },
    ],
    takes: [
      { key: 'm', symbol: 'm(precipitate)', says: 'mass of precipitate', unit: 'g' },
      { key: 'sample', symbol: 'm(sample)', says: 'mass of sample', unit: 'g' },
    ],
    lines: [
      {
        gives: 'n',
        symbol: 'n',
        says: 'amount of precipitate',
        unit: 'mol',
        formula: 'm/M',
        over: ['m'],
        under: ['M:precipitate'],
      },
      {
        gives: 'held',
        symbol: 'n',
        says: 'amount of what is sought in it',
        unit: 'mol',
        formula: 'n × number in a formula unit',
        over: ['n'],
        held: { of: 'of', in: 'precipitate' },
      },
      { gives: 'part', symbol: 'm', says: 'mass of what is sought', unit: 'g', formula: 'nM', over: ['held', 'M:of'] },
      OF_SAMPLE,
    ],
    assumes: ['all of it came down, and the precipitate is pure and dry'],
    source: 'Vogel, Textbook of Quantitative Chemical Analysis, gravimetry; from memory',
  },
  {
    id: 'percentByLoss',
    group: 'amounts',
    says: 'percentage by mass from the gas that was lost',
    texts: [
      EQUATION,
      { key: 'gas', says: 'Gas lost', kind: 'formula', placeholder: 'CO2' },
      { key: 'of', says: 'Sought', kind: 'formula', placeholder: 'CaCO3' },
    ],
    takes: [
      { key: 'lost', symbol: 'm(lost)', says: 'mass lost', unit: 'g' },
      { key: 'sample', symbol: 'm(sample)', says: 'mass of sample', unit: 'g' },
    ],
    lines: [
      { gives: 'n', symbol: 'n', says: 'amount of gas', unit: 'mol', formula: 'm(lost)/M', over: ['lost'], under: ['M:gas'] },
      {
        gives: 'reacted',
        symbol: 'n',
        says: 'amount of what is sought',
        unit: 'mol',
        formula: 'n × ratio of the equation',
        over: ['n'],
        ratio: { equation: 'equation', of: 'of', to: 'gas' },
      },
      { gives: 'part', symbol: 'm', says: 'mass of what is sought', unit: 'g', formula: 'nM', over: ['reacted', 'M:of'] },
      OF_SAMPLE,
    ],
    assumes: ['nothing but the gas was lost: no spray, and no gas stayed dissolved'],
    source: 'common practice',
  },
  {
    id: 'atomsByGain',
    group: 'amounts',
    says: 'atoms of a gained element to one of another (formula of an oxide)',
    texts: [
      { key: 'of', says: 'Element weighed', kind: 'formula', placeholder: 'Mg' },
      { key: 'gained', says: 'Element gained', kind: 'formula', placeholder: 'O' },
    ],
    takes: [
      { key: 'before', symbol: 'm(before)', says: 'mass of the element', unit: 'g' },
      { key: 'after', symbol: 'm(after)', says: 'mass of the compound', unit: 'g' },
    ],
    lines: [
      {
        gives: 'gain',
        symbol: 'm(gained)',
        says: 'mass gained',
        unit: 'g',
        formula: 'm(after) − m(before)',
        plus: ['after'],
        minus: ['before'],
      },
      {
        gives: 'n1',
        symbol: 'n₁',
        says: 'amount of the element',
        unit: 'mol',
        formula: 'm/M',
        over: ['before'],
        under: ['M:of'],
      },
      { gives: 'n2', symbol: 'n₂', says: 'amount gained', unit: 'mol', formula: 'm/M', over: ['gain'], under: ['M:gained'] },
      { gives: 'x', symbol: 'x', says: 'atoms gained to one', unit: '', formula: 'n₂/n₁', over: ['n2'], under: ['n1'] },
    ],
    assumes: ['nothing was lost as smoke, and all of the element reacted'],
    source: 'common practice',
  },
]
