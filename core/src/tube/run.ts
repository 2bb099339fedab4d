import { componentsOf } from '../aqueous/index.ts'
import { gasTestNamed, resultOf } from '../gas/index.ts'
import { ChemistryError } from '../problem/index.ts'
import { add } from './adding.ts'
import { standInAir } from './air.ts'
import { type Fact, looksLike } from './facts.ts'
import { filter, residueOf } from './filtering.ts'
import { flameOf } from './flames.ts'
import { cool, heat } from './heating.ts'
import { shakenOut } from './organic.ts'
import { describe, play, type Shown, type Stepped, shown } from './playing.ts'
import type { TubeStep } from './step.ts'
import { freshTube, type Tube } from './tubeState.ts'
import { LIES_AS_IT_CAME, WETTED_SOLIDS } from './wettedSolids.ts'

/** A step that leaves the tube as it is. */
function noted(tube: Tube, facts: readonly Fact[]): Stepped {
  return { tube, shown: describe(facts.length > 0 ? facts : [{ kind: 'noChange' }], tube.view, tube.above) }
}

/** Components of a dry solid, as far as it is known what dissolves of it. */
const partsOf = (formula: string) =>
  LIES_AS_IT_CAME.has(formula)
    ? []
    : Object.keys(WETTED_SOLIDS[formula]?.dissolves ?? { [formula]: 1 }).map((dissolved) => componentsOf(dissolved))

function flame(tube: Tube): Stepped {
  const parts = Object.assign({}, ...Object.keys(tube.contents.dry).flatMap(partsOf))
  const { colour, throughBlueGlass } = flameOf(tube.contents, parts)
  return noted(tube, colour ? [{ kind: 'flame', colour, ...(throughBlueGlass ? { throughBlueGlass } : {}) }] : [])
}

/** A gas test on its own, at the mouth of the tube: of what came off in the step before. */
function gasTest(tube: Tube, name: string | undefined): Stepped {
  const test = name === undefined ? undefined : gasTestNamed(name)
  if (name !== undefined && !test)
    throw new ChemistryError('tube.unknownTest', `'${name}' is no test of a gas that is known here.`, { test: name })
  return noted(
    tube,
    tube.above.flatMap(({ gas }): readonly Fact[] => {
      if (!test) return [{ kind: 'gas', gas, bubbles: false }]
      const result = resultOf(test, gas)
      return result === undefined ? [] : [{ kind: 'gasTest', test, gas, result }]
    }),
  )
}

/** Several bottles under one observation: what any of them shows is seen. */
function addTogether(tube: Tube, step: TubeStep, others: NonNullable<TubeStep['with']>): Stepped {
  const steps = [
    ...others.map((one): TubeStep => ({ do: 'add', reagent: one.reagent, amount: one.amount })),
    { ...step, with: undefined },
  ]
  let now = tube
  const all = steps.map((one) => {
    const next = add(now, one)
    now = next.tube
    return next.shown
  })
  const facts = all.flatMap((one) => one.facts).filter(({ kind }) => kind !== 'noChange')
  const equations = () => [...new Set(all.flatMap((one) => one.equations))]
  return { tube: now, shown: describe(facts.length > 0 ? facts : [{ kind: 'noChange' }], now.view, now.above, equations) }
}

function stand(tube: Tube): Stepped {
  const aired = standInAir(tube.contents)
  const played = play({ ...aired.contents, hot: false })
  return shown(tube, [{ ...played, equations: [...aired.equations, ...played.equations] }])
}

/**
 * Plays one step in a tube and says what is seen.
 *
 * @throws ChemistryError `tube.unknownReagent`, `tube.unknownStep`, `tube.unknownTest`
 */
export function runStep(tube: Tube, step: TubeStep): Stepped {
  return shakenOut(tube, act(tube, step))
}

function act(tube: Tube, step: TubeStep): Stepped {
  switch (step.do) {
    case 'add':
      return step.with && step.with.length > 0 ? addTogether(tube, step, step.with) : add(tube, step)
    case 'dissolve':
      return add(tube, { ...step, reagent: step.reagent ?? 'H2O(l)', amount: step.amount ?? 'excess' })
    case 'warm':
      return heat(tube, false)
    case 'heat':
    case 'boil':
      return heat(tube, true)
    case 'cool':
      return cool(tube)
    case 'stand':
      return stand(tube)
    case 'filter':
      return filter(tube)
    case 'residue':
      return noted(residueOf(tube) ?? tube, [])
    case 'flame':
      return flame(tube)
    case 'gas':
      return gasTest(tube, step.reagent)
    case 'smell':
      return gasTest(tube, 'smell')
    case 'look':
      return noted(tube, looksLike(tube.view))
    case 'shake':
      return shown(tube, [play(tube.contents)])
    default:
      throw new ChemistryError('tube.unknownStep', `'${step.do}' is no step that can be played in a tube.`, { do: step.do })
  }
}

/** Plays steps one after another in a tube. */
export function playSteps(tube: Tube, steps: readonly TubeStep[]): { readonly tube: Tube; readonly shown: readonly Shown[] } {
  let now = tube
  const all = steps.map((step) => {
    const next = runStep(now, step)
    now = next.tube
    return next.shown
  })
  return { tube: now, shown: all }
}

/** Plays steps one after another in a fresh portion of a solution. */
export function runSteps(contains: Readonly<Record<string, number>>, cm3: number, steps: readonly TubeStep[]): readonly Shown[] {
  return playSteps(freshTube(contains, cm3), steps).shown
}
