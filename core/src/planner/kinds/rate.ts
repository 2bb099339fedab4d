import { figures, grams } from '../figures.ts'
import type { Investigation, Plan } from '../investigation.ts'

interface Reaction {
  readonly value: string
  readonly says: string
  readonly solid: string
  readonly gas: string
  readonly molar: number
  readonly equation: string
  readonly caution: string
}

/** Each gives one mole of gas from one of the solid with two of acid. */
const REACTIONS: readonly Reaction[] = [
  {
    value: 'marble',
    says: 'marble and hydrochloric acid',
    solid: 'marble chips',
    gas: 'carbon dioxide',
    molar: 100.09,
    equation: 'CaCO3 + 2HCl -> CaCl2 + H2O + CO2',
    caution: 'Never close a flask on more gas than the syringe holds.',
  },
  {
    value: 'magnesium',
    says: 'magnesium and hydrochloric acid',
    solid: 'magnesium ribbon',
    gas: 'hydrogen',
    molar: 24.31,
    equation: 'Mg + 2HCl -> MgCl2 + H2',
    caution: 'Hydrogen: no flame in the room.',
  },
]
const CHANGED = {
  strength: 'strength of the acid',
  temperature: 'temperature of the acid',
  size: 'size of the pieces',
} as const
type Changed = keyof typeof CHANGED

/** dm³ that a mole of gas takes up at room temperature. */
const MOLAR_VOLUME = 24
const SYRINGE = 100
/** Of the syringe that is used: room is left, and the end of the curve is read well. */
const USED = 0.8
const ACID = 50
/** g between two readings of a balance, and cm³ of a cylinder or syringe. */
const BALANCE = 0.01
const CYLINDER = 0.5
const STRENGTHS = [1, 0.8, 0.6, 0.4]

function levels(changed: Changed): readonly string[] {
  if (changed === 'temperature') return ['at 20 °C', 'at 30 °C', 'at 40 °C']
  if (changed === 'size') return ['with large pieces', 'with small pieces', 'with powder']
  return STRENGTHS.map((part) =>
    part === 1
      ? `with ${ACID} cm3 of A alone`
      : `with ${(ACID * part).toFixed(0)} cm3 of A and ${(ACID * (1 - part)).toFixed(0)} cm3 of water`,
  )
}

function plan(values: Readonly<Record<string, string>>): Plan | { readonly refused: string } {
  const reaction = REACTIONS.find(({ value }) => value === values.reaction) as Reaction
  const changed = values.changed as Changed
  const strength = Number(values.strength)
  const amount = (SYRINGE * USED) / 1000 / MOLAR_VOLUME
  const mass = amount * reaction.molar
  const weakest = changed === 'strength' ? strength * Math.min(...STRENGTHS) : strength
  const excess = (weakest * ACID) / 1000 / (2 * amount)
  if (excess < 2)
    return {
      refused: `The weakest acid would hold only ${figures(excess, 2)} times what the solid uses: it would not stay as strong. Take acid of at least ${figures((strength * 2) / excess, 2)} mol/dm³.`,
    }
  const runs = levels(changed)
  return {
    title: `The rate of ${reaction.says}`,
    question: `How does the ${CHANGED[changed]} change the rate at which ${reaction.gas} is given off?`,
    changes: CHANGED[changed],
    measures: `volume of ${reaction.gas} every 15 seconds; the steepest part of each curve is its rate`,
    keeps: [
      `${grams(mass)} g of ${reaction.solid}`,
      ...(changed === 'strength' ? ['50 cm3 of liquid altogether'] : [`50 cm3 of ${figures(strength, 2)} mol dm-3 acid`]),
      ...(changed === 'temperature' ? [] : ['room temperature']),
      ...(changed === 'size' ? [] : ['pieces of one size']),
      'swirling',
    ],
    chosen: [
      {
        says: `${grams(mass)} g of ${reaction.solid}`,
        because: `all of it gives ${(SYRINGE * USED).toFixed(0)} cm³ of gas, which a syringe of ${SYRINGE} cm³ holds`,
      },
      {
        says: '50 cm³ of acid',
        because: `even the weakest holds ${figures(excess, 2)} times what is used, so that its strength hardly falls`,
      },
      { says: 'a gas syringe', because: 'it reads to half a cubic centimetre, and nothing dissolves in it' },
      { says: `${runs.length} values`, because: 'fewer than three show no trend' },
    ],
    materials: [`M is ${reaction.solid}, a solid.`, `A is ${figures(strength, 2)} mol dm-3 hydrochloric acid.`],
    method: [
      `Weigh ${grams(mass)} g of M for each run.`,
      'Fit a conical flask with a bung and a tube to a gas syringe.',
      `Measure 50 cm3 of ${changed === 'strength' ? 'A, or of A and water,' : 'A'} into the flask with a measuring cylinder.`,
      'Tip in M, put the bung on at once and start the clock. Read the volume of gas every 15 seconds for 3 minutes.',
      `Do ${['no', 'one', 'two', 'three', 'four'][runs.length]} runs: ${runs.join('; ')}.`,
    ],
    table: ['time / s', ...runs.map((_, index) => `volume in run ${index + 1} / cm³`)],
    asks: ['Draw the curves, and find the initial rate of each run from the gradient at the start.', reaction.equation],
    answers: `The rates, plotted against the ${CHANGED[changed]}, show how one follows the other.`,
    repeats: 'Each value twice; two rates of one value should agree within a tenth.',
    cautions: ['Eye protection.', reaction.caution],
    unsure: [
      { says: 'balance read to 0.01 g', percent: (BALANCE / mass) * 100 },
      { says: 'measuring cylinder, half a division', percent: (CYLINDER / ACID) * 100 },
      { says: 'syringe, half a division of half its reading', percent: (CYLINDER / (SYRINGE * USED * 0.5)) * 100 },
    ],
    expected: { reading: (x) => SYRINGE * USED * (1 - Math.exp(-x / 50)) },
  }
}

/** Rate by the volume of a gas. */
export const RATE: Investigation = {
  id: 'rate',
  title: 'Rate',
  says: 'How fast does it go, and what makes it faster?',
  asks: [
    {
      kind: 'choice',
      name: 'reaction',
      says: 'What reacts',
      choices: REACTIONS.map(({ value, says }) => ({ value, says })),
      usual: 'marble',
    },
    {
      kind: 'choice',
      name: 'changed',
      says: 'What is changed',
      choices: Object.entries(CHANGED).map(([value, says]) => ({ value, says })),
      usual: 'strength',
    },
    { kind: 'number', name: 'strength', says: 'Strength of the acid', unit: 'mol/dm³', usual: '2.0', least: 0.1, most: 4 },
  ],
  plan,
}
