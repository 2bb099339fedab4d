import { symbolOf } from '../../number/index.ts'
import { buretteOf, materialLabel, type PartOf, partTitle, path, type Task, weighingOf } from '../../record/index.ts'
import { assessTitration, massesFrom, readinessOf, titreOf } from '../../titration/index.ts'
import type { Facts } from '../facts.ts'
import type { Proposed } from '../report.ts'
import { counted, introduced, listed, measured, propose, TIED, volume } from '../words.ts'

type Titration = PartOf<'titration'>

const PUT_IN = {
  pipette: 'was pipetted into',
  burette: 'was run from a second burette into',
  cylinder: 'was measured with a cylinder into',
} as const
const ADDED = {
  pipette: 'was added by pipette',
  burette: 'was added from a second burette',
  cylinder: 'was added from a measuring cylinder',
} as const

/** What was put into a vessel, in the order in which it was put in. */
export function putInto(task: Task, part: Titration, vessel: string): readonly string[] {
  return part.flask.map((content, index) => {
    if ('weighing' in content) {
      const weighing = weighingOf(task, content.weighing)
      return `the weighed ${weighing ? materialLabel(task, weighing.of) : 'solid'} was put into ${vessel}`
    }
    const label = introduced(task, content.material)
    const what = content.volume === undefined ? label : `${volume(task, content.volume)} of ${label}`
    if (index > 0) return `${what} ${content.by ? ADDED[content.by] : 'was added'}`
    return `${what} ${content.by ? PUT_IN[content.by] : 'was put into'} ${vessel}`
  })
}

/** Words that say when to stop, where no indicator is named. */
const END_POINT = /^(to|until|till)\b/i

/** How the end-point was seen: by an indicator and its colours, by a colour of its own, or as the student put it. */
function toTheEnd({ indicator }: Titration): string {
  const words = indicator?.trim() ?? ''
  if (words === '') return ''
  if (END_POINT.test(words)) return ` ${words}`
  const [name = '', ...colours] = words.split(/,\s*/)
  const change = colours.join(', ').replace(/^to\s+/, '')
  if (colours.length > 0) return ` with ${name} as indicator, to ${/\bto\b/.test(change) ? `the change from ${change}` : change}`
  return /\bto\b/.test(name) ? `, to the change from ${name}` : ` with ${name} as indicator`
}

/** Things that were ticked as done before the first run, as they are reported. */
function madeReady(task: Task, part: Titration): readonly Proposed[] {
  const ticked = new Set(part.ready ?? [])
  const lines = readinessOf(task, part).flatMap(({ lines: all }) => all.filter(({ id }) => ticked.has(id)))
  return lines.map(({ id, was }) => propose(`method ${part.id} ready ${id}`, was, path('parts', part.id)))
}

function runsDone(task: Task, part: Titration): string {
  const done = part.runs.filter((run) => titreOf(run, task.conventions.burette))
  const of = (kind: Titration['runs'][number]['kind']) => done.filter((run) => run.kind === kind).length
  const said = [
    ...(of('rough') > 0 ? [counted(of('rough'), 'rough run')] : []),
    ...(of('accurate') > 0 ? [counted(of('accurate'), 'accurate run')] : []),
    ...(of('blank') > 0 ? [counted(of('blank'), 'blank run')] : []),
  ]
  const { concordant } = assessTitration(part, { conventions: task.conventions, massOfRun: massesFrom(task) })
  const within = `${task.conventions.concordance.within}${TIED}${symbolOf(task.conventions.volumeUnit)}`
  const until = concordant && of('accurate') > 1 ? `, until titres agreed within ${within}` : ''
  const was = done.length === 1 ? 'was' : 'were'
  return `${listed(said)} ${was} made${until}`
}

const readTo = (task: Task) => `; the burette was read to ${measured(task.conventions.burette.step, task.conventions.volumeUnit)}`

/** How a titration was done; nothing of one of which no run is finished. */
export function titrationDone(part: Titration, { task }: Facts): readonly Proposed[] {
  const at = path('parts', part.id)
  const done = part.runs.some((run) => titreOf(run, task.conventions.burette))
  if (part.crossingOf !== undefined || !done) return []
  const titrations = task.parts.filter((one) => one.kind === 'titration')
  const several = titrations.length > 1 ? `${partTitle(task, part)}: ` : ''
  const own = part.runs.some(({ weighing }) => weighing !== undefined)
    ? ['for each run a weighed portion was put into a conical flask']
    : []
  const contents = [...own, ...putInto(task, part, own.length > 0 ? 'it' : 'a conical flask')]
  const titrated = `titrated with ${introduced(task, buretteOf(part))}${toTheEnd(part)}`
  const what =
    part.continues !== undefined
      ? 'what stood in the flask after the titration before'
      : contents.length === 0
        ? 'it'
        : 'the mixture'
  const how =
    part.continues === undefined && part.flask.length === 1 && own.length === 0
      ? `${contents.join('')} and ${titrated}`
      : `${[...contents, `${what} was ${titrated}`].join(', ').replace(/, (?=the mixture was)/, ', and ')}`
  return [
    ...madeReady(task, part),
    propose(`method ${part.id} titrated`, `${several}${how}`, at),
    propose(`method ${part.id} runs`, `${runsDone(task, part)}${part === titrations[0] ? readTo(task) : ''}`, at),
  ]
}
