import type { PartOf } from '../record/index.ts'
import { holdsIon, REAGENTS, substanceOf } from '../tube/index.ts'
import type { Action } from './readAction.ts'

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
    'guard.flammable',
    ({ do: act }, { before }) =>
      ['warm', 'heat', 'boil', 'flame'].includes(act) && bottlesIn(before).some((name) => REAGENTS[name]?.special === 'floats')
        ? 'What floats on this tube burns, and its vapour catches fire at a flame. Take a fresh portion for it, or warm it in hot water away from any flame.'
        : undefined,
  ],
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
    'guard.usedPortion',
    ({ do: act, reagent = '' }, { before }) => {
      const after = REAGENTS[reagent]?.after
      const used = after && bottlesIn(before).find((name) => !REAGENTS[name]?.paper && !after.includes(substanceOf(name)))
      return act === 'add' && used
        ? `This portion already holds ${used}. Take a fresh portion, unless the sheet says to go on in the same tube.`
        : undefined
    },
  ],
  [
    'guard.dropsFirst',
    ({ do: act, reagent = '', amount, order }, { before, tubes }) => {
      const same = (one: { readonly reagent?: string | undefined; readonly amount?: string | undefined }) =>
        one.reagent === reagent && one.amount === 'drops'
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
export function guardsFor(act: Action, context: GuardContext): readonly Guard[] {
  return RULES.flatMap(([code, rule]): readonly Guard[] => {
    const says = rule(act, context)
    return says === undefined ? [] : [{ code, says }]
  })
}

const WARMING = 'Keep it moving in the flame, a little at a time, its mouth away from everyone: hot liquid spits.'
const DEFERS = 'Follow your laboratory’s rules and your supervisor.'

/** The usual caution of an act, with its reason, or undefined. */
export function cautionOf({ do: act, reagent }: Action): string | undefined {
  const care = reagent === undefined ? undefined : REAGENTS[reagent]?.care
  if (act === 'add' || act === 'dissolve') return care && `${care} ${DEFERS}`
  if (act === 'warm' || act === 'boil' || act === 'heat') return `${WARMING} Eye protection. ${DEFERS}`
  if (act === 'smell') return `Waft a little towards you, never put your nose over the tube. ${DEFERS}`
  if (act === 'flame') return `Loose sleeves and hair back; nothing that burns near by. ${DEFERS}`
  return undefined
}
