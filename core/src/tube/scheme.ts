import { residueOf } from './filtering.ts'
import type { Shown } from './playing.ts'
import { playSteps } from './run.ts'
import type { TubeStep } from './step.ts'
import { freshTube, type Tube } from './tubeState.ts'

const add = (reagent: string, amount = 'drops'): TubeStep => ({ do: 'add', reagent, amount })

/** A group of the systematic scheme: what is done to the filtrate of the one before. */
interface Group {
  readonly group: 'I' | 'II' | 'III' | 'IV' | 'V'
  /** Done before the group reagent, where nothing of the group is looked for yet. */
  readonly prepare: readonly TubeStep[]
  readonly reagent: readonly TubeStep[]
  readonly says: string
}

/** The groups in order (common practice; from memory of Vogel's textbook). */
const GROUPS: readonly Group[] = [
  { group: 'I', prepare: [], reagent: [add('HCl(aq)', '1 cm3')], says: 'dilute hydrochloric acid' },
  { group: 'II', prepare: [], reagent: [add('H2S(g)', 'excess')], says: 'hydrogen sulfide in acid' },
  {
    group: 'III',
    prepare: [{ do: 'boil' }, add('HNO3(conc)'), { do: 'boil' }, { do: 'cool' }],
    reagent: [add('NH4Cl(aq)', '1 cm3'), add('NH3(aq)', 'excess')],
    says: 'hydrogen sulfide boiled off, a drop of concentrated nitric acid, then ammonium chloride and ammonia',
  },
  { group: 'IV', prepare: [], reagent: [add('H2S(g)', 'excess')], says: 'hydrogen sulfide in ammonia' },
  {
    group: 'V',
    prepare: [{ do: 'boil' }, { do: 'cool' }, add('NH3(aq)')],
    reagent: [add('(NH4)2CO3(aq)', '2 cm3')],
    says: 'ammonium carbonate',
  },
]

/** What one group of the scheme showed. */
export interface GroupResult {
  readonly group: 'I' | 'II' | 'III' | 'IV' | 'V' | 'VI'
  readonly did: string
  /** Solids in the paper, mol by formula, the most first; empty where the group is absent. */
  readonly residue: Readonly<Record<string, number>>
  readonly colour: string | undefined
  readonly shown: readonly Shown[]
}

/** The volume of the original solution that the scheme begins with, cm³. */
const ORIGINAL = 2

/**
 * Takes a mixture through the groups: each group reagent on the filtrate of the group before.
 *
 * @param contains - concentration of each ion, mol/dm³
 * @returns a result for each of groups I to V, and the last filtrate as group VI
 */
export function runScheme(contains: Readonly<Record<string, number>>): readonly GroupResult[] {
  let tube: Tube = freshTube(contains, ORIGINAL)
  const results: GroupResult[] = GROUPS.map(({ group, prepare, reagent, says }) => {
    const prepared = playSteps(tube, prepare)
    // What the preparation throws down (sulfur from hydrogen sulfide) is filtered off first.
    const clear = prepare.length > 0 ? playSteps(prepared.tube, [{ do: 'filter' }]).tube : prepared.tube
    const played = playSteps(clear, [...reagent, { do: 'filter' }])
    tube = played.tube
    const shown = played.shown.slice(0, -1)
    const residue = shown.at(-1)?.solids ?? {}
    const inPaper = Object.keys(residue).length > 0 ? residueOf(played.tube) : undefined
    return { group, did: says, residue, colour: inPaper?.view.solids[0]?.colour, shown }
  })
  return [...results, { group: 'VI', did: 'what is left in the filtrate', residue: {}, colour: undefined, shown: [] }]
}
