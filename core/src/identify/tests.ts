import type { TubeStep } from '../tube/index.ts'
import type { SampleForm } from './hypothesis.ts'

/** A test as it is advised. */
interface AdvisedTest {
  readonly test: string
  readonly steps: readonly TubeStep[]
  /** What to get ready for it. */
  readonly ready: string
  /** What it costs beside alkali added to a fresh portion: time, heat, a bottle that is dear or toxic (judgement). */
  readonly cost: number
  /** Only for a sample that came dry, or dissolved; for either where nothing is said. */
  readonly only?: SampleForm
}

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
    only: 'solution',
  },
  {
    test: 'dilute sulfuric acid',
    cost: 1,
    ready: 'a fresh 1 cm³, a dropper of dilute sulfuric acid',
    steps: [{ do: 'add', reagent: 'H2SO4(aq)', amount: 'drops' }],
    only: 'solution',
  },
  {
    test: 'potassium chromate',
    // It may cause cancer: only where nothing else tells.
    cost: 10,
    ready: 'a fresh 1 cm³; gloves: chromates are toxic and may cause cancer; their own waste',
    steps: [{ do: 'add', reagent: 'K2CrO4(aq)', amount: 'drops' }],
    only: 'solution',
  },
  {
    test: 'sodium carbonate',
    cost: 1,
    ready: 'a fresh 1 cm³, a dropper of sodium carbonate',
    steps: [{ do: 'add', reagent: 'Na2CO3(aq)', amount: 'drops' }],
    only: 'solution',
  },
  {
    test: 'chlorine water',
    cost: 3,
    ready: 'a fresh 1 cm³, drops of chlorine water in the fume cupboard: its vapour chokes',
    steps: [{ do: 'add', reagent: 'Cl2(aq)', amount: 'drops' }],
    only: 'solution',
  },
  {
    test: 'potassium thiocyanate',
    cost: 1,
    ready: 'a fresh 1 cm³, a drop of potassium thiocyanate, no heat',
    steps: [{ do: 'add', reagent: 'KSCN(aq)', amount: 'drops' }],
    only: 'solution',
  },
  {
    test: 'potassium hexacyanoferrate(II)',
    cost: 1.2,
    ready: 'a fresh 1 cm³ without acid, a drop of hexacyanoferrate(II), no heat',
    steps: [{ do: 'add', reagent: 'K4Fe(CN)6(aq)', amount: 'drops' }],
    only: 'solution',
  },
  {
    test: 'lead(II) nitrate',
    cost: 1.6,
    ready: 'a fresh 1 cm³, a dropper of lead(II) nitrate: lead is toxic, its own waste',
    steps: [{ do: 'add', reagent: 'Pb(NO3)2(aq)', amount: 'drops' }],
    only: 'solution',
  },
  {
    test: 'dissolved in dilute hydrochloric acid, then sodium hydroxide',
    cost: 1.4,
    ready: 'a fresh 1 cm³, acid until it has dissolved and no more, a lighted splint and limewater at hand, then the alkali',
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
