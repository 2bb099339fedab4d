import { readObservation } from '../observe/index.ts'
import type { PartOf } from '../record/index.ts'

type Sample = PartOf<'rack'>['samples'][number]
type Tube = Sample['tubes'][number]
type Step = Tube['steps'][number]

export type GroupState = 'absent' | 'present' | 'to do' | 'later'

/** A group of the systematic scheme as a record has it so far. */
export interface GroupStage {
  readonly group: 'I' | 'II' | 'III' | 'IV' | 'V' | 'VI'
  readonly looksFor: string
  readonly state: GroupState
  /** The step that tells, `H3.2`. */
  readonly at?: string
  /** What is done here, ready to be typed. */
  readonly does: readonly string[]
  /** What is taken on to the next group, and what stays to be confirmed. */
  readonly takes: string
}

interface Group {
  readonly group: GroupStage['group']
  readonly looksFor: string
  readonly does: readonly string[]
  /** Whether a step is the group reagent's last, by what was done before it. */
  readonly tells: (step: Step, before: readonly Step[]) => boolean
}

const added = (before: readonly Step[], pattern: RegExp) =>
  before.some(({ do: act, reagent }) => act === 'add' && reagent !== undefined && pattern.test(reagent))

/** The groups in order (common practice; from memory of Vogel's textbook). */
const GROUPS: readonly Group[] = [
  {
    group: 'I',
    looksFor: 'silver, lead',
    does: ['1 cm3 HCl'],
    tells: ({ reagent = '' }, before) => /^HCl/.test(reagent) && !added(before, /^H2S|^NH3/),
  },
  {
    group: 'II',
    looksFor: 'copper(II), lead',
    does: ['H2S to excess'],
    tells: ({ reagent = '' }, before) => /^H2S\(g\)/.test(reagent) && added(before, /^HCl/) && !added(before, /^NH3/),
  },
  {
    group: 'III',
    looksFor: 'iron, aluminium, chromium(III)',
    does: ['boil', 'drops conc HNO3', 'boil', 'cool', '1 cm3 NH4Cl', 'NH3 to excess'],
    tells: ({ reagent = '' }, before) => /^NH3/.test(reagent) && added(before, /^NH4Cl/) && !added(before, /^\(NH4\)2CO3/),
  },
  {
    group: 'IV',
    looksFor: 'zinc, manganese(II), nickel(II), cobalt(II)',
    does: ['H2S to excess'],
    tells: ({ reagent = '' }, before) => /^H2S\(g\)/.test(reagent) && added(before, /^NH3/),
  },
  {
    group: 'V',
    looksFor: 'calcium, strontium, barium',
    does: ['boil', 'cool', 'drops NH3', '2 cm3 (NH4)2CO3'],
    tells: ({ reagent = '' }) => /^\(NH4\)2CO3/.test(reagent),
  },
  {
    group: 'VI',
    looksFor: 'magnesium, sodium, potassium',
    does: ['drops Na2HPO4', 'flame test'],
    tells: ({ do: act, reagent = '' }, before) => added(before, /^\(NH4\)2CO3/) && (act === 'flame' || /^Na2HPO4/.test(reagent)),
  },
]

/** All steps that led to a tube's present contents, with where each stands. */
function historyOf(
  tubes: ReadonlyMap<string, Tube>,
  tube: Tube,
  depth = 0,
): readonly { readonly step: Step; readonly at: string }[] {
  const parent = tube.from === undefined || depth > 20 ? undefined : tubes.get(tube.from)
  const own = tube.steps.map((step, index) => ({ step, at: `${tube.id}.${index + 1}` }))
  // What was filtered off and taken for its own confirmation is not on the path.
  return [...(parent ? historyOf(tubes, parent, depth + 1) : []), ...own]
}

function stateOf(step: Step): 'present' | 'absent' | undefined {
  const facts = readObservation(step.saw ?? '').facts.map(({ fact }) => fact.kind)
  if (facts.length === 0) return undefined
  return facts.some((kind) => kind === 'precipitate' || kind === 'precipitateTurns' || kind === 'flame') ? 'present' : 'absent'
}

const ORIGINAL = ' Ammonium and anions are looked for in the original solution.'

function takes(state: GroupState, last: boolean): string {
  if (last) return `Confirm by the flame.${ORIGINAL}`
  if (state === 'present') return 'Filter: the filtrate goes on to the next group, the residue is confirmed on its own.'
  if (state === 'absent') return 'The same solution goes on to the next group.'
  return ''
}

/**
 * How far a sample has been taken through the systematic scheme: each group absent, present, next or later, and what to
 * take forward.
 *
 * @param tubes - all tubes of the rack
 */
export function schemePath(sample: Sample, tubes: readonly Tube[] = sample.tubes): readonly GroupStage[] {
  const byName = new Map(tubes.map((tube) => [tube.id, tube]))
  const main = sample.tubes.filter(({ take }) => take !== 'residue').map((tube) => historyOf(byName, tube))
  let open = true
  return GROUPS.map(({ group, looksFor, does, tells }): GroupStage => {
    const found = main
      .flatMap((history) =>
        history.flatMap(({ step, at }, index) => {
          const state = tells(
            step,
            history.slice(0, index).map((one) => one.step),
          )
            ? stateOf(step)
            : undefined
          return state ? [{ at, state }] : []
        }),
      )
      .at(-1)
    const state: GroupState = found?.state ?? (open ? 'to do' : 'later')
    if (!found) open = false
    return { group, looksFor, state, does, takes: takes(state, group === 'VI'), ...(found ? { at: found.at } : {}) }
  })
}
