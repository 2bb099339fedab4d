import { type Features, NOTHING } from './features.ts'
import { foretell, shows } from './foretell.ts'
import { acidifiedIn, usesAcid } from './habits.ts'
import type { Hypothesis } from './hypothesis.ts'
import { CANDIDATES, type Candidate } from './ions.ts'
import type { RecordedTube } from './record.ts'
import { MIDDLE, strengthsOf } from './strengths.ts'

/** What ions by themselves show, step by step. */
export interface AloneIn {
  /** At every strength at which they are weighed. */
  readonly byStrength: ReadonlyMap<Candidate, readonly Features[]>
  /** At the middle one, by ion: what a step says by itself. */
  readonly byIon: ReadonlyMap<string, readonly Features[]>
}

/** What every ion shows alone, at each of its strengths; one that cannot stand alone shows nothing. */
export function* allAlone(tubes: readonly RecordedTube[], candidates: readonly Candidate[]): Generator<number, AloneIn> {
  const byStrength = new Map<Candidate, readonly Features[]>()
  const byIon = new Map<string, readonly Features[]>()
  for (const [index, one] of candidates.entries()) {
    const strengths = strengthsOf(one)
    for (const at of strengths) {
      const features = tubes.flatMap((tube) => {
        const steps = usesAcid(one.ion) ? acidifiedIn(tube) : tube.did
        return foretell({ ions: [at] }, tube, steps) ?? tube.steps.map(() => NOTHING)
      })
      byStrength.set(at, features)
    }
    byIon.set(one.ion, byStrength.get(strengths[MIDDLE] ?? one) ?? [])
    yield (index + 1) / candidates.length
  }
  return { byStrength, byIon }
}

/** What a hypothesis foretells in all tubes, each step by itself played as it was written; nothing where it cannot be. */
export const foretoldIn = (hypothesis: Hypothesis, tubes: readonly RecordedTube[]): readonly Features[] =>
  tubes.flatMap((tube) => foretell(hypothesis, tube, tube.did) ?? tube.steps.map(() => NOTHING))

const NONE_BEFORE: RecordedTube['before'] = []

/**
 * What a hypothesis foretells in all tubes. In each only those of its ions are played that show anything there, if no
 * other of them meddles: many hypotheses then ask the same, and one ion by itself has been played already.
 *
 * @param goOn - asked after each tube with what was found so far, whether the next is still wanted
 * @returns undefined where it cannot be, or was not gone on with
 */
export function playInFull(
  hypothesis: Hypothesis,
  tubes: readonly RecordedTube[],
  { byStrength }: AloneIn,
  goOn: (found: readonly Features[], from: number) => boolean = () => true,
): readonly Features[] | undefined {
  const { ions, acidified } = hypothesis
  const meddled = ions.some(({ meddles }) => meddles)
  const found: Features[] = []
  let row = 0
  for (const tube of tubes) {
    const from = row
    row += tube.steps.length
    const steps = acidified ? acidifiedIn(tube) : tube.did
    const ofIon = (one: Candidate) => (byStrength.get(one) ?? []).slice(from, row)
    const known = ions.every((one) => byStrength.has(one))
    const simple = known && tube.form === 'solution' && tube.before.length === 0 && !meddled && steps === tube.did
    // Alone, what gives gas was taken to be well acidified: as it was written it may show something else.
    const otherwise = (one: Candidate) => usesAcid(one.ion) && acidifiedIn(tube) !== tube.did
    const showing = simple ? ions.filter((one) => otherwise(one) || ofIon(one).some(shows)) : ions
    const [only] = showing
    if (showing.length < ions.length && !foretell(hypothesis, { ...tube, before: NONE_BEFORE }, NONE_BEFORE)) return undefined
    const asAlone = simple && showing.length < 2 && !(only && otherwise(only))
    const features = asAlone
      ? only
        ? ofIon(only)
        : tube.steps.map(() => NOTHING)
      : foretell({ ...hypothesis, ions: showing }, tube, steps)
    if (!features) return undefined
    found.push(...features)
    if (!goOn(found, from)) return undefined
  }
  return found
}

/** Candidates that a sheet's list leaves; all where it names none. */
export const candidatesOf = (listed: readonly string[] | undefined): readonly Candidate[] =>
  listed ? CANDIDATES.filter(({ ion }) => listed.includes(ion)) : CANDIDATES
