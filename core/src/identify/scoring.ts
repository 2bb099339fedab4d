import { type Features, NOTHING } from './features.ts'
import { foretell, shows } from './foretell.ts'
import { type Hypothesis, keyOf } from './hypothesis.ts'
import { ANIONS, CANDIDATES, CATIONS, type Candidate } from './ions.ts'
import type { RecordedStep, RecordedTube } from './record.ts'
import { priorOfSizes, type Scored, sizesOf, totalOf } from './scored.ts'
import { type AloneNumbers, type Blend, blendOf, numbersOfAlone, roughly, type Seen, scoresOf, seenIn } from './tables/blends.ts'
import { numberOf } from './tables/featureNumbers.ts'
import { type FirstLook, firstLook } from './tables/firstLook.ts'

/** What ions by themselves show, step by step. */
export type Alone = ReadonlyMap<string, readonly Features[]>

/** Hypotheses that are played in full, after a first round with ions one by one. */
const PLAYED_IN_FULL = 16
/** Of so many times as many at most, since some cannot be. */
const TRIED = 3
/** Hypotheses so much less likely than the best are dropped, ln; one step more or less does not bring them back. */
const HOPELESS = 18
/** Ions of one sign in a sample, at most. */
const MOST_OF_A_SIGN = 3

const NONE_BEFORE: RecordedTube['before'] = []

/** The pairs and singles of a list. */
function* setsOf(list: readonly Candidate[]): Generator<readonly Candidate[]> {
  for (const [index, first] of list.entries()) {
    yield [first]
    for (const second of list.slice(index + 1)) yield [first, second]
  }
}

/** Recorded steps of all tubes in one row. */
export const rowsOf = (tubes: readonly RecordedTube[]): readonly RecordedStep[] => tubes.flatMap(({ steps }) => steps)

/** What every ion shows alone; one that cannot stand alone shows nothing. */
function* allAlone(tubes: readonly RecordedTube[]): Generator<number, Alone> {
  const alone = new Map<string, readonly Features[]>()
  for (const [index, one] of CANDIDATES.entries()) {
    alone.set(
      one.ion,
      tubes.flatMap((tube) => foretell({ ions: [one] }, tube, tube.did) ?? tube.steps.map(() => NOTHING)),
    )
    yield (index + 1) / CANDIDATES.length
  }
  return alone
}

/**
 * What a hypothesis foretells in all tubes. In each only those of its ions are played that show anything there, if no
 * other of them meddles: many hypotheses then ask the same, and one ion by itself has been played already.
 */
function playInFull(hypothesis: Hypothesis, tubes: readonly RecordedTube[], alone: Alone): readonly Features[] | undefined {
  const { ions } = hypothesis
  const meddled = ions.some(({ meddles }) => meddles)
  const found: Features[] = []
  let row = 0
  for (const tube of tubes) {
    const from = row
    row += tube.steps.length
    const ofIon = ({ ion }: Candidate) => (alone.get(ion) ?? []).slice(from, row)
    const simple = tube.form === 'solution' && tube.before.length === 0 && !meddled
    const showing = simple ? ions.filter((one) => ofIon(one).some(shows)) : ions
    const [only] = showing
    if (showing.length < ions.length && !foretell(hypothesis, { ...tube, before: NONE_BEFORE }, NONE_BEFORE)) return undefined
    const features =
      showing.length > 1
        ? foretell({ ions: showing }, tube, tube.did)
        : only && simple
          ? ofIon(only)
          : tube.steps.map(() => NOTHING)
    if (!features) return undefined
    found.push(...features)
  }
  return found
}

/** Halves of hypotheses that are not out of the question whatever the other half is. */
function hopefulHalves(list: readonly Candidate[], seen: Seen, alone: AloneNumbers): readonly Blend[] {
  const halves = [...setsOf(list)].map((ions) => blendOf(ions, seen.length, alone))
  const totals = halves.map((half) => totalOf(roughly(half, seen)))
  const best = totals.reduce((most, one) => Math.max(most, one), Number.NEGATIVE_INFINITY)
  return halves.filter((_, index) => (totals[index] ?? best) > best - HOPELESS)
}

/** Hypotheses in the order in which they are played. */
type Ranked = Pick<FirstLook, 'length' | 'at'>

function* played(
  ranked: Ranked,
  most: number,
  { tubes, seen, alone }: { readonly tubes: readonly RecordedTube[]; readonly seen: Seen; readonly alone: Alone },
): Generator<number, { readonly good: readonly Scored[]; readonly tried: number }> {
  const good: Scored[] = []
  let tried = 0
  for (; tried < ranked.length && good.length < most && tried < TRIED * most; tried++) {
    const one = ranked.at(tried)
    const features = playInFull(one.hypothesis, tubes, alone)
    if (features) {
      const steps = scoresOf(seen, Int32Array.from(features, numberOf))
      good.push({ ...one, prior: priorOfSizes(...sizesOf(one.hypothesis.ions)), steps })
    }
    yield Math.max(good.length / most, tried / (TRIED * most))
  }
  return { good, tried }
}

/** A part of the work as it counts in the whole: from its beginning to its end there. */
function* between<Found>(from: number, to: number, work: Generator<number, Found>): Generator<number, Found> {
  for (;;) {
    const step = work.next()
    if (step.done) return step.value
    yield from + (to - from) * step.value
  }
}

/**
 * Weighs every set of one or two cations and one or two anions, and the likeliest with one more. Yields how far it is.
 *
 * Ions are first played one by one and put together; the likeliest sets are then played in full, since ions meddle with
 * one another in a tube.
 */
export function* scoreAll(
  tubes: readonly RecordedTube[],
): Generator<number, { readonly scored: readonly Scored[]; readonly alone: Alone }> {
  const seen = seenIn(rowsOf(tubes))
  const alone = yield* between(0, 0.4, allAlone(tubes))
  const numbers = numbersOfAlone(alone)
  const dissolved = tubes.every(({ form }) => form === 'solution')
  const look = firstLook(hopefulHalves(CATIONS, seen, numbers), hopefulHalves(ANIONS, seen, numbers), seen, dissolved)
  const record = { tubes, seen, alone }
  const first = yield* between(0.4, 0.6, played(look, PLAYED_IN_FULL, record))
  const [likeliest] = first.good.toSorted((a, b) => totalOf(b) - totalOf(a))
  const already = new Set(first.good.map(({ hypothesis }) => keyOf(hypothesis)))
  const besides = [
    ...(likeliest
      ? withOneMore(likeliest.hypothesis.ions).map((ions) => roughly(blendOf(ions, seen.length, numbers), seen))
      : []),
    ...rivalsIn(look, first.tried, first.good),
  ].filter(({ hypothesis }) => !already.has(keyOf(hypothesis)))
  const others: Ranked = { length: besides.length, at: (place) => besides[place] as Scored }
  const second = yield* between(0.6, 1, played(others, besides.length, record))
  const isTried = look.placesOf(besides.map(({ hypothesis }) => hypothesis))
  return { scored: hopeful([...first.good, ...second.good], look, first.tried, isTried), alone }
}

/** What was played, and the rest of the first look, as far as it is not hopeless beside the best of either. */
function hopeful(good: readonly Scored[], look: FirstLook, from: number, isTried: (place: number) => boolean): readonly Scored[] {
  let next = from
  while (next < look.length && isTried(next)) next++
  const best = good.reduce(
    (most, one) => Math.max(most, totalOf(one)),
    next < look.length ? look.totalAt(next) : Number.NEGATIVE_INFINITY,
  )
  const rest: Scored[] = []
  for (let place = next; place < look.length && look.totalAt(place) > best - HOPELESS; place++)
    if (!isTried(place)) rest.push(look.at(place))
  return [...good.filter((one) => totalOf(one) > best - HOPELESS), ...rest]
}

/** How much less likely at a first look a rival may be, ln. */
const RIVAL = 5

/**
 * The likeliest set with each ion that is in none of those played: sets of one salt with this or that beside it take up
 * the first places, and its rivals would be judged by the first look alone.
 */
function rivalsIn(look: FirstLook, from: number, played: readonly Scored[]): readonly Scored[] {
  const met = new Set(played.flatMap(({ hypothesis }) => hypothesis.ions.map(({ ion }) => ion)))
  const best = from < look.length ? look.totalAt(from) : 0
  const rivals: Scored[] = []
  for (let place = from; place < look.length && look.totalAt(place) > best - RIVAL; place++) {
    const before = met.size
    for (const { ions } of look.halvesAt(place)) for (const { ion } of ions) met.add(ion)
    if (met.size > before) rivals.push(look.at(place))
  }
  return rivals
}

/** The ions with each other one beside them, in the order of the table: what one ion hides is looked for so. */
function withOneMore(ions: readonly Candidate[]): readonly (readonly Candidate[])[] {
  const most = (kind: Candidate['kind']) => ions.filter((one) => one.kind === kind).length < MOST_OF_A_SIGN
  return CANDIDATES.filter((one) => !ions.includes(one) && most(one.kind)).map((one) =>
    CANDIDATES.filter((other) => other === one || ions.includes(other)),
  )
}
