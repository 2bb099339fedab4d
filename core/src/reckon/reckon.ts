import { type Exact, formatFigures, formatPlaces } from '../number/index.ts'
import { ChemistryError, type Problem } from '../problem/index.ts'
import { isCountable, isOfSeries, path, type Question, type Task } from '../record/index.ts'
import { sumOf } from '../sums/index.ts'
import type { Assessment } from '../titration/index.ts'
import type { Answer } from './answer.ts'
import { buildNetwork } from './build.ts'
import type { AskedQuestion, Built } from './built.ts'
import { evaluate, type Values } from './evaluate.ts'
import { inLitres } from './inLitres.ts'
import { lineNameOf } from './lineNames.ts'
import type { Network } from './network.ts'
import { linesOfChain, writeChain } from './oneChain.ts'
import type { Key } from './quantity.ts'
import { unitOf } from './relations/inUnit.ts'
import { answerProblem } from './says.ts'
import { chainTo, type Solution, whatIsMissing } from './solve.ts'
import { unlessImpossible } from './unlessImpossible.ts'
import { type WhyNot, whyNot } from './whyNot.ts'
import { assumptionsOf, withSign, writeValue, writeWorking } from './working.ts'

/** A titration's results as the CLI reports them. */
export interface TitrationResult {
  readonly part: string
  readonly titres: readonly (string | null)[]
  readonly used: readonly number[]
  /** Two decimals; null while nothing is agreed on, or where every run has its own weighed solid. */
  readonly mean: string | null
  readonly unit: string
  readonly concordant: boolean
}

export interface Reckoning {
  readonly titrations: readonly TitrationResult[]
  readonly answers: readonly Answer[]
  readonly problems: readonly Problem[]
  readonly assessments: ReadonlyMap<string, Assessment>
}

/** So much of a whole, in %, no uncertainty of a school's titration explains. */
const CLEARLY_OVER = 110

/** A rate that falls, a temperature that drops and too little found are results, not errors. */
const mayBeBelowNought = (quantity: Question['find']['quantity']) => quantity === 'percentError' || isOfSeries(quantity)

const mayBeNegative = ({ find }: Question) =>
  find.quantity === 'sum' ? (sumOf(find.sum)?.signed ?? false) : mayBeBelowNought(find.quantity)

/** Something that is worked out when it is first asked for. */
function later<Value>(work: () => Value): () => Value {
  let known: { readonly value: Value } | undefined
  return () => {
    known ??= { value: work() }
    return known.value
  }
}

class Answerer {
  readonly problems: Problem[] = []
  private readonly task: Task
  private readonly gaps: ReadonlyMap<string, string>
  private readonly question: Question
  private readonly network: Network
  private readonly solution: Solution
  private readonly whyNot: () => WhyNot | undefined

  constructor(task: Task, { recorded: { gaps, presence } }: Built, { question, bench, solution, spoken }: AskedQuestion) {
    this.task = task
    this.gaps = gaps
    this.whyNot = () => spoken && whyNot({ bench, solution }, presence, { ...spoken, mayBeCounted: isCountable(question.find) })
    this.question = question
    this.network = bench.network
    this.solution = solution
  }

  /** What is written to so many decimals is carried on so, too. */
  private round(figures: number) {
    return (value: Exact, key: Key) => {
      const places = this.network.quantities.get(key)?.places
      return places === undefined ? value.toSignificantDigits(figures) : value.toDecimalPlaces(places)
    }
  }

  private values(key: Key, figures: number, carry: 'unrounded' | 'rounded'): Values {
    const { network } = this
    if (carry === 'unrounded') return evaluate(network, this.solution, key)
    const round = this.round(figures)
    if (this.task.conventions.working !== 'chain') return evaluate(network, this.solution, key, round)
    // In one chain nothing is rounded but what has a line of its own.
    const lines = new Set(linesOfChain(this.solution, key))
    return evaluate(network, this.solution, key, (value, line) => (lines.has(line) ? round(value, line) : value))
  }

  private write(key: Key, value: Exact, figures: number): string {
    const { network, question } = this
    if (question.find.quantity === 'meanTitre') return formatPlaces(value, 2)
    if (question.figures !== undefined) return formatFigures(value, figures)
    return writeValue(network, this.solution.get(key)?.rule, key, value, figures)
  }

  answer(key: Key): Answer {
    const { network, question } = this
    const quantity = network.quantities.get(key)
    const unit = quantity ? unitOf(quantity) : ''
    if (!this.solution.has(key)) return { question: question.id, value: null, unit, steps: [], assumes: [], ...this.missing(key) }
    const { carry, figures: usual, working } = this.task.conventions
    const figures = question.figures ?? usual
    const write = working === 'chain' ? writeChain : writeWorking
    try {
      const values = this.values(key, figures, carry)
      const value = values.get(key) as Exact
      const written = withSign(network, key, this.write(key, value, figures))
      this.checkSize(key, value, unit)
      const nameOf = (line: Key) => lineNameOf(this.task, network, line)
      const steps = later(() => write(network, this.solution, values, key, { figures, carry, nameOf }))
      const assumes = later(() => assumptionsOf(this.solution, key))
      const other = later(() => this.otherCarry(key, figures, written))
      return {
        question: question.id,
        value: written,
        unit,
        unrounded: value.toNumber(),
        // While readings are typed nobody looks at the lines, so they are written when somebody does.
        get steps() {
          return steps()
        },
        get assumes() {
          return assumes()
        },
        get otherCarry() {
          return other()
        },
      }
    } catch (error) {
      if (!(error instanceof ChemistryError)) throw error
      return { question: question.id, value: null, unit, steps: [], assumes: [], missing: error.message }
    }
  }

  private otherCarry(key: Key, figures: number, written: string): string | undefined {
    const carry = this.task.conventions.carry === 'rounded' ? 'unrounded' : 'rounded'
    // Rounded on the way, two numbers can become one, and nothing is left to divide by; the answer itself stands.
    const other = unlessImpossible(() =>
      withSign(this.network, key, this.write(key, this.values(key, figures, carry).get(key) as Exact, figures)),
    )
    return other === written ? undefined : other
  }

  private missing(key: Key): Pick<Answer, 'missing' | 'couldCountBy'> {
    const asked = whatIsMissing(this.network, key)
    if (asked.length > 0) return { missing: asked.join('; ') }
    if (this.gaps.size > 0) return { missing: [...this.gaps.values()].join('; ') }
    const why = this.whyNot()
    if (!why) return { missing: 'a reading or reaction that leads to this quantity' }
    const { says, couldCountBy } = why
    return { missing: says, ...(couldCountBy ? { couldCountBy } : {}) }
  }

  private checkSize(key: Key, value: Exact, unit: string): void {
    const { question } = this
    const at = path('questions', question.id)
    const found = formatFigures(value, 3)
    if (value.isNegative() && !mayBeNegative(question)) {
      const mixture = chainTo(this.solution, key).some(({ rule }) => rule?.stated.apart)
      this.problems.push(answerProblem(mixture ? 'answer.negativeInMixture' : 'answer.negative', at, { value: found, unit }))
    }
    if (question.find.quantity === 'massPercent' && value.gt(100))
      this.problems.push(
        answerProblem(value.gt(CLEARLY_OVER) ? 'answer.overHundred' : 'answer.aboutHundred', at, { value: found }),
      )
  }
}

function resultOf(id: string, assessment: Assessment, unit: string): TitrationResult {
  return {
    part: id,
    titres: assessment.runs.map(({ titre }) => titre?.text ?? null),
    used: assessment.used,
    mean: assessment.mean ? formatPlaces(assessment.mean, 2) : null,
    unit,
    concordant: assessment.concordant,
  }
}

/**
 * Works the whole task out: titres and means, and every question with its lines of working, or what is missing.
 *
 * Deterministic and without side effects; quick enough to run on every keystroke (see `npm run bench`).
 */
export function reckonTask(task: Task): Reckoning {
  const built = buildNetwork(task)
  const problems: Problem[] = []
  const answers = built.questions.map((asked): Answer => {
    const { question, target } = asked
    if (asked.refusedUnit)
      problems.push(answerProblem('question.unit', path('questions', question.id, 'unit'), asked.refusedUnit))
    if ('missing' in target)
      return { question: question.id, value: null, unit: question.unit ?? '', steps: [], assumes: [], missing: target.missing }
    const answerer = new Answerer(task, built, asked)
    const answer = answerer.answer(target.key)
    problems.push(...answerer.problems)
    return answer
  })
  const { assessments } = built.recorded
  return {
    titrations: [...assessments].map(([id, assessment]) => resultOf(id, assessment, task.conventions.volumeUnit)),
    answers: task.conventions.volumeUnit === 'mL' ? answers.map(inLitres) : answers,
    problems,
    assessments,
  }
}
