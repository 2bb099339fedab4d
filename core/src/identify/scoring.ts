import type { Features } from './features.ts'
import { nameOfSet, type SampleForm } from './hypothesis.ts'
import { CANDIDATES, type Candidate } from './ions.ts'
import { allWaysOf, besideIn, type Played, playBeside, playBest, playOtherwise, rankedIn, type Weighed } from './playedSets.ts'
import { type AloneIn, allAlone, candidatesOf, foretoldIn } from './playing.ts'
import { beforehand, type Stated } from './priors.ts'
import type { RecordedStep, RecordedTube } from './record.ts'
import { type Scored, totalOf } from './scored.ts'
import { type AloneNumbers, type HalfBlend, halfBlends, numbersOfAlone, scoresOf } from './tables/blends.ts'
import { dryRows, drySalts } from './tables/drySalts.ts'
import { numberOf } from './tables/featureNumbers.ts'
import { type FirstLook, firstLook, setAt } from './tables/firstLook.ts'
import { hopefulAmong } from './tables/hopeful.ts'
import { otherSteps, rowsSeen, slipped, usualOf, usualTotal } from './tables/rows.ts'
import { WHOLE_HYPOTHESES } from './wholeSamples.ts'

/** Sets that are played in full, after a first round with ions one by one. */
const PLAYED_IN_FULL = 16
/** Hypotheses so much less likely than the best are dropped, ln; one step more or less does not bring them back. */
const HOPELESS = 18

/** The singles of a list, and the pairs of what is not seldom handed out. */
function* setsOf(list: readonly Candidate[], listed: ReadonlySet<string>): Generator<readonly Candidate[]> {
  for (const one of list) yield [one]
  const usual = list.filter(({ ion, rare }) => !rare || listed.has(ion))
  for (const [index, first] of usual.entries()) for (const second of usual.slice(index + 1)) yield [first, second]
}

/** Recorded steps of all tubes in one row. */
export const rowsOf = (tubes: readonly RecordedTube[]): readonly RecordedStep[] => tubes.flatMap(({ steps }) => steps)

/** A part of the work as it counts in the whole: from its beginning to its end there. */
function* between<Found>(from: number, to: number, work: Generator<number, Found>): Generator<number, Found> {
  for (;;) {
    const step = work.next()
    if (step.done) return step.value
    yield from + (to - from) * step.value
  }
}

/** What was found of a record. */
export interface Scoring {
  readonly scored: readonly Scored[]
  readonly alone: AloneIn
  /** How much better, ln, the record is explained with an ion beside the likeliest set; nothing where that was not played. */
  readonly beside: ReadonlyMap<string, number>
  /** Ions that the sheet names; any where it names none. */
  readonly listed: readonly string[] | undefined
}

/**
 * Weighs every set of one or two cations and one or two anions, and the likeliest with one more: each at the strengths
 * that matter, as salts came from their jars, and as acid may have been added. Yields how far it is.
 *
 * Ions are first played one by one and put together; the likeliest sets are then played in full, since ions meddle with
 * one another in a tube. Slips belong to the record: each hypothesis is weighed for careful, usual and careless ones.
 */
export function* scoreAll(tubes: readonly RecordedTube[], stated: Stated = {}): Generator<number, Scoring> {
  const rows = rowsSeen(rowsOf(tubes))
  const candidates = candidatesOf(stated.listed)
  const alone = yield* between(0, 0.4, allAlone(tubes, CANDIDATES))
  const dissolved = tubes.every(({ form }) => form === 'solution')
  const hydrated = stated.hydrated ?? false
  const dry = drySalts(tubes, rows.seen, hydrated)
  const listed = new Set(stated.listed)
  const weighed: Weighed = {
    ...rows,
    tubes,
    alone,
    beforehand: beforehand(dissolved, stated),
    dry: dry !== undefined,
    hydrated,
    listed,
    candidates,
  }
  const look = firstLook(halvesOf('cation', weighed), halvesOf('anion', weighed), {
    seen: rows.seen,
    beforehand: weighed.beforehand,
    dissolved,
    dry,
    dryRows: dryRows(tubes),
  })
  const played: Played = new Map()
  yield* between(0.4, 0.55, playBest(setsIn(look), PLAYED_IN_FULL, weighed, played))
  yield* between(0.55, 0.6, playOtherwise(weighed, played))
  const [likeliest] = rankedIn(played)
  if (likeliest) yield* between(0.6, 0.9, playBeside(likeliest, weighed, played))
  yield* between(0.9, 0.95, playBest(rivalsIn(look, played), CANDIDATES.length, weighed, played))
  const [best] = rankedIn(played)
  if (best && best !== likeliest) yield* between(0.95, 1, playBeside(best, weighed, played))
  return {
    scored: hopeful(played, look, weighed),
    alone,
    beside: best ? besideIn(best, weighed, played) : new Map(),
    listed: stated.listed,
  }
}

/** Halves of sets that are not out of the question whatever the other half is. */
function halvesOf(kind: Candidate['kind'], { candidates, seen, alone, listed }: Weighed): readonly HalfBlend[] {
  const numbers: AloneNumbers = numbersOfAlone(alone.byStrength)
  const own = candidates.filter((one) => one.kind === kind)
  const halves = [...setsOf(own, listed)].flatMap((ions, set) => halfBlends(ions, set, seen.length, numbers, listed))
  return hopefulAmong(halves, seen, HOPELESS)
}

function* setsIn(look: FirstLook): Generator<readonly Candidate[]> {
  for (let place = 0; place < look.length; place++) yield setAt(look, place)
}

/** What was played, the rest of the first look and what is no set of ions, as far as it is not hopeless beside the best. */
function hopeful(played: Played, look: FirstLook, weighed: Weighed): readonly Scored[] {
  const good = rankedIn(played).flatMap(allWaysOf)
  const found = good.reduce((most, one) => Math.max(most, usualTotal(one, weighed)), Number.NEGATIVE_INFINITY)
  const special = noSets(weighed, found - HOPELESS)
  const best = special.reduce((most, one) => Math.max(most, usualTotal(one, weighed)), found)
  const rest: Scored[] = []
  for (let place = 0; place < look.length && look.totalAt(place) > best - HOPELESS; place++)
    if (!played.has(nameOfSet(setAt(look, place)))) rest.push(look.at(place))
  const all = [...good, ...special, ...rest].flatMap((one) => slipped(one, weighed))
  const most = all.reduce((sum, one) => Math.max(sum, totalOf(one)), Number.NEGATIVE_INFINITY)
  return all.filter((one) => totalOf(one) > most - HOPELESS)
}

/** How likely it is beforehand that a sample is water, or holds what the list does not have (judgement), ln. */
const WATER = Math.log(0.05)
const OTHER = Math.log(0.02)

/**
 * What is no set of ions: water, or what a sample may be as a whole, which are played; and what is not on the list, which
 * shows in each step what some ion of the list would, whichever.
 *
 * @param floor - what is less likely than this, ln, is hopeless
 */
function noSets(weighed: Weighed, floor: number): readonly Scored[] {
  const { tubes, alone, seen, listed } = weighed
  const steps = otherSteps([...alone.byIon.values()], weighed)
  const other: Scored = { hypothesis: { ions: [] }, kind: 'other', prior: OTHER, steps }
  if (tubes.every(({ form }) => form === 'solid')) return [other, ...wholesOf('solid', weighed, floor)]
  if (!tubes.every(({ form }) => form === 'solution')) return [other]
  const water = foretoldIn({ ions: [] }, tubes)
  const nothing: Scored = {
    hypothesis: { ions: [] },
    kind: 'nothing',
    prior: WATER,
    steps: scoresOf(seen, water.map(numberOf)),
  }
  // A sheet that lists ions hands out solutions of them.
  return [nothing, other, ...(listed.size > 0 ? [] : wholesOf('solution', weighed, floor))]
}

/** What a sample may be as a whole, each played tube after tube as long as it is not hopeless. */
function wholesOf(form: SampleForm, weighed: Weighed, floor: number): readonly Scored[] {
  const { tubes, seen } = weighed
  return WHOLE_HYPOTHESES[form].flatMap(([hypothesis, prior]): readonly Scored[] => {
    const features: Features[] = []
    let total = prior
    for (const tube of tubes) {
      const from = features.length
      features.push(...foretoldIn(hypothesis, [tube]))
      total += usualOf(features, from, weighed)
      if (total < floor) return []
    }
    return [{ hypothesis, prior, steps: scoresOf(seen, features.map(numberOf)) }]
  })
}

/** How much less likely at a first look a rival may be, ln. */
const RIVAL = 5

/**
 * The likeliest set with each ion that is in none of those played: sets of one salt with this or that beside it take up
 * the first places, and its rivals would be judged by the first look alone.
 */
function* rivalsIn(look: FirstLook, played: Played): Generator<readonly Candidate[]> {
  const met = new Set(rankedIn(played).flatMap(({ ions }) => ions.map(({ ion }) => ion)))
  const best = look.length > 0 ? look.totalAt(0) : 0
  for (let place = 0; place < look.length && look.totalAt(place) > best - RIVAL; place++) {
    const ions = setAt(look, place)
    if (ions.every(({ ion }) => met.has(ion))) continue
    for (const { ion } of ions) met.add(ion)
    yield ions
  }
}
