import type { Investigation, Plan } from '../investigation.ts'

/** Tests on fresh portions, the most telling first (common practice). */
const TESTS = [
  'Add aqueous sodium hydroxide, drop by drop, until it is in excess, then warm gently and test the gas with damp red litmus paper.',
  'Add aqueous ammonia, drop by drop, until it is in excess.',
  'Add dilute nitric acid and then a few drops of aqueous silver nitrate.',
  'Add dilute hydrochloric acid and then a few drops of aqueous barium chloride.',
  'Add dilute hydrochloric acid and test the gas with limewater.',
]

function plan(values: Readonly<Record<string, string>>): Plan {
  const isSolid = values.form === 'solid'
  const tests = isSolid
    ? ['Heat a spatula measure of X in a dry test-tube, and test the gas with damp blue litmus paper.', ...TESTS]
    : TESTS
  return {
    title: 'An unknown',
    question: 'Which cation and which anion are in X?',
    changes: 'the reagent',
    measures: 'colour, precipitate in drops and in excess, gas and its test',
    keeps: ['a fresh 1 cm depth for every test', 'a few drops first, then excess', 'clean tubes and droppers'],
    chosen: [
      {
        says: `${tests.length} tests`,
        because: 'two alkalis for the cation, an acid before silver and barium for the anion, an acid for a gas',
      },
      { says: 'a fresh portion each', because: 'what one reagent brings in would disturb the next' },
      {
        says: 'nitric acid before silver, hydrochloric before barium',
        because: 'they take carbonate away, and bring in nothing that is tested for',
      },
    ],
    materials: [
      isSolid
        ? 'X is a solid that contains one cation and one anion.'
        : 'X is a solution that contains one cation and one anion.',
    ],
    method: [
      ...(isSolid ? [] : ['Use a fresh 1 cm depth of X in a test-tube for each test.']),
      ...(isSolid
        ? [
            `Test 1: ${tests[0]}`,
            'Dissolve the rest of X in 20 cm3 of distilled water and use portions of this solution for the tests that follow.',
          ]
        : []),
      ...TESTS.map((test, index) => `Test ${index + (isSolid ? 2 : 1)}: ${test}`),
    ],
    table: ['test', 'observations', 'conclusions'],
    asks: ['Identify the ions in X, with the evidence for each.'],
    answers: 'Each ion is named with two observations that agree, and what they rule out.',
    repeats: 'A doubtful test once more on a fresh portion, beside a known sample.',
    cautions: ['Eye protection; hot alkali blinds.', 'Silver and barium into their own waste; gases are wafted, never inhaled.'],
    expected: {},
  }
}

/** Ions of an unknown. */
export const IDENTIFICATION: Investigation = {
  id: 'identification',
  title: 'Identification',
  says: 'What is in an unknown?',
  asks: [
    {
      kind: 'choice',
      name: 'form',
      says: 'The unknown',
      choices: [
        { value: 'solution', says: 'a solution' },
        { value: 'solid', says: 'a solid' },
      ],
      usual: 'solution',
    },
  ],
  plan,
}
