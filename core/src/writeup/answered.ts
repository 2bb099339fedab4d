import { type Answer, questionTitle, type Step } from '../reckon/index.ts'
import { path, type Question, type Task, wordsFor } from '../record/index.ts'
import { type Line, onLine, setAlgebra, setEquation, setMeasured, setNumber, setSubstituted } from '../typeset/index.ts'
import type { Facts } from './facts.ts'
import type { Answered, WorkedLine } from './report.ts'
import { sentence } from './words.ts'

function workedLine({ says, equation, formula, substituted, value, unit, chain }: Step): WorkedLine {
  const fractions = chain?.map(({ top, bottom }): Line => {
    const term = ({ text, unit: of }: { readonly text: string; readonly unit: string }) => setMeasured(text, of)
    return bottom ? [...onLine('('), ...term(top), ...onLine(' ÷ '), ...term(bottom), ...onLine(')')] : term(top)
  })
  return {
    says: sentence(says).replace(/\.$/, ''),
    equations: equation?.split('\n').map(setEquation) ?? [],
    formula: setAlgebra(formula),
    substituted:
      fractions?.flatMap((line, index) => (index === 0 ? line : [...onLine(' × '), ...line])) ?? setSubstituted(substituted),
    value: setMeasured(value, unit),
  }
}

function resultOf({ value, unit }: Answer, plusMinus: string | undefined): Line | undefined {
  if (value === null) return undefined
  if (plusMinus === undefined) return setMeasured(value, unit)
  const both = value.includes('e') || plusMinus.includes('e')
  return both
    ? [...setMeasured(value, unit), ...onLine(' ± '), ...setMeasured(plusMinus, unit)]
    : [...setNumber(value), ...onLine(' ± '), ...setMeasured(plusMinus, unit)]
}

/** What a question asks; where several ask in the same words, each with what it is about. */
function titleOf(task: Task, question: Question): string {
  const { number: _, ...unnumbered } = question
  const title = questionTitle(task, unnumbered)
  const { text: __, ...bare } = unnumbered
  const twice = task.questions.some(
    ({ id, text, number }) => id !== question.id && text === question.text && number === question.number,
  )
  return twice && question.text ? `${title} ${questionTitle(task, bare)}` : title
}

/** An earlier answer with whose lines this working begins, and how many of them. */
function goingOnFrom(lines: readonly WorkedLine[], before: readonly Answered[]): Answered['from'] {
  const sameUpTo = ({ lines: others }: Answered) => {
    const differs = lines.findIndex((line, index) => JSON.stringify(line) !== JSON.stringify(others[index]))
    return differs < 0 ? lines.length : differs
  }
  const best = before
    .map((answer) => ({ answer: answer.number || answer.title, lines: sameUpTo(answer) }))
    .toSorted((a, b) => b.lines - a.lines)[0]
  return best && best.lines > 1 ? best : undefined
}

/**
 * A question with its working and its answer, in the words and figures that are handed in.
 *
 * @param before - answers that stand before it: lines of theirs with which it begins are not written again
 */
export function answeredOf({ task, reckoning, sure }: Facts, question: Question, before: readonly Answered[] = []): Answered {
  const answer = reckoning.answers.find((one) => one.question === question.id)
  const words = wordsFor(task, question)
  const inWords = question.find.quantity === 'words' || question.find.quantity === 'ions'
  const result = answer && !inWords ? resultOf(answer, sure.get(question.id)?.plusMinus) : undefined
  const notes = answer?.otherCarry
    ? [
        `Carrying the ${task.conventions.carry === 'unrounded' ? 'rounded' : 'full'} value from line to line would give ${answer.otherCarry.replace(/^-/, '−')}.`,
      ]
    : []
  const lines = inWords ? [] : (answer?.steps.map(workedLine) ?? [])
  const from = goingOnFrom(lines, before)
  return {
    id: question.id,
    number: question.number?.trim() ?? '',
    title: titleOf(task, question),
    lines,
    ...(from ? { from } : {}),
    ...(result ? { result } : {}),
    ...(words === undefined ? {} : { words: words.trim() }),
    ...(result || words !== undefined ? {} : { missing: inWords ? 'not answered yet' : (answer?.missing ?? 'not answered yet') }),
    notes,
    at: path('questions', question.id),
  }
}
