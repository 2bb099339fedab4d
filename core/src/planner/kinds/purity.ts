import { BEST_TITRE, cm3, figures, grams } from '../figures.ts'
import type { Investigation, Plan } from '../investigation.ts'

interface Base {
  readonly value: string
  readonly says: string
  readonly formula: string
  /** g/mol, from the standard atomic masses. */
  readonly molar: number
  readonly equation: string
}

const BASES: readonly Base[] = [
  { value: 'chalk', says: 'calcium carbonate', formula: 'CaCO3', molar: 100.09, equation: 'CaCO3 + 2HCl -> CaCl2 + H2O + CO2' },
  {
    value: 'magnesite',
    says: 'magnesium carbonate',
    formula: 'MgCO3',
    molar: 84.31,
    equation: 'MgCO3 + 2HCl -> MgCl2 + H2O + CO2',
  },
  { value: 'lime', says: 'calcium oxide', formula: 'CaO', molar: 56.08, equation: 'CaO + 2HCl -> CaCl2 + H2O' },
]
/** cm³ of acid put in, of the flask it is made up in, and of a portion. */
const [ACID, FLASK, PORTION] = [50, 250, 25]
/** A mass beside which the last figure of a two-place balance is small: 0.02 g in two weighings. */
const LEAST_MASS = 0.4

/** Why so much is weighed and put in. */
const sumsOf = (mass: number, put: number, left: number): Plan['chosen'] => [
  {
    says: `about ${grams(mass)} g of L`,
    because: `it uses up ${figures((put - left) * 1000)} of the ${figures(put * 1000)} mmol of acid, so that about ${cm3(BEST_TITRE)} cm³ of alkali are left to run in`,
  },
  {
    says: `acid in excess, ${cm3(ACID)} cm³ by pipette`,
    because: 'the solid dissolves slowly at the end, and a clear end-point wants acid left over',
  },
  { says: `made up to ${FLASK} cm³`, because: 'several portions can be titrated from one weighing' },
]

function plan(values: Readonly<Record<string, string>>): Plan | { readonly refused: string } {
  const base = BASES.find(({ value }) => value === values.solid) as Base
  const [acid, alkali, purity] = [Number(values.acid), Number(values.alkali), Number(values.purity) / 100]
  const put = (acid * ACID) / 1000
  const left = (alkali * BEST_TITRE * FLASK) / PORTION / 1000
  const mass = ((put - left) / 2) * (base.molar / purity)
  if (left >= put)
    return {
      refused: `The alkali is too strong for the acid: ${cm3(BEST_TITRE)} cm³ of it would be more than all of the acid. Take alkali of at most ${figures((put * PORTION * 1000) / FLASK / BEST_TITRE / 2)} mol/dm³.`,
    }
  if (mass < LEAST_MASS)
    return { refused: `Only ${grams(mass)} g would be weighed, which a balance reads too coarsely. Take stronger acid.` }
  return {
    title: `The purity of ${base.says}`,
    question: `What percentage of L is ${base.says}?`,
    changes: 'nothing: one sample is measured, several times',
    measures: 'volume of alkali that neutralises the acid left over',
    keeps: ['the same acid and its volume', 'the same pipettes', 'the same shade at the end-point'],
    chosen: sumsOf(mass, put, left),
    materials: [
      `L is impure ${base.says}, a powdered solid.`,
      `A is ${figures(acid)} mol dm-3 hydrochloric acid.`,
      `B is ${figures(alkali)} mol dm-3 sodium hydroxide.`,
    ],
    method: [
      `Weigh accurately about ${grams(mass)} g of L into a beaker.`,
      `Pipette ${cm3(ACID)} cm3 of A into the beaker and warm until nothing more dissolves.`,
      `When it is cold, transfer the solution with washings to a ${FLASK} cm3 volumetric flask and make up to the mark with water. This is solution R.`,
      'Fill a burette with B.',
      `Pipette ${cm3(PORTION)} cm3 of R into a conical flask, add methyl orange and titrate with B until the colour is yellow.`,
      'Repeat until two titres agree within 0.10 cm3.',
    ],
    table: [
      'mass of container and L / g',
      'mass of container / g',
      'final burette reading / cm³',
      'initial burette reading / cm³',
    ],
    asks: [
      'Calculate the mean titre.',
      base.equation,
      'NaOH + HCl -> NaCl + H2O',
      `Calculate the percentage by mass of ${base.says} in L.`,
    ],
    answers:
      'Acid put in less acid left over is what the sample used; half of that amount is the base, its mass over that of the sample the purity.',
    repeats: 'At least two titres that agree; a second weighing shows whether the powder is even.',
    cautions: ['Eye protection: it spits when the acid goes in.', 'Pipette filler, never by mouth.'],
    expected: { masses: [mass], titres: [BEST_TITRE] },
  }
}

/** Purity of a carbonate or oxide by back titration. */
export const PURITY: Investigation = {
  id: 'purity',
  title: 'Purity',
  says: 'How much of a solid is what it should be?',
  asks: [
    {
      kind: 'choice',
      name: 'solid',
      says: 'What is measured',
      choices: BASES.map(({ value, says }) => ({ value, says })),
      usual: 'chalk',
    },
    { kind: 'number', name: 'purity', says: 'Expected purity', unit: '%', usual: '90', least: 5, most: 100 },
    { kind: 'number', name: 'acid', says: 'Strength of the acid', unit: 'mol/dm³', usual: '1.00', least: 0.1, most: 4 },
    { kind: 'number', name: 'alkali', says: 'Strength of the alkali', unit: 'mol/dm³', usual: '0.100', least: 0.01, most: 2 },
  ],
  plan,
}
