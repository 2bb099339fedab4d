import type { SeenColour } from '../palette/index.ts'
import { residueOf } from './filtering.ts'
import type { Shown } from './playing.ts'
import { playSteps } from './run.ts'
import type { TubeStep } from './step.ts'
import { freshTube, type Tube } from './tubeState.ts'

/** A step of the scheme, as the model plays it and a record keeps it. */
export interface SchemeStep extends TubeStep {
  readonly do: 'add' | 'boil' | 'cool' | 'flame' | 'warm'
}

const add = (reagent: string, amount = 'drops'): SchemeStep => ({ do: 'add', reagent, amount })

/** A group of the systematic scheme: what is done to the filtrate of the one before. */
export interface SchemeGroup {
  readonly group: '0' | 'I' | 'II' | 'III' | 'IV' | 'V' | 'VI'
  /** Done on a portion of its own: nothing of it goes on to the next group. */
  readonly apart?: true
  readonly looksFor: string
  /** Done before the group reagent, where nothing of the group is looked for yet. */
  readonly prepare: readonly SchemeStep[]
  /** What must be in the tube for the group reagent to throw down this group alone. */
  readonly companions: readonly SchemeStep[]
  /** The group reagent; in the last group, each of the tests. */
  readonly tells: readonly SchemeStep[]
  /** The bottle of an earlier group that must have been added, for the same reagent to mean this group. */
  readonly after?: string
  readonly says: string
}

/** The groups in order (common practice; from memory of Vogel's textbook). */
export const SCHEME: readonly SchemeGroup[] = [
  {
    group: '0',
    apart: true,
    looksFor: 'ammonium, since the scheme brings it in later',
    prepare: [],
    companions: [add('NaOH(aq)', 'excess')],
    tells: [{ do: 'warm', reagent: 'damp red litmus paper' }],
    says: 'sodium hydroxide, warmed, in a portion of its own',
  },
  {
    group: 'I',
    looksFor: 'silver, lead',
    prepare: [],
    companions: [],
    tells: [add('HCl(aq)', '1 cm3')],
    says: 'dilute hydrochloric acid',
  },
  {
    group: 'II',
    looksFor: 'copper(II), lead',
    prepare: [],
    companions: [],
    tells: [add('H2S(g)', 'excess')],
    after: 'HCl(aq)',
    says: 'hydrogen sulfide in acid',
  },
  {
    group: 'III',
    looksFor: 'iron, aluminium, chromium(III)',
    prepare: [{ do: 'boil' }, add('HNO3(conc)'), { do: 'boil' }, { do: 'cool' }],
    companions: [add('NH4Cl(aq)', '1 cm3')],
    tells: [add('NH3(aq)', 'excess')],
    says: 'hydrogen sulfide boiled off, a drop of concentrated nitric acid, then ammonium chloride and ammonia',
  },
  {
    group: 'IV',
    looksFor: 'zinc, manganese(II), nickel(II), cobalt(II)',
    prepare: [],
    companions: [],
    tells: [add('H2S(g)', 'excess')],
    after: 'NH3(aq)',
    says: 'hydrogen sulfide in ammonia',
  },
  {
    group: 'V',
    looksFor: 'calcium, strontium, barium',
    prepare: [{ do: 'boil' }, { do: 'cool' }, add('NH3(aq)')],
    companions: [],
    tells: [add('(NH4)2CO3(aq)', '2 cm3')],
    says: 'ammonium carbonate',
  },
  {
    group: 'VI',
    looksFor: 'magnesium, sodium, potassium',
    prepare: [],
    companions: [],
    tells: [add('Na2HPO4(aq)'), { do: 'flame' }],
    after: '(NH4)2CO3(aq)',
    says: 'what is left in the filtrate',
  },
]

/** What one group of the scheme showed. */
export interface GroupResult {
  readonly group: SchemeGroup['group']
  readonly did: string
  /** Solids in the paper, mol by formula, the most first; empty where the group is absent. */
  readonly residue: Readonly<Record<string, number>>
  readonly colour: SeenColour | undefined
  readonly shown: readonly Shown[]
}

/** What is left after the other groups is looked at by itself: nothing more is thrown down by a group reagent. */
const LAST = 'VI'

/** The volume of the original solution that the scheme begins with, cm³. */
const ORIGINAL = 2

/**
 * Takes a mixture through the groups: each group reagent on the filtrate of the group before.
 *
 * @param contains - concentration of each ion, mol/dm³
 * @returns a result for each group: the first on a portion of its own, the last of what is left in the filtrate
 */
export function runScheme(contains: Readonly<Record<string, number>>): readonly GroupResult[] {
  let tube: Tube = freshTube(contains, ORIGINAL)
  return SCHEME.map(({ group, apart, prepare, companions, tells, says }) => {
    if (apart) {
      const { shown } = playSteps(tube, [...companions, ...tells])
      return { group, did: says, residue: {}, colour: undefined, shown }
    }
    if (group === LAST) return { group, did: says, residue: {}, colour: undefined, shown: [] }
    const prepared = playSteps(tube, prepare)
    // What the preparation throws down (sulfur from hydrogen sulfide) is filtered off first.
    const clear = prepare.length > 0 ? playSteps(prepared.tube, [{ do: 'filter' }]).tube : prepared.tube
    const played = playSteps(clear, [...companions, ...tells, { do: 'filter' }])
    tube = played.tube
    const shown = played.shown.slice(0, -1)
    // Sulfur that iron(III) makes of hydrogen sulfide is the sulfide of no metal.
    const { S: _sulfur, ...residue } = shown.at(-1)?.solids ?? {}
    const inPaper = Object.keys(residue).length > 0 ? residueOf(played.tube) : undefined
    return { group, did: says, residue, colour: inPaper?.view.solids[0]?.colour, shown }
  })
}
