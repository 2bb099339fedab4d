import type { PartOf } from '../record/index.ts'
import { holdsIon, isFewDrops, reagentNamed, substanceOf, volumeOf } from '../tube/index.ts'
import { usedUpFirst } from './acidBase.ts'
import type { Action } from './acts/action.ts'
import { oneByOne } from './tubeHolds.ts'

type Sample = PartOf<'rack'>['samples'][number]
type Tube = Sample['tubes'][number]

/** Something to think of before the act, with its reason. */
export interface Guard {
  readonly code: string
  readonly says: string
}

/** What stands around an act that is about to be done. */
export interface GuardContext {
  /** Everything done in this tube and in those it was begun from, in order. */
  readonly before: readonly Action[]
  /** cm³ in the tube. */
  readonly volume: number
  /** cm³ of the sample that it began with; 1 where nothing is said. */
  readonly portion?: number
  /** Drops of this bench's droppers to 1 cm³. */
  readonly dropsPerCm3?: number
  /** All tubes of the sample. */
  readonly tubes: readonly Tube[]
}

type Rule = (act: Action, context: GuardContext) => string | undefined

const did = (before: readonly Action[], ...acts: readonly Action['do'][]) => before.some(({ do: act }) => acts.includes(act))
const bottlesIn = (before: readonly Action[]) =>
  before.flatMap(({ do: act, reagent }) => (act === 'add' && reagent ? [reagent] : []))

/** Whether something came from a bottle whose substance is one of these. */
const added = (before: readonly Action[], ...substances: readonly string[]) =>
  bottlesIn(before).some((name) => substances.includes(substanceOf(name)))
/** Whether a salt of a bottle brought one of these ions; what acids bring has a rule of its own. */
const brought = (before: readonly Action[], ...ions: readonly string[]) =>
  bottlesIn(before).some((name) => !ACIDS.includes(substanceOf(name)) && ions.some((ion) => holdsIon(name, ion)))

const ACIDS = ['HCl', 'HNO3', 'H2SO4', 'CH3COOH']
const SILVER = ['AgNO3']
const BARIUM = ['BaCl2', 'Ba(NO3)2']
const HALIDES = ['Cl-', 'Br-', 'I-']
const isOf = (reagent: string | undefined, substances: readonly string[]) =>
  reagent !== undefined && substances.includes(substanceOf(reagent))

/** cm³ above which a tube spits when it is warmed. */
const MOST_TO_WARM = 6

/** Rules of the bench (common practice), each with the harm it keeps away. */
const RULES: readonly (readonly [code: string, rule: Rule])[] = [
  [
    'guard.wrongAcid',
    ({ reagent = '' }, { before }) => {
      if (isOf(reagent, SILVER) && added(before, 'HCl'))
        return 'Hydrochloric acid brings chloride of its own, which silver precipitates. Acidify a fresh portion with nitric acid.'
      if (isOf(reagent, BARIUM) && added(before, 'H2SO4'))
        return 'Sulfuric acid brings sulfate of its own, which barium precipitates. Acidify a fresh portion with nitric or hydrochloric acid.'
      return undefined
    },
  ],
  [
    'guard.notAcidified',
    ({ reagent = '' }, { before }) =>
      isOf(reagent, [...SILVER, ...BARIUM]) && !added(before, ...ACIDS, ...SILVER, ...BARIUM)
        ? 'Without acid, carbonate and sulfite precipitate too. Nitric acid first, unless the sheet asks for it without.'
        : undefined,
  ],
  [
    'guard.ownIon',
    ({ do: act, reagent = '' }, { before }) => {
      if (isOf(reagent, SILVER) && brought(before, ...HALIDES))
        return 'What is already in this tube brings halide of its own. Take a fresh portion.'
      if (isOf(reagent, BARIUM) && brought(before, 'SO4^2-'))
        return 'What is already in this tube brings sulfate of its own. Take a fresh portion.'
      if (act === 'flame' && brought(before, 'Na+', 'K+'))
        return 'The reagent itself colours the flame. Test the original sample, on a clean wire.'
      if (act === 'warm' && (added(before, 'NH3') || brought(before, 'NH4+')) && added(before, 'NaOH'))
        return 'Ammonia of the reagent will turn the litmus. Test for ammonium on the original sample.'
      return undefined
    },
  ],
  [
    'guard.boilOffAmmonium',
    ({ reagent }, { before }) =>
      isOf(reagent, ['Al', 'Zn']) && added(before, 'NaOH', 'KOH') && !did(before, 'boil')
        ? 'Ammonium must be boiled off first, until damp litmus no longer changes (about a minute): it would look like nitrate.'
        : undefined,
  ],
  [
    'guard.oxidiseFirst',
    ({ reagent }, { before }) =>
      isOf(reagent, ['NH4Cl']) && added(before, 'H2S') && !added(before, 'H2O2') && !bottlesIn(before).includes('HNO3(conc)')
        ? 'Boil the hydrogen sulfide off and oxidise iron(II) with a drop of concentrated nitric acid first, or iron is lost in the next group.'
        : undefined,
  ],
  [
    'guard.coolFirst',
    ({ reagent }, { before }) => {
      const heated = before.findLastIndex(({ do: act }) => act === 'warm' || act === 'boil' || act === 'heat')
      const cooled = before.findLastIndex(({ do: act }) => act === 'cool' || act === 'stand')
      return isOf(reagent, ['NH3']) && heated >= 0 && cooled < heated
        ? 'Cool the tube first: a hot solution drives the ammonia out again.'
        : undefined
    },
  ],
  [
    'guard.dryLitmus',
    ({ do: act, reagent = '' }) =>
      /litmus/.test(reagent) && act !== 'add' && !/damp/.test(reagent)
        ? 'Damp the litmus: dry paper shows nothing of a gas.'
        : undefined,
  ],
  [
    'guard.usedUpFirst',
    (act, { before, portion = 1, dropsPerCm3 }) => {
      const first = usedUpFirst(act, before, portion, dropsPerCm3)
      // An excess is gone on with until it shows.
      if (!first || (act.amount === 'excess' && first.cm3 < volumeOf('excess', portion) / 2)) return undefined
      return `The ${first.by} in this tube uses up about ${first.drops} drops (${first.cm3.toFixed(1)} cm³) of it first. Go on until a paper says that there is some over.`
    },
  ],
  [
    'guard.usedPortion',
    ({ do: act, reagent = '' }, { before }) => {
      const after = reagentNamed(reagent)?.after
      const used = after && bottlesIn(before).find((name) => !reagentNamed(name)?.paper && !after.includes(substanceOf(name)))
      return act === 'add' && used
        ? `This portion already holds ${used}. Take a fresh portion, unless the sheet says to go on in the same tube.`
        : undefined
    },
  ],
  [
    'guard.dropsFirst',
    ({ do: act, reagent = '', amount, order }, { before, tubes }) => {
      const same = (one: { readonly reagent?: string | undefined; readonly amount?: string | undefined }) =>
        one.reagent === reagent && (one.amount === undefined || isFewDrops(one.amount))
      const seen = before.some(same) || tubes.some(({ steps }) => steps.some(same))
      return act === 'add' && amount === 'excess' && order === undefined && ['NaOH(aq)', 'NH3(aq)'].includes(reagent) && !seen
        ? 'A few drops first, and look: excess at once hides a precipitate that would dissolve in it.'
        : undefined
    },
  ],
  [
    'guard.tooFull',
    ({ do: act }, { volume }) =>
      (act === 'warm' || act === 'boil' || act === 'heat') && volume > MOST_TO_WARM
        ? `There are about ${Math.round(volume)} cm³ in this tube, too much to warm: it will spit. Pour most of it off first.`
        : undefined,
  ],
]

/** What to think of before an act in a tube, the gravest first. */
export function guardsFor(whole: Action, given: GuardContext): readonly Guard[] {
  // What goes in with a bottle is in the tube before it.
  const { with: others = [], ...act } = whole
  const before = [...given.before.flatMap(oneByOne), ...others.map((one): Action => ({ do: 'add', ...one }))]
  const context = { ...given, before }
  return RULES.flatMap(([code, rule]): readonly Guard[] => {
    const says = rule(act, context)
    return says === undefined ? [] : [{ code, says }]
  })
}

const WARMING = 'In a holder, at 45°, kept moving in the flame, its mouth away from everyone: hot liquid spits.'
const WARMING_LIQUID =
  'It may burn, and its vapour catches fire at a distance: in a beaker of hot water, every flame in the room out.'
const BURNING =
  'A few drops on a lid on a mat, the bottle stoppered and far away, hair and sleeves back, the fume cupboard where it smokes.'
/** How every caution ends. */
export const DEFERS = 'Follow your laboratory’s rules and your supervisor.'

/**
 * The usual caution of an act, with its reason, or undefined.
 *
 * @param isLiquid - whether the sample is called a liquid, which may burn
 */
export function cautionOf({ do: act, reagent, with: others = [] }: Action, isLiquid = false): string | undefined {
  const bottles = [...others.map((one) => one.reagent), ...(reagent === undefined ? [] : [reagent])]
  const care = [...new Set(bottles.flatMap((name) => reagentNamed(name)?.care ?? []))].join(' ') || undefined
  if (act === 'add' || act === 'dissolve') return care && `${care} ${DEFERS}`
  if (act === 'warm' || act === 'boil' || act === 'heat')
    return `${isLiquid ? WARMING_LIQUID : WARMING} Eye protection. ${DEFERS}`
  if (act === 'smell') return `Waft a little towards you, never put your nose over the tube. ${DEFERS}`
  if (act === 'flame') return `${isLiquid ? BURNING : 'Loose sleeves and hair back; nothing that burns near by.'} ${DEFERS}`
  return undefined
}
