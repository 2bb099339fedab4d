import { readSeries } from '../../curve/index.ts'
import { entryText, type PartOf, type Task } from '../../record/index.ts'
import type { Topic, Way } from '../answer.ts'
import { point, way } from '../points.ts'

const seriesIn = ({ parts }: Task) =>
  parts.filter((part) => part.kind === 'series' && part.points.length > 1) as PartOf<'series'>[]
const ofTemperature = (task: Task) => seriesIn(task).filter(({ y }) => /°C/.test(y.unit))

/** Change of temperature from where a run began to where it went farthest. */
function change({ points }: PartOf<'series'>): number {
  const read = points.map(({ y }) => Number(entryText(y)))
  const [first = 0] = read
  const farthest = read.reduce((most, one) => (Math.abs(one - first) > Math.abs(most - first) ? one : most), first)
  return farthest - first
}

/** Change of temperature of the task, by a run or by an answer; undefined where nothing tells it. */
function warmed(task: Task, answers: readonly { readonly question: string; readonly unrounded?: number }[]): number | undefined {
  const [run] = ofTemperature(task)
  if (run) return change(run)
  const asked = task.questions.find(({ find }) => find.quantity === 'sum' && /temperature/i.test(find.sum))
  return asked && answers.find(({ question }) => question === asked.id)?.unrounded
}

const exothermic: Topic = {
  topic: 'exothermic or endothermic',
  asked: /\b(?:exo|endo)thermic\b/i,
  ways: ({ task, reckoning }) => {
    const rise = warmed(task, reckoning.answers)
    if (rise === undefined || rise === 0) return []
    const [kind, went, heat] = rise > 0 ? ['exothermic', 'rose', 'given out'] : ['endothermic', 'fell', 'taken in']
    return [
      way(
        `It is ${kind}: the temperature ${went} by ${Math.abs(rise).toFixed(1)} °C, so heat was ${heat}.`,
        point(`it is ${kind}`, kind),
        point(
          `the temperature ${went}`,
          rise > 0 ? 'rose|rise|increas|higher|warmer|hotter|went up' : 'fell|fall|decreas|lower|colder|cooler|drop|went down',
        ),
      ),
    ]
  },
}

const afterTheTop: Topic = {
  topic: 'temperature falls after the maximum',
  asked: /why .*temperature (?:fall|drop|decrease|go(?:es)? down)|temperature falls after/i,
  ways: ({ task }) =>
    ofTemperature(task).some((part) => readSeries(part).twoLines && change(part) > 0)
      ? [
          way(
            'All of one reactant has been used up, so no more heat is given out; what is added then is cooler and takes up heat.',
            point('one reactant is used up', 'used up|all .*react|neutralis|no more react|complete|excess|limiting'),
            point('what is added is cooler', 'cool|cold|room temperature|added|dilut'),
          ),
        ]
      : [],
}

const cup: Topic = {
  topic: 'why an insulated cup',
  asked: /^(?!.*\b(?:rins|wash|dry|weigh)).*why .*\b(?:plastic cup|polystyrene|insulat\w*|cup|lid)\b/i,
  ways: ({ task, reckoning }) =>
    warmed(task, reckoning.answers) === undefined
      ? []
      : [
          way(
            'It lets less heat go to the air than glass and takes up little heat itself.',
            point('less heat is lost, or taken up', 'heat|insulat|conduct|lost|loss|capacity|warm'),
          ),
        ],
}

const flat: Topic = {
  topic: 'why the curve becomes flat',
  asked: /why .*(?:curve|line|graph|volume).*(?:flat|level|constant|stop)/i,
  ways: ({ task }) =>
    seriesIn(task).some(({ x }) => /time/i.test(x.name))
      ? [
          way(
            'One of the reactants is used up, so the reaction has stopped and nothing more is made.',
            point('a reactant is used up', 'used up|run out|ran out|all .*(?:react|gone|used)|limiting|consumed|finish|complete'),
            point('nothing more is made', 'no more|stop|end(?:ed|s)?|no further|finish|complete'),
          ),
        ]
      : [],
}

const rates: Topic = {
  topic: 'difference in rate',
  asked:
    /\b(?:in terms of (?:particles|collisions)|why .*\brates?\b.*\b(?:differ|larger|faster|higher|greater)|why .*\b(?:faster|quicker)\b|explain .*difference in rate)/i,
  ways: ({ task }): readonly Way[] => {
    const titles = seriesIn(task)
      .map(({ title = '', x, y }) => `${title} ${x.name} ${y.name}`)
      .join(' ')
    if (/°C|temperature/i.test(titles))
      return [
        way(
          'At the higher temperature the particles move faster: they collide more often, and more of the collisions have the energy that the reaction needs.',
          point('the particles collide more often', 'collid|collision', 'frequen|more often'),
          point('more of them have enough energy', 'energy|activation|faster|kinetic'),
        ),
      ]
    if (/cm3|cm³|mol|concentrat|strong/i.test(titles))
      return [
        way(
          'In the stronger solution there are more particles in the same volume, so they collide more often.',
          point('more particles in the same volume', 'more particles|volume|concentrat|closer|crowd'),
          point('they collide more often', 'collid|collision', 'frequen|more often'),
        ),
      ]
    return []
  },
}

/** Questions about heats and rates. */
export const HEATS: readonly Topic[] = [exothermic, afterTheTop, cup, flat, rates]
