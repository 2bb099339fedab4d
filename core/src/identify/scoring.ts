import { type Features, NOTHING } from './features.ts'
import { foretell, shows, together } from './foretell.ts'
import { compatible, type Hypothesis, keyOf } from './hypothesis.ts'
import { ANIONS, CANDIDATES, CATIONS, type Candidate } from './ions.ts'
import { logLikelihood } from './likelihood.ts'
import type { RecordedStep, RecordedTube } from './record.ts'

/** A hypothesis with how likely it makes each recorded step. */
export interface Scored {
  readonly hypothesis: Hypothesis
  readonly prior: number
  /** ln likelihood of each recorded step. */
  readonly steps: readonly number[]
}

/** What ions by themselves show, step by step. */
export type Alone = ReadonlyMap<string, readonly Features[]>

/** Every further ion is so much less likely beforehand, ln. */
const FURTHER_ION = 1
/** A third ion of a sign is rarer still. */
const THIRD_ION = 1.5
/** Hypotheses that are played in full, after a first round with ions one by one. */
const PLAYED_IN_FULL = 16
/** A hypothesis that was not played in full is trusted less, ln. */
const NOT_PLAYED = 2
/** Hypotheses so much less likely than the best are dropped, ln; one step more or less does not bring them back. */
const HOPELESS = 18
/** Ions of one sign in a sample, at most. */
const MOST_OF_A_SIGN = 3

const NONE_BEFORE: RecordedTube['before'] = []

const totalOf = ({ prior, steps }: Scored) => steps.reduce((sum, value) => sum + value, prior)

function priorOf(ions: readonly Candidate[]): number {
  const thirds = (['cation', 'anion'] as const).filter((kind) => ions.filter((one) => one.kind === kind).length > 2)
  return -FURTHER_ION * (ions.length - 2) - THIRD_ION * thirds.length
}

/** The pairs and singles of a list. */
function* setsOf(list: readonly Candidate[]): Generator<readonly Candidate[]> {
  for (const [index, first] of list.entries()) {
    yield [first]
    for (const second of list.slice(index + 1)) yield [first, second]
  }
}

/** Recorded steps of all tubes in one row. */
export const rowsOf = (tubes: readonly RecordedTube[]): readonly RecordedStep[] => tubes.flatMap(({ steps }) => steps)

function scoreSteps(rows: readonly RecordedStep[], foretold: readonly Features[]): readonly number[] {
  return rows.map(({ seen }, index) => (seen ? logLikelihood(seen, foretold[index] ?? NOTHING) : 0))
}

/** What every ion shows alone; one that cannot stand alone shows nothing. */
function* allAlone(tubes: readonly RecordedTube[]): Generator<number, Alone> {
  const alone = new Map<string, readonly Features[]>()
  for (const [index, one] of CANDIDATES.entries()) {
    alone.set(
      one.ion,
      tubes.flatMap((tube) => foretell({ ions: [one] }, tube, tube.did) ?? tube.steps.map(() => NOTHING)),
    )
    yield (0.5 * (index + 1)) / CANDIDATES.length
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

/** Ions of one sign, or a whole hypothesis, with what comes of them put together without playing them. */
interface Blend {
  readonly ions: readonly Candidate[]
  readonly features: readonly Features[]
}

const blendOf = (ions: readonly Candidate[], rows: readonly RecordedStep[], alone: Alone): Blend => ({
  ions,
  features: rows.map((_, index) =>
    ions.reduce((sum: Features, { ion }) => together(sum, alone.get(ion)?.[index] ?? NOTHING), NOTHING),
  ),
})

const blended = (some: Blend, others: Blend): Blend => ({
  ions: [...some.ions, ...others.ions],
  features: some.features.map((one, index) => together(one, others.features[index] ?? NOTHING)),
})

/** Scores of what comes of ions put together, without playing them. */
function roughly({ ions, features }: Blend, rows: readonly RecordedStep[]): Scored {
  return { hypothesis: { ions }, prior: priorOf(ions) - NOT_PLAYED, steps: scoreSteps(rows, features) }
}

/** Halves of hypotheses that are not out of the question whatever the other half is. */
function hopefulHalves(list: readonly Candidate[], rows: readonly RecordedStep[], alone: Alone): readonly Blend[] {
  const halves = [...setsOf(list)].map((ions) => blendOf(ions, rows, alone))
  const totals = halves.map((half) => totalOf(roughly(half, rows)))
  const best = totals.reduce((most, one) => Math.max(most, one), Number.NEGATIVE_INFINITY)
  return halves.filter((_, index) => (totals[index] ?? best) > best - HOPELESS)
}

function* played(
  ranked: readonly Scored[],
  most: number,
  tubes: readonly RecordedTube[],
  rows: readonly RecordedStep[],
  alone: Alone,
): Generator<number, { readonly good: readonly Scored[]; readonly tried: number }> {
  const good: Scored[] = []
  let tried = 0
  for (const one of ranked) {
    if (good.length >= most || tried >= 3 * most) break
    tried++
    const features = playInFull(one.hypothesis, tubes, alone)
    if (features) good.push({ ...one, prior: priorOf(one.hypothesis.ions), steps: scoreSteps(rows, features) })
    yield good.length / most
  }
  return { good, tried }
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
  const rows = rowsOf(tubes)
  const alone = yield* allAlone(tubes)
  const cations = hopefulHalves(CATIONS, rows, alone)
  const anions = hopefulHalves(ANIONS, rows, alone)
  const dissolved = tubes.every(({ form }) => form === 'solution')
  const rough = cations.flatMap((some) =>
    anions
      .filter((others) => !dissolved || some.ions.every((one) => others.ions.every((other) => compatible(one, other))))
      .map((others) => roughly(blended(some, others), rows)),
  )
  const ranked = rough.toSorted((a, b) => totalOf(b) - totalOf(a))
  const first = yield* played(ranked, PLAYED_IN_FULL, tubes, rows, alone)
  const [likeliest] = first.good.toSorted((a, b) => totalOf(b) - totalOf(a))
  const already = new Set(first.good.map(({ hypothesis }) => keyOf(hypothesis)))
  const besides = [
    ...(likeliest ? withOneMore(likeliest.hypothesis.ions).map((ions) => roughly(blendOf(ions, rows, alone), rows)) : []),
    ...rivalsIn(ranked.slice(first.tried), first.good),
  ].filter(({ hypothesis }) => !already.has(keyOf(hypothesis)))
  const second = yield* played(besides, besides.length, tubes, rows, alone)
  const tried = new Set(besides.map(({ hypothesis }) => keyOf(hypothesis)))
  const rest = ranked.slice(first.tried).filter(({ hypothesis }) => !tried.has(keyOf(hypothesis)))
  const all = [...first.good, ...second.good, ...rest]
  const best = all.reduce((most, one) => Math.max(most, totalOf(one)), Number.NEGATIVE_INFINITY)
  return { scored: all.filter((one) => totalOf(one) > best - HOPELESS), alone }
}

/** How much less likely at a first look a rival may be, ln. */
const RIVAL = 5

/**
 * The likeliest set with each ion that is in none of those played: sets of one salt with this or that beside it take up
 * the first places, and its rivals would be judged by the first look alone.
 */
function rivalsIn(ranked: readonly Scored[], played: readonly Scored[]): readonly Scored[] {
  const met = new Set(played.flatMap(({ hypothesis }) => hypothesis.ions.map(({ ion }) => ion)))
  const best = ranked[0] ? totalOf(ranked[0]) : 0
  return ranked.filter((one) => {
    const news = one.hypothesis.ions.filter(({ ion }) => !met.has(ion))
    for (const { ion } of news) met.add(ion)
    return news.length > 0 && totalOf(one) > best - RIVAL
  })
}

/** The ions with each other one beside them, in the order of the table: what one ion hides is looked for so. */
function withOneMore(ions: readonly Candidate[]): readonly (readonly Candidate[])[] {
  const most = (kind: Candidate['kind']) => ions.filter((one) => one.kind === kind).length < MOST_OF_A_SIGN
  return CANDIDATES.filter((one) => !ions.includes(one) && most(one.kind)).map((one) =>
    CANDIDATES.filter((other) => other === one || ions.includes(other)),
  )
}

/** Posterior probabilities, in the order of the hypotheses; one step may be left out. */
export function posterior(scored: readonly Scored[], without?: number): readonly number[] {
  const logs = scored.map((one) => totalOf(one) - (without === undefined ? 0 : (one.steps[without] ?? 0)))
  const most = logs.reduce((best, value) => Math.max(best, value), Number.NEGATIVE_INFINITY)
  const weights = logs.map((value) => Math.exp(value - most))
  const sum = weights.reduce((all, weight) => all + weight, 0)
  return weights.map((weight) => weight / sum)
}
