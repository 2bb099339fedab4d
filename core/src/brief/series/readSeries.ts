import { askedWithin } from '../ask/asked.ts'
import type { Draft } from '../draft/Draft.ts'
import type { DraftSeries } from '../draft/parts.ts'
import type { Topic } from '../draft/topics.ts'
import type { Read } from '../label/said.ts'
import { ofKind } from '../mention/mention.ts'
import { readFollowed } from './followed.ts'
import { additionsIn } from './portionsAdded.ts'
import { placesBy, timesListed, timingIn } from './readings.ts'

const TIME_S = { name: 'time', unit: 's' }
const TIME_MIN = { name: 'time', unit: 'min' }
const ADDED = { name: 'volume added', unit: 'cm3' }
const TEMPERATURE = { name: 'temperature', unit: '°C' }
const GAS = { name: 'volume of gas', unit: 'cm3' }

const ABOUT_IT =
  /temperature|plot|graph|cup|calorimeter|weigh|tip|add|burette|stir|lines?\b|volume|flask|bung|gas|curve|tangent|timer|clock|syringe|stopper|thermometer|measure|lid|time\b/i

const textOf = (reads: readonly Read[]) => reads.map(({ sentence }) => sentence.text).join(' ')

/** The whole done again with something else: "Wash out the flask and repeat with 1.0 g of W". */
const REPEATED =
  /\b(?:repeat(?: the (?:\w+ )?(?:experiment|procedure|run))?|do the same|likewise)\b[^.]{0,30}?\b(?:with|using|at)\b([^.;]*)/i

/** "Do three runs: at 20 °C; at 30 °C; at 40 °C." */
const RUNS =
  /\b(?:do|carry out|make) (?:two|three|four|five|six|\d) (?:runs|experiments|trials):\s*([^.]*;[^.]*(?:\.(?=\d)[^.]*)*)/i

/** Runs of a question: "Experiment 1", "Experiment 2", or once at one temperature and once at another. */
function runsOf(draft: Draft, reads: readonly Read[]): readonly string[] {
  const titles = [
    ...new Set(
      reads.flatMap(({ sentence }) =>
        sentence.markers.filter(({ name }) => /^(?:experiment|run|trial)/i.test(name)).map(({ name }) => name),
      ),
    ),
  ]
  if (titles.length > 1) return titles
  const listed = reads.map(({ sentence }) => RUNS.exec(sentence.text)?.[1]).find((found) => found !== undefined)
  if (listed !== undefined) return listed.split(/;\s*(?:and\s+)?/).map((one) => one.trim().replace(/\.$/, '').slice(0, 60))
  const all = textOf(reads)
  const twice = /\bonce (?:at|with) ([^,.;]{2,40}?),? and once (?:at|with) ([^,.;]{2,40}?)(?=[,.;]|$)/i.exec(all)
  if (twice) return [twice[1] ?? '1', twice[2] ?? '2']
  const again = reads.find(({ sentence }) => REPEATED.test(sentence.text) && askedWithin(sentence.text) === undefined)
  if (!again) return ['']
  const [, other = ''] = REPEATED.exec(again.sentence.text) ?? []
  const second = ofKind(again.mentions, 'label').findLast(
    ({ from }) => from - again.sentence.from >= again.sentence.text.indexOf(other),
  )?.label
  const first = reads
    .slice(0, reads.indexOf(again) + 1)
    .flatMap(({ mentions }) => ofKind(mentions, 'label'))
    .find(({ label }) => draft.materials.get(label)?.form === draft.materials.get(second ?? '')?.form && label !== second)?.label
  return second !== undefined && first !== undefined ? [first, second] : ['', other.trim().slice(0, 60)]
}

/** Series of readings that a question takes: temperature while something is added or goes on, gas while time goes on. */
export function readSeriesOf(draft: Draft, reads: readonly Read[], topics: ReadonlySet<Topic>): void {
  const opening =
    reads.find(({ sentence }) =>
      /every|after each|each time|each addition|each portion|interval|record|portions/i.test(sentence.text),
    ) ?? reads[0]
  if (!opening) return
  if (topics.has('temperature')) readFollowed(draft, reads, temperatureRun(draft, opening, textOf(reads)))
  else if (topics.has('gas')) {
    const { every, until } = timingIn(textOf(reads))
    const planned = every !== undefined && until !== undefined ? placesBy(every, until, every % 1 === 0 ? 0 : 1) : []
    for (const title of runsOf(draft, reads))
      draft.begin('series', opening, { ...(title === '' ? {} : { title }), x: TIME_S, y: GAS, reading: 'curve', planned })
  }
  for (const { sentence, mentions } of reads) {
    if (!ABOUT_IT.test(sentence.text) && !RUNS.test(sentence.text)) continue
    draft.mark(sentence.n, 'measure')
    for (const part of draft.of('series', sentence.block)) draft.touch(sentence.n, part.id)
    for (const mention of mentions) if (mention.kind !== 'equation') draft.land(mention, 'how the readings are taken')
  }
}

const AT_MINUTES = /\bat (?:exactly |the )?(\d+(?:\.\d+)?) ?(?:min\w*|minutes?)|\bat (?:the )?(third|fourth|fifth) minute\b/i
const NTH: Readonly<Record<string, string>> = { third: '3', fourth: '4', fifth: '5' }

function temperatureRun(draft: Draft, opening: Read, all: string): DraftSeries {
  const { by, until } = additionsIn(all)
  const timing = timingIn(all)
  const isTimed = timing.every !== undefined && /\b(?:every|interval|each (?:half )?(?:minute|\d))/i.test(all)
  if (!isTimed) {
    const planned = by !== undefined && until !== undefined ? placesBy(Number(by), Number(until), 2) : []
    return draft.begin('series', opening, { x: ADDED, y: TEMPERATURE, reading: 'two-lines', planned })
  }
  const step = (timing.every ?? 60) / 60
  const at = AT_MINUTES.exec(all)
  const mixedAt = at?.[1] ?? NTH[at?.[2]?.toLowerCase() ?? '']
  const places = step % 1 === 0 ? 0 : 1
  const listed = timesListed(all)
  const regular = timing.until === undefined ? [] : placesBy(step, timing.until / 60, places)
  const every = listed.length > regular.length ? [...new Set(listed)] : regular
  // At the moment of mixing nothing is read.
  const planned = mixedAt === undefined ? every : every.filter((x) => Math.abs(Number(x) - Number(mixedAt)) > 1e-9)
  return draft.begin('series', opening, {
    x: TIME_MIN,
    y: TEMPERATURE,
    reading: 'two-lines',
    planned,
    ...(mixedAt === undefined ? {} : { mixedAt }),
  })
}
