import { Exact, formatPlaces } from '../../number/index.ts'
import { partTitle, path, type Task } from '../../record/index.ts'
import { type Assessment, runName } from '../../titration/index.ts'
import type { Bench } from '../Bench.ts'
import type { Given } from '../network.ts'
import { type Flask, inTitration, type Place } from '../place.ts'
import type { Key } from '../quantity.ts'
import { relateCrossing } from './series/index.ts'

/** What stands beside a titre: what was read before the blank is taken off, and the blank. */
type BesideTitre = 'as read' | 'blank'

/** A volume read at the burette, with what tells it from the titre that is worked with. */
interface TitreRead {
  readonly place: Place
  readonly detail?: BesideTitre
  readonly given: Given
}

/** A volume as it is given: a mean to two decimals, or to the places that are carried. */
function givenVolume(volume: Exact, at: Given['at'], rounded: boolean): Given {
  const carried = rounded ? volume.toDecimalPlaces(2, Exact.ROUND_HALF_UP) : volume
  const text = carried.decimalPlaces() <= 2 ? formatPlaces(carried, 2) : carried.toDecimalPlaces(4, Exact.ROUND_HALF_UP).toFixed()
  return { value: carried, text, ...(at === undefined ? {} : { at }), reading: true }
}

/** The volumes read for the titre of a flask: it alone, or it and the blank; none while it is not there or does not count. */
function titresRead({ part, run }: Flask, assessment: Assessment, { carry }: Task['conventions']): readonly TitreRead[] {
  const volume = run === undefined ? assessment.meanAsRead : assessment.runs[run]?.titre?.volume
  if (volume === undefined || (run !== undefined && !assessment.used.includes(run))) return []
  const at = run === undefined ? path('parts', part.id) : path('parts', part.id, 'runs', part.runs[run]?.id ?? run)
  const place = inTitration(run === undefined ? { part } : { part, run }, 'titre')
  const given = givenVolume(volume, at, carry === 'rounded' && run === undefined)
  const { blank } = assessment
  if (!blank) return [{ place, given }]
  return [
    { place, detail: 'as read', given },
    {
      place: inTitration({ part }, 'titre'),
      detail: 'blank',
      given: givenVolume(blank, path('parts', part.id), carry === 'rounded'),
    },
  ]
}

/** Gives what was read for a titre. */
export function giveTitre(bench: Bench, flask: Flask, assessment: Assessment): void {
  for (const { place, detail, given } of titresRead(flask, assessment, bench.task.conventions))
    bench.network.give(bench.volume(place, undefined, detail), given)
}

function nameOfTitre({ part, run }: Flask): string {
  if (run !== undefined) return `titre of ${runName(part.runs, run)}`
  // Titrations of one mixture to different end-points are told apart by their titles.
  const shared = part.continues !== undefined || part.reactions.filter(({ role }) => role === 'titration').length > 1
  return shared && part.title !== undefined ? `mean titre (${part.title})` : 'mean titre'
}

function wantedOf({ part, run }: Flask, name: string, task: Task): string {
  const { within, runs } = task.conventions.concordance
  const of = partTitle(task, part)
  return run === undefined ? `${runs === 2 ? 'two' : runs} titres that agree within ${within} (${of})` : `the ${name} (${of})`
}

/** The titre of a titration that is followed by a run of readings: the volume at which its two lines cross. */
function relateTitreAtCrossing(bench: Bench, flask: Flask, series: string): Key {
  const place = inTitration(flask, 'titre')
  bench.callPlace(place, 'the volume where the lines cross')
  const titre = bench.volume(place)
  const crossing = relateCrossing(bench, series)
  if ('missing' in crossing) bench.network.ask(titre, crossing.missing)
  else bench.network.product({ gives: titre, over: [crossing.key], oneWay: true, silent: true })
  return titre
}

/** The titre as a volume: the mean of the agreeing runs, or the one titre of a flask of its own; less the blank, where one was run. */
export function relateTitreVolume(bench: Bench, flask: Flask, assessment: Assessment): Key {
  if (flask.part.crossingOf !== undefined) return relateTitreAtCrossing(bench, flask, flask.part.crossingOf)
  const place = inTitration(flask, 'titre')
  const name = nameOfTitre(flask)
  bench.callPlace(place, `the ${name}`)
  const titre = bench.volume(place, assessment.blank ? `${name} less the blank` : name)
  const wanted = wantedOf(flask, name, bench.task)
  if (assessment.blank) relateBlank(bench, flask, { name, titre, wanted })
  else bench.network.ask(titre, wanted)
  giveTitre(bench, flask, assessment)
  return titre
}

interface NamedTitre {
  readonly name: string
  readonly titre: Key
  readonly wanted: string
}

function relateBlank(bench: Bench, { part, run }: Flask, { name, titre, wanted }: NamedTitre): void {
  const place = inTitration(run === undefined ? { part } : { part, run }, 'titre')
  const read = bench.volume(place, name, 'as read')
  const blank = bench.volume(inTitration({ part }, 'titre'), 'titre of the blank', 'blank')
  bench.network.ask(read, wanted)
  bench.network.sum({
    gives: titre,
    plus: [read],
    minus: [blank],
    formulas: { [titre]: 'V = V(titre) − V(blank)' },
    oneWay: true,
  })
}
