import { namesIn } from '../checkValues.ts'
import { figures } from '../figures.ts'
import type { Investigation, Plan } from '../investigation.ts'

/** mm by which the middle of a spot, and a front, can be placed. */
const PLACED = 0.5
/** mm from edge to edge of spots that do not run together. */
const APART = 12

function plan(values: Readonly<Record<string, string>>): Plan | { readonly refused: string } {
  const known = namesIn(values.known ?? '')
  const apart = Number(values.apart)
  // Both distances are placed to half a millimetre: twice that, twice, has to be smaller than what is told apart.
  const front = Math.max(60, Math.ceil((4 * PLACED) / apart / 10) * 10)
  if (front > 150)
    return {
      refused: `A front of ${front} mm would be wanted to tell ${apart} apart: longer than a strip of paper. Use another solvent that spreads them more.`,
    }
  const width = (known.length + 2) * APART
  const list = known.length > 1 ? `${known.slice(0, -1).join(', ')} and ${known.at(-1)}` : (known[0] ?? '')
  return {
    title: 'Dyes in a mixture',
    question: `Which of ${list} are in the mixture W?`,
    changes: 'which dye is spotted',
    measures: 'distances of spots and solvent front from the pencil line',
    keeps: ['one sheet of paper, one solvent, one jar', 'spots of the same size', 'room temperature'],
    chosen: [
      {
        says: `let the front run ${front} mm`,
        because: `half a millimetre is then ${figures(PLACED / front, 2)} in Rf, and ${apart} can be told apart`,
      },
      { says: `paper ${width} mm wide`, because: `${known.length + 1} spots ${APART} mm apart, and the same at either edge` },
      { says: 'a pencil line 15 mm from the edge', because: 'the solvent stands 10 mm deep and must not reach the spots' },
    ],
    materials: ['W is a mixture of dyes.'],
    method: [
      'Draw a pencil line 15 mm from the edge of the chromatography paper.',
      `Put small spots of ${list} as references and of W on the line, and let them dry.`,
      `Stand the paper in a jar with 10 mm of ${values.solvent === 'ethanol' ? 'ethanol and water' : 'salt solution'} and cover it.`,
      `Take it out when the front has run ${front} mm, mark the front at once and let the paper dry.`,
      'Measure to the middle of each spot, in mm.',
    ],
    table: ['spot', 'distance / mm', 'front / mm', 'Rf'],
    asks: ['Work out the Rf of every spot.', 'Which dyes are in W?'],
    answers: 'Spots of W with the Rf and the colour of a reference are that dye; in a second solvent they should agree, too.',
    repeats: 'Once more on another sheet; Rf values of one dye should agree within 0.02.',
    cautions: ['No flame near the solvent; lid on the jar.'],
    unsure: [
      { says: 'middle of a spot half-way up, to half a millimetre', percent: (PLACED / (front / 2)) * 100 },
      { says: 'front, to half a millimetre', percent: (PLACED / front) * 100 },
    ],
    expected: {},
  }
}

/** Dyes by their Rf. */
export const CHROMATOGRAPHY: Investigation = {
  id: 'chromatography',
  title: 'Chromatography',
  says: 'Which dyes are in a mixture?',
  asks: [
    { kind: 'list', name: 'known', says: 'Known dyes', usual: 'saffron, beet, woad', least: 1, most: 8 },
    {
      kind: 'choice',
      name: 'solvent',
      says: 'Solvent',
      choices: [
        { value: 'salt', says: 'salt solution' },
        { value: 'ethanol', says: 'ethanol and water' },
      ],
      usual: 'salt',
    },
    { kind: 'number', name: 'apart', says: 'Rf values to be told apart by', unit: '', usual: '0.03', least: 0.005, most: 0.5 },
  ],
  plan,
}
