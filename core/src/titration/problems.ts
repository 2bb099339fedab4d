import { decimalPlaces, Exact, fitToStep, isOnStep, meantOn, stepPlaces, symbolOf } from '../number/index.ts'
import type { Problem } from '../problem/index.ts'
import { type Conventions, type Entry, entryText, isWithin, type PartOf, type Path, path, type Run } from '../record/index.ts'
import { type AssessedRun, type Assessment, assessTitration } from './assess.ts'
import { rememberPerPart } from './perPart.ts'
import { runName } from './runName.ts'
import { titrationProblem } from './says.ts'
import type { TitrationSetting } from './setting.ts'
import { isOnScale, titreOf } from './titre.ts'

/** A refilled burette starts so much higher than the last run ended, cm³, that nobody need say so (common practice). */
const PLAINLY_REFILLED = '5'

interface Place {
  readonly at: Path
  readonly called: string
}

function checkReading(entry: Entry, place: Place, conventions: Conventions): readonly Problem[] {
  const text = entryText(entry)
  const { capacity, step } = conventions.burette
  const value = new Exact(text)
  const unit = symbolOf(conventions.volumeUnit)
  const facts = { called: place.called, text }
  if (value.gt(capacity)) {
    const meant = meantOn(text, { step, most: capacity })
    const offer = meant.kind === 'asked' ? { label: `Write ${meant.text}`, set: [{ at: place.at, text: meant.text }] } : undefined
    return [titrationProblem('reading.pastCapacity', place.at, { ...facts, capacity, unit }, offer)]
  }
  if (value.isNegative()) return [titrationProblem('reading.negative', place.at, facts)]
  const onStep = isOnStep(text, step)
  const places = stepPlaces(step)
  if (onStep && decimalPlaces(text) === places) return []
  const nearest = fitToStep(text, step)
  const offer = { label: `Write ${nearest}`, set: [{ at: place.at, text: nearest }] }
  return [
    onStep
      ? titrationProblem('reading.places', place.at, { ...facts, places, nearest }, offer)
      : titrationProblem('reading.offStep', place.at, { ...facts, step, unit, nearest }, offer),
  ]
}

/** What is wrong with a run by itself, with the circumstances in which it was found. */
interface CheckedRun {
  readonly at: Path
  readonly name: string
  readonly conventions: Conventions
  readonly problems: readonly Problem[]
}

const checkedRuns = new WeakMap<Run, CheckedRun>()

/** Runs are never changed in place, so at a keystroke all but one are as they were. */
function checkRun(part: PartOf<'titration'>, index: number, conventions: Conventions): readonly Problem[] {
  const run = part.runs[index] as Run
  const at = path('parts', part.id, 'runs', run.id)
  const name = runName(part.runs, index)
  const known = checkedRuns.get(run)
  if (known && isWithin(known.at, at) && known.name === name && known.conventions === conventions) return known.problems
  const problems = problemsOf(run, { at, name, conventions })
  checkedRuns.set(run, { at, name, conventions, problems })
  return problems
}

function problemsOf(run: Run, { at, name, conventions }: Omit<CheckedRun, 'problems'>): readonly Problem[] {
  const problems: Problem[] = []
  for (const field of ['initial', 'final'] as const) {
    const entry = run[field]
    if (entry !== undefined)
      problems.push(...checkReading(entry, { at: [...at, field], called: `${name}: ${field} reading` }, conventions))
  }
  if (run.final !== undefined && run.initial === undefined)
    problems.push(titrationProblem('run.initialMissing', [...at, 'initial'], { run: name }))
  if (run.initial === undefined || run.final === undefined) return problems
  const [initial, final] = [entryText(run.initial), entryText(run.final)]
  if (new Exact(final).lt(initial)) {
    const set = [
      { at: [...at, 'initial'], text: final },
      { at: [...at, 'final'], text: initial },
    ]
    const facts = { run: name, initial, final }
    problems.push(titrationProblem('run.finalAboveInitial', [...at, 'final'], facts, { label: 'Swap them', set }))
  } else if (new Exact(final).eq(initial))
    problems.push(titrationProblem('run.nothingDelivered', [...at, 'final'], { run: name }))
  return problems
}

/** Whether a run starts where the last one ended, or plainly from a refilled burette; asks where it does neither. */
function checkCarryOver(part: PartOf<'titration'>, conventions: Conventions): readonly Problem[] {
  let lastDone: Run | undefined
  return part.runs.flatMap((run, index): Problem[] => {
    const before = lastDone
    if (run.final !== undefined && isOnScale(run.final, conventions.burette)) lastDone = run
    if (run.initial === undefined || before?.final === undefined || run.refilled) return []
    const [initial, last] = [entryText(run.initial), entryText(before.final)]
    const gap = new Exact(last).sub(initial)
    // Nobody comes to stand at 0 by chance.
    if (gap.isZero() || gap.gte(PLAINLY_REFILLED) || new Exact(initial).isZero()) return []
    return [
      titrationProblem('run.notCarriedOn', path('parts', part.id, 'runs', run.id, 'initial'), {
        run: runName(part.runs, index),
        initial,
        last,
        unit: symbolOf(conventions.volumeUnit),
      }),
    ]
  })
}

const volumeOf = ({ compared }: AssessedRun) => compared as Exact

/** The median of sorted titres but the one at a place. */
function medianWithout(sorted: readonly AssessedRun[], place: number): Exact {
  const other = (index: number) => volumeOf(sorted[index < place ? index : index + 1] as AssessedRun)
  const count = sorted.length - 1
  return other((count - 1) >> 1)
    .add(other(count >> 1))
    .div(2)
}

/** Titres that are out of all proportion: less than half, or more than twice, the median of the others. */
function checkProportion(part: PartOf<'titration'>, assessment: Assessment): readonly Problem[] {
  const done = assessment.runs.filter(({ run, compared }) => run.kind !== 'blank' && compared)
  if (done.length < 2) return []
  const sorted = done.toSorted((a, b) => volumeOf(a).cmp(volumeOf(b)))
  const placeOf = new Map(sorted.map((one, place) => [one, place]))
  return done.flatMap((one): Problem[] => {
    // With two runs only, the later one is asked about, once.
    if (done.length === 2 && one.index !== done.at(-1)?.index) return []
    const middle = medianWithout(sorted, placeOf.get(one) as number)
    const ratio = middle.isZero() ? undefined : volumeOf(one).div(middle)
    if (ratio === undefined || (ratio.gte('0.5') && ratio.lte(2))) return []
    return [
      titrationProblem('run.outOfProportion', path('parts', part.id, 'runs', one.run.id, 'final'), {
        run: runName(part.runs, one.index),
        titre: one.titre?.text ?? '',
        size: ratio.lt(1) ? 'small' : 'large',
      }),
    ]
  })
}

/** A rough titre is not so near the accurate ones but by chance. */
const NO_COARSER = '0.02'

function checkRough(part: PartOf<'titration'>, assessment: Assessment, unit: string): readonly Problem[] {
  const accurate = assessment.runs.filter(({ run, compared }) => run.kind === 'accurate' && compared)
  if (accurate.length === 0 || assessment.massPerRun) return []
  const lowest = Exact.min(...accurate.map(volumeOf))
  return assessment.runs.flatMap(({ run, index, titre }): Problem[] => {
    if (run.kind !== 'rough' || !titre) return []
    const { mean } = assessment
    if (mean && !assessment.blank && titre.volume.sub(mean).abs().lte(NO_COARSER))
      return [
        titrationProblem('run.roughIsAccurate', path('parts', part.id, 'runs', run.id, 'final'), {
          run: runName(part.runs, index),
          titre: titre.text,
          unit,
        }),
      ]
    if (titre.volume.gte(lowest)) return []
    return [
      titrationProblem('run.roughDidNotOvershoot', path('parts', part.id, 'runs', run.id, 'final'), {
        run: runName(part.runs, index),
        titre: titre.text,
        unit,
      }),
    ]
  })
}

/** The runs that no mean rests on although they were meant to be accurate. */
function checkAgreement(part: PartOf<'titration'>, assessment: Assessment, conventions: Conventions): readonly Problem[] {
  const accurate = assessment.runs.filter(({ run, compared }) => run.kind === 'accurate' && compared && run.use !== 'no')
  const { within, rule, runs: wanted } = conventions.concordance
  const unit = symbolOf(conventions.volumeUnit)
  const at = path('parts', part.id, 'runs')
  if (!assessment.concordant) {
    if (accurate.length < Math.max(2, wanted)) return []
    const furthest = accurate.length > 2 ? furthestFromRest(accurate) : undefined
    return [
      titrationProblem('titration.noneAgree', at, {
        every: rule === 'every-accurate' ? 'yes' : 'no',
        wanted,
        within,
        unit,
        furthest: furthest ? runName(part.runs, furthest.index) : '',
        titre: furthest?.titre?.text ?? '',
      }),
    ]
  }
  const rival = assessment.runs.some(({ chosenByHand }) => chosenByHand) ? [] : (assessment.rival ?? [])
  const tied =
    rival.length > 0
      ? [titrationProblem('titration.tied', at, { taken: named(part, assessment.used), other: named(part, rival), within, unit })]
      : []
  const inside = accurate
    .filter(({ inMean }) => inMean)
    .map(volumeOf)
    .toSorted((a, b) => a.cmp(b))
  const apart = accurate
    .filter(({ inMean, index }) => !inMean && !rival.includes(index))
    .map((one) =>
      titrationProblem('run.disagrees', [...at, one.run.id, 'final'], {
        run: runName(part.runs, one.index),
        apart: nearestIn(inside, volumeOf(one)).toFixed(2),
        unit,
      }),
    )
  return [...tied, ...apart]
}

const MOST_NAMED = 3

/** Runs by their names, or how many they are where that would be a list. */
function named({ runs }: PartOf<'titration'>, indexes: readonly number[]): string {
  const names = indexes.map((index) => runName(runs, index))
  return names.length > MOST_NAMED ? `${names.length} runs beginning with ${names[0]}` : names.join(' and ')
}

/** How far the nearest of sorted volumes is. */
function nearestIn(sorted: readonly Exact[], volume: Exact): Exact {
  let [low, high] = [0, sorted.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if ((sorted[middle] as Exact).lt(volume)) low = middle + 1
    else high = middle
  }
  const near = [sorted[low - 1], sorted[low]].flatMap((one) => (one ? [one.sub(volume).abs()] : []))
  return Exact.min(...near)
}

function furthestFromRest(runs: readonly AssessedRun[]): AssessedRun {
  const sorted = runs.toSorted((a, b) => volumeOf(a).cmp(volumeOf(b)))
  const gap = (a: AssessedRun | undefined, b: AssessedRun | undefined) => (a && b ? volumeOf(b).sub(volumeOf(a)) : undefined)
  const distances = new Map(
    sorted.map((one, place) => {
      const near = [gap(sorted[place - 1], one), gap(one, sorted[place + 1])].filter((other) => other !== undefined)
      return [one, Exact.min(...near)] as const
    }),
  )
  return runs.reduce((most, one) => ((distances.get(one) as Exact).gt(distances.get(most) as Exact) ? one : most))
}

/** The student's own choice of runs is allowed, with a reason, and always said. */
function checkChoices(part: PartOf<'titration'>, burette: Conventions['burette']): readonly Problem[] {
  return part.runs.flatMap((run, index): Problem[] => {
    if (run.use === undefined || titreOf(run, burette) === undefined) return []
    const at = path('parts', part.id, 'runs', run.id, 'use')
    const name = runName(part.runs, index)
    const facts = { run: name, use: run.use }
    const why = run.why?.trim()
    return [
      why
        ? titrationProblem('run.chosen', at, { ...facts, why, kind: run.kind })
        : titrationProblem('run.choiceNeedsReason', at, facts),
    ]
  })
}

/** Everything that looks wrong in the runs of a titration, with the mend; nothing here stops anyone from going on. */
export const checkTitration = rememberPerPart(findProblems)

function findProblems(part: PartOf<'titration'>, setting: TitrationSetting): readonly Problem[] {
  const assessment = assessTitration(part, setting)
  const { conventions } = setting
  return [
    ...part.runs.flatMap((_, index) => checkRun(part, index, conventions)),
    ...checkCarryOver(part, conventions),
    ...checkProportion(part, assessment),
    ...checkRough(part, assessment, symbolOf(conventions.volumeUnit)),
    ...checkAgreement(part, assessment, conventions),
    ...checkChoices(part, conventions.burette),
  ]
}
