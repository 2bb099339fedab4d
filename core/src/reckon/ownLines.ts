import { type Exact, readTyped, significantFigures, type TypedNumber } from '../number/index.ts'
import type { Question, Task } from '../record/index.ts'
import { compositionOf, hasMolarMass, molarMassOf, readSheetMasses, speciesKey, waterOf } from '../substance/index.ts'
import { buildNetwork } from './build.ts'
import { compute, evaluate, type Values } from './evaluate.ts'
import { type Fault, type Weighed, type WrongWay, wrongMolarMasses, wrongProducts, wrongSums } from './faults.ts'
import { lineNameOf } from './lineNames.ts'
import { input, type Network, type Rule } from './network.ts'
import { piecesOfChain, piecesOfProduct } from './pieces.ts'
import type { Key } from './quantity.ts'
import { reckonTask } from './reckon.ts'
import { chainTo, originalOf } from './solve.ts'
import { readEquation, readFormula } from './species.ts'
import { unlessImpossible } from './unlessImpossible.ts'
import type { Step } from './working.ts'

/** How a student's value for a line compares with the record's. */
export interface Judgement {
  readonly line: string
  readonly verdict:
    | 'right'
    /** Right, but written with too few or too many figures. */
    | 'figures'
    /** Off by the last figure: rounded the wrong way, or too early. */
    | 'rounding'
    /** Wrong, but it follows from the student's own earlier line. */
    | 'carried'
    | 'wrong'
    | 'unreadable'
  readonly fault?: Fault
  readonly says: string
}

const within = (typed: TypedNumber, value: Exact, places: number) => typed.value.sub(value).abs().lte(typed.lastPlace.mul(places))
const HALF_A_PLACE = 0.5000001
/** A value rounded once too early lies at most this many last places off. */
const ROUNDED_EARLY = 1.5
/** One or two figures fit too many wrong ways to name one of them. */
const FEWEST_FIGURES_TO_NAME_A_FAULT = 2

/** The value of a line as it would be with the student's own values for the lines before it. */
function carriedValue(rule: Rule, values: Values, ownOf: (key: Key) => Exact | undefined): Exact | undefined {
  if (!input(rule.body).some((key) => ownOf(key))) return undefined
  const at = (key: Key) => ownOf(key) ?? (values.get(key) as Exact)
  return unlessImpossible(() => compute(rule.body, at))
}

/** Species a molar mass of which could have been taken for another's: those of bottles, equations and questions, and salts without their water. */
function weighedIn(task: Task): readonly Weighed[] {
  const equations = task.parts
    .flatMap((part) => (part.kind === 'titration' ? part.reactions : []))
    .map(({ equation }) => equation)
  const terms = equations.flatMap((text) => {
    const equation = readEquation(text)
    return equation ? [...equation.reactants, ...equation.products].map(({ formula }) => formula) : []
  })
  const texts = [
    ...task.materials.map(({ solute }) => solute),
    ...task.questions.map(({ find }) => ('of' in find ? find.of : undefined)),
  ]
  const named = texts.flatMap((text) => (text === undefined ? [] : (readFormula(text) ?? [])))
  const all = [...named, ...terms].flatMap((formula) => [formula, waterOf(formula).salt])
  const { atomicMasses, sheetMasses = '' } = task.conventions
  const sheet = readSheetMasses(sheetMasses)
  const once = new Map(
    all
      .filter((formula) => compositionOf(formula).size > 0 && hasMolarMass(formula, sheet))
      .map((formula) => [speciesKey(formula), formula]),
  )
  return [...once.values()].map((formula) => ({ text: formula.text, mass: molarMassOf(formula, atomicMasses, sheet) }))
}

function wrongWays({ step, rule }: Line, network: Network, values: Values, weighed: readonly Weighed[]): readonly WrongWay[] {
  const { body } = rule
  const at = (key: Key) => values.get(key) as Exact
  if (!step.chain && body.kind === 'sum') return wrongSums(body.plus.map(at), body.minus.map(at))
  const pieces = step.chain
    ? piecesOfChain(step.chain)
    : body.kind === 'product'
      ? piecesOfProduct({ ...rule, body }, network, values)
      : []
  return pieces.length === 0 ? [] : [...wrongProducts(pieces), ...wrongMolarMasses(pieces, weighed)]
}

function judgeFigures(typed: TypedNumber, wanted: number, exact: boolean): Judgement['verdict'] {
  return exact || (typed.figures >= wanted && typed.figures <= wanted + 1) ? 'right' : 'figures'
}

interface Line {
  readonly step: Step
  readonly key: Key
  readonly rule: Rule
  readonly typed: TypedNumber
  readonly value: Exact
  readonly figures: number
}

/** What the lines before one say about it. */
interface Before {
  readonly ownOf: (key: Key) => Exact | undefined
  /** Whether any of them is not right, so that what follows from it is not wrong by itself. */
  readonly amiss: boolean
}

function judge(line: Line, network: Network, values: Values, before: Before, weighed: () => readonly Weighed[]): Judgement {
  const { step, rule, typed, value, figures } = line
  const said = { line: step.line }
  if (within(typed, value, HALF_A_PLACE)) {
    // A difference of readings has the decimals of the readings, however many figures those are.
    const verdict = judgeFigures(typed, figures, rule.body.kind === 'sum')
    const count = `${figures} significant figure${figures === 1 ? '' : 's'}`
    const says = verdict === 'right' ? 'Right.' : `Right, but write it to ${count}: ${step.value}.`
    return { ...said, verdict, says }
  }
  if (rule.body.kind === 'read off' && typed.value.sub(value).abs().lte(rule.body.from.readTo))
    return { ...said, verdict: 'right', says: 'Right, as finely as it can be read off.' }
  const carried = carriedValue(rule, values, before.ownOf)
  const follows = carried !== undefined && within(typed, carried, ROUNDED_EARLY)
  if (follows && before.amiss)
    return { ...said, verdict: 'carried', says: 'This follows from your own earlier line: mend that one first.' }
  if (follows)
    return { ...said, verdict: 'rounding', says: 'This follows from your rounded earlier line: carry a figure more into it.' }
  if (typed.figures > FEWEST_FIGURES_TO_NAME_A_FAULT && within(typed, value, ROUNDED_EARLY))
    return { ...said, verdict: 'rounding', says: 'Off by the last figure: rounded the wrong way, or a line too early.' }
  const way =
    typed.figures >= FEWEST_FIGURES_TO_NAME_A_FAULT
      ? wrongWays(line, network, values, weighed()).find(
          (wrong) => wrong.value.isFinite() && within(typed, wrong.value, ROUNDED_EARLY) && !wrong.value.eq(value),
        )
      : undefined
  if (way) return { ...said, verdict: 'wrong', fault: way.fault, says: `Not right: ${way.says}.` }
  return {
    ...said,
    verdict: 'wrong',
    fault: 'arithmetic',
    says: 'Not right, though no usual slip gives this: work the line out once more.',
  }
}

/**
 * Compares what a student worked out with the lines of the working, in order.
 *
 * A line that is wrong only because an earlier one was is told apart; what went wrong in a line is found by working it
 * out with each number left out or upside down, never from a list of answers.
 */
export function judgeOwnLines(task: Task, question: Question): readonly Judgement[] {
  const { own = [] } = question
  const answer = reckonTask(task).answers.find((one) => one.question === question.id)
  if (own.length === 0 || !answer) return []
  const asked = buildNetwork(task).questions.find((one) => one.question.id === question.id)
  if (!asked || !('key' in asked.target)) return []
  const { target, solution } = asked
  const { network } = asked.bench
  const values = evaluate(network, solution, target.key)
  const byLine = new Map(own.map(({ id, value }) => [id, readTyped(value)]))
  const numbers = new Map<Key, TypedNumber>()
  const judged: Judgement[] = []
  const keys = new Map(chainTo(solution, target.key).map(({ key }) => [lineNameOf(task, network, key), key]))
  for (const step of answer.steps) {
    const key = keys.get(step.line)
    if (key === undefined || !byLine.has(step.line)) continue
    const typed = byLine.get(step.line)
    const rule = solution.get(key)?.rule
    const value = values.get(key)
    if (!typed || !rule || !value) {
      judged.push({ line: step.line, verdict: 'unreadable', says: 'Write a number here, such as 0.0114 or 1.14 × 10^-2.' })
      continue
    }
    const figures = significantFigures(step.value.split('e')[0] ?? '')
    const before: Before = {
      ownOf: (one) => numbers.get(originalOf(solution, one))?.value,
      amiss: judged.some(({ verdict }) => verdict === 'wrong' || verdict === 'carried'),
    }
    judged.push(judge({ step, key, rule, typed, value, figures }, network, values, before, () => weighedIn(task)))
    numbers.set(key, typed)
  }
  return judged
}
