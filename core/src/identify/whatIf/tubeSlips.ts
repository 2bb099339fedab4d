import { substanceOf, type TubeStep } from '../../tube/index.ts'

/** What was done with a slip in place of one step: nothing where it was left out. */
type Done = readonly TubeStep[]

/** A slip of the hands at a tube. */
export interface TubeSlip {
  readonly code: string
  /** What was done wrong, in the past. */
  readonly says: string
  /** What is done about it. */
  readonly mend: string
  /**
   * The steps as they are done with it, each in its place.
   *
   * @returns undefined where these steps leave no room for it
   */
  readonly alters: (steps: readonly TubeStep[]) => readonly Done[] | undefined
  /** What of the facts of a step is no longer seen, or is seen besides; as foretold where nothing is said. */
  readonly hides?: 'gas on paper' | 'flames but sodium' | 'what dissolves at once'
}

const isOf = ({ do: act, reagent }: TubeStep, ...substances: readonly string[]) =>
  act === 'add' && reagent !== undefined && substances.includes(substanceOf(reagent))
const asDone = (steps: readonly TubeStep[]): readonly Done[] => steps.map((step) => [step])
const SILVER = ['AgNO3']
const BARIUM = ['BaCl2', 'Ba(NO3)2']
const ACIDS = ['HNO3', 'HCl', 'CH3COOH']
/** Metals that make ammonia of nitrate in hot alkali. */
const REDUCES_NITRATE = ['Al', 'Zn']

/** Acid of a substance in place of the acid before one of some reagents. */
function otherAcid(steps: readonly TubeStep[], before: readonly string[], acid: string): readonly Done[] | undefined {
  const at = steps.findIndex((step) => isOf(step, ...before))
  const acids = steps.slice(0, Math.max(at, 0)).map((step) => isOf(step, ...ACIDS))
  if (!acids.includes(true)) return undefined
  return steps.map((step, index) => [acids[index] ? { ...step, reagent: acid } : step])
}

/** Without the acid that went before one of some reagents. */
function withoutAcid(steps: readonly TubeStep[]): readonly Done[] | undefined {
  const at = steps.findIndex((step) => isOf(step, ...SILVER, ...BARIUM))
  const acids = steps.slice(0, Math.max(at, 0)).map((step) => isOf(step, ...ACIDS))
  return acids.includes(true) ? steps.map((step, index) => (acids[index] ? [] : [step])) : undefined
}

/** Drops that are followed by an excess of the same, left out. */
function excessAtOnce(steps: readonly TubeStep[]): readonly Done[] | undefined {
  const followed = steps.map(
    (step, index) =>
      step.do === 'add' &&
      step.amount !== 'excess' &&
      steps[index + 1]?.do === 'add' &&
      steps[index + 1]?.reagent === step.reagent &&
      steps[index + 1]?.amount === 'excess',
  )
  return followed.includes(true) ? steps.map((step, index) => (followed[index] ? [] : [step])) : undefined
}

/** Boiling before a metal in alkali, left out. */
function notBoiledOff(steps: readonly TubeStep[]): readonly Done[] | undefined {
  const at = steps.findIndex((step) => isOf(step, ...REDUCES_NITRATE))
  const boils = steps.slice(0, Math.max(at, 0)).map(({ do: act }) => act === 'boil' || act === 'warm')
  return boils.includes(true) ? steps.map((step, index) => (boils[index] ? [] : [step])) : undefined
}

/** The first reagent goes into a tube that is still hot. */
function hotTube(steps: readonly TubeStep[]): readonly Done[] | undefined {
  const first = steps.findIndex(({ do: act }) => act === 'add')
  if (first < 0 || steps.slice(0, first).some(({ do: act }) => act === 'warm' || act === 'heat' || act === 'boil'))
    return undefined
  return steps.map((step, index) => (index === first ? [{ do: 'warm' }, step] : [step]))
}

/** The sample into the first reagent that is added by drops. */
function reversed(steps: readonly TubeStep[]): readonly Done[] | undefined {
  const at = steps.findIndex(
    ({ do: act, amount, order, with: others }) => act === 'add' && amount === 'drops' && !order && !others,
  )
  return at < 0 ? undefined : steps.map((step, index) => [index === at ? { ...step, order: 'sample into reagent' } : step])
}

/** Slips of the bench (common practice), the commonest first. */
export const TUBE_SLIPS: readonly TubeSlip[] = [
  {
    code: 'dryLitmus',
    says: 'the litmus paper was dry',
    mend: 'Damp the paper before the tube is warmed: a gas turns it only in water.',
    alters: (steps) => (steps.some(({ do: act }) => act === 'warm' || act === 'gas') ? asDone(steps) : undefined),
    hides: 'gas on paper',
  },
  {
    code: 'wrongAcidForSilver',
    says: 'hydrochloric acid was taken before the silver nitrate',
    mend: 'Acidify with nitric acid: hydrochloric acid brings chloride of its own.',
    alters: (steps) => otherAcid(steps, SILVER, 'HCl(aq)'),
  },
  {
    code: 'wrongAcidForBarium',
    says: 'sulfuric acid was taken before the barium salt',
    mend: 'Acidify with nitric or hydrochloric acid: sulfuric acid brings sulfate of its own.',
    alters: (steps) => otherAcid(steps, BARIUM, 'H2SO4(aq)'),
  },
  {
    code: 'notAcidified',
    says: 'nothing was acidified first',
    mend: 'Acid first, until it no longer fizzes: carbonate and sulfite precipitate too.',
    alters: withoutAcid,
  },
  {
    code: 'notBoiledOff',
    says: 'the ammonia was not boiled off before the metal went in',
    mend: 'Boil with alkali until the paper no longer turns, then the metal.',
    alters: notBoiledOff,
  },
  {
    code: 'excessAtOnce',
    says: 'the excess was poured in at once',
    mend: 'Drop by drop, shaking: what dissolves in excess is seen only on the way.',
    alters: excessAtOnce,
    hides: 'what dissolves at once',
  },
  {
    code: 'hotTube',
    says: 'the tube was still hot',
    mend: 'A cold tube: some precipitates dissolve in the heat, and the blue of starch fades.',
    alters: hotTube,
  },
  {
    code: 'reversed',
    says: 'the sample was dropped into the reagent',
    mend: 'The reagent by drops into the sample: the other way round it stands in excess from the start.',
    alters: reversed,
  },
  {
    code: 'dirtyWire',
    says: 'the wire was dirty',
    mend: 'Clean it in the acid and the flame until it shows no colour; yellow for a moment is dirt.',
    alters: (steps) => (steps.some(({ do: act }) => act === 'flame') ? asDone(steps) : undefined),
    hides: 'flames but sodium',
  },
]
