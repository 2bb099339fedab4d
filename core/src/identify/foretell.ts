import { Memory } from '../memory/index.ts'
import { ChemistryError } from '../problem/index.ts'
import { runStep, type Shown, type Tube, type TubeStep } from '../tube/index.ts'
import { type Features, featuresOf, NOTHING } from './features.ts'
import { freshPortion, type Hypothesis, keyOf, type Portion, type SampleForm } from './hypothesis.ts'
import { eitherOf, ifAmount, isUnsaid, UNSAID } from './unsaid.ts'
import { textOfActs } from './usual/acts.ts'
import { usualFeatures } from './usual/lookUp.ts'

/** Plays a step, or undefined where the model cannot play it. */
export function playedStep(tube: Tube, step: TubeStep): { readonly tube: Tube; readonly shown: Shown } | undefined {
  try {
    return runStep(tube, step)
  } catch (error) {
    if (error instanceof ChemistryError) return undefined
    throw error
  }
}

function played(tube: Tube, step: TubeStep): { readonly tube: Tube; readonly features: Features } {
  const next = playedStep(tube, step)
  if (!next) return { tube, features: NOTHING }
  const features = featuresOf(next.shown.facts)
  return {
    tube: next.tube,
    features: step.do === 'heat' ? afterCooling(features, next.tube) : holding(features, tube, next.tube),
  }
}

/** What a heated solid turned to is mostly written down when it has cooled. */
function afterCooling(features: Features, hot: Tube): Features {
  const cold = playedStep(hot, { do: 'cool' })
  const turned = cold ? featuresOf(cold.shown.facts).turned : []
  return turned.length > 0 ? { ...features, turned: [...new Set([...features.turned, ...turned])] } : features
}

/** A precipitate that is there before and after. */
function holding(features: Features, before: Tube, after: Tube): Features {
  const [solid] = after.view.solids
  return features.precipitate === 'none' && before.view.solids.length > 0 && solid
    ? { ...features, holds: solid.colour }
    : features
}

/** A tube before its own steps. */
export interface Begun extends Portion {
  readonly before: readonly TubeStep[]
}

/** A portion with which nothing was done yet. */
export const freshOf = (form: SampleForm): Begun => ({ cm3: 1, form, before: [] })

/** A tube of a hypothesis after some of its steps, with what each of them would show. */
interface Reached {
  /** Played when it is gone on from: what it shows may be known without. Several where it was not said how much was added. */
  readonly tubes: readonly (() => Tube)[]
  readonly features: readonly Features[]
}

/**
 * What was played before: a record grows by a step at a time, the tests advised next are often those already done, and
 * every record asks the same of most ions.
 */
const MOST_REMEMBERED = 20_000
const reached = new Memory<string, Reached | 'cannot be'>(MOST_REMEMBERED)

// The same few lists of steps are asked of every hypothesis: the text of each beginning of them, the empty one first.
const texts = new WeakMap<readonly TubeStep[], readonly string[]>()

function textsOf(steps: readonly TubeStep[]): readonly string[] {
  const known = texts.get(steps)
  if (known) return known
  const made = ['']
  for (const step of steps) made.push(`${made.at(-1)}${textOfActs([step])}`)
  texts.set(steps, made)
  return made
}

/**
 * What the model foretells for every step of a tube.
 *
 * @returns undefined where the ions cannot stand together as a sample of this form
 */
export function foretell(hypothesis: Hypothesis, tube: Begun, steps: readonly TubeStep[]): readonly Features[] | undefined {
  const start = `${keyOf(hypothesis)} ${tube.form} ${tube.cm3} ${textsOf(tube.before).at(-1)} `
  const found = reach({ hypothesis, begun: tube, steps, start }, steps.length)
  return found === 'cannot be' ? undefined : found.features
}

/** The same, played without anything remembered or looked up. */
export function playAfresh(hypothesis: Hypothesis, tube: Begun, steps: readonly TubeStep[]): readonly Features[] | undefined {
  let now = begin(hypothesis, tube)
  for (const step of steps) now = goneOn(hypothesis, now, step)
  return now === 'cannot be' ? undefined : now.features
}

interface Course {
  readonly hypothesis: Hypothesis
  readonly begun: Begun
  readonly steps: readonly TubeStep[]
  readonly start: string
}

/** A tube after so many of its steps: the step played that was not yet, on what is remembered of those before it. */
function reach(course: Course, count: number): Reached | 'cannot be' {
  const key = `${course.start}${textsOf(course.steps)[count]}`
  return reached.get(key) ?? reached.keep(key, usual(course, count) ?? reachByPlaying(course, count))
}

function reachByPlaying(course: Course, count: number): Reached | 'cannot be' {
  const { hypothesis, begun, steps } = course
  return count === 0 ? begin(hypothesis, begun) : goneOn(hypothesis, reach(course, count - 1), steps[count - 1])
}

/** A fresh portion of one ion in the usual acts: what shows is in a table, and the tube is played when it is wanted. */
function usual(course: Course, count: number): Reached | undefined {
  const { hypothesis, begun, steps } = course
  const [only] = hypothesis.ions
  const fresh = begun.form === 'solution' && begun.cm3 === 1 && begun.before.length === 0
  if (!fresh || !only || hypothesis.whole !== undefined || hypothesis.ions.length > 1 || count === 0) return undefined
  const features = usualFeatures(only, textsOf(steps).slice(1, count + 1))
  if (!features) return undefined
  let tube: Tube | undefined
  const play = () => {
    const found = reachByPlaying(course, count)
    if (found === 'cannot be') throw new Error(`The table of usual acts has ${only.ion}, which cannot be.`)
    return (found.tubes[0] as () => Tube)()
  }
  return {
    features,
    tubes: [
      () => {
        tube ??= play()
        return tube
      },
    ],
  }
}

function begin(hypothesis: Hypothesis, tube: Begun): Reached | 'cannot be' {
  const contents = contentsBefore(hypothesis, tube)
  return contents ? { tubes: [() => contents], features: [] } : 'cannot be'
}

function goneOn({ ions }: Hypothesis, before: Reached | 'cannot be', step: TubeStep | undefined): Reached | 'cannot be' {
  if (before === 'cannot be' || !step) return before
  const after = coursesOf(before.tubes, step).map(([tube, exact]) => played(tube(), exact))
  const features = stillThere(eitherOf(after.map((one) => one.features)), before.features.at(-1))
  // Potassium that only stands in for another cation does not colour the flame.
  const stoodIn = step.do === 'flame' && !ions.some(({ ion }) => ion === 'K+')
  return {
    tubes: after.map(
      ({ tube }) =>
        () =>
          tube,
    ),
    features: [...before.features, stoodIn ? withoutPotassium(features) : features],
  }
}

/** A flame as it would be without potassium. */
function withoutPotassium({ beneath, ...features }: Features): Features {
  if (features.flame === 'lilac') return NOTHING
  return beneath === undefined || beneath === 'lilac' ? features : { ...features, beneath }
}

/** The gas of the step before, which may be tested only now. */
function stillThere(features: Features, before: Features | undefined): Features {
  const still = before?.gases.filter((gas) => !features.gases.includes(gas)) ?? []
  const passed = before?.passing !== undefined && features.precipitate === 'none' && features.fate === undefined
  return still.length > 0 || passed
    ? { ...features, ...(still.length > 0 ? { still } : {}), ...(passed ? { passed: true as const } : {}) }
    : features
}

/** Every way in which a step may have been done: once a tube has several courses, each keeps to its amount. */
function coursesOf(tubes: Reached['tubes'], step: TubeStep): readonly (readonly [tube: () => Tube, step: TubeStep])[] {
  if (!isUnsaid(step)) return tubes.map((tube) => [tube, step])
  const [only] = tubes
  const all = tubes.length === 1 && only ? UNSAID.map(() => only) : tubes
  return all.map((tube, place) => [tube, { ...step, amount: UNSAID[place]?.amount }])
}

/** A tube of a hypothesis as it is before its own steps, or undefined where it cannot be. */
export function contentsBefore(hypothesis: Hypothesis, tube: Begun): Tube | undefined {
  const fresh = freshPortion(hypothesis, tube)
  return fresh && tube.before.reduce((now, step) => played(now, step).tube, fresh)
}

/** Features of two ions together, as far as they do not meddle with one another. */
export function together(one: Features, other: Features): Features {
  if (one === NOTHING) return other
  if (other === NOTHING) return one
  if (one.either || other.either) {
    const either = UNSAID.map((_, place) => together(ifAmount(one, place), ifAmount(other, place)))
    return eitherOf(either)
  }
  const coloured = (features: Features) => features.precipitate !== 'none' && features.colour !== 'white'
  const stronger =
    one.precipitate === 'none' ? other : other.precipitate === 'none' || coloured(one) || !coloured(other) ? one : other
  const fates = [one.fate, other.fate].filter((fate) => fate !== undefined)
  const fate = fates.includes('insoluble') ? 'insoluble' : fates.includes('partly') ? 'partly' : fates[0]
  const solution = one.solution && one.solution !== 'colourless' ? one.solution : (other.solution ?? one.solution)
  const both = (a: readonly string[], b: readonly string[]) =>
    b.length === 0 ? a : a.length === 0 ? b : [...new Set([...a, ...b])]
  return {
    precipitate: stronger.precipitate,
    colour: stronger.colour,
    ...(fate ? { fate } : {}),
    solution,
    decolourised: one.decolourised || other.decolourised,
    gases: both(one.gases, other.gases),
    bubbles: one.bubbles || other.bubbles,
    flame: one.flame === 'yellow' || other.flame === 'yellow' ? 'yellow' : (one.flame ?? other.flame),
    solid: one.solid && one.solid !== 'white' ? one.solid : (other.solid ?? one.solid),
    turned: both(one.turned, other.turned),
    marks: both(one.marks, other.marks),
    ...beneathOf(one, other),
    ...paperOf(one, other),
    ...(one.unknown || other.unknown ? { unknown: true as const } : {}),
    ...passingOf(one, other),
    ...(one.holds || other.holds ? { holds: one.holds ?? other.holds } : {}),
    ...(one.still || other.still ? { still: both(one.still ?? [], other.still ?? []) } : {}),
  }
}

/** Sodium’s yellow hides the other flame, which blue glass shows. */
function beneathOf(one: Features, other: Features): Pick<Features, 'beneath'> {
  const hidden = [one, other].find(({ flame }) => flame === 'lilac')
  const beneath =
    one.beneath ?? other.beneath ?? (hidden && (one.flame === 'yellow' || other.flame === 'yellow') ? 'lilac' : undefined)
  return beneath === undefined ? {} : { beneath }
}

function passingOf(one: Features, other: Features): Pick<Features, 'passing' | 'passed'> {
  const passing = one.passing ?? other.passing
  return { ...(passing ? { passing } : {}), ...(one.passed || other.passed ? { passed: true as const } : {}) }
}

/** The paper of two ions together: the one that turns it, acid before alkali. */
function paperOf({ paper: one }: Features, { paper: other }: Features): Pick<Features, 'paper'> {
  if (one === undefined && other === undefined) return {}
  if (one === 'red' || other === 'red') return { paper: 'red' }
  return { paper: turnsPaper(one) ? one : (other ?? one) }
}

const turnsPaper = (paper: string | undefined) => paper !== undefined && paper !== 'green'

/** Whether features say that anything shows. */
export const shows = (features: Features | undefined): boolean =>
  features !== undefined &&
  (features.either?.some(shows) ||
    features.precipitate !== 'none' ||
    features.gases.length > 0 ||
    (features.solution !== undefined && features.solution !== 'colourless') ||
    features.decolourised ||
    features.flame !== undefined ||
    features.fate !== undefined ||
    turnsPaper(features.paper) ||
    features.passing !== undefined ||
    features.turned.length > 0 ||
    features.marks.length > 0)
