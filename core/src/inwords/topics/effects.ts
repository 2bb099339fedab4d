import { Exact, formatPlaces, symbolOf } from '../../number/index.ts'
import { buretteOf, materialLabel, type PartOf, type Task } from '../../record/index.ts'
import { effectsOf } from '../../slips/index.ts'
import { assessTitration, massesFrom } from '../../titration/index.ts'
import type { Topic, Way } from '../answer.ts'
import { point, pointOf, way } from '../points.ts'
import { speaksOf } from '../speaksOf.ts'

const UP = 'larger|higher|greater|increas|more|bigger|rise|too (?:large|high|big)|twice|double'
const DOWN = 'smaller|lower|less|decreas|fewer|fall|reduc|too (?:small|low)|half|halve'

/** Changes of a quantity as they are asked about, as a factor. */
const TIMES: readonly (readonly [RegExp, number])[] = [
  [/\b(?:twice|doubled?|two times)\b/i, 2],
  [/\b(?:half|halve|halved)\b/i, 0.5],
  [/\b(?:three times|trebled?|tripled?)\b/i, 3],
  [/\b(?:ten times|ten-fold|tenfold)\b/i, 10],
  [/\ba third\b/i, 1 / 3],
]

/** What would be otherwise: what stands after "if", as far as the question says so. */
const supposed = (question: string) => /\b(?:if|when|had|were to)\b(.*)$/i.exec(question)?.[1] ?? ''

/** The titre if something were so many times as much: in proportion to what is in the flask, in inverse proportion to the burette's strength. */
function scaled(task: Task, part: PartOf<'titration'>, question: string): readonly Way[] {
  const clause = supposed(question)
  const times = TIMES.find(([pattern]) => pattern.test(clause))?.[1]
  const { mean } = assessTitration(part, { conventions: task.conventions, massOfRun: massesFrom(task) })
  if (times === undefined || !mean || part.reactions.some(({ role }) => role === 'before')) return []
  const burette = buretteOf(part)
  const ofBurette = speaksOf(task, burette, clause)
  const inFlask = part.flask.some((content) => 'material' in content && speaksOf(task, content.material, clause))
  // Where both are named, or neither, it is not known which of them is meant.
  if (ofBurette === inFlask || (ofBurette && !/concentrat|strength|strong|molar/i.test(clause))) return []
  const factor = ofBurette ? 1 / times : times
  const unit = symbolOf(task.conventions.volumeUnit)
  const now = formatPlaces(mean, 2)
  const then = formatPlaces(new Exact(mean).mul(factor), 2)
  const why = !ofBurette
    ? 'the amount to be titrated changes in proportion'
    : `each cm³ of ${materialLabel(task, burette)} then brings ${times > 1 ? 'more' : 'less'}`
  return [
    way(
      `The titre would be ${then} ${unit} instead of ${now} ${unit}: ${why}.`,
      point(`the titre becomes ${factor > 1 ? 'larger' : 'smaller'}`, factor > 1 ? UP : DOWN, then.replace('.', '\\.')),
      point(why, 'proportion|amount|moles|concentrat|strong|react|needed|mol'),
    ),
  ]
}

const carries = (says: string, question: string) => {
  const words = says.toLowerCase().match(/[a-z]{5,}/g) ?? []
  const there = words.filter((word) => question.toLowerCase().includes(word.slice(0, Math.max(4, word.length - 2))))
  return words.length === 0 ? 0 : there.length / words.length
}

/** A question is about a slip when it has most of the slip's words. */
const MOST_WORDS = 0.6

/** What a slip would do, pushed through the task's own network. */
function slipped({ task, reckoning }: Parameters<Topic['ways']>[0], question: string): readonly Way[] {
  const answered = reckoning.answers.filter(
    ({ value, question: id }) => value !== null && task.questions.find((one) => one.id === id)?.find.quantity !== 'words',
  )
  const wanted = /\btitre\b|\bvolume\b/i.test(question)
    ? (answered.find(({ question: id }) => task.questions.find((one) => one.id === id)?.find.quantity === 'meanTitre') ??
      answered.at(-1))
    : answered.at(-1)
  if (!wanted) return []
  const [best] = effectsOf(task, wanted.question)
    .map((effect) => ({ effect, like: carries(effect.possible.slip.says, question) }))
    .filter(({ like }) => like >= MOST_WORDS)
    .toSorted((a, b) => b.like - a.like)
  if (!best) return []
  const { slip } = best.effect.possible
  const { effect } = best.effect
  if (effect.kind === 'none')
    return [
      way(
        `Nothing would change. ${slip.because}`,
        point('no effect', 'no (?:effect|change|difference)|same|unchanged|not (?:affect|change)'),
        pointOf(slip.because),
      ),
    ]
  const larger = effect.direction === 'up'
  const chain =
    effect.chain.length > 0 ? ` ${effect.chain.map((one) => one.charAt(0).toUpperCase() + one.slice(1)).join('; ')}.` : ''
  return [
    way(
      `The answer would be too ${larger ? 'large' : 'small'}. ${slip.because}${chain}`,
      point(`the answer becomes too ${larger ? 'large' : 'small'}`, larger ? UP : DOWN),
      pointOf(slip.because),
    ),
  ]
}

const whatIf: Topic = {
  topic: 'what would happen if',
  asked: /\bwhat (?:would|effect)\b.*|\beffect (?:on|of|would)\b|\bwould .*\b(?:larger|smaller|higher|lower|greater|less)\b/i,
  ways: (known, question) => {
    const titrations = known.task.parts.filter((part) => part.kind === 'titration')
    const found = titrations.flatMap((part) => scaled(known.task, part, question)).slice(0, 1)
    return found.length > 0 ? found : slipped(known, question)
  },
}

/** Questions about what would have been otherwise. */
export const EFFECTS: readonly Topic[] = [whatIf]
