import { type ObservedFact, readTubes } from '../observe/index.ts'
import { type PartOf, stepName, tubeLine } from '../record/index.ts'
import { SCHEME, type SchemeGroup, type SchemeStep } from '../tube/index.ts'
import { sayAction } from './acts/action.ts'

type Sample = PartOf<'rack'>['samples'][number]
type Tube = Sample['tubes'][number]
type Step = Tube['steps'][number]

export type GroupState = 'absent' | 'present' | 'to do' | 'later'

/** A group of the systematic scheme as a record has it so far. */
export interface GroupStage {
  readonly group: SchemeGroup['group']
  readonly looksFor: string
  readonly state: GroupState
  /** The step that tells, `H3.2`. */
  readonly at?: string
  /** What is done here, ready to be typed. */
  readonly does: readonly string[]
  /** What is taken on to the next group, and what stays to be confirmed. */
  readonly takes: string
}

/** A bottle without its state: the scheme's dilute acid and a student's `HCl(conc)` are the same group reagent. */
const bottle = (reagent = '') => reagent.replace(/\((?:aq|g|s|l|conc)\)$/, '')

const bottlesOf = (steps: readonly SchemeStep[]) => steps.map(({ reagent }) => bottle(reagent))

/**
 * Whether a step is a group's telling one, by what was added before it: its companions and the group it follows are in,
 * and the bottle of no later group, unless an earlier group uses the same.
 */
function isTelling(index: number, step: Step, before: readonly Step[]): boolean {
  const { tells, companions, after } = SCHEME[index] as SchemeGroup
  const sameBottle = (reagent?: string) => step.do !== 'add' || bottle(reagent) === bottle(step.reagent)
  if (!tells.some(({ do: act, reagent }) => act === step.do && sameBottle(reagent))) return false
  const added = new Set(before.flatMap(({ do: act, reagent }) => (act === 'add' ? [bottle(reagent)] : [])))
  const needed = [...bottlesOf(companions), ...(after === undefined ? [] : [bottle(after)])]
  const soFar = new Set(SCHEME.slice(0, index + 1).flatMap((group) => bottlesOf(group.tells)))
  const later = SCHEME.slice(index + 1).flatMap((group) => bottlesOf(group.tells))
  return needed.every((name) => added.has(name)) && !later.some((name) => !soFar.has(name) && added.has(name))
}

/** A step with where it stands and what was read of it. */
interface Told {
  readonly step: Step
  readonly at: string
  readonly facts: readonly ObservedFact[]
}

/** All steps that led to a tube's present contents, with where each stands. */
function historyOf(tubes: ReadonlyMap<string, Tube>, tube: Tube): readonly Told[] {
  // What was filtered off and taken for its own confirmation is not on the path.
  const line = tubeLine(tube, tubes)
  const read = readTubes(line).tubes
  return line.flatMap(({ id, steps }, place) =>
    steps.map((step, index) => ({
      step,
      at: stepName(id, index),
      facts: read[place]?.[index]?.observation.facts.map(({ fact }) => fact) ?? [],
    })),
  )
}

/** What a telling step says of its group: a solid or a flame, in a portion of its own a gas that turned the paper. */
function stateOf(facts: readonly ObservedFact[], apart: boolean): 'present' | 'absent' | undefined {
  if (facts.length === 0) return undefined
  const signs = apart ? ['gas'] : ['precipitate', 'precipitateTurns', 'flame']
  return facts.some(({ kind }) => signs.includes(kind)) ? 'present' : 'absent'
}

const ORIGINAL = ' Anions are looked for in the original solution.'

function takes(state: GroupState, apart: boolean, last: boolean): string {
  if (apart) return 'That portion is done with: the groups begin with the original solution.'
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
  return SCHEME.map(({ group, looksFor, prepare, companions, tells, apart = false }, groupIndex): GroupStage => {
    const found = main
      .flatMap((history) =>
        history.flatMap(({ step, at, facts }, index) => {
          const before = history.slice(0, index).map((one) => one.step)
          const state = isTelling(groupIndex, step, before) ? stateOf(facts, apart) : undefined
          return state ? [{ at, state }] : []
        }),
      )
      .at(-1)
    const state: GroupState = found?.state ?? (open ? 'to do' : 'later')
    if (!found && !apart) open = false
    const does = [...prepare, ...companions, ...tells].map((step) =>
      step.do === 'add' ? sayAction(step) : [step.do, ...(step.reagent ? [step.reagent] : [])].join(', '),
    )
    return { group, looksFor, state, does, takes: takes(state, apart, group === 'VI'), ...(found ? { at: found.at } : {}) }
  })
}
