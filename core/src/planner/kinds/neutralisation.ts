import { BEST_TITRE, cm3, figures, LEAST_TITRE, lands, MOST_TITRE } from '../figures.ts'
import type { Investigation, Plan } from '../investigation.ts'

interface Analyte {
  readonly value: string
  readonly says: string
  readonly formula: string
  readonly titrant: 'NaOH' | 'HCl'
  /** Moles of titrant to one of it. */
  readonly ratio: number
  readonly equation: string
  readonly indicator: string
  readonly colour: string
}

const ANALYTES: readonly Analyte[] = [
  ['vinegar', 'ethanoic acid', 'CH3COOH', 'NaOH', 1, 'CH3COOH + NaOH -> CH3COONa + H2O', 'phenolphthalein', 'a faint pink stays'],
  ['acid', 'hydrochloric acid', 'HCl', 'NaOH', 1, 'HCl + NaOH -> NaCl + H2O', 'phenolphthalein', 'a faint pink stays'],
  ['sulfuric', 'sulfuric acid', 'H2SO4', 'NaOH', 2, 'H2SO4 + 2NaOH -> Na2SO4 + 2H2O', 'phenolphthalein', 'a faint pink stays'],
  ['alkali', 'sodium hydroxide', 'NaOH', 'HCl', 1, 'HCl + NaOH -> NaCl + H2O', 'methyl orange', 'the yellow turns orange'],
  [
    'soda',
    'sodium carbonate',
    'Na2CO3',
    'HCl',
    2,
    'Na2CO3 + 2HCl -> 2NaCl + H2O + CO2',
    'methyl orange',
    'the yellow turns orange',
  ],
].map(([value, says, formula, titrant, ratio, equation, indicator, colour]) => ({
  value,
  says,
  formula,
  titrant,
  ratio,
  equation,
  indicator,
  colour,
})) as readonly Analyte[]

/** Pipettes and flasks that dilute by a factor; nothing where it is taken as it is. */
const DILUTIONS: readonly { readonly factor: number; readonly pipette?: string; readonly flask?: string }[] = [
  { factor: 1 },
  { factor: 4, pipette: '25.0', flask: '100' },
  { factor: 5, pipette: '50.0', flask: '250' },
  { factor: 10, pipette: '25.0', flask: '250' },
  { factor: 25, pipette: '10.0', flask: '250' },
  { factor: 50, pipette: '5.0', flask: '250' },
  { factor: 100, pipette: '10.0', flask: '1000' },
]
const PORTIONS = [25, 20, 10, 50] as const

/** Portion and dilution that bring the titre nearest to the best; the plainest of those that are as good. */
function chooseGlass(expected: number, titrant: number, ratio: number) {
  const found = DILUTIONS.flatMap((dilution) =>
    PORTIONS.map((portion) => ({ ...dilution, portion, titre: (expected / dilution.factor) * (portion / titrant) * ratio })),
  ).filter(({ titre }) => lands(titre))
  // A dilution is work: it is taken only where no portion by itself lands.
  const plain = found.filter(({ factor }) => factor === 1)
  return (plain.length > 0 ? plain : found).toSorted(
    (a, b) => Math.abs(a.titre - BEST_TITRE) - Math.abs(b.titre - BEST_TITRE) || a.factor - b.factor,
  )[0]
}

/** How the portion is titrated. */
const titration = ({ indicator, colour }: Analyte, portion: number, label: string): readonly string[] => [
  'Rinse a burette with S and fill it with S.',
  `Pipette ${cm3(portion)} cm3 of ${label} into a conical flask and add two drops of ${indicator}.`,
  `Titrate with S until ${colour}.`,
  'Do a rough titration first, then repeat until two titres agree within 0.10 cm3.',
]

function plan(values: Readonly<Record<string, string>>): Plan | { readonly refused: string } {
  const analyte = ANALYTES.find(({ value }) => value === values.analyte) as Analyte
  const [expected, titrant] = [Number(values.expected), Number(values.titrant)]
  const chosen = chooseGlass(expected, titrant, analyte.ratio)
  if (!chosen)
    return {
      refused: `No portion and no dilution brings the titre between ${LEAST_TITRE} and ${MOST_TITRE} cm³. Take a ${expected > titrant ? 'stronger' : 'weaker'} solution in the burette.`,
    }
  const { factor, pipette, flask, portion, titre } = chosen
  const label = factor === 1 ? 'P' : 'D'
  const titrantName = analyte.titrant === 'NaOH' ? 'sodium hydroxide' : 'hydrochloric acid'
  const dilute =
    pipette === undefined
      ? []
      : [
          `Pipette ${pipette} cm3 of P into a ${flask} cm3 volumetric flask, make up to the mark with water and mix. This is solution D.`,
        ]
  return {
    title: `The strength of ${analyte.says}`,
    question: `What is the concentration of ${analyte.says} in P?`,
    changes: 'nothing: one unknown is measured, several times',
    measures: `volume of ${titrantName} that neutralises ${cm3(portion)} cm3 of ${label}`,
    keeps: ['the same pipette and burette', 'the same two drops of indicator', 'the same shade at the end-point'],
    chosen: [
      ...(factor === 1
        ? []
        : [
            {
              says: `P diluted ${factor} times`,
              because: `undiluted, ${cm3(portion)} cm³ would take ${cm3(titre * factor)} cm³`,
            },
          ]),
      {
        says: `${cm3(portion)} cm³ portions`,
        because: `the titre comes to about ${cm3(titre)} cm³, between ${LEAST_TITRE} and ${MOST_TITRE}`,
      },
      { says: `${analyte.indicator}`, because: `it changes where ${analyte.says} is just neutralised` },
    ],
    materials: [
      `P is a solution of ${analyte.says}.`,
      `S is ${figures(titrant)} mol dm-3 ${titrantName}.`,
      `${analyte.indicator} indicator is provided.`,
    ],
    method: [...dilute, ...titration(analyte, portion, label)],
    table: ['final burette reading / cm³', 'initial burette reading / cm³', 'titre / cm³'],
    asks: [
      'Calculate the mean titre.',
      `${analyte.equation}`,
      `Calculate the concentration, in mol dm-3, of ${analyte.says} in ${label}.`,
      ...(factor === 1 ? [] : [`Calculate the concentration, in mol dm-3, of ${analyte.says} in P.`]),
    ],
    answers: 'The titre gives the amount of the known solution, the equation that of the unknown, its volume the concentration.',
    repeats: 'One rough and at least two accurate runs that agree within 0.10 cm³.',
    cautions: ['Eye protection.', 'Pipette filler, never by mouth.'],
    expected: { titres: [titre] },
  }
}

/** Strength of an acid or alkali by titration. */
export const NEUTRALISATION: Investigation = {
  id: 'neutralisation',
  title: 'Neutralisation',
  says: 'How strong is an acid or alkali?',
  asks: [
    {
      kind: 'choice',
      name: 'analyte',
      says: 'What is measured',
      choices: ANALYTES.map(({ value, says }) => ({ value, says })),
      usual: 'vinegar',
    },
    { kind: 'number', name: 'expected', says: 'Expected strength', unit: 'mol/dm³', usual: '0.80', least: 0.001, most: 20 },
    { kind: 'number', name: 'titrant', says: 'Strength in the burette', unit: 'mol/dm³', usual: '0.100', least: 0.001, most: 2 },
  ],
  plan,
}
