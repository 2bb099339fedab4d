import type { TubeStep } from '../tube/index.ts'
import type { SampleForm } from './hypothesis.ts'

/** A test as it is advised. */
export interface AdvisedTest {
  readonly test: string
  readonly steps: readonly TubeStep[]
  /** What to get ready for it. */
  readonly ready: string
  /** What it costs beside alkali added to a fresh portion: time, heat, a bottle that is dear or toxic (judgement). */
  readonly cost: number
  /** Only for a sample that came dry, or dissolved; a dry one is dissolved for the others. */
  readonly only?: SampleForm
  /** Done with a dry sample as it is. */
  readonly dry?: true
  /** Ions of which one has to be thought of, or the test is not: it is long, and tells nothing else. */
  readonly of?: readonly string[]
}

/** A spatula tip in so much water is about as strong as a solution of a jar. */
const DISSOLVE: TubeStep = { do: 'dissolve', reagent: 'H2O(l)', amount: '4 cm3' }

/** Tests that can be advised, each on a fresh portion, the cheapest and safest first. */
export const TESTS: readonly AdvisedTest[] = [
  {
    test: 'sodium hydroxide, drops then excess',
    cost: 1,
    ready: 'a fresh 1 cm³, a dropper of sodium hydroxide',
    steps: [
      { do: 'add', reagent: 'NaOH(aq)', amount: 'drops' },
      { do: 'add', reagent: 'NaOH(aq)', amount: 'excess' },
    ],
  },
  {
    test: 'aqueous ammonia, drops then excess',
    cost: 1,
    ready: 'a fresh 1 cm³, a dropper of ammonia',
    steps: [
      { do: 'add', reagent: 'NH3(aq)', amount: 'drops' },
      { do: 'add', reagent: 'NH3(aq)', amount: 'excess' },
    ],
  },
  {
    test: 'sodium hydroxide, warmed, damp red litmus',
    cost: 1.6,
    ready: 'red litmus already damp, burner lit, tube holder',
    steps: [{ do: 'add', reagent: 'NaOH(aq)', amount: 'excess' }, { do: 'warm' }],
  },
  {
    test: 'dilute hydrochloric acid',
    cost: 1,
    ready: 'limewater in a tube with a dropper beside it',
    steps: [{ do: 'add', reagent: 'HCl(aq)', amount: 'excess' }],
    dry: true,
  },
  {
    test: 'acidified silver nitrate',
    cost: 1.4,
    ready: 'nitric acid, not hydrochloric, which would itself give the precipitate',
    steps: [
      { do: 'add', reagent: 'HNO3(aq)', amount: 'drops' },
      { do: 'add', reagent: 'AgNO3(aq)', amount: 'drops' },
    ],
  },
  {
    test: 'acidified silver nitrate, then excess ammonia',
    cost: 1.7,
    ready: 'nitric acid, not hydrochloric, and ammonia enough to outdo the acid',
    steps: [
      { do: 'add', reagent: 'HNO3(aq)', amount: 'drops' },
      { do: 'add', reagent: 'AgNO3(aq)', amount: 'drops' },
      { do: 'add', reagent: 'NH3(aq)', amount: 'excess' },
    ],
  },
  {
    test: 'acidified barium nitrate',
    cost: 1.3,
    ready: 'nitric acid, not sulfuric, which would itself give the precipitate',
    steps: [
      { do: 'add', reagent: 'HNO3(aq)', amount: 'drops' },
      { do: 'add', reagent: 'Ba(NO3)2(aq)', amount: 'drops' },
    ],
  },
  {
    test: 'barium nitrate, then nitric acid',
    cost: 1.3,
    ready: 'barium nitrate without acid first, then nitric acid: what dissolves in it is no sulfate',
    steps: [
      { do: 'add', reagent: 'Ba(NO3)2(aq)', amount: 'drops' },
      { do: 'add', reagent: 'HNO3(aq)', amount: 'excess' },
    ],
  },
  {
    test: 'silver nitrate, then nitric acid',
    cost: 1.3,
    ready: 'silver nitrate without acid first, then nitric acid: what dissolves in it is no halide',
    steps: [
      { do: 'add', reagent: 'AgNO3(aq)', amount: 'drops' },
      { do: 'add', reagent: 'HNO3(aq)', amount: 'excess' },
    ],
  },
  {
    test: 'silver halides parted by ammonia',
    // A filter, and four times the silver nitrate.
    cost: 4,
    of: ['Br-', 'I-'],
    ready:
      'silver nitrate until nothing more comes down, about 4 cm³; ammonia; a filter; nitric acid for what runs through: chloride comes down again, iodide stays in the paper; silver in ammonia is never kept: it may explode when it stands',
    steps: [
      { do: 'add', reagent: 'HNO3(aq)', amount: 'drops' },
      { do: 'add', reagent: 'AgNO3(aq)', amount: '4 cm3' },
      { do: 'add', reagent: 'NH3(aq)', amount: '2 cm3' },
      { do: 'filter' },
      { do: 'add', reagent: 'HNO3(aq)', amount: '3 cm3' },
    ],
    only: 'solution',
  },
  {
    test: 'excess alkali, filtered, then ammonium chloride',
    cost: 3,
    of: ['Cu2+', 'Fe2+', 'Fe3+', 'Mn2+', 'Ni2+', 'Co2+', 'Mg2+'],
    ready:
      'sodium hydroxide to excess, a filter, ammonium chloride for what runs through: aluminium hidden by a coloured precipitate comes down again; ammonia comes off with it: waft, fume cupboard',
    steps: [
      { do: 'add', reagent: 'NaOH(aq)', amount: 'excess' },
      { do: 'filter' },
      { do: 'add', reagent: 'NH4Cl(aq)', amount: 'excess' },
    ],
  },
  {
    test: 'ammonium molybdate in nitric acid',
    cost: 1.8,
    of: ['PO4^3-'],
    ready: 'as much nitric acid as there is of the portion, then drops of ammonium molybdate',
    steps: [
      { do: 'add', reagent: 'HNO3(aq)', amount: 'equal' },
      { do: 'add', reagent: '(NH4)2MoO4(aq)', amount: 'drops' },
    ],
  },
  {
    test: 'aluminium foil in hot alkali, ammonium boiled off',
    cost: 2.6,
    ready: 'red litmus already damp, a piece of foil, burner lit; no flame at the mouth of the tube',
    steps: [
      { do: 'add', reagent: 'NaOH(aq)', amount: 'excess' },
      { do: 'boil' },
      { do: 'add', reagent: 'Al(s)' },
      { do: 'warm' },
    ],
  },
  {
    test: 'potassium iodide',
    cost: 1,
    ready: 'a fresh 1 cm³, a dropper of potassium iodide',
    steps: [{ do: 'add', reagent: 'KI(aq)', amount: 'drops' }],
  },
  {
    test: 'a flame',
    cost: 1,
    ready: 'a clean wire or a soaked splint, the hottest flame, blue glass at hand',
    steps: [{ do: 'flame' }],
    dry: true,
  },
  {
    test: 'iron(III) chloride',
    cost: 1,
    ready: 'a fresh 1 cm³, a dropper of iron(III) chloride',
    steps: [{ do: 'add', reagent: 'FeCl3(aq)', amount: 'drops' }],
  },
  {
    test: 'acidified potassium manganate(VII)',
    cost: 1.4,
    ready: 'dilute sulfuric acid and manganate(VII), a white tile behind',
    steps: [
      { do: 'add', reagent: 'H2SO4(aq)', amount: 'equal' },
      { do: 'add', reagent: 'KMnO4(aq)', amount: 'drops' },
    ],
  },
  {
    test: 'universal indicator',
    cost: 0.6,
    ready: 'a drop of it on a white tile, the colour chart',
    steps: [{ do: 'add', reagent: 'universal indicator' }],
  },
  {
    test: 'dilute sulfuric acid',
    cost: 1,
    ready: 'a fresh 1 cm³, a dropper of dilute sulfuric acid',
    steps: [{ do: 'add', reagent: 'H2SO4(aq)', amount: 'drops' }],
  },
  {
    test: 'potassium chromate',
    // It may cause cancer: only where nothing else tells.
    cost: 10,
    ready: 'a fresh 1 cm³; gloves: chromates are toxic and may cause cancer; their own waste',
    steps: [{ do: 'add', reagent: 'K2CrO4(aq)', amount: 'drops' }],
  },
  {
    test: 'sodium carbonate',
    cost: 1,
    ready: 'a fresh 1 cm³, a dropper of sodium carbonate',
    steps: [{ do: 'add', reagent: 'Na2CO3(aq)', amount: 'drops' }],
  },
  {
    test: 'chlorine water',
    cost: 3,
    ready: 'a fresh 1 cm³, drops of chlorine water in the fume cupboard: its vapour chokes',
    steps: [{ do: 'add', reagent: 'Cl2(aq)', amount: 'drops' }],
  },
  {
    test: 'potassium thiocyanate',
    cost: 1,
    ready: 'a fresh 1 cm³, a drop of potassium thiocyanate, no heat',
    steps: [{ do: 'add', reagent: 'KSCN(aq)', amount: 'drops' }],
  },
  {
    test: 'potassium hexacyanoferrate(II)',
    cost: 1.2,
    ready: 'a fresh 1 cm³ without acid, a drop of hexacyanoferrate(II), no heat',
    steps: [{ do: 'add', reagent: 'K4Fe(CN)6(aq)', amount: 'drops' }],
  },
  {
    test: 'lead(II) nitrate',
    cost: 1.6,
    ready: 'a fresh 1 cm³, a dropper of lead(II) nitrate: lead is toxic, its own waste',
    steps: [{ do: 'add', reagent: 'Pb(NO3)2(aq)', amount: 'drops' }],
  },
  {
    test: 'dissolved in water',
    cost: 0.6,
    ready: 'a fresh spatula tip, 4 cm³ of water',
    steps: [DISSOLVE],
    only: 'solid',
  },
  {
    test: 'dissolved in dilute hydrochloric acid, then sodium hydroxide',
    cost: 1.4,
    ready:
      'a fresh spatula tip, acid until it has dissolved and no more, a lighted splint and limewater at hand, then the alkali',
    steps: [
      { do: 'add', reagent: 'HCl(aq)', amount: 'equal' },
      { do: 'add', reagent: 'NaOH(aq)', amount: 'equal' },
      { do: 'add', reagent: 'NaOH(aq)', amount: 'excess' },
    ],
    only: 'solid',
  },
  {
    test: 'heated in a dry tube',
    cost: 1.6,
    ready: 'a spatula tip in a hard-glass tube, a holder, a glowing splint and limewater at hand; the mouth away from everybody',
    steps: [{ do: 'heat' }],
    only: 'solid',
  },
]

/** What dissolving costs besides. */
const DISSOLVING = 0.3
const FRESH = 'a fresh 1 cm³'

/** A test as it is done with a dry sample. */
function onSolid(one: AdvisedTest): AdvisedTest {
  if (one.only === 'solid') return one
  if (one.dry) return { ...one, ready: `a fresh spatula tip, ${one.ready}` }
  const { steps, ready, cost } = one
  const dissolved = 'a fresh spatula tip in 4 cm³ of water'
  return {
    ...one,
    cost: cost + DISSOLVING,
    ready: ready.startsWith(FRESH) ? ready.replace(FRESH, dissolved) : `${dissolved}, ${ready}`,
    steps: [DISSOLVE, ...steps],
  }
}

/** Tests by how a sample came: a dry one is dissolved for those that are done in solution. */
export const TESTS_OF: Readonly<Record<SampleForm, readonly AdvisedTest[]>> = {
  solution: TESTS.filter(({ only }) => only !== 'solid'),
  solid: TESTS.filter(({ only }) => only !== 'solution').map(onSolid),
}
