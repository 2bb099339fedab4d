import { gasToldBy } from '../gas/index.ts'
import type { LiquidFinding } from '../liquids/index.ts'
import { Memory } from '../memory/index.ts'
import { shows } from './foretell.ts'
import { CANDIDATES } from './ions.ts'
import { type AsLiquid, asLiquid, liquidTests } from './liquidSample.ts'
import { meaningsOf, type StepMeaning } from './meaning.ts'
import { type NextTest, nextTests } from './nextTests.ts'
import { candidatesOf } from './playing.ts'
import { type Product, probabilitiesIn, productOf } from './products.ts'
import { type Rack, type RackKnown, type RecordedStep, recordsOf, type SampleRecord } from './record.ts'
import { likeliestOf, posterior, type Scored } from './scored.ts'
import { rowsOf, type Scoring, scoreAll } from './scoring.ts'
import { strengthsOf } from './strengths.ts'
import { type Probability, probabilitiesOf } from './tables/leftOut.ts'
import { ABSENT, isDoubtful, presentFrom, speaksOfIons, WORSE_WITH } from './thresholds.ts'
import { type WholeSample, wholesIn } from './wholeSamples.ts'

export type Verdict = 'present' | 'possible' | 'absent' | 'untested'

/** What the record says of one ion. */
export interface IonVerdict {
  readonly ion: string
  readonly verdict: Verdict
  readonly probability: number
  /** Seldom handed out, and not on the sheet: not worth naming where nothing speaks for it. */
  readonly rare?: true
  /** Steps that speak for it and against it, the most telling first. */
  readonly for: readonly string[]
  readonly against: readonly string[]
}

/** What a sample's record says. */
export interface SampleVerdict {
  readonly material: string
  readonly ions: readonly IonVerdict[]
  /** How likely it is that none of the ions is in it, as in water. */
  readonly nothing: number
  /** How likely it is that it holds what the list of ions does not have. */
  readonly other: number
  /** What kind of liquid it is, where it is called one or may well be organic. */
  readonly liquid?: LiquidFinding
  /** What it may be as a whole: metals and oxides, bottles of the bench, the likeliest first. */
  readonly whole: readonly WholeSample[]
  readonly gases: readonly { readonly gas: string; readonly at: string }[]
  /** Steps that the likeliest answer explains badly: worth repeating. */
  readonly doubtful: readonly string[]
  /** What each step says by itself, in the order of the record. */
  readonly steps: readonly StepMeaning[]
}

/** The same with advice. */
export interface Identification extends SampleVerdict {
  /** Tests that would tell most. */
  readonly next: readonly NextTest[]
}

/** What is known besides the record. */
export interface IdentifyOptions extends RackKnown {
  /** Reagents that the task allows for further tests. */
  readonly allowed?: ReadonlySet<string>
  /** Only this sample. */
  readonly only?: string
}

/** A step speaks for an ion when it raises its log odds by so much. */
const SPEAKS = 0.7
const logOdds = (probability: number) => Math.log((probability + 1e-9) / (1 - probability + 1e-9))

/**
 * @param present - from which probability it is present
 * @param beside - how much better the record is explained with it beside the likeliest set, ln
 */
function verdictOf(probability: number, present: number, borneOn: boolean, beside: number | undefined): Verdict {
  if (probability >= present) return 'present'
  if (!borneOn) return 'untested'
  if (probability >= ABSENT) return 'possible'
  // What the likeliest set hides was not tested, however unlikely it is beforehand.
  return beside === undefined || beside <= WORSE_WITH ? 'absent' : 'untested'
}

/** Steps that speak for an ion and against it, the most telling first. */
interface Evidence {
  readonly for: readonly string[]
  readonly against: readonly string[]
}

/** Evidence for an ion is the change of its log odds when a step is left out. */
function evidenceOf(rows: readonly RecordedStep[], ion: string, probabilityOf: Probability): Evidence {
  const whole = logOdds(probabilityOf(ion))
  const changes = rows.map(({ at, seen }, index) => ({ at, change: seen ? whole - logOdds(probabilityOf(ion, index)) : 0 }))
  const speaking = (sign: 1 | -1) =>
    changes
      .filter(({ change }) => sign * change > SPEAKS)
      .toSorted((a, b) => sign * (b.change - a.change))
      .map(({ at }) => at)
  return { for: speaking(1), against: speaking(-1) }
}

/** Several steps that each would do leave none that changes the verdict: then those that show the ion speak for it. */
function withWitnesses(ion: string, verdict: Verdict, evidence: Evidence, steps: readonly StepMeaning[]): Evidence {
  if (verdict !== 'present' || evidence.for.length > 0) return evidence
  const witnesses = steps
    .filter(({ explains }) => explains.includes(ion))
    .toSorted((a, b) => a.explains.length - b.explains.length)
  return { ...evidence, for: witnesses.map(({ at }) => at) }
}

/** How far identification is, from 0 to 1, and a verdict as soon as there is one. */
export interface Progress {
  readonly done: number
  /** The verdict on a sample, whose next tests are still being sought. */
  readonly verdict?: SampleVerdict
}

/** Part of the work that is done when the verdict is there. */
const VERDICT_AT = 0.75

/** Identifies one sample from its record: first the verdict, then the advice. */
function* identifyRecord(record: SampleRecord, options: IdentifyOptions): Generator<Progress, Identification> {
  const { material, tubes, root = material } = record
  const rows = rowsOf(tubes)
  const running = scoreAll(tubes, options.stated?.[root])
  let step = running.next()
  for (; !step.done; step = running.next()) yield { done: VERDICT_AT * step.value }
  const scoring = step.value
  const { scored } = scoring
  const weights = posterior(scored)
  const best = likeliestOf(scored, weights)
  const seenAs = asLiquid(record, options)
  const { ofIons } = seenAs
  const verdict: SampleVerdict = {
    material,
    ...ofLiquid(seenAs, ionsAndSteps(record, scoring, weights, best, ofIons)),
    nothing: ofIons * shareOf('nothing', scored, weights),
    other: ofIons * shareOf('other', scored, weights),
    ...(seenAs.liquid ? { liquid: seenAs.liquid } : {}),
    whole: wholesIn(scored, weights),
    gases: rows.flatMap(({ seen, at }) => (seen?.gases ?? []).flatMap((test) => gasAt(test, at))),
    // What fits no ions may fit a liquid well.
    doubtful: speaksOfIons(ofIons) ? rows.flatMap(({ at }, index) => (isDoubtful(best, index) ? [at] : [])) : [],
  }
  yield { done: VERDICT_AT, verdict }
  const next = liquidTests(record, options, seenAs, options.allowed)
  if (next) return { ...verdict, next }
  const seeking = nextTests(scored, weights, tubes, options.allowed)
  let sought = seeking.next()
  for (; !sought.done; sought = seeking.next()) yield { done: VERDICT_AT }
  return { ...verdict, next: sought.value }
}

type Found = Pick<SampleVerdict, 'ions' | 'steps'>

/** What a step says of ions is not said of what is no solution of them. */
function ofLiquid({ ofIons, untold }: AsLiquid, { ions, steps }: Found): Found {
  if (speaksOfIons(ofIons) && !untold) return { ions, steps }
  return { ions, steps: steps.map((step) => ({ ...step, explains: [], rulesOut: [], equations: [] })) }
}

const shareOf = (kind: Scored['kind'], scored: readonly Scored[], weights: readonly number[]) =>
  scored.reduce((sum, one, index) => (one.kind === kind ? sum + (weights[index] ?? 0) : sum), 0)

function ionsAndSteps(
  record: SampleRecord,
  { scored, alone, beside, listed }: Scoring,
  weights: readonly number[],
  best: Scored | undefined,
  /** How likely it is that there are ions at all. */
  ofIons: number,
): Found {
  const { tubes, root } = record
  const rows = rowsOf(tubes)
  const product = root === undefined ? undefined : productOf(scored, weights, record)
  const likely = product ? probabilitiesIn(product, scored, weights, rows.length) : probabilitiesOf(scored, rows.length)
  const probabilityOf: Probability = (ion, without) => ofIons * likely(ion, without)
  const thoughtOf = candidatesOf(listed).map(({ rare, ...one }) => (rare && !listed ? { ...one, rare } : one))
  const meant = meaningsOf(rows, tubes, alone.byIon, best, thoughtOf)
  const steps = product ? meant.map((step) => ofProduct(step, product)) : meant
  const shownAlone = (ion: string, index: number) =>
    CANDIDATES.some((one) => one.ion === ion && strengthsOf(one).some((at) => shows(alone.byStrength.get(at)?.[index])))
  const recorded = rows.some(({ seen }) => seen !== undefined)
  const ions = candidatesOf(listed).map(({ ion, ...row }): IonVerdict => {
    const rare = row.rare && !listed
    const present = presentFrom(best, rows.length, rare === true)
    const probability = probabilityOf(ion)
    const brought = product?.brought.has(ion) ?? false
    // What is seldom handed out was not put beside the likeliest set: nothing is known against it.
    const borneOn =
      !brought &&
      !(row.rare && !beside.has(ion) && probability < ABSENT) &&
      rows.some(({ seen }, index) => seen !== undefined && shownAlone(ion, index))
    const verdict = recorded && !brought ? verdictOf(probability, present, borneOn, beside.get(ion)) : 'untested'
    return {
      ion,
      verdict,
      probability,
      ...(rare ? { rare } : {}),
      ...withWitnesses(ion, verdict, evidenceOf(rows, ion, probabilityOf), steps),
    }
  })
  return { ions: ions.toSorted((a, b) => b.probability - a.probability), steps }
}

const turned = (ions: readonly string[], { became }: Product) => [...new Set(ions.flatMap(became))]

/** What a step says of a product is said of the ions that are in it now, not of those in the jar. */
function ofProduct(step: StepMeaning, product: Product): StepMeaning {
  return { ...step, explains: turned(step.explains, product), rulesOut: turned(step.rulesOut, product) }
}

const gasAt = (reading: string, at: string) => {
  const gas = gasToldBy(reading)
  return gas === undefined ? [] : [{ gas, at }]
}

/** Records that were identified before: a step in one tube leaves the other samples as they were. */
const MOST_KNOWN = 50
const known = new Memory<string, Identification>(MOST_KNOWN)

/**
 * Identifies the samples of a rack from what was recorded, one after another.
 *
 * Every set of one or two cations and one or two anions, and the likeliest with a third, is weighed by how likely each
 * recorded step is if the model is right about it. Yields how far it is, so that a caller can show it, let others work,
 * or stop; and the verdict on each sample before its next tests are sought, which takes as long again.
 */
export function* identifying(
  samples: Rack['samples'],
  options: IdentifyOptions = {},
): Generator<Progress, readonly Identification[]> {
  const records = recordsOf(samples, options)
    .filter(({ material }) => (options.only ?? material) === material)
    // A portion nothing was done with yet tells nothing: not even that a solid dissolved.
    .map((record) => ({ ...record, tubes: record.tubes.filter(({ steps }) => steps.length > 0) }))
  const found: Identification[] = []
  for (const [index, record] of records.entries()) {
    const key = JSON.stringify([
      record,
      [...(options.allowed ?? ['all'])],
      options.stated?.[record.root ?? record.material] ?? {},
      options.liquids ?? [],
    ])
    const before = known.get(key)
    if (before) {
      found.push(before)
      continue
    }
    const running = identifyRecord(record, options)
    for (;;) {
      const step = running.next()
      if (step.done) {
        found.push(known.keep(key, step.value))
        break
      }
      yield { ...step.value, done: (index + step.value.done) / records.length }
    }
  }
  return found
}

/** Identifies the samples of a rack at once. */
export function identifyRack(samples: Rack['samples'], options: IdentifyOptions = {}): readonly Identification[] {
  const running = identifying(samples, options)
  for (;;) {
    const step = running.next()
    if (step.done) return step.value
  }
}
