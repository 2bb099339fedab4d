import type { PartOf, Sample, Task } from '../../record/index.ts'
import { demo } from './demo.ts'

type Change = (task: Task) => void

/** The parts of a kind in a draft. */
export function partsOf<Kind extends Task['parts'][number]['kind']>(task: Task, kind: Kind): readonly PartOf<Kind>[] {
  return task.parts.filter((part): part is PartOf<Kind> => part.kind === kind)
}
export const first = <Item>(items: readonly Item[]): Item => {
  const [item] = items
  if (item === undefined) throw new Error('The demo task has nothing of the kind.')
  return item
}

const titration = (task: Task) => first(partsOf(task, 'titration'))
const series = (task: Task) => first(partsOf(task, 'series'))
const sampleOf = (task: Task, material: string): Sample =>
  first(first(partsOf(task, 'rack')).samples.filter((sample) => sample.material === material))
const run = (task: Task, id: string) => first(titration(task).runs.filter((one) => one.id === id))

/** Four jars as they should be handed in: every step seen, every jar concluded with its evidence. */
const jarsDone: Change = (task) => {
  const conclusions: Readonly<Record<string, string>> = {
    H: 'Jar H contains ammonium ions: on warming with sodium hydroxide the gas turned damp red litmus blue.',
    K: 'Jar K contains chromium(III) ions: grey-green precipitate with sodium hydroxide, soluble in excess.',
    'K-yellow': 'The yellow solution contains chromate(VI): yellow precipitate with lead(II) nitrate.',
    L: 'Jar L is zinc carbonate: it gave a gas that turned limewater milky and was yellow when hot.',
  }
  for (const sample of first(partsOf(task, 'rack')).samples) {
    sample.conclusion ??= conclusions[sample.material] ?? 'Nothing.'
    for (const { steps } of sample.tubes) for (const step of steps) step.saw ??= 'white precipitate'
  }
}

/** A record with one fault planted in it, and the code it must be found by. */
export interface Planted {
  readonly says: string
  readonly base: string
  readonly plant: Change
  readonly code: RegExp
}

const jars =
  (change: Change): Change =>
  (task) => {
    jarsDone(task)
    change(task)
  }

/** Thirty faults, each planted in a record that is right without it. Invented for this test. */
export const PLANTED: readonly Planted[] = [
  {
    says: 'a burette reading with one decimal',
    base: 'iron-in-lawn-sand',
    code: /decimals/,
    plant: (t) => void Object.assign(run(t, 'run1'), { final: '21.0' }),
  },
  {
    says: 'a start written as 0',
    base: 'copper-in-verdigris',
    code: /decimals/,
    plant: (t) => void Object.assign(first(titration(t).runs), { initial: '0' }),
  },
  {
    says: 'a mass with fewer decimals',
    base: 'iron-in-lawn-sand',
    code: /decimals/,
    plant: (t) => void Object.assign(first(partsOf(t, 'weighing')), { withSample: '31.5' }),
  },
  {
    says: 'a mass of a heating with fewer decimals',
    base: 'water-in-washing-soda',
    code: /decimals/,
    plant: (t) => void Object.assign(first(first(partsOf(t, 'heating')).masses), { mass: '29.9' }),
  },
  {
    says: 'a temperature without its half division',
    base: 'kiln-wash-alkali',
    code: /decimals/,
    plant: (t) => void series(t).points.map((p, i) => (i === 2 ? Object.assign(p, { y: '23' }) : p)),
  },
  {
    says: 'a distance with other decimals',
    base: 'dyes-of-lichen-inks',
    code: /decimals/,
    plant: (t) => void Object.assign(first(partsOf(t, 'chromatogram')), { front: '9' }),
  },
  {
    says: 'an axis without unit',
    base: 'kiln-wash-alkali',
    code: /headingUnit/,
    plant: (t) => void Object.assign(series(t).y, { unit: '' }),
  },
  {
    says: 'a volume axis without unit',
    base: 'kiln-wash-alkali',
    code: /headingUnit/,
    plant: (t) => void Object.assign(series(t).x, { unit: ' ' }),
  },
  {
    says: 'a time axis without unit',
    base: 'shell-and-acid',
    code: /headingUnit/,
    plant: (t) => void Object.assign(series(t).x, { unit: '' }),
  },
  {
    says: 'an axis without quantity',
    base: 'kiln-wash-alkali',
    code: /headingMissing/,
    plant: (t) => void Object.assign(series(t).x, { name: '' }),
  },
  {
    says: 'titres that do not agree',
    base: 'copper-in-verdigris',
    code: /noneAgree/,
    plant: (t) => void Object.assign(first(titration(t).runs.filter(({ kind }) => kind === 'accurate')), { final: '40.05' }),
  },
  {
    says: 'one accurate run',
    base: 'iron-in-lawn-sand',
    code: /oneRun/,
    plant: (t) => void Object.assign(titration(t), { runs: titration(t).runs.slice(0, 2) }),
  },
  {
    says: 'a rough titre in the mean',
    base: 'iron-in-lawn-sand',
    code: /roughInMean/,
    plant: (t) => void Object.assign(run(t, 'rough1'), { use: 'yes', why: 'it agreed' }),
  },
  {
    says: 'a run left out without a reason',
    base: 'iron-in-lawn-sand',
    code: /choiceNeedsReason/,
    plant: (t) => void Object.assign(run(t, 'run2'), { use: 'no' }),
  },
  {
    says: 'readings swapped',
    base: 'iron-in-lawn-sand',
    code: /finalAboveInitial/,
    plant: (t) => void Object.assign(run(t, 'run1'), { initial: '21.05', final: '0.40' }),
  },
  {
    says: 'an answer of one figure',
    base: 'iron-in-lawn-sand',
    code: /fewFigures/,
    plant: (t) => void Object.assign(t.questions[1] ?? {}, { figures: 1 }),
  },
  {
    says: 'an answer of seven figures',
    base: 'iron-in-lawn-sand',
    code: /manyFigures/,
    plant: (t) => void Object.assign(t.questions[1] ?? {}, { figures: 7 }),
  },
  {
    says: 'an answer that is missing',
    base: 'iron-in-lawn-sand',
    code: /noAnswer/,
    plant: (t) => void delete first(partsOf(t, 'weighing')).withResidue,
  },
  {
    says: 'a number without unit in an answer',
    base: 'iron-in-lawn-sand',
    code: /unitMissing/,
    plant: (t) => void Object.assign(t.questions[2] ?? {}, { answer: 'The mean titre was 20.68, and the first drop shows.' }),
  },
  {
    says: 'a number without unit in the report',
    base: 'iron-in-lawn-sand',
    code: /unitMissing/,
    plant: (t) =>
      void Object.assign(t, {
        writeup: { sentences: [{ id: 'method own 1', text: 'The mass of sand was 4.74 and it was dry.' }] },
      }),
  },
  {
    says: '"clear" for colourless',
    base: 'four-jars',
    code: /wording\.clear/,
    plant: jars((t) => void Object.assign(first(first(sampleOf(t, 'G').tubes).steps), { saw: 'goes clear' })),
  },
  {
    says: 'dry litmus',
    base: 'four-jars',
    code: /wording\.dryLitmus/,
    plant: jars(
      (t) =>
        void Object.assign(sampleOf(t, 'H').tubes[0]?.steps[2] ?? {}, {
          reagent: undefined,
          saw: 'gas turned red litmus paper blue',
        }),
    ),
  },
  {
    says: 'a conclusion for an observation',
    base: 'four-jars',
    code: /wording\.conclusion/,
    plant: jars((t) => void Object.assign(first(first(sampleOf(t, 'L').tubes).steps), { saw: 'carbon dioxide given off' })),
  },
  {
    says: 'nothing happened',
    base: 'four-jars',
    code: /wording\.nothing/,
    plant: jars((t) => void Object.assign(first(first(sampleOf(t, 'G').tubes).steps), { saw: 'nothing happened' })),
  },
  {
    says: 'a precipitate without colour',
    base: 'four-jars',
    code: /wording\.colourMissing/,
    plant: jars((t) => void Object.assign(first(first(sampleOf(t, 'G').tubes).steps), { saw: 'precipitate' })),
  },
  {
    says: 'a step without observation',
    base: 'four-jars',
    code: /noObservation/,
    plant: jars((t) => void delete first(first(sampleOf(t, 'G').tubes).steps).saw),
  },
  {
    says: 'a jar without conclusion',
    base: 'four-jars',
    code: /noConclusion/,
    plant: jars((t) => void delete sampleOf(t, 'L').conclusion),
  },
  {
    says: 'a conclusion without evidence',
    base: 'four-jars',
    code: /noEvidence/,
    plant: jars((t) => void Object.assign(sampleOf(t, 'L'), { conclusion: 'Zinc ions and carbonate ions.' })),
  },
  {
    says: 'chlorine for chloride',
    base: 'four-jars',
    code: /conclusion\.halogen/,
    plant: jars(
      (t) =>
        void Object.assign(sampleOf(t, 'G'), {
          conclusion: 'Jar G contains nickel(II) ions and chlorine ions: white precipitate with silver nitrate.',
        }),
    ),
  },
  {
    says: 'a graph that fills little of the paper',
    base: 'copper-in-the-roof-water',
    code: /graphSmall/,
    plant: (t) => void Object.assign(first(first(series(t).unknowns ?? []).readings), { y: '3.500' }),
  },
]

/** Thirty records that are right: the bases, and what is right in other words or another way. */
export const CLEAN: readonly (readonly [says: string, base: string, change: Change])[] = [
  ...[
    'alkali-of-the-wash-house',
    'chalk-by-its-gas',
    'chalk-in-oyster-shell',
    'clock-in-the-cold-store',
    'copper-in-the-roof-water',
    'copper-in-verdigris',
    'dyes-of-lichen-inks',
    'ester-of-the-orchard',
    'hardness-of-the-well',
    'heat-of-orchard-acid',
    'iron-in-lawn-sand',
    'kiln-wash-alkali',
    'limewater-in-three-waters',
    'shell-and-acid',
    'sourness-of-the-cellar-cider',
    'sulfate-in-glaze-salt',
    'two-vinegars-of-the-ferry',
    'vitamin-c-in-ferry-lozenges',
    'water-in-washing-soda',
  ].map((name) => [`as it is: ${name}`, name, () => {}] as const),
  ['all jars concluded', 'four-jars', jarsDone],
  [
    'a start below nought on the scale',
    'iron-in-lawn-sand',
    (t) => void Object.assign(run(t, 'rough1'), { initial: '1.20', final: '22.50' }),
  ],
  [
    'a run left out with a reason',
    'iron-in-lawn-sand',
    (t) => void Object.assign(run(t, 'run2'), { use: 'no', why: 'overshot: deep pink' }),
  ],
  ['a quantity without unit, as a pH', 'sourness-of-the-cellar-cider', (t) => void Object.assign(series(t).y, { unit: '' })],
  ['an absorbance', 'copper-in-the-roof-water', (t) => void Object.assign(series(t).y, { unit: '' })],
  [
    'an answer with its unit written otherwise',
    'iron-in-lawn-sand',
    (t) =>
      void Object.assign(t.questions[2] ?? {}, {
        answer: 'The mean titre was 20.68 cm3; the mass was 4.74 g. The first drop too much shows.',
      }),
  ],
  [
    'a number that counts',
    'iron-in-lawn-sand',
    (t) =>
      void Object.assign(t, {
        writeup: {
          sentences: [{ id: 'method own 1', text: 'The volume of 3 drops was added twice; the time was 30 s.' }],
        },
      }),
  ],
  [
    'clear limewater, which is right',
    'four-jars',
    jars(
      (t) =>
        void Object.assign(first(first(sampleOf(t, 'L').tubes).steps), {
          saw: 'limewater stayed clear; solid turned yellow when hot',
        }),
    ),
  ],
  [
    'no visible change',
    'four-jars',
    jars((t) => void Object.assign(first(first(sampleOf(t, 'G').tubes).steps), { saw: 'no visible change' })),
  ],
  [
    'a conclusion that quotes its tests by number',
    'four-jars',
    jars((t) => void Object.assign(sampleOf(t, 'L'), { conclusion: 'Zinc and carbonate, by L1.1 and L1.2' })),
  ],
  ['readings in whole numbers throughout', 'shell-and-acid', () => {}],
]

/** A clean record or a faulty one, made. */
export const record = (base: string, change: Change): Task => demo(base, change)
