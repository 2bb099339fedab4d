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

/** The singles of a list, and the pairs of what is not seldom handed out. */
function* setsOf(list: readonly Candidate[], listed: ReadonlySet<string>): Generator<readonly Candidate[]> {
  for (const one of list) yield [one]
  const usual = list.filter(({ ion, rare }) => !rare || listed.has(ion))
  for (const [index, first] of usual.entries()) for (const second of usual.slice(index + 1)) yield [first, second]
}

/** Recorded steps of all tubes in one row. */
export const rowsOf = (tubes: readonly RecordedTube[]): readonly RecordedStep[] => tubes.flatMap(({ steps }) => steps)

/** Halves of sets that are not out of the question whatever the other half is. */
function hopefulHalves(
  list: readonly Candidate[],
  seen: Seen,
  alone: AloneNumbers,
  listed: ReadonlySet<string>,
): readonly HalfBlend[] {
  const halves = [...setsOf(list, listed)].flatMap((ions, set) => halfBlends(ions, set, seen.length, alone, listed))
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
  /** Ions that the sheet names. */
  readonly listed: ReadonlySet<string>
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

/** How far a set is played. */
interface Wanted {
  /** Only in ways like this. */
  readonly like?: Hypothesis | undefined
  /** Left off as soon as it is less likely than this, ln, with what it is beforehand. */
  readonly floor?: number
}

/** Plays ions at given strengths in all other ways in which they may be. */
function playWays(ions: readonly Candidate[], prior: number, weighed: Weighed, { like, floor = NEVER }: Wanted = {}) {
  const { seen, chances, tubes, alone } = weighed
  return likeIn(waysOf(ions, weighed), like).flatMap(([hypothesis, share]): readonly Scored[] => {
    let total = prior + share
    const features = playInFull(hypothesis, tubes, alone, (found, from) => {
      for (let row = from; row < found.length; row++)
        if (seen[row] !== NOT_SEEN) {
          const likely = likelihoodOf(seen[row]!, numberOf(found[row]!))
          total += withSlip(likely, chances[row]!, USUAL_SLIPS)
        }
      return total > floor
    })
    return features ? [{ hypothesis, prior: prior + share, steps: scoresOf(seen, features.map(numberOf)) }] : []
  })
}
const NEVER = Number.NEGATIVE_INFINITY

const priorOf = (ions: readonly Candidate[], { beforehand, listed }: Weighed) => {
  const [cations, anions] = signsOf(ions)
  return beforehand(halfOf(cations, listed), halfOf(anions, listed))
}

/** Plays a set in all its ways; undefined where it cannot be, or is hopeless. */
function playSet(ions: readonly Candidate[], prior: number, weighed: Weighed, wanted: Wanted): PlayedSet | undefined {
  const ways = playWays(ions, prior, weighed, wanted)
  return ways.length === 0 ? undefined : { ions, prior, ways, total: logSum(ways.map((way) => usually(way, weighed))) }
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

/** Sets played so much less likely than the best of them are left off, ln. */
const LEFT_OFF = 12

/** Plays sets as they come, so many of them at most. */
function* playBest(sets: Iterable<readonly Candidate[]>, most: number, weighed: Weighed, played: Played): Generator<number, void> {
  let [good, tried, best] = [0, 0, NEVER]
  for (const ions of sets) {
    const name = nameOfSet(ions)
    if (played.has(name)) continue
    if (good >= most || tried >= TRIED * most) break
    const found = playSet(ions, priorOf(ions, weighed), weighed, { floor: best - LEFT_OFF })
    played.set(name, found)
    tried++
    if (found) {
      good++
      best = Math.max(best, found.total)
    }
    yield Math.max(good / most, tried / (TRIED * most))
  }
}

/** What is so much worse explained, ln, is no more played to the end: it will not be thought of again. */
const NOT_BESIDE = 6

/** Plays the likeliest set with each other ion beside it, in the way in which it is likeliest. */
function* playBeside(likeliest: PlayedSet, weighed: Weighed, played: Played): Generator<number, void> {
  const best = bestWay(likeliest)
  const own = usually(best, weighed) - best.prior
  const more = withOneMore(likeliest.ions, weighed)
  for (const [place, ions] of more.entries()) {
    const name = nameOfSet(ions)
    if (!played.has(name)) {
      const prior = priorOf(ions, weighed)
      played.set(name, playSet(ions, prior, weighed, { like: best.hypothesis, floor: prior + own - NOT_BESIDE }))
    }
    yield (place + 1) / more.length
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
    listed: new Set(stated.listed),
  }
  const halves = (kind: Candidate['kind']) => hopefulHalves(candidates.filter((one) => one.kind === kind), seen, numbers, weighed.listed)
  const look = firstLook(halves('cation'), halves('anion'), {
    seen,
    beforehand: weighed.beforehand,
    dissolved,
    dry,
    dryRows: dryRows(tubes),
  })
  const played: Played = new Map()
  yield* between(0.4, 0.55, playBest(setsIn(look), PLAYED_IN_FULL, weighed, played))
  yield* between(0.55, 0.6, playOtherwise(weighed, played))
  const likeliest = likeliestOf(played)
  if (likeliest) yield* between(0.6, 0.9, playBeside(likeliest, weighed, played))
  yield* between(0.9, 1, playBest(rivalsIn(look, played), CANDIDATES.length, weighed, played))
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

/**
 * The ions with each other one beside them, in the order of the table: what one ion hides is looked for so. What is seldom
 * handed out is not, unless the sheet names it.
 */
function withOneMore(ions: readonly Candidate[], { listed }: Weighed): readonly (readonly Candidate[])[] {
  const held = new Set(ions.map(({ ion }) => ion))
  const most = (kind: Candidate['kind']) => ions.filter((one) => one.kind === kind).length < MOST_OF_A_SIGN
  return CANDIDATES.filter((one) => !held.has(one.ion) && most(one.kind) && (!one.rare || listed.has(one.ion))).map((one) =>
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
  for (const more of withOneMore(likeliest.ions, weighed)) {
    const found = played.get(nameOfSet(more))
    const added = more.find(({ ion }) => !held.has(ion))
    if (found && added) beside.set(added.ion, fit(found.ways, found.prior) - own)
  }
  return beside
}
