import { taskId } from './identity.ts'
import { DEFAULT_CONVENTIONS, type PartOf, type Task } from './types.ts'
import { TASK_FORMAT, TASK_VERSION } from './version.ts'

type Content = Pick<Task, 'materials' | 'parts' | 'questions'>

export type StartingSheet =
  | 'weigh-titrate'
  | 'direct'
  | 'back'
  | 'standardise'
  | 'heating'
  | 'temperature'
  | 'gas'
  | 'unknowns'
  | 'chromatogram'
  | 'empty'

interface Sheet {
  readonly name: string
  readonly says: string
  readonly content: Content
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

/** What a new task can start from: the usual shapes of a titration task, to be filled in. */
export const STARTING_SHEETS: Readonly<Record<StartingSheet, Sheet>> = {
  'weigh-titrate': {
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
    name: 'Direct titration',
    says: 'Portions of one solution are titrated with another.',
    content: {
      materials: [solution('F1'), solution('F2')],
      parts: [titration('F1', portion('F2'), ROUGH_FIRST)],
      questions: [],
    },
  },
  standardise: {
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
    name: 'Heating to constant mass',
    says: 'A solid is heated, cooled and weighed until two masses agree.',
    content: {
      materials: [solid('S')],
      parts: [{ id: 'h1', kind: 'heating', of: 'S', masses: [], lost: 'H2O' }],
      questions: [],
    },
  },
  temperature: {
    name: 'Temperature run',
    says: 'Temperature after each portion; two lines cross where one has neutralised the other.',
    content: {
      materials: [solution('A'), solution('B')],
      parts: [
        {
          id: 'm1',
          kind: 'series',
          x: { name: 'volume added', unit: 'cm3' },
          y: { name: 'temperature', unit: '°C', step: '0.5' },
          points: [],
          reading: 'two-lines',
        },
      ],
      questions: [{ id: 'q1', find: { quantity: 'crossing', in: 'm1' } }],
    },
  },
  gas: {
    name: 'Gas volume run',
    says: 'Volume of gas by time; the tangent where the curve begins is the initial rate.',
    content: {
      materials: [],
      parts: [
        {
          id: 'm1',
          kind: 'series',
          x: { name: 'time', unit: 's', step: '1' },
          y: { name: 'volume of gas', unit: 'cm3', step: '1' },
          points: [],
          reading: 'curve',
        },
      ],
      questions: [{ id: 'q1', find: { quantity: 'gradient', in: 'm1' } }],
    },
  },
  unknowns: {
    name: 'Unknowns',
    says: 'Samples in test tubes: what was done and seen, and which ions that shows.',
    content: {
      materials: [solution('P')],
      parts: [{ id: 'r1', kind: 'rack', title: 'Tubes', samples: [{ material: 'P', tubes: [] }] }],
      questions: [{ id: 'q1', find: { quantity: 'ions', in: 'P' } }],
    },
  },
  chromatogram: {
    name: 'Chromatogram',
    says: 'Spots and front measured on the paper, Rf, and which references they match.',
    content: { materials: [], parts: [{ id: 'c1', kind: 'chromatogram', spots: [] }], questions: [] },
  },
  empty: {
    name: 'Empty sheet',
    says: 'Nothing yet: add each part as you come to it.',
    content: { materials: [], parts: [], questions: [] },
  },
}

/**
 * A new task from a starting sheet.
 *
 * @param random - where its id comes from: numbers from 0 up to 1
 */
export function newTask(title: string, sheet: StartingSheet, random: () => number): Task {
  return {
    format: TASK_FORMAT,
    version: TASK_VERSION,
    id: taskId(random),
    title,
    conventions: DEFAULT_CONVENTIONS,
    ...STARTING_SHEETS[sheet].content,
  }
}
