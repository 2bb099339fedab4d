import type { SentenceKind } from '../draft/Draft.ts'
import type { DraftPart } from '../draft/parts.ts'
import type { Read } from '../label/said.ts'
import { ofKind } from '../mention/mention.ts'
import { numberSaid } from '../mention/quantities.ts'
import { deedsIn } from '../method/verbs.ts'
import type { Minutes } from './step.ts'

/** Minutes with hands on, by what is done; a student who has done it before (common practice). */
const HANDS: Readonly<Record<SentenceKind, number>> = {
  heading: 0,
  story: 0,
  material: 0,
  equation: 0,
  masses: 0,
  instruction: 0,
  'not read': 1,
  weigh: 3,
  'make up': 6,
  portion: 2,
  titrate: 4,
  handling: 1,
  repeat: 4,
  heat: 2,
  measure: 2,
  tubes: 1,
  chromatogram: 3,
  question: 3,
}

const IN_MINUTES: Readonly<Record<string, number>> = { s: 1 / 60, min: 1, h: 60 }
/** Minutes that things take by themselves where the sheet does not say (common practice). */
const COOLS = 5
const RUNS_UP = 25
const RUNS_PER_TITRATION = 3

/** The longest time that a sentence gives, in minutes. */
function timeSaid({ mentions }: Read): number {
  const times = ofKind(mentions, 'quantity').filter(({ of }) => of === 'time')
  return Math.max(0, ...times.map(({ value, unit }) => Number(value) * (IN_MINUTES[unit] ?? 0)))
}

/** How long a run of readings takes: as long as its last x, or half a minute for each addition. */
function seriesMinutes(part: DraftPart | undefined): number {
  if (part?.kind !== 'series') return 0
  const last = Number(part.planned.at(-1) ?? 0)
  return part.x.unit === 's' ? last / 60 : part.x.unit === 'min' ? last : part.planned.length / 2
}

const RUNS = /\b(?:do|carry out|make) (two|three|four|five|six|\d) (?:runs|experiments|trials)\b/i
const BETWEEN_RUNS = 3

/** How many runs a sentence asks for; 0 where it asks for none. */
export const runsSaid = (text: string): number => Number(numberSaid(RUNS.exec(text)?.[1] ?? '0'))

const rounded = (minutes: number) => Math.round(minutes * 10) / 10

/**
 * How long a step takes: what the sheet says of it, else what is usual.
 *
 * @param parts - the parts of the task that it begins
 */
export function minutesOf(read: Read, kind: SentenceKind, parts: readonly DraftPart[]): Minutes {
  const deeds = deedsIn(read.sentence.text)
  const said = timeSaid(read)
  const hands = HANDS[kind]
  const run = Math.max(0, ...parts.map(seriesMinutes))
  const runs = runsSaid(read.sentence.text)
  // The first run is the one that is told; what comes between two is cleaning and filling anew.
  if (kind === 'measure' && runs > 1) return { hands: rounded((runs - 1) * (run + hands + BETWEEN_RUNS)), wait: 0 }
  if (kind === 'measure' && run > 0) return { hands: rounded(hands + run), wait: 0 }
  if (kind === 'titrate' && parts.some((part) => part.kind === 'titration')) return { hands: hands * RUNS_PER_TITRATION, wait: 0 }
  if (kind === 'tubes') {
    const samples = parts.flatMap((part) => (part.kind === 'rack' ? part.samples : [])).length
    return { hands: Math.max(1, samples) * hands, wait: deeds.has('wait') ? rounded(said) : 0 }
  }
  if (kind === 'chromatogram' && /\b(?:stand|dip|run|develop|until|let)\b/i.test(read.sentence.text))
    return { hands: 1, wait: rounded(said || RUNS_UP) }
  const waits = deeds.has('heat') || deeds.has('boil') || deeds.has('cool') || deeds.has('wait')
  return { hands, wait: rounded(waits ? said || (deeds.has('cool') ? COOLS : 0) : 0) }
}
