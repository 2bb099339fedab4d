import { NOTHING } from './features.ts'
import { foretell } from './foretell.ts'
import { acidifiedIn, usesAcid } from './habits.ts'
import { type Hypothesis, nameOfSet } from './hypothesis.ts'
import { CANDIDATES, type Candidate } from './ions.ts'
import { type AloneIn, allAlone, candidatesOf, playInFull } from './playing.ts'
import { type Beforehand, beforehand, halfOf, type Stated } from './priors.ts'
import type { RecordedStep, RecordedTube } from './record.ts'
import { logSum, type Scored, signsOf, totalOf } from './scored.ts'
import { SLIPS, USUAL_SLIPS, withSlip } from './slips.ts'
import { otherStrengths, shareAsUsual, shareOfLevel, shareOtherwise, variantsOf } from './strengths.ts'
import {
  type AloneNumbers,
  chancesOf,
  type HalfBlend,
  halfBlends,
  NOT_SEEN,
  numbersOfAlone,
  type Seen,
  scoresOf,
  seenIn,
} from './tables/blends.ts'
import { dressed, dryRows, drySalts } from './tables/drySalts.ts'
import { likelihoodOf, likelihoodWithSlip, NOTHING_SHOWN, numberOf } from './tables/featureNumbers.ts'
import { type FirstLook, firstLook, setAt } from './tables/firstLook.ts'

/** Sets that are played in full, after a first round with ions one by one. */
const PLAYED_IN_FULL = 16
/** Of so many times as many at most, since some cannot be. */
const TRIED = 3
/** Hypotheses so much less likely than the best are dropped, ln; one step more or less does not bring them back. */
const HOPELESS = 18
/** Ions of one sign in a sample, at most. */
const MOST_OF_A_SIGN = 3

/** The pairs and singles of a list. */
function* setsOf(list: readonly Candidate[]): Generator<readonly Candidate[]> {
  for (const [index, first] of list.entries()) {
    yield [first]
    for (const second of list.slice(index + 1)) yield [first, second]
  }
}

/** Recorded steps of all tubes in one row. */
export const rowsOf = (tubes: readonly RecordedTube[]): readonly RecordedStep[] => tubes.flatMap(({ steps }) => steps)

/** Halves of sets that are not out of the question whatever the other half is. */
function hopefulHalves(list: readonly Candidate[], seen: Seen, alone: AloneNumbers): readonly HalfBlend[] {
  const halves = [...setsOf(list)].flatMap((ions, set) => halfBlends(ions, set, seen.length, alone))
  const totals = halves.map(({ features }) =>
    seen.reduce((sum, one, step) => (one === NOT_SEEN ? sum : sum + likelihoodWithSlip(one, features[step]!)), 0),
  )
  const best = totals.reduce((most, one) => Math.max(most, one), Number.NEGATIVE_INFINITY)
  return halves.filter((_, index) => (totals[index] ?? best) > best - HOPELESS)
}

/** A record, and what every ion shows of it alone. */
interface Weighed {
  readonly tubes: readonly RecordedTube[]
  readonly seen: Seen
  readonly chances: Float64Array
  readonly alone: AloneIn
  readonly beforehand: Beforehand
  readonly dry: boolean
}

/** A set that was played in full: every way in which it may be strong, have come from its jar and been acidified. */
interface PlayedSet {
  readonly ions: readonly Candidate[]
  readonly prior: number
  readonly ways: readonly Scored[]
  /** The same at other strengths, where those were played. */
  readonly otherwise?: readonly Scored[]
  /** ln of how likely the record is with it, slips included, and it beforehand. */
  readonly total: number
}

/** Every way in which a set may be, with the ln of its share. */
type Ways = readonly (readonly [Hypothesis, share: number])[]

/** Of several ways only those that are like another hypothesis as far as both have them, and they share all there is. */
function likeIn(ways: Ways, like: Hypothesis | undefined): Ways {
  if (!like) return ways
  const strengths = new Map(like.ions.map(({ ion, strength }) => [ion, strength]))
  const alike = ways.filter(
    ([{ ions, hydrated, acidified }]) =>
      hydrated === like.hydrated &&
      acidified === like.acidified &&
      ions.every(({ ion, strength }) => (strengths.get(ion) ?? strength) === strength),
  )
  if (alike.length === 0) return ways
  const all = logSum(alike.map(([, share]) => share))
  return alike.map(([hypothesis, share]) => [hypothesis, share - all] as const)
}

function waysOf(ions: readonly Candidate[], { tubes, dry }: Weighed): Ways {
  const variants = variantsOf(ions)
  const twice = ions.some(({ ion }) => usesAcid(ion)) && tubes.some((tube) => acidifiedIn(tube) !== tube.did)
  return variants.flatMap((at, level) => {
    const share = variants.length > 1 ? shareOfLevel(level) : 0
    return (dry ? dressed({ ions: at }) : [[{ ions: at }, 0] as const]).flatMap(([hypothesis, own]) =>
      twice
        ? ([
            [hypothesis, share + own + HALF],
            [{ ...hypothesis, acidified: true }, share + own + HALF],
          ] as const)
        : [[hypothesis, share + own] as const],
    )
  })
}
const HALF = Math.log(0.5)

/** ln of how likely a record is with slips at the usual rate. */
const usually = ({ prior, steps }: Scored, { seen, chances }: Weighed) =>
  steps.reduce((sum, one, row) => (seen[row] === NOT_SEEN ? sum : sum + withSlip(one, chances[row]!, USUAL_SLIPS)), prior)

/** Plays ions at given strengths in all other ways in which they may be. */
const playWays = (ions: readonly Candidate[], prior: number, weighed: Weighed, like?: Hypothesis): readonly Scored[] =>
  likeIn(waysOf(ions, weighed), like).flatMap(([hypothesis, share]): readonly Scored[] => {
    const features = playInFull(hypothesis, weighed.tubes, weighed.alone)
    return features ? [{ hypothesis, prior: prior + share, steps: scoresOf(weighed.seen, features.map(numberOf)) }] : []
  })

/** Plays a set in all its ways; undefined where it cannot be. */
function playSet(ions: readonly Candidate[], weighed: Weighed, like?: Hypothesis): PlayedSet | undefined {
  const [cations, anions] = signsOf(ions)
  const prior = weighed.beforehand(halfOf(cations), halfOf(anions))
  const ways = playWays(ions, prior, weighed, like)
  if (ways.length === 0) return undefined
  return { ions, prior, ways, total: logSum(ways.map((way) => usually(way, weighed))) }
}

/** A part of the work as it counts in the whole: from its beginning to its end there. */
function* between<Found>(from: number, to: number, work: Generator<number, Found>): Generator<number, Found> {
  for (;;) {
    const step = work.next()
    if (step.done) return step.value
    yield from + (to - from) * step.value
  }
}

/** Sets that were played, by name; undefined for those that cannot be. */
type Played = Map<string, PlayedSet | undefined>

interface HowFar {
  /** Sets that are played, and tried, at most. */
  readonly most?: number
  readonly tries?: number
  /** Only in ways like this. */
  readonly like?: Hypothesis | undefined
}

function* playAll(
  sets: Iterable<readonly Candidate[]>,
  weighed: Weighed,
  played: Played,
  { most = Number.POSITIVE_INFINITY, tries = Number.POSITIVE_INFINITY, like }: HowFar = {},
): Generator<number, void> {
  let [good, tried] = [0, 0]
  for (const ions of sets) {
    const name = nameOfSet(ions)
    if (played.has(name)) continue
    if (good >= most || tried >= tries) break
    const found = playSet(ions, weighed, like)
    played.set(name, found)
    tried++
    if (found) good++
    yield Number.isFinite(most) ? good / most : 0.5
  }
}

/** Sets that are played at other strengths, too: whether a precipitate comes at all may hang on them. */
const PLAYED_OTHERWISE = 3

function* playOtherwise(weighed: Weighed, played: Played): Generator<number, void> {
  const likeliest = [...played.values()].filter(isPlayed).toSorted((a, b) => b.total - a.total).slice(0, PLAYED_OTHERWISE)
  for (const [place, set] of likeliest.entries()) {
    const more = otherStrengths(set.ions).flatMap((ions) => playWays(ions, set.prior + shareOtherwise, weighed))
    if (more.length > 0) {
      const all = { ...set, otherwise: more }
      played.set(nameOfSet(set.ions), { ...all, total: logSum(allWaysOf(all).map((way) => usually(way, weighed))) })
    }
    yield (place + 1) / likeliest.length
  }
}

/** Every way of a set with its share. */
function allWaysOf({ ways, otherwise }: Pick<PlayedSet, 'ways' | 'otherwise'>): readonly Scored[] {
  return otherwise ? [...ways.map((way) => ({ ...way, prior: way.prior + shareAsUsual })), ...otherwise] : ways
}

function* setsIn(look: FirstLook): Generator<readonly Candidate[]> {
  for (let place = 0; place < look.length; place++) yield setAt(look, place)
}

/** What was found of a record. */
export interface Scoring {
  readonly scored: readonly Scored[]
  readonly alone: AloneIn
  /** How much better, ln, the record is explained with an ion beside the likeliest set; nothing where that was not played. */
  readonly beside: ReadonlyMap<string, number>
}

/**
 * Weighs every set of one or two cations and one or two anions, and the likeliest with one more: each at the strengths
 * that matter, as salts came from their jars, and as acid may have been added. Yields how far it is.
 *
 * Ions are first played one by one and put together; the likeliest sets are then played in full, since ions meddle with
 * one another in a tube. Slips belong to the record: each hypothesis is weighed for careful, usual and careless ones.
 */
export function* scoreAll(tubes: readonly RecordedTube[], stated: Stated = {}): Generator<number, Scoring> {
  const rows = rowsOf(tubes)
  const seen = seenIn(rows)
  const candidates = candidatesOf(stated.listed)
  const alone = yield* between(0, 0.4, allAlone(tubes, CANDIDATES))
  const numbers = numbersOfAlone(alone.byStrength)
  const dissolved = tubes.every(({ form }) => form === 'solution')
  const dry = drySalts(tubes, seen)
  const weighed: Weighed = {
    tubes,
    seen,
    chances: chancesOf(seen),
    alone,
    beforehand: beforehand(dissolved, stated),
    dry: dry !== undefined,
  }
  const halves = (kind: Candidate['kind']) => hopefulHalves(candidates.filter((one) => one.kind === kind), seen, numbers)
  const look = firstLook(halves('cation'), halves('anion'), {
    seen,
    beforehand: weighed.beforehand,
    dissolved,
    dry,
    dryRows: dryRows(tubes),
  })
  const played: Played = new Map()
  yield* between(0.4, 0.55, playAll(setsIn(look), weighed, played, { most: PLAYED_IN_FULL, tries: TRIED * PLAYED_IN_FULL }))
  yield* between(0.55, 0.6, playOtherwise(weighed, played))
  const likeliest = likeliestOf(played)
  const like = likeliest && bestWay(likeliest).hypothesis
  if (likeliest) yield* between(0.6, 0.9, playAll(withOneMore(likeliest.ions), weighed, played, { like }))
  yield* between(0.9, 1, playAll(rivalsIn(look, played), weighed, played))
  return { scored: hopeful(played, look, weighed, rows), alone, beside: besideIn(played, weighed) }
}

const isPlayed = (found: PlayedSet | undefined): found is PlayedSet => found !== undefined

const bestWay = ({ ways }: PlayedSet): Scored => ways.reduce((best, one) => (totalOf(one) > totalOf(best) ? one : best))

function likeliestOf(played: Played): PlayedSet | undefined {
  return [...played.values()].filter(isPlayed).toSorted((a, b) => b.total - a.total)[0]
}

/** What was played, the rest of the first look and what is no set of ions, as far as it is not hopeless beside the best. */
function hopeful(played: Played, look: FirstLook, weighed: Weighed, rows: readonly RecordedStep[]): readonly Scored[] {
  const good = [...played.values()].filter(isPlayed).flatMap(allWaysOf)
  const special = noSets(weighed, rows)
  const best = Math.max(...[...good, ...special].map((one) => usually(one, weighed)))
  const rest: Scored[] = []
  for (let place = 0; place < look.length && look.totalAt(place) > best - HOPELESS; place++)
    if (!played.has(nameOfSet(setAt(look, place)))) rest.push(look.at(place))
  const all = [...good, ...special, ...rest].flatMap((one) => slipped(one, weighed))
  const most = all.reduce((sum, one) => Math.max(sum, totalOf(one)), Number.NEGATIVE_INFINITY)
  return all.filter((one) => totalOf(one) > most - HOPELESS)
}

/** A hypothesis for a record of each kind of care. */
function slipped(one: Scored, { seen, chances }: Weighed): readonly Scored[] {
  return SLIPS.map(({ rate, share }) => ({
    ...one,
    prior: one.prior + Math.log(share),
    steps: one.steps.map((step, row) => (seen[row] === NOT_SEEN ? 0 : withSlip(step, chances[row]!, rate))),
  }))
}

/** How likely it is beforehand that a sample is water, or holds what the list does not have (judgement), ln. */
const WATER = Math.log(0.03)
const OTHER = Math.log(0.01)
/** What is not on the list shows nothing in so many steps, and in the others what some ion would. */
const SHOWS_NOTHING = 0.4

/** Water, which is played; and what is not on the list: it shows in each step what some ion of the list would, whichever. */
function noSets({ tubes, seen, alone }: Weighed, rows: readonly RecordedStep[]): readonly Scored[] {
  const other: Scored = {
    hypothesis: { ions: [] },
    kind: 'other',
    prior: OTHER,
    steps: rows.map((_, row) => {
      if (seen[row] === NOT_SEEN) return 0
      const each = [...alone.byIon.values()].map((features) => Math.exp(likelihoodOf(seen[row]!, numberOf(features[row] ?? NOTHING))))
      const some = each.reduce((sum, one) => sum + one, 0) / each.length
      return Math.log(SHOWS_NOTHING * Math.exp(likelihoodOf(seen[row]!, NOTHING_SHOWN)) + (1 - SHOWS_NOTHING) * some)
    }),
  }
  if (!tubes.every(({ form }) => form === 'solution')) return [other]
  const hypothesis: Hypothesis = { ions: [] }
  const water = tubes.flatMap((tube) => foretell(hypothesis, tube, tube.did) ?? tube.steps.map(() => NOTHING))
  return [{ hypothesis, kind: 'nothing', prior: WATER, steps: scoresOf(seen, water.map(numberOf)) }, other]
}

/** How much less likely at a first look a rival may be, ln. */
const RIVAL = 5

/**
 * The likeliest set with each ion that is in none of those played: sets of one salt with this or that beside it take up
 * the first places, and its rivals would be judged by the first look alone.
 */
function* rivalsIn(look: FirstLook, played: Played): Generator<readonly Candidate[]> {
  const met = new Set([...played.values()].filter(isPlayed).flatMap(({ ions }) => ions.map(({ ion }) => ion)))
  const best = look.length > 0 ? look.totalAt(0) : 0
  for (let place = 0; place < look.length && look.totalAt(place) > best - RIVAL; place++) {
    const ions = setAt(look, place)
    if (ions.every(({ ion }) => met.has(ion))) continue
    for (const { ion } of ions) met.add(ion)
    yield ions
  }
}

/** The ions with each other one beside them, in the order of the table: what one ion hides is looked for so. */
function withOneMore(ions: readonly Candidate[]): readonly (readonly Candidate[])[] {
  const held = new Set(ions.map(({ ion }) => ion))
  const most = (kind: Candidate['kind']) => ions.filter((one) => one.kind === kind).length < MOST_OF_A_SIGN
  return CANDIDATES.filter((one) => !held.has(one.ion) && most(one.kind)).map((one) =>
    CANDIDATES.filter((other) => other === one || held.has(other.ion)),
  )
}

/**
 * How much better or worse, ln, the record is explained when an ion is put beside the likeliest set, whatever was to be
 * thought of it beforehand: what hides it leaves this near nothing.
 */
function besideIn(played: Played, weighed: Weighed): ReadonlyMap<string, number> {
  const likeliest = likeliestOf(played)
  const beside = new Map<string, number>()
  if (!likeliest) return beside
  const fit = (ways: readonly Scored[], prior: number) => logSum(ways.flatMap((way) => slipped(way, weighed)).map(totalOf)) - prior
  const best = bestWay(likeliest)
  const own = fit([best], best.prior)
  const held = new Set(likeliest.ions.map(({ ion }) => ion))
  for (const more of withOneMore(likeliest.ions)) {
    const found = played.get(nameOfSet(more))
    const added = more.find(({ ion }) => !held.has(ion))
    if (found && added) beside.set(added.ion, fit(found.ways, found.prior) - own)
  }
  return beside
}
