import type { Draft } from '../draft/Draft.ts'
import type { DraftSeries } from '../draft/parts.ts'
import type { Topic } from '../draft/topics.ts'
import type { Read } from '../label/said.ts'
import { type MentionOf, ofKind } from '../mention/mention.ts'
import { additionsIn } from './portionsAdded.ts'
import { placesBy, timingIn } from './readings.ts'

const TIME_S = { name: 'time', unit: 's' }
const TIME_MIN = { name: 'time', unit: 'min' }
const ADDED = { name: 'volume added', unit: 'cm3' }
const TEMPERATURE = { name: 'temperature', unit: '°C' }
const GAS = { name: 'volume of gas', unit: 'cm3' }

const ABOUT_IT =
  /temperature|plot|graph|cup|calorimeter|add|burette|stir|lines?\b|volume|flask|bung|gas|curve|tangent|timer|clock|syringe|stopper|thermometer|measure|lid|time\b/i

const textOf = (reads: readonly Read[]) => reads.map(({ sentence }) => sentence.text).join(' ')

/** Runs of a question: "Experiment 1", "Experiment 2", or once at one temperature and once at another. */
function runsOf(reads: readonly Read[]): readonly string[] {
  const titles = [
    ...new Set(
      reads.flatMap(({ sentence }) =>
        sentence.markers.filter(({ name }) => /^(?:experiment|run|trial)/i.test(name)).map(({ name }) => name),
      ),
    ),
  ]
  if (titles.length > 1) return titles
  const all = textOf(reads)
  const twice = /\bonce (?:at|with) ([^,.;]{2,40}?),? and once (?:at|with) ([^,.;]{2,40}?)(?=[,.;]|$)/i.exec(all)
  return twice ? [twice[1] ?? '1', twice[2] ?? '2'] : ['']
}

/** Series of readings that a question takes: temperature while something is added or goes on, gas while time goes on. */
export function readSeriesOf(draft: Draft, reads: readonly Read[], topics: ReadonlySet<Topic>): void {
  const opening =
    reads.find(({ sentence }) =>
      /every|after each|each time|each addition|each portion|interval|record|portions/i.test(sentence.text),
    ) ?? reads[0]
  if (!opening) return
  namedOnlyByWords(draft, reads)
  if (topics.has('temperature')) temperatureRun(draft, opening, textOf(reads))
  else if (topics.has('gas')) {
    const { every, until } = timingIn(textOf(reads))
    const planned = every !== undefined && until !== undefined ? placesBy(every, until, every % 1 === 0 ? 0 : 1) : []
    for (const title of runsOf(reads))
      draft.begin('series', opening, { ...(title === '' ? {} : { title }), x: TIME_S, y: GAS, reading: 'curve', planned })
  }
  for (const { sentence, mentions } of reads) {
    if (!ABOUT_IT.test(sentence.text)) continue
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
  const isTimed = timing.every !== undefined && /\b(?:every|interval)/i.test(all)
  if (!isTimed) {
    const planned = by !== undefined && until !== undefined ? placesBy(Number(by), Number(until), 2) : []
    return draft.begin('series', opening, { x: ADDED, y: TEMPERATURE, reading: 'two-lines', planned })
  }
  const step = (timing.every ?? 60) / 60
  const at = AT_MINUTES.exec(all)
  const mixedAt = at?.[1] ?? NTH[at?.[2]?.toLowerCase() ?? '']
  const places = step % 1 === 0 ? 0 : 1
  const every = timing.until === undefined ? [] : placesBy(step, timing.until / 60, places)
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

/** A strength beside a substance without a label is a bottle, called by its name. */
function namedOnlyByWords(draft: Draft, reads: readonly Read[]): void {
  for (const { mentions } of reads)
    for (const strength of ofKind(mentions, 'strength')) {
      if (draft.landed.has(strength) || strength.about) continue
      const known = [...draft.materials.values()].some(
        (one) => one.strength?.value === strength.strength.value && one.strength.unit === strength.strength.unit,
      )
      const beside = mentions.find(
        (one): one is MentionOf<'substance'> => one.kind === 'substance' && one.from >= strength.to && one.from - strength.to < 4,
      )
      if (known || !beside) continue
      const label = draft.materialOf(beside.formula, 'solution', draft.words.slice(beside.from, beside.to), beside.from)
      const material = draft.materials.get(label)
      if (material && !material.strength) material.strength = strength.strength
      draft.land(strength, `the strength of ${label}`)
      draft.land(beside, label)
    }
}
