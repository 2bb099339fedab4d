import type { Features } from './features.ts'
import { foretell, freshOf } from './foretell.ts'
import { acidifiedIn, usesAcid } from './habits.ts'
import { type Hypothesis, nameOfSet } from './hypothesis.ts'
import type { Candidate } from './ions.ts'
import { type AloneIn, playInFull } from './playing.ts'
import { type Beforehand, halfOf } from './priors.ts'
import type { RecordedTube } from './record.ts'
import { logSum, type Scored, signsOf, totalOf } from './scored.ts'
import { isWeighed, otherStrengths, shareAsUsual, shareOfLevel, shareOtherwise, variantsOf } from './strengths.ts'
import { scoresOf } from './tables/blends.ts'
import { dressed } from './tables/drySalts.ts'
import { numberOf } from './tables/featureNumbers.ts'
import { type Rows, slipped, usualOf, usualTotal } from './tables/rows.ts'

/** A record, what every ion shows of it alone, and what is thought of sets beforehand. */
export interface Weighed extends Rows {
  readonly tubes: readonly RecordedTube[]
  readonly alone: AloneIn
  readonly beforehand: Beforehand
  /** A dry solid was looked at, heated or held in a flame. */
  readonly dry: boolean
  /** The sheet calls it a hydrated salt. */
  readonly hydrated: boolean
  /** Ions that the sheet names, and those that are thought of. */
  readonly listed: ReadonlySet<string>
  readonly candidates: readonly Candidate[]
}

/** A set that was played in full: every way in which it may be strong, have come from its jar and been acidified. */
export interface PlayedSet {
  readonly ions: readonly Candidate[]
  readonly prior: number
  readonly ways: readonly Scored[]
  /** The same at other strengths, where those were played. */
  readonly otherwise?: readonly Scored[]
  /** ln of how likely the record is with it, slips included, and it beforehand. */
  readonly total: number
}

/** Sets that were played, by name; undefined for those that cannot be, or are hopeless. */
export type Played = Map<string, PlayedSet | undefined>

const isPlayed = (found: PlayedSet | undefined): found is PlayedSet => found !== undefined

/** The sets that may be, the likeliest first. */
export const rankedIn = (played: Played): readonly PlayedSet[] =>
  [...played.values()].filter(isPlayed).toSorted((a, b) => b.total - a.total)

/** Every way in which a set may be, with the ln of its share. */
type Ways = readonly (readonly [Hypothesis, share: number])[]

const HALF = Math.log(0.5)

function waysOf(ions: readonly Candidate[], { tubes, dry, hydrated }: Weighed): Ways {
  const variants = variantsOf(ions)
  const twice = ions.some(({ ion }) => usesAcid(ion)) && tubes.some((tube) => acidifiedIn(tube) !== tube.did)
  const acids = (hypothesis: Hypothesis, share: number): Ways =>
    twice
      ? [
          [hypothesis, share + HALF],
          [{ ...hypothesis, acidified: true }, share + HALF],
        ]
      : [[hypothesis, share]]
  return variants.flatMap((at, level) => {
    const share = variants.length > 1 ? shareOfLevel(level) : 0
    const dress: Ways = dry ? dressed({ ions: at }, hydrated) : [[{ ions: at }, 0]]
    return dress.flatMap(([hypothesis, own]) => acids(hypothesis, share + own))
  })
}

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

/** How far a set is played. */
interface Wanted {
  /** Only in ways like this. */
  readonly like?: Hypothesis | undefined
  /** Left off as soon as it is less likely than this, ln, with what it is beforehand. */
  readonly floor?: number
}

const NEVER = Number.NEGATIVE_INFINITY

/** Plays ions at given strengths in all other ways in which they may be. */
function playWays(
  ions: readonly Candidate[],
  prior: number,
  weighed: Weighed,
  { like, floor = NEVER }: Wanted = {},
): readonly Scored[] {
  const { seen, tubes, alone } = weighed
  return likeIn(waysOf(ions, weighed), like).flatMap(([hypothesis, share]): readonly Scored[] => {
    let total = prior + share
    const goOn = (found: readonly Features[], from: number) => {
      total += usualOf(found, from, weighed)
      return total > floor
    }
    const features = playInFull(hypothesis, tubes, alone, goOn)
    return features ? [{ hypothesis, prior: prior + share, steps: scoresOf(seen, features.map(numberOf)) }] : []
  })
}

function priorOf(ions: readonly Candidate[], { beforehand, listed }: Weighed): number {
  const [cations, anions] = signsOf(ions)
  return beforehand(halfOf(cations, listed), halfOf(anions, listed))
}

const totalOfWays = (ways: readonly Scored[], weighed: Weighed) => logSum(ways.map((way) => usualTotal(way, weighed)))

/** What hardly dissolves is seldom handed out in solution, ln (judgement). */
const ONLY_WEAK = -1.5

/** Plays a set in all its ways, at other strengths only where it cannot stand at the usual ones; undefined where it cannot be, or is hopeless. */
function playSet(ions: readonly Candidate[], prior: number, weighed: Weighed, wanted: Wanted): PlayedSet | undefined {
  const usual = playWays(ions, prior, weighed, wanted)
  const ways = usual.length > 0 || standsAsUsual(ions, weighed) ? usual : waysOtherwise(ions, prior + ONLY_WEAK, weighed, wanted)
  return ways.length === 0 ? undefined : { ions, prior, ways, total: totalOfWays(ways, weighed) }
}

/** Whether a set can be handed out at the usual strengths; dry it always can. */
const standsAsUsual = (ions: readonly Candidate[], { tubes }: Weighed) =>
  tubes.some(({ form }) => form === 'solid') ||
  variantsOf(ions).some((at) => foretell({ ions: at }, freshOf('solution'), []) !== undefined)

const waysOtherwise = (ions: readonly Candidate[], prior: number, weighed: Weighed, wanted: Wanted = {}) =>
  otherStrengths(ions).flatMap((strong) => playWays(strong, prior + shareOtherwise, weighed, wanted))

/** Of so many times as many at most, since some cannot be. */
const TRIED = 3
/** Sets played so much less likely than the best of them are left off, ln. */
const LEFT_OFF = 12

/** Plays sets as they come, so many of them at most. */
export function* playBest(
  sets: Iterable<readonly Candidate[]>,
  most: number,
  weighed: Weighed,
  played: Played,
): Generator<number, void> {
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

/** Sets that are played at other strengths, too: whether a precipitate comes at all may hang on them. */
const PLAYED_OTHERWISE = 3
/** Where another strength explains one of those so much better, ln, its rivals are given the same chance. */
const MATTERS = 1
const RIVALS_PLAYED_OTHERWISE = 24

export function* playOtherwise(weighed: Weighed, played: Played): Generator<number, void> {
  const likeliest = rankedIn(played)
    .filter(({ ions }) => !ions.some(isWeighed))
    .slice(0, RIVALS_PLAYED_OTHERWISE)
  let matters = false
  for (const [place, set] of likeliest.entries()) {
    if (place >= PLAYED_OTHERWISE && !matters) return
    const otherwise = standsAsUsual(set.ions, weighed) ? waysOtherwise(set.ions, set.prior, weighed) : []
    if (otherwise.length > 0) {
      const all = { ...set, otherwise }
      const total = totalOfWays(allWaysOf(all), weighed)
      matters ||= total > set.total + MATTERS
      played.set(nameOfSet(set.ions), { ...all, total })
    }
    yield (place + 1) / likeliest.length
  }
}

/** Every way of a set with its share. */
export function allWaysOf({ ways, otherwise }: Pick<PlayedSet, 'ways' | 'otherwise'>): readonly Scored[] {
  return otherwise ? [...ways.map((way) => ({ ...way, prior: way.prior + shareAsUsual })), ...otherwise] : ways
}

const bestWay = ({ ways }: PlayedSet): Scored => ways.reduce((best, one) => (totalOf(one) > totalOf(best) ? one : best))

/** Ions of one sign in a sample, at most. */
const MOST_OF_A_SIGN = 3

/**
 * The ions with each other one beside them, in the order of the table: what one ion hides is looked for so. What is seldom
 * handed out is not, unless the sheet names it.
 */
function withOneMore(ions: readonly Candidate[], { candidates, listed }: Weighed): readonly (readonly Candidate[])[] {
  const held = new Set(ions.map(({ ion }) => ion))
  const most = (kind: Candidate['kind']) => ions.filter((one) => one.kind === kind).length < MOST_OF_A_SIGN
  const mayBe = ({ ion, kind, rare }: Candidate) => !held.has(ion) && most(kind) && (!rare || listed.has(ion))
  return candidates.filter(mayBe).map((one) => candidates.filter((other) => other === one || held.has(other.ion)))
}

/** What is so much worse explained, ln, is no more played to the end: it will not be thought of again. */
const NOT_BESIDE = 6

/** Plays the likeliest set with each other ion beside it, in the way in which it is likeliest. */
export function* playBeside(likeliest: PlayedSet, weighed: Weighed, played: Played): Generator<number, void> {
  const best = bestWay(likeliest)
  const own = usualTotal(best, weighed) - best.prior
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

/**
 * How much better or worse, ln, the record is explained when an ion is put beside the likeliest set, whatever was to be
 * thought of it beforehand: what hides it leaves this near nothing.
 */
export function besideIn(likeliest: PlayedSet, weighed: Weighed, played: Played): ReadonlyMap<string, number> {
  const fit = (ways: readonly Scored[], prior: number) =>
    logSum(ways.flatMap((way) => slipped(way, weighed)).map(totalOf)) - prior
  const best = bestWay(likeliest)
  const own = fit([best], best.prior)
  const held = new Set(likeliest.ions.map(({ ion }) => ion))
  const beside = new Map<string, number>()
  for (const more of withOneMore(likeliest.ions, weighed)) {
    const found = played.get(nameOfSet(more))
    const added = more.find(({ ion }) => !held.has(ion))
    if (found && added) beside.set(added.ion, fit(found.ways, found.prior) - own)
  }
  return beside
}
