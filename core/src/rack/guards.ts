import type { PartOf } from '../record/index.ts'
import { REAGENTS } from '../tube/index.ts'
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

const added = (before: readonly Action[], pattern: RegExp) =>
  before.some(({ do: act, reagent }) => act === 'add' && reagent !== undefined && pattern.test(reagent))
const did = (before: readonly Action[], ...acts: readonly Action['do'][]) => before.some(({ do: act }) => acts.includes(act))

const ACIDS = /^(HCl|HNO3|H2SO4|CH3COOH)/
const SILVER = /^AgNO3/
const FLOATS = /^C6H1[24]/
const BARIUM = /^(BaCl2|Ba\(NO3\)2)/

/** cm³ above which a tube spits when it is warmed. */
const MOST_TO_WARM = 6

/** Which reagents may follow which in one portion: the usual sequences. Others want a fresh portion. */
const GOES_AFTER: Readonly<Record<string, RegExp>> = {
  'AgNO3(aq)': /^(HNO3|HCl|AgNO3|BaCl2|H2SO4|CH3COOH)/,
  'BaCl2(aq)': /^(HCl|HNO3|BaCl2|H2SO4|AgNO3|CH3COOH|H2O2|NaOH)/,
  'Ba(NO3)2(aq)': /^(HCl|HNO3|Ba|H2SO4|AgNO3|CH3COOH|H2O2|NaOH)/,
  'NaOH(aq)': /^(NaOH|HNO3|H2O2|KMnO4|Al|FeSO4)/,
  'NH3(aq)': /^(NH3|HNO3|AgNO3|HCl|NH4Cl|H2S|KMnO4|H2O2)/,
  'KI(aq)': /^(KI|HNO3|H2SO4|CH3COOH)/,
  'KSCN(aq)': /^(KSCN|HNO3|H2O2|KMnO4|HCl|H2SO4)/,
}

/** Rules of the bench (common practice), each with the harm it keeps away. */
const RULES: readonly (readonly [code: string, rule: Rule])[] = [
  [
    'guard.flammable',
    ({ do: act }, { before }) =>
      ['warm', 'heat', 'boil', 'flame'].includes(act) && added(before, FLOATS)
        ? 'What floats on this tube burns, and its vapour catches fire at a flame. Take a fresh portion for it, or warm it in hot water away from any flame.'
        : undefined,
  ],
  [
    'guard.wrongAcid',
    ({ reagent = '' }, { before }) => {
      if (SILVER.test(reagent) && added(before, /^HCl/))
        return 'Hydrochloric acid brings chloride of its own, which silver precipitates. Acidify a fresh portion with nitric acid.'
      if (BARIUM.test(reagent) && added(before, /^H2SO4/))
        return 'Sulfuric acid brings sulfate of its own, which barium precipitates. Acidify a fresh portion with nitric or hydrochloric acid.'
      return undefined
    },
  ],
  [
    'guard.notAcidified',
    ({ reagent = '' }, { before }) =>
      (SILVER.test(reagent) || BARIUM.test(reagent)) && !added(before, ACIDS) && !added(before, SILVER) && !added(before, BARIUM)
        ? 'Without acid, carbonate and sulfite precipitate too. Nitric acid first, unless the sheet asks for it without.'
        : undefined,
  ],
  [
    'guard.ownIon',
    ({ do: act, reagent = '' }, { before }) => {
      if (SILVER.test(reagent) && added(before, /^(BaCl2|FeCl3|NH4Cl|CaCl2|KCl|KBr|KI)/))
        return 'What is already in this tube brings halide of its own. Take a fresh portion.'
      if (BARIUM.test(reagent) && added(before, /^(Na2SO4|CuSO4|FeSO4|MgSO4)/))
        return 'What is already in this tube brings sulfate of its own. Take a fresh portion.'
      if (act === 'flame' && added(before, /^Na|^K/))
        return 'The reagent itself colours the flame. Test the original sample, on a clean wire.'
      if (act === 'warm' && added(before, /^(NH3|NH4|\(NH4\))/) && added(before, /^NaOH/))
        return 'Ammonia of the reagent will turn the litmus. Test for ammonium on the original sample.'
      return undefined
    },
  ],
  [
    'guard.boilOffAmmonium',
    ({ reagent }, { before }) =>
      (reagent === 'Al(s)' || reagent === 'Zn(s)') && added(before, /^(NaOH|KOH)/) && !did(before, 'boil')
        ? 'Ammonium must be boiled off first, until damp litmus no longer changes (about a minute): it would look like nitrate.'
        : undefined,
  ],
  [
    'guard.oxidiseFirst',
    ({ reagent }, { before }) =>
      /^NH4Cl/.test(reagent ?? '') && added(before, /^H2S\(g\)/) && !added(before, /^HNO3\(conc\)|^H2O2/)
        ? 'Boil the hydrogen sulfide off and oxidise iron(II) with a drop of concentrated nitric acid first, or iron is lost in the next group.'
        : undefined,
  ],
  [
    'guard.coolFirst',
    ({ reagent }, { before }) => {
      const heated = before.findLastIndex(({ do: act }) => act === 'warm' || act === 'boil' || act === 'heat')
      const cooled = before.findLastIndex(({ do: act }) => act === 'cool' || act === 'stand')
      return /^NH3/.test(reagent ?? '') && heated >= 0 && cooled < heated
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
      const after = GOES_AFTER[reagent]
      const used = before.find(
        (one) => one.do === 'add' && one.reagent && !REAGENTS[one.reagent]?.paper && after && !after.test(one.reagent),
      )
      return act === 'add' && used
        ? `This portion already holds ${used.reagent}. Take a fresh portion, unless the sheet says to go on in the same tube.`
        : undefined
    },
  ],
  [
    'guard.dropsFirst',
    ({ do: act, reagent = '', amount, order }, { before, tubes }) => {
      const same = (one: { readonly reagent?: string | undefined; readonly amount?: string | undefined }) =>
        one.reagent === reagent && one.amount === 'drops'
      const seen = before.some(same) || tubes.some(({ steps }) => steps.some(same))
      return act === 'add' && amount === 'excess' && order === undefined && /^(NaOH|NH3\(aq)/.test(reagent) && !seen
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
