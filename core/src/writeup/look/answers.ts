import { decimalPlaces, Exact } from '../../number/index.ts'
import { path } from '../../record/index.ts'
import type { Facts } from '../facts.ts'
import type { Remark } from './remark.ts'

/** Fewest figures of a result (common practice); more than so many places beyond its uncertainty say nothing. */
const FEWEST_FIGURES = 2
const PLACES_BEYOND = 2

/** How many places an answer has that its uncertainty leaves nothing of. */
function placesBeyond(value: string, plusMinus: string): number {
  const [digits = '', exponent = '0'] = value.split('e')
  const lastPlace = decimalPlaces(digits) - Number(exponent)
  return lastPlace + new Exact(plusMinus).e
}

/** Answers that are missing, or have more or fewer figures than the readings give. */
export function lookAtAnswers({ task, reckoning, sure }: Facts): readonly Remark[] {
  return task.questions.flatMap((question): Remark[] => {
    const at = path('questions', question.id)
    const answer = reckoning.answers.find((one) => one.question === question.id)
    if (question.find.quantity === 'words' || question.find.quantity === 'ions' || !answer) return []
    if (answer.value === null)
      return [
        {
          code: 'look.noAnswer',
          at,
          says: `There is no answer yet: ${answer.missing}.`,
          mend: 'Record what is missing, or leave the question out.',
        },
      ]
    if ((question.figures ?? task.conventions.figures) < FEWEST_FIGURES)
      return [
        {
          code: 'look.fewFigures',
          at,
          says: `${answer.value} has one figure only: most of what was measured is lost.`,
          mend: 'Give three, or as many as the least exact reading has.',
        },
      ]
    const plusMinus = sure.get(question.id)?.sureness
    const size =
      plusMinus && answer.unrounded !== undefined ? new Exact(plusMinus.expanded * Math.abs(answer.unrounded)) : undefined
    if (size && !size.isZero() && placesBeyond(answer.value, size.toFixed()) >= PLACES_BEYOND)
      return [
        {
          code: 'look.manyFigures',
          at,
          says: `${answer.value} has more figures than the readings give: it is sure to ±${size.toSignificantDigits(1).toFixed()} only.`,
          mend: 'Give as many figures as the least exact reading has, usually three.',
        },
      ]
    return []
  })
}
