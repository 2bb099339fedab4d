import { BEST_TITRE, cm3, figures, LEAST_TITRE, lands, MOST_TITRE } from '../figures.ts'
import type { Investigation, Plan } from '../investigation.ts'

interface Salt {
  readonly value: string
  readonly says: string
  readonly formula: string
  /** mol/dm³ at room temperature, from memory of handbook tables, rounded. */
  readonly about: number
  readonly titrant: string
  readonly titrantName: string
  readonly ratio: number
  readonly equation: string
  readonly indicator: string
  readonly colour: string
}

const SALTS: readonly Salt[] = [
  {
    value: 'lime',
    says: 'calcium hydroxide',
    formula: 'Ca(OH)2',
    about: 0.02,
    titrant: 'HCl',
    titrantName: 'hydrochloric acid',
    ratio: 2,
    equation: 'Ca(OH)2 + 2HCl -> CaCl2 + 2H2O',
    indicator: 'phenolphthalein',
    colour: 'the pink has just gone',
  },
  {
    value: 'tartar',
    says: 'potassium hydrogen tartrate',
    formula: 'KHC4H4O6',
    about: 0.03,
    titrant: 'NaOH',
    titrantName: 'sodium hydroxide',
    ratio: 1,
    equation: 'KHC4H4O6 + NaOH -> KNaC4H4O6 + H2O',
    indicator: 'phenolphthalein',
    colour: 'a faint pink stays',
  },
]
const PORTION = 25
/** Strengths that stand on shelves. */
const STRENGTHS = [0.01, 0.02, 0.025, 0.04, 0.05, 0.1, 0.2]

function plan(values: Readonly<Record<string, string>>): Plan | { readonly refused: string } {
  const salt = SALTS.find(({ value }) => value === values.salt) as Salt
  const expected = Number(values.expected)
  const choices = STRENGTHS.map((strength) => ({ strength, titre: (expected * PORTION * salt.ratio) / strength })).filter(
    ({ titre }) => lands(titre),
  )
  const [best] = choices.toSorted((a, b) => Math.abs(a.titre - BEST_TITRE) - Math.abs(b.titre - BEST_TITRE))
  if (!best)
    return {
      refused: `No usual strength brings the titre of ${PORTION}.0 cm³ between ${LEAST_TITRE} and ${MOST_TITRE} cm³ where so ${expected > 0.1 ? 'much' : 'little'} dissolves.`,
    }
  const { strength, titre } = best
  return {
    title: `The solubility of ${salt.says}`,
    question: `What is the solubility of ${salt.says} in water at room temperature?`,
    changes: 'nothing; another temperature would be another investigation',
    measures: `volume of ${salt.titrantName} that a portion of the saturated solution takes`,
    keeps: ['the temperature, which is noted', 'solid left over at the bottom', 'dry paper and dry flasks'],
    chosen: [
      {
        says: `${figures(strength)} mol/dm³ ${salt.titrantName} in the burette`,
        because: `${PORTION}.0 cm³ of the saturated solution take about ${cm3(titre)} cm³ of it`,
      },
      { says: 'about 200 cm³ of saturated solution', because: 'four portions and rinsings of the pipette' },
      { says: 'five minutes to settle', because: 'a grain in the pipette counts as dissolved' },
    ],
    materials: [`K is powdered ${salt.says}, a solid.`, `S is ${figures(strength)} mol dm-3 ${salt.titrantName}.`],
    method: [
      'Stir a spatula of K with 200 cm3 of distilled water for 3 minutes; add more until some stays undissolved.',
      'Note the temperature, and let it settle for 5 minutes.',
      'Filter through a dry paper into a dry flask. The filtrate is solution L.',
      'Rinse and fill the burette with S.',
      `Pipette ${PORTION}.0 cm3 of L into a conical flask, add ${salt.indicator} and titrate with S until ${salt.colour}.`,
      'Repeat until two titres agree within 0.10 cm3.',
    ],
    table: ['temperature / °C', 'final burette reading / cm³', 'initial burette reading / cm³', 'titre / cm³'],
    asks: ['Calculate the mean titre.', salt.equation, `Calculate the concentration, in mol dm-3, of ${salt.formula} in L.`],
    answers: 'The saturated solution holds as much as dissolves: its concentration is the solubility at that temperature.',
    repeats: 'At least two titres that agree; a second flask that was stirred longer shows whether it was saturated.',
    cautions: ['Eye protection: lime is caustic.', 'Pipette filler, never by mouth.'],
    expected: { titres: [titre] },
  }
}

/** Solubility by titrating a saturated solution. */
export const SOLUBILITY: Investigation = {
  id: 'solubility',
  title: 'Solubility',
  says: 'How much of a solid dissolves?',
  asks: [
    {
      kind: 'choice',
      name: 'salt',
      says: 'What dissolves',
      choices: SALTS.map(({ value, says }) => ({ value, says })),
      usual: 'lime',
    },
    { kind: 'number', name: 'expected', says: 'Expected solubility', unit: 'mol/dm³', usual: '0.02', least: 0.0001, most: 2 },
  ],
  plan,
}
