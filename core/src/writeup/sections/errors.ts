import { Exact, formatFigures } from '../../number/index.ts'
import { asSentence } from '../../problem/index.ts'
import { type Answer, questionTitle } from '../../reckon/index.ts'
import { path, type Task, writePath } from '../../record/index.ts'
import type { Sureness } from '../../uncertainty/index.ts'
import { endsOf } from '../ends.ts'
import type { Facts } from '../facts.ts'
import type { Proposed, Section } from '../report.ts'
import { measured, propose, TIED } from '../words.ts'
import { slipsToNameIn } from './slipsNamed.ts'

/** Sources named, at most, and the smallest part of the whole that is worth naming. */
const MOST_NAMED = 3
const WORTH_NAMING = 0.05

const percent = (part: number) => `${formatFigures(new Exact(part * 100), 2)}${TIED}%`

interface Main {
  readonly answer: Answer
  readonly sureness: Sureness
}

/** The answer whose uncertainty is spoken of: the last of those the task is there to find that has one. */
function mainAnswer({ task, reckoning, sure }: Facts): Main | undefined {
  const ends = new Set(endsOf(task).map(({ id }) => id))
  const answer = reckoning.answers.findLast(({ question, value }) => value !== null && ends.has(question) && sure.has(question))
  const sureness = answer && sure.get(answer.question)?.sureness
  return answer && sureness ? { answer, sureness } : undefined
}

/** Which answer is meant: its number on the sheet, else what it is of. */
function titled(task: Task, { question, value, unit }: Answer): string {
  const found = task.questions.find(({ id }) => id === question)
  const title = found?.number?.trim() || (found ? `“${questionTitle(task, found)}”` : '')
  return `${title} (${measured(value ?? '', unit)})`
}

/** Where the uncertainty of the answer comes from, largest first, and what would make it smaller. */
function fromBudget(task: Task, { answer, sureness }: Main): readonly Proposed[] {
  const { shares, gain, expanded } = sureness
  const named = shares.filter(({ share }) => share >= WORTH_NAMING).slice(0, MOST_NAMED)
  const at = path('questions', answer.question)
  const whole =
    named.length === 0
      ? []
      : [
          propose(
            `errors ${answer.question} whole`,
            `The answer ${titled(task, answer)} is uncertain by ±${percent(expanded)} of itself (k = 2)`,
            at,
          ),
        ]
  const sources = named.map(({ source, share, relative }) =>
    propose(
      `errors ${answer.question} ${source.id}`,
      `${asSentence(source.says)}: ±${percent(relative)} of the answer, ${percent(share)} of the combined variance`,
      at,
    ),
  )
  const improvement = gain
    ? [
        propose(
          `errors ${answer.question} better`,
          `What would help most is ${gain.says}: the ±${percent(gain.from)} of the answer would become ±${percent(gain.to)}`,
          at,
        ),
      ]
    : []
  return [...whole, ...sources, ...improvement]
}

/** What is wrong with words or decimals is no source of error. */
const WORDING_ONLY = /^(wording|conclusion|step)\.|\.places$/

/** What looks wrong in the record and was left so. */
function fromRecord({ problems }: Facts): readonly Proposed[] {
  return problems
    .filter(({ at, code }) => at[0] === 'parts' && !WORDING_ONLY.test(code))
    .map(({ at, code, says }) => propose(`errors ${code} ${writePath(at)}`, says, at))
}

/** Sources of error that this record has, with their size, and the improvement that helps most. */
export function errorsSection(facts: Facts): Section<Proposed> | undefined {
  const main = mainAnswer(facts)
  const sentences = [
    ...(main ? fromBudget(facts.task, main) : []),
    ...fromRecord(facts),
    ...(main ? slipsToNameIn(facts, main.answer) : []),
  ]
  if (sentences.length === 0) return undefined
  return { id: 'errors', heading: 'Sources of error and improvements', blocks: [{ kind: 'sentences', as: 'list', sentences }] }
}
