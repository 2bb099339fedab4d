import { taskId } from './identity.ts'
import { STARTING_SERIES } from './startingSeries.ts'
import { STARTING_SUMS } from './startingSums.ts'
import { STARTING_TEXTS } from './startingTexts.ts'
import { DEFAULT_CONVENTIONS, type PartOf, type Task } from './types.ts'
import { TASK_FORMAT, TASK_VERSION } from './version.ts'

type Content = Pick<Task, 'materials' | 'parts' | 'questions'>

export type StartingSheet =
  | 'weigh-titrate'
  | 'direct'
  | 'back'
  | 'standardise'
  | 'heating'
  | keyof typeof STARTING_SUMS
  | keyof typeof STARTING_SERIES
  | 'unknowns'
  | 'chromatogram'
  | 'empty'

/** Headings that starting sheets stand under. */
export const SHEET_GROUPS = [
  'a sheet of your own',
  'titrations',
  'solids and gases',
  'heat and rates',
  'equilibria and water',
  'graphs and comparisons',
  'tubes and spots',
] as const

interface Sheet {
  readonly group: (typeof SHEET_GROUPS)[number]
  readonly name: string
  readonly says: string
  readonly content: Content
  /** What is done, as a task sheet says it. */
  readonly text?: string
}

const texts: Readonly<Partial<Record<string, string>>> = STARTING_TEXTS
/** A sheet with its text, where it has one. */
const told = (name: string, sheet: Sheet): Sheet => {
  const text = texts[name]
  return text === undefined ? sheet : { ...sheet, text }
}

type Titration = PartOf<'titration'>

const solid = (id: string) => ({ id, label: id, form: 'solid' as const })
const solution = (id: string) => ({ id, label: id, form: 'solution' as const })
const portion = (material: string): Titration['flask'] => [{ material, volume: '25.0', by: 'pipette' }]
const titration = (
  burette: string,
  flask: Titration['flask'],
  runs: Titration['runs'],
  reactions: Titration['reactions'] = [],
): Titration => ({ id: 't1', kind: 'titration', burette, flask, reactions, runs })

const ROUGH_FIRST: Titration['runs'] = [
  { id: 'rough1', kind: 'rough' },
  { id: 'run1', kind: 'accurate' },
]
/** Each flask holds a weighed portion of its own. */
const TWO_WEIGHED: Titration['runs'] = [
  { id: 'run1', kind: 'accurate', weighing: 'w1' },
  { id: 'run2', kind: 'accurate', weighing: 'w2' },
]
const TWO_WEIGHINGS: Task['parts'] = [
  { id: 'w1', kind: 'weighing', of: 'S' },
  { id: 'w2', kind: 'weighing', of: 'S' },
]

/** Nothing but what is asked: each answer is worked out from what is typed and the answers before it. */
const onlySums = (sums: keyof typeof STARTING_SUMS): Content => ({
  materials: [],
  parts: [],
  questions: [...STARTING_SUMS[sums]],
})

const SHEETS: Readonly<Record<StartingSheet, Sheet>> = {
  'weigh-titrate': {
    group: 'titrations',
    name: 'Weigh, make up, titrate',
    says: 'A solid is weighed, made up in a volumetric flask, and portions of it are titrated.',
    content: {
      materials: [solid('F1'), solution('F2'), solution('F3')],
      parts: [
        { id: 'w1', kind: 'weighing', of: 'F1' },
        { id: 's1', kind: 'solution', from: [{ weighing: 'w1' }], flask: '250.0', gives: 'F3' },
        titration('F2', portion('F3'), ROUGH_FIRST),
      ],
      questions: [],
    },
  },
  direct: {
    group: 'titrations',
    name: 'Direct titration',
    says: 'Portions of one solution are titrated with another.',
    content: {
      materials: [solution('F1'), solution('F2')],
      parts: [titration('F1', portion('F2'), ROUGH_FIRST)],
      questions: [],
    },
  },
  standardise: {
    group: 'titrations',
    name: 'Standardisation',
    says: 'A solid of known formula is weighed into each flask; the strength of the solution in the burette is found.',
    content: {
      materials: [
        { id: 'S', label: 'standard', form: 'solid' },
        { id: 'B', label: 'burette solution', form: 'solution' },
      ],
      parts: [...TWO_WEIGHINGS, titration('B', [], TWO_WEIGHED)],
      questions: [],
    },
  },
  back: {
    group: 'titrations',
    name: 'Back titration',
    says: 'A weighed solid is dissolved in a known portion of acid, and what is left over is titrated.',
    content: {
      materials: [solid('S'), { ...solution('A'), solute: 'HCl' }, { ...solution('B'), solute: 'NaOH' }],
      parts: [
        ...TWO_WEIGHINGS,
        titration('B', portion('A'), TWO_WEIGHED, [
          { equation: 'CaCO3 + 2H+ -> Ca2+ + H2O + CO2', role: 'before' },
          { equation: 'H+ + OH- -> H2O', role: 'titration' },
        ]),
      ],
      questions: [],
    },
  },
  heating: {
    group: 'solids and gases',
    name: 'Heating to constant mass',
    says: 'A solid is heated, cooled and weighed until two masses agree.',
    content: {
      materials: [solid('S')],
      parts: [{ id: 'h1', kind: 'heating', of: 'S', masses: [], lost: 'H2O' }],
      questions: [],
    },
  },
  'gas-collected': {
    group: 'solids and gases',
    name: 'Gas collected',
    says: 'The gas of a reaction is collected; its volume tells how much reacted.',
    content: onlySums('gas-collected'),
  },
  precipitate: {
    group: 'solids and gases',
    name: 'Precipitate weighed',
    says: 'An ion is brought down, filtered off, dried and weighed.',
    content: onlySums('precipitate'),
  },
  enthalpy: {
    group: 'heat and rates',
    name: 'Heat of a reaction',
    says: 'Two temperatures, the mass warmed and an amount: heat, and the enthalpy change with its sign.',
    content: onlySums('enthalpy'),
  },
  clock: {
    group: 'heat and rates',
    name: 'Times to a fixed change',
    says: 'How long a cross, a colour or a clock takes at two strengths: rates, and the order.',
    content: onlySums('clock'),
  },
  ester: {
    group: 'equilibria and water',
    name: 'Equilibrium of an ester',
    says: 'Acid and alcohol stand to equilibrium; the acid left gives Kc.',
    content: onlySums('ester'),
  },
  hardness: {
    group: 'equilibria and water',
    name: 'Hardness of water',
    says: 'Total and temporary hardness, and what is left by boiling.',
    content: onlySums('hardness'),
  },
  temperature: {
    group: 'heat and rates',
    name: 'Temperature run',
    says: 'Temperature after each portion; two lines cross where one has neutralised the other.',
    content: STARTING_SERIES.temperature,
  },
  gas: {
    group: 'heat and rates',
    name: 'Gas volume run',
    says: 'Volume of gas by time; the tangent where the curve begins is the initial rate.',
    content: STARTING_SERIES.gas,
  },
  'rate-and-temperature': {
    group: 'heat and rates',
    name: 'Times at several temperatures',
    says: 'How long a fixed change takes; ln(1/t) against 1/T gives the activation energy.',
    content: STARTING_SERIES['rate-and-temperature'],
  },
  'ph-curve': {
    group: 'equilibria and water',
    name: 'pH curve',
    says: 'pH while one runs into the other; the steepest place is the equivalence, half-way is the pKa.',
    content: STARTING_SERIES['ph-curve'],
  },
  calibration: {
    group: 'graphs and comparisons',
    name: 'Calibration',
    says: 'Readings of standards and of an unknown, as with a colorimeter; the line gives its concentration.',
    content: STARTING_SERIES.calibration,
  },
  'solubility-curve': {
    group: 'graphs and comparisons',
    name: 'Solubility curve',
    says: 'How much dissolves at each temperature; read off what falls out on cooling.',
    content: STARTING_SERIES['solubility-curve'],
  },
  comparing: {
    group: 'graphs and comparisons',
    name: 'Two compared',
    says: 'How many times one result is another, and by what percentage they differ.',
    content: onlySums('comparing'),
  },
  unknowns: {
    group: 'tubes and spots',
    name: 'Unknowns',
    says: 'Samples in test tubes: what was done and seen, and which ions that shows.',
    content: {
      materials: [solution('P')],
      parts: [{ id: 'r1', kind: 'rack', title: 'Tubes', samples: [{ material: 'P', tubes: [] }] }],
      questions: [{ id: 'q1', find: { quantity: 'ions', in: 'P' } }],
    },
  },
  chromatogram: {
    group: 'tubes and spots',
    name: 'Chromatogram',
    says: 'Spots and front measured on the paper, Rf, and which references they match.',
    content: { materials: [], parts: [{ id: 'c1', kind: 'chromatogram', spots: [] }], questions: [] },
  },
  empty: {
    group: 'a sheet of your own',
    name: 'Your task sheet',
    says: 'Paste it, or take it from a file: it is read into steps. Or begin with nothing.',
    content: { materials: [], parts: [], questions: [] },
  },
}

/** What a new task can start from: the usual shapes of a task, to be filled in. */
export const STARTING_SHEETS = Object.fromEntries(
  Object.entries(SHEETS).map(([name, sheet]) => [name, told(name, sheet)]),
) as Readonly<Record<StartingSheet, Sheet>>

const TEXTS: ReadonlySet<string> = new Set(Object.values(STARTING_TEXTS))

/** Whether a sheet is still what a starting sheet said. */
export const isStartingText = (text: string): boolean => TEXTS.has(text)

/**
 * A new task from a starting sheet.
 *
 * @param random - where its id comes from: numbers from 0 up to 1
 */
export function newTask(title: string, sheet: StartingSheet, random: () => number): Task {
  const { content, text } = STARTING_SHEETS[sheet]
  return {
    format: TASK_FORMAT,
    version: TASK_VERSION,
    id: taskId(random),
    title,
    conventions: DEFAULT_CONVENTIONS,
    ...(text === undefined ? {} : { brief: { text } }),
    ...content,
  }
}
