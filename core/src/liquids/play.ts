import type { TubeStep } from '../tube/index.ts'
import type { Group } from './kinds.ts'
import { RULES, type Rule, SPLITS } from './rules.ts'
import type { Sign } from './signs.ts'
import type { Liquid } from './substances.ts'

/** A sign that is foretold, with how often it shows. */
export interface Foretold {
  readonly sign: Sign
  readonly often: number
}

interface State {
  readonly bottles: ReadonlySet<string>
  readonly groups: ReadonlySet<Group>
  readonly shown: ReadonlySet<Rule>
}

const WARMS = new Set(['warm', 'heat', 'boil'])

/** Everything that a step puts in. */
export const broughtBy = ({ do: act, reagent, with: others = [] }: TubeStep): readonly string[] =>
  act === 'add' || act === 'dissolve' ? [...others.map((one) => one.reagent), ...(reagent ? [reagent] : [])] : []

/** A sugar of two that is boiled with acid becomes sugars that reduce. */
function splitBy(state: State, warms: boolean): ReadonlySet<Group> {
  const splits = warms && state.groups.has('split sugar') && SPLITS.some((acid) => state.bottles.has(acid))
  return splits ? new Set([...state.groups, 'reducing sugar']) : state.groups
}

/** Water put in, or shaken with it: there, what goes into it shows. */
const isMixing = ({ do: act }: TubeStep, brought: readonly string[]) => brought.includes('H2O(l)') || act === 'shake'

/** What is seen of a liquid without a bottle: its flame, its smell, whether it goes into water, where it boils. */
function ownSigns(liquid: Liquid, step: TubeStep, brought: readonly string[]): readonly Sign[] {
  const { kind, burns, smell, water, groups } = liquid
  if (step.do === 'flame') return burns === 'smoky' ? ['burns', 'smoky'] : burns ? ['burns'] : []
  if (step.do === 'smell') return smell ? [`smell ${smell}`] : []
  if (isMixing(step, brought)) return [water === 'mixes' ? 'mixes' : 'layers']
  if (step.do === 'heat' || step.do === 'boil')
    return kind === 'water' ? ['boils at 100'] : groups.has('ions') ? ['leaves a solid'] : []
  return []
}

function stepSigns(
  liquid: Liquid,
  before: State,
  step: TubeStep,
): { readonly signs: readonly Foretold[]; readonly state: State } {
  const brought = broughtBy(step)
  const warms = WARMS.has(step.do)
  const bottles = new Set([...before.bottles, ...brought])
  const groups = splitBy({ ...before, bottles }, warms)
  const fires = RULES.filter(
    (rule) =>
      !before.shown.has(rule) &&
      (rule.warm === undefined || warms) &&
      rule.bottles.every((bottle) => bottles.has(bottle)) &&
      (warms || rule.bottles.some((bottle) => brought.includes(bottle))) &&
      rule.groups.some((group) => groups.has(group)),
  )
  const withWater = [...bottles].every((bottle) => bottle === 'H2O(l)')
  const own = withWater && (bottles.size === 0 || isMixing(step, brought)) ? ownSigns(liquid, step, brought) : []
  const signs = new Map<Sign, number>(own.map((sign) => [sign, 1]))
  for (const { shows, often = 1 } of fires) for (const sign of shows) signs.set(sign, Math.max(signs.get(sign) ?? 0, often))
  return {
    signs: [...signs].map(([sign, often]) => ({ sign, often })),
    state: { bottles, groups, shown: new Set([...before.shown, ...fires]) },
  }
}

/** What each step of a tube shows with a liquid, from the first on. */
export function playLiquid(liquid: Liquid, steps: readonly TubeStep[]): readonly (readonly Foretold[])[] {
  let state: State = { bottles: new Set(), groups: liquid.groups, shown: new Set() }
  return steps.map((step) => {
    const next = stepSigns(liquid, state, step)
    state = next.state
    return next.signs
  })
}
