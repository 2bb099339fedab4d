import type { TubeStep } from '../tube/index.ts'

/** A test as it is advised. */
interface AdvisedTest {
  readonly test: string
  readonly steps: readonly TubeStep[]
  /** What to get ready for it. */
  readonly ready: string
}

/** Tests that can be advised, each on a fresh portion, the cheapest and safest first. */
export const TESTS: readonly AdvisedTest[] = [
  {
    test: 'sodium hydroxide, drops then excess',
    ready: 'a fresh 1 cm³, a dropper of sodium hydroxide',
    steps: [
      { do: 'add', reagent: 'NaOH(aq)', amount: 'drops' },
      { do: 'add', reagent: 'NaOH(aq)', amount: 'excess' },
    ],
  },
  {
    test: 'aqueous ammonia, drops then excess',
    ready: 'a fresh 1 cm³, a dropper of ammonia',
    steps: [
      { do: 'add', reagent: 'NH3(aq)', amount: 'drops' },
      { do: 'add', reagent: 'NH3(aq)', amount: 'excess' },
    ],
  },
  {
    test: 'sodium hydroxide, warmed, damp red litmus',
    ready: 'red litmus already damp, burner lit, tube holder',
    steps: [{ do: 'add', reagent: 'NaOH(aq)', amount: 'excess' }, { do: 'warm' }],
  },
  {
    test: 'dilute hydrochloric acid',
    ready: 'limewater in a tube with a dropper beside it',
    steps: [{ do: 'add', reagent: 'HCl(aq)', amount: 'excess' }],
  },
  {
    test: 'acidified silver nitrate',
    ready: 'nitric acid, not hydrochloric, which would itself give the precipitate',
    steps: [
      { do: 'add', reagent: 'HNO3(aq)', amount: 'drops' },
      { do: 'add', reagent: 'AgNO3(aq)', amount: 'drops' },
    ],
  },
  {
    test: 'acidified silver nitrate, then excess ammonia',
    ready: 'nitric acid, not hydrochloric, and ammonia enough to outdo the acid',
    steps: [
      { do: 'add', reagent: 'HNO3(aq)', amount: 'drops' },
      { do: 'add', reagent: 'AgNO3(aq)', amount: 'drops' },
      { do: 'add', reagent: 'NH3(aq)', amount: 'excess' },
    ],
  },
  {
    test: 'acidified barium nitrate',
    ready: 'nitric acid, not sulfuric, which would itself give the precipitate',
    steps: [
      { do: 'add', reagent: 'HNO3(aq)', amount: 'drops' },
      { do: 'add', reagent: 'Ba(NO3)2(aq)', amount: 'drops' },
    ],
  },
  {
    test: 'aluminium foil in hot alkali, ammonium boiled off',
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
    ready: 'a fresh 1 cm³, a dropper of potassium iodide',
    steps: [{ do: 'add', reagent: 'KI(aq)', amount: 'drops' }],
  },
  { test: 'a flame', ready: 'a clean wire or a soaked splint, the hottest flame, blue glass at hand', steps: [{ do: 'flame' }] },
  {
    test: 'iron(III) chloride',
    ready: 'a fresh 1 cm³, a dropper of iron(III) chloride',
    steps: [{ do: 'add', reagent: 'FeCl3(aq)', amount: 'drops' }],
  },
  {
    test: 'acidified potassium manganate(VII)',
    ready: 'dilute sulfuric acid and manganate(VII), a white tile behind',
    steps: [
      { do: 'add', reagent: 'H2SO4(aq)', amount: 'equal' },
      { do: 'add', reagent: 'KMnO4(aq)', amount: 'drops' },
    ],
  },
]
