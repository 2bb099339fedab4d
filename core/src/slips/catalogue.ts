import type { Exact } from '../number/index.ts'

/** Which readings a slip moves. A slip that changes what is in a flask moves the titre that is then run in. */
type Moves = 'with sample' | 'with residue' | 'titre' | 'flaskVolume' | 'after heating' | 'series' | 'nothing'

/** What a slip needs to know of where it happens. */
export interface Setting {
  /** How large the slip is, in its unit. */
  readonly size: Exact
  /** Volume of the portion in the conical flask, cm³. */
  readonly aliquot?: Exact | undefined
  /** Volume of the volumetric flask the portion came from, cm³. */
  readonly flask?: Exact | undefined
  /** The rough titre, cm³, and how many titres are in the mean. */
  readonly rough?: Exact | undefined
  readonly runs?: number | undefined
  /** What the wrong indicator would make of the titre, as a part of it; by the equilibria of what reacts. */
  readonly shift?: number | undefined
  /** For a series: the height at which it begins, and whether this number is a gradient, not a height. */
  readonly start?: Exact | undefined
  readonly gradient?: boolean
}

/** One slip of the bench: where it can happen, how large it usually is, and what it does to a reading. */
export interface Slip {
  readonly id: string
  /** What happened, to follow "What if …". */
  readonly says: string
  readonly moves: Moves
  /** The usual size; undefined where a slip has none. */
  readonly size?: { readonly usual: string; readonly unit: 'g' | 'cm³' | '%' }
  /** When it can happen at all. */
  readonly needs?: readonly ('aliquot' | 'flask' | 'rough' | 'pipette' | 'iron' | 'manganate' | 'several' | 'shift')[]
  /** It can happen in one run and not in the next, so it can set two titres apart. */
  readonly inOneRun?: true
  /** Lines of the checklist before the first run that keep it away once they are ticked. */
  readonly keptAwayBy?: RegExp
  /** The reading as it is recorded when the slip has happened. */
  readonly apply?: (reading: Exact, setting: Setting) => Exact
  /** Why, in a sentence: how the reading comes to be moved, or why nothing is. */
  readonly because: string
}

const less = (part: Exact) => part.div(-100).add(1)

/**
 * Slips of weighing, making up and titrating (common practice). None knows any question: each only moves a reading,
 * and the network of the task says what follows.
 */
export const SLIPS: readonly Slip[] = [
  {
    id: 'lid-second',
    says: 'the lid was left off at the second weighing',
    moves: 'with residue',
    size: { usual: '2.10', unit: 'g' },
    apply: (mass, { size }) => mass.sub(size),
    because: 'The second mass lacks the lid, so more seems to have been tipped out.',
  },
  {
    id: 'lid-first',
    says: 'the lid was left off at the first weighing',
    moves: 'with sample',
    size: { usual: '2.10', unit: 'g' },
    apply: (mass, { size }) => mass.sub(size),
    because: 'The first mass lacks the lid, so less seems to have been tipped out.',
  },
  {
    id: 'residue',
    says: 'what stayed in the container was not weighed back',
    moves: 'with residue',
    size: { usual: '0.05', unit: 'g' },
    apply: (mass, { size }) => mass.sub(size),
    because: 'The residue counts as taken although it never reached the beaker.',
  },
  {
    id: 'damp',
    says: 'the sample was damp',
    moves: 'titre',
    needs: ['flask'],
    size: { usual: '2', unit: '%' },
    apply: (titre, { size }) => titre.mul(less(size)),
    because: 'Part of the mass weighed was water, so there was less to react.',
  },
  {
    id: 'spilled',
    says: 'some was spilled after weighing',
    moves: 'titre',
    needs: ['flask'],
    size: { usual: '2', unit: '%' },
    apply: (titre, { size }) => titre.mul(less(size)),
    because: 'Not all that was weighed reached the flask.',
  },
  {
    id: 'not-rinsed',
    says: 'the beaker was not rinsed into the flask',
    moves: 'titre',
    needs: ['flask'],
    size: { usual: '1', unit: '%' },
    apply: (titre, { size }) => titre.mul(less(size)),
    because: 'Some of the solution stayed in the beaker.',
  },
  {
    id: 'overfilled',
    says: 'the volumetric flask was filled past the mark',
    moves: 'titre',
    needs: ['flask'],
    size: { usual: '1.0', unit: 'cm³' },
    apply: (titre, { size, flask }) => (flask ? titre.mul(flask).div(flask.add(size)) : titre),
    because: 'The solution is weaker than the flask says, so each portion takes less.',
  },
  {
    id: 'underfilled',
    says: 'the volumetric flask was not filled to the mark',
    moves: 'titre',
    needs: ['flask'],
    size: { usual: '1.0', unit: 'cm³' },
    apply: (titre, { size, flask }) => (flask ? titre.mul(flask).div(flask.sub(size)) : titre),
    because: 'The solution is stronger than the flask says, so each portion takes more.',
  },
  {
    id: 'aliquot-factor',
    says: 'the factor from portion to flask was forgotten',
    moves: 'flaskVolume',
    needs: ['flask', 'aliquot'],
    apply: (volume, { aliquot }) => aliquot ?? volume,
    because: 'The amount in the portion is taken for the amount in the whole flask.',
  },
  {
    id: 'burette-water',
    keptAwayBy: /^burette-rinsed$/,
    says: 'the burette was rinsed with water only',
    moves: 'titre',
    size: { usual: '1', unit: '%' },
    apply: (titre, { size }) => titre.div(less(size)),
    because: 'Water left in the burette weakens its solution, so more of it is run in.',
  },
  {
    id: 'bubble',
    keptAwayBy: /^jet-full$/,
    says: 'a bubble left the jet during the run',
    moves: 'titre',
    inOneRun: true,
    size: { usual: '0.20', unit: 'cm³' },
    apply: (titre, { size }) => titre.add(size),
    because: 'Liquid filled the jet instead of reaching the flask, but the scale counts it.',
  },
  {
    id: 'funnel',
    keptAwayBy: /^burette-filled$/,
    says: 'the funnel was left in and dripped',
    moves: 'titre',
    inOneRun: true,
    size: { usual: '0.10', unit: 'cm³' },
    apply: (titre, { size }) => titre.sub(size),
    because: 'What drips in raises the level, so less seems to have been run out.',
  },
  {
    id: 'overshot',
    says: 'the end-point was overshot',
    moves: 'titre',
    inOneRun: true,
    size: { usual: '0.30', unit: 'cm³' },
    apply: (titre, { size }) => titre.add(size),
    because: 'More was run in than was needed.',
  },
  {
    id: 'meniscus-both',
    says: 'both readings were taken at the wrong edge of the meniscus',
    moves: 'nothing',
    because: 'Both readings are off by the same, and their difference is not.',
  },
  {
    id: 'meniscus-final',
    keptAwayBy: /^read-level$/,
    says: 'only the final reading was taken at the top edge',
    moves: 'titre',
    inOneRun: true,
    size: { usual: '0.10', unit: 'cm³' },
    apply: (titre, { size }) => titre.sub(size),
    because: 'The top edge lies higher on a scale that runs downwards, so the final reading is too small.',
  },
  {
    id: 'parallax',
    keptAwayBy: /^read-level$/,
    says: 'the final reading was taken from above',
    moves: 'titre',
    inOneRun: true,
    size: { usual: '0.10', unit: 'cm³' },
    apply: (titre, { size }) => titre.sub(size),
    because: 'Seen from above, the level falls on a smaller reading further up the scale.',
  },
  {
    id: 'rough-in-mean',
    says: 'the rough titre was taken into the mean',
    moves: 'titre',
    needs: ['rough'],
    apply: (titre, { rough, runs = 1 }) =>
      rough
        ? titre
            .mul(runs)
            .add(rough)
            .div(runs + 1)
        : titre,
    because: 'A rough run overshoots, and pulls the mean with it.',
  },
  {
    id: 'pipette-water',
    keptAwayBy: /^pipette-\d+-rinsed$/,
    says: 'the pipette was rinsed with water only',
    moves: 'titre',
    inOneRun: true,
    needs: ['pipette'],
    size: { usual: '1', unit: '%' },
    apply: (titre, { size }) => titre.mul(less(size)),
    because: 'Water left in the pipette takes the place of some of the solution.',
  },
  {
    id: 'blown-out',
    keptAwayBy: /^pipette-\d+-drained$/,
    says: 'the last drop was blown out of the pipette',
    moves: 'titre',
    inOneRun: true,
    needs: ['pipette', 'aliquot'],
    size: { usual: '0.03', unit: 'cm³' },
    apply: (titre, { size, aliquot }) => (aliquot ? titre.mul(aliquot.add(size)).div(aliquot) : titre),
    because: 'A pipette is made to keep its last drop; with it, the portion is larger.',
  },
  {
    id: 'flask-rinsed-sample',
    keptAwayBy: /^flask-water$/,
    says: 'the conical flask was rinsed with the solution to be titrated',
    moves: 'titre',
    inOneRun: true,
    needs: ['aliquot'],
    size: { usual: '0.50', unit: 'cm³' },
    apply: (titre, { size, aliquot }) => (aliquot ? titre.mul(aliquot.add(size)).div(aliquot) : titre),
    because: 'What clings to the flask is titrated with the portion.',
  },
  {
    id: 'flask-wet',
    says: 'the conical flask was wet with water',
    moves: 'nothing',
    because: 'Water changes the concentration in the flask but not the amount, and the amount is what is titrated.',
  },
  {
    id: 'water-added',
    says: 'water was added during the titration',
    moves: 'nothing',
    because: 'The amount in the flask stays the same, so the titre does.',
  },
  {
    id: 'oxidised',
    says: 'some iron(II) was oxidised by air',
    moves: 'titre',
    inOneRun: true,
    needs: ['iron'],
    size: { usual: '2', unit: '%' },
    apply: (titre, { size }) => titre.mul(less(size)),
    because: 'Iron(III) does not react, so less is run in.',
  },
  {
    id: 'little-acid',
    says: 'there was not enough acid and some brown solid formed',
    moves: 'titre',
    inOneRun: true,
    needs: ['manganate'],
    size: { usual: '5', unit: '%' },
    apply: (titre, { size }) => titre.mul(size.div(100).mul(2).div(3).add(1)),
    because:
      'Manganate(VII) that stops at brown manganese(IV) oxide takes up three electrons instead of five, so more of it is needed.',
  },
  {
    id: 'chloride-acid',
    says: 'hydrochloric acid was used for the sulfuric acid',
    moves: 'titre',
    needs: ['manganate'],
    size: { usual: '0.40', unit: 'cm³' },
    apply: (titre, { size }) => titre.add(size),
    because: 'Manganate(VII) also oxidises chloride, and more of it is used.',
  },
  {
    id: 'not-constant',
    says: 'heating was stopped before constant mass',
    moves: 'after heating',
    size: { usual: '0.05', unit: 'g' },
    apply: (mass, { size }) => mass.add(size),
    because: 'Some of what heat drives off was still there at the last weighing.',
  },
  {
    id: 'not-mixed',
    says: 'the volumetric flask was not turned over to mix it, and the portion came from the top',
    moves: 'titre',
    inOneRun: true,
    needs: ['flask'],
    size: { usual: '3', unit: '%' },
    apply: (titre, { size }) => titre.mul(less(size)),
    because: 'The strong solution lies at the bottom, so the portion from above holds less; one from the bottom would hold more.',
  },
  {
    id: 'swapped',
    says: 'the two readings of one run were swapped when they were subtracted',
    moves: 'titre',
    needs: ['several'],
    apply: (titre, { runs = 1 }) => titre.mul(runs - 2).div(runs),
    because: 'That titre counts as negative and takes as much off the sum as it should have added.',
  },
  {
    id: 'cylinder',
    says: 'a measuring cylinder was used for the pipette',
    moves: 'nothing',
    needs: ['pipette', 'aliquot'],
    because:
      'The portion may come out too large or too small by half a division, so there is no push to one side; but the answer is much less sure (see How sure).',
  },
  {
    id: 'heat-lost',
    says: 'heat was lost to the beaker and the air',
    moves: 'series',
    size: { usual: '10', unit: '%' },
    apply: (value, { size, start, gradient }) => {
      const kept = less(size)
      return gradient || !start ? value.mul(kept) : start.add(value.sub(start).mul(kept))
    },
    because:
      'Every rise above the beginning is smaller by the same part: both lines are flatter, but they cross at the same volume.',
  },
  {
    id: 'wrong-indicator',
    says: 'the wrong indicator was used',
    moves: 'titre',
    needs: ['shift'],
    apply: (titre, { shift = 1 }) => titre.mul(shift),
    because: 'It changes at another pH than the one at which as much has been added as there was to react.',
  },
]
