import type { Draft } from '../draft/Draft.ts'
import type { DraftSeries } from '../draft/parts.ts'
import type { Read } from '../label/said.ts'
import { ofKind } from '../mention/mention.ts'
import { numberSaid } from '../mention/quantities.ts'
import { additionsIn } from './portionsAdded.ts'
import { placesBy } from './readings.ts'

type Axes = Pick<DraftSeries, 'x' | 'y' | 'reading'>

/** A run of readings that is known by what is read: what stands along it, and where. */
interface Along {
  readonly axes: Axes
  /** All of these are spoken of in a question in which it is done. */
  readonly speaksOf: readonly RegExp[]
  /** What its places are listed in. */
  readonly listedIn?: RegExp
  readonly placesOf?: (text: string) => string[]
  readonly comparesUnknown?: boolean
}

const NUMBERS = String.raw`((?:\d+(?:\.\d+)?(?:,\s*(?:and\s+)?|\s+and\s+|\s+or\s+)){2,}\d+(?:\.\d+)?)`
const OF_TEMPERATURE = new RegExp(String.raw`${NUMBERS}\s*(?:°\s*C|degrees)`, 'i')
const OF_VOLUME = new RegExp(String.raw`${NUMBERS}\s*(?:cm3|mL)`, 'i')
const MOLAR = String.raw`\s*(?:mol\s*(?:\/|\s)?\s*(?:dm-?3|L)|M(?![A-Za-z]))`
const OF_STRENGTH = new RegExp(NUMBERS + MOLAR, 'i')
/** "Five standards from 0.0100 to 0.0500 mol/dm3" */
const SPREAD = new RegExp(
  String.raw`\b(four|five|six|seven|eight|\d)\s+(?:\w+\s+){0,2}(?:standards?|solutions)\b[^.;]*?(\d+(?:\.\d+)?)\s+to\s+(\d+(?:\.\d+)?)${MOLAR}`,
  'i',
)
function spreadIn(text: string): string[] {
  const [, count = '', first = '', last = ''] = SPREAD.exec(text) ?? []
  const steps = Number(numberSaid(count)) - 1
  if (first === '' || !(steps > 0)) return []
  const places = first.split('.')[1]?.length ?? 0
  return Array.from({ length: steps + 1 }, (_, n) =>
    (Number(first) + ((Number(last) - Number(first)) * n) / steps).toFixed(places),
  )
}

function additions(text: string): string[] {
  const { by, until } = additionsIn(text)
  return by === undefined || until === undefined ? [] : placesBy(Number(by), Number(until), 2)
}

const TIMED = /\b(?:stop-?(?:clock|watch)|timer|time (?:until|taken|for|how)|time it|seconds it takes)\b/i
const S = { name: 'time', unit: 's' }

/** The usual runs along an axis, the more telling first (common practice). */
const KINDS: readonly Along[] = [
  {
    axes: { x: { name: 'volume added', unit: 'cm3' }, y: { name: 'pH', unit: '' }, reading: 'curve-through-points' },
    speaksOf: [/\bpH\b/, /\b(?:probe|meter|electrode)\b/i, /\bburet|\bat a time\b|\bportions?\b/i],
    placesOf: additions,
  },
  {
    axes: { x: { name: 'concentration', unit: 'mol/dm3' }, y: { name: 'absorbance', unit: '' }, reading: 'line' },
    speaksOf: [/\babsorbance|\bcolorimeter|\bspectrophotometer/i, /\bstandards?\b|\bknown\b|\bcalibration\b/i],
    listedIn: OF_STRENGTH,
    placesOf: spreadIn,
    comparesUnknown: true,
  },
  {
    axes: {
      x: { name: 'temperature', unit: '°C' },
      y: { name: 'solubility in 100 g of water', unit: 'g' },
      reading: 'curve-through-points',
    },
    speaksOf: [/\bsolubilit|\bdissolves\b|\bsaturated\b/i, /\b100 g of water\b/i, OF_TEMPERATURE],
    listedIn: OF_TEMPERATURE,
  },
  {
    axes: {
      x: { name: 'temperature', unit: '°C', plotted: 'inverse kelvins' },
      y: { ...S, plotted: 'ln of inverse' },
      reading: 'line',
    },
    speaksOf: [TIMED, OF_TEMPERATURE, /\bln\b|\bactivation energy\b/i],
    listedIn: OF_TEMPERATURE,
  },
  {
    axes: { x: { name: 'temperature', unit: '°C' }, y: S, reading: 'curve' },
    speaksOf: [TIMED, OF_TEMPERATURE],
    listedIn: OF_TEMPERATURE,
  },
  {
    axes: { x: { name: 'volume', unit: 'cm3' }, y: S, reading: 'curve' },
    speaksOf: [TIMED, OF_VOLUME],
    listedIn: OF_VOLUME,
  },
]

const textOf = (reads: readonly Read[]) => reads.map(({ sentence }) => sentence.text).join(' ')

/** The kind of run that a question takes along a listed axis; undefined where it takes none. */
function kindOf(text: string): Along | undefined {
  return KINDS.find(({ speaksOf }) => speaksOf.every((pattern) => pattern.test(text)))
}

/** Whether a question takes readings along an axis whose places it lists. */
export const isAlong = (text: string): boolean => kindOf(text) !== undefined

const ABOUT_IT =
  /\b(?:measure|read|record|note|time|take|mix|add|plot|draw|line|curve|standards?|absorbance|pH|probe|cell|repeat|stir|wait|pipett?e|cylinder|put|run|dilute|warm|cool|bath|shake|weigh)\b/i
const UNKNOWN_NOUN = /\b(?:unknown|sample)s?\s+([A-Z]{1,3} ?\d{0,2})\b/

/** A run of readings along an axis whose places the sheet lists: times at temperatures, absorbances of standards, pH. */
export function readAlong(draft: Draft, reads: readonly Read[]): void {
  const text = textOf(reads)
  const kind = kindOf(text)
  const opening =
    reads.find(({ sentence }) => kind?.listedIn?.test(sentence.text) || /\bat a time\b/.test(sentence.text)) ?? reads[0]
  if (!kind || !opening) return
  const listed = kind.listedIn?.exec(text)?.[1]?.match(/\d+(?:\.\d+)?/g)
  const labels = ofKind(opening.mentions, 'label').map(({ label }) => label)
  const { axes } = kind
  const part = draft.begin('series', opening, {
    ...axes,
    x: axes.x.name === 'volume' && labels[0] !== undefined ? { ...axes.x, name: `volume of ${labels[0]}` } : axes.x,
    planned: listed ?? kind.placesOf?.(text) ?? [],
    ...(kind.comparesUnknown ? { unknown: unknownIn(draft, text) } : {}),
  })
  for (const { sentence, mentions } of reads) {
    if (draft.kinds.get(sentence.n) === 'material' || !ABOUT_IT.test(sentence.text)) continue
    draft.mark(sentence.n, 'measure')
    draft.touch(sentence.n, part.id)
    for (const mention of mentions) if (mention.kind !== 'equation') draft.land(mention, 'how the readings are taken')
  }
}

/** What is looked up on the line: a bottle of which no strength is known. */
function unknownIn(draft: Draft, text: string): string {
  const said = UNKNOWN_NOUN.exec(text)?.[1]
  const open = [...draft.materials.values()].filter(
    ({ strength, indicator }) => strength === undefined && indicator === undefined,
  )
  return said ?? open.at(-1)?.label ?? 'sample'
}
