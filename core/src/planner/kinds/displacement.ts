import type { Investigation, Plan } from '../investigation.ts'

interface Metal {
  readonly name: string
  readonly salt: string
}
const METALS: Readonly<Record<string, Metal>> = {
  magnesium: { name: 'magnesium', salt: 'magnesium sulfate' },
  zinc: { name: 'zinc', salt: 'zinc sulfate' },
  iron: { name: 'iron', salt: 'iron(II) sulfate' },
  copper: { name: 'copper', salt: 'copper(II) sulfate' },
}
const SETS = { four: ['magnesium', 'zinc', 'iron', 'copper'], three: ['zinc', 'iron', 'copper'] } as const

function plan(values: Readonly<Record<string, string>>): Plan {
  const metals = SETS[values.metals as keyof typeof SETS].map((name) => METALS[name] as Metal)
  const labels = metals.map((_, index) => `S${index + 1}`)
  const tests = metals.length * metals.length
  return {
    title: 'Metals in order',
    question: 'In which order do the metals displace one another from solutions of their salts?',
    changes: 'metal and solution',
    measures: 'what is seen in each tube after five minutes: a coating, a colour that fades, nothing',
    keeps: ['1 cm depth of solution', '0.5 mol dm-3 solutions', 'pieces of one size, rubbed bright', 'five minutes'],
    chosen: [
      {
        says: `${tests} tubes`,
        because: `each of ${metals.length} metals in each of ${metals.length} solutions; its own salt shows what no reaction looks like`,
      },
      { says: 'bright pieces', because: 'a film of oxide keeps a metal from reacting' },
      { says: 'five minutes', because: 'a coating of iron shows slowly' },
    ],
    materials: metals.map(({ salt }, index) => `${labels[index]} is aqueous ${salt}, a solution.`),
    method: [
      `Do each test on 1 cm depth of ${labels.slice(0, -1).join(', ')} and ${labels.at(-1)} in separate test-tubes.`,
      ...metals.map(({ name }, index) => `Test ${index + 1}: Add a piece of ${name} and leave for 5 minutes.`),
    ],
    table: ['metal', ...labels.map((label) => `seen with ${label}`)],
    asks: ['Write the order of reactivity, with the observation that puts each metal in its place.'],
    answers:
      'A metal that is coated by another in that other’s solution stands above it; the one that displaces all others stands first.',
    repeats: 'Each doubtful tube once more with a freshly rubbed piece.',
    cautions: [
      'Eye protection; copper and zinc salts are harmful, none on the skin.',
      'No metal more reactive than magnesium: those react with the water.',
    ],
    expected: {},
  }
}

/** The order of metals by displacement. */
export const DISPLACEMENT: Investigation = {
  id: 'displacement',
  title: 'Displacement',
  says: 'Which metal is more reactive?',
  asks: [
    {
      kind: 'choice',
      name: 'metals',
      says: 'Metals',
      choices: [
        { value: 'four', says: 'magnesium, zinc, iron, copper' },
        { value: 'three', says: 'zinc, iron, copper' },
      ],
      usual: 'four',
    },
  ],
  plan,
}
