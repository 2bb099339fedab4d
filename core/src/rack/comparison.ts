import { CANDIDATES, type SampleVerdict } from '../identify/index.ts'
import { type Claim, readConclusion } from './conclude/readConclusion.ts'

/** How a claim stands beside the record. */
export type Judged =
  /** The record says so too. */
  | 'agrees'
  /** The record says the opposite. */
  | 'disagrees'
  /** Nothing of the record settles it yet. */
  | 'not shown'
  /** Left open, where the record shows it. */
  | 'shown already'
  /** Left open, where the record rules it out. */
  | 'ruled out already'

/** A claim with the steps that speak for it or against it. */
export interface JudgedClaim extends Claim {
  readonly judged: Judged
  readonly steps: readonly string[]
}

/** A student's conclusion beside the board's. */
export interface Comparison {
  readonly claims: readonly JudgedClaim[]
  /** Shown by the record, not spoken of by the student. */
  readonly missed: readonly string[]
}

type Ions = SampleVerdict['ions']

const PLACE: ReadonlyMap<string, number> = new Map(CANDIDATES.map(({ ion }, place) => [ion, place]))

/** The claims of a conclusion, in the order of the table. */
const claimsIn = (conclusion: string): readonly Claim[] =>
  readConclusion(conclusion).toSorted((a, b) => (PLACE.get(a.ion) ?? PLACE.size) - (PLACE.get(b.ion) ?? PLACE.size))

/** The ions that a conclusion says are there, in the order of the table; a bare "iron" is either of two, and no ion. */
export function ionsNamed(conclusion: string): readonly string[] {
  return claimsIn(conclusion)
    .filter(({ says }) => says === 'present')
    .map(({ ion }) => ion)
}

function judge(claim: Claim, ions: Ions): JudgedClaim {
  const found = ions.find(({ ion }) => ion === claim.ion)
  const [speaksFor, against] = [found?.for ?? [], found?.against ?? []]
  const verdict = found?.verdict
  if (claim.says === 'present') {
    if (verdict === 'present') return { ...claim, judged: 'agrees', steps: speaksFor }
    return verdict === 'absent' ? { ...claim, judged: 'disagrees', steps: against } : { ...claim, judged: 'not shown', steps: [] }
  }
  if (claim.says === 'absent') {
    if (verdict === 'absent') return { ...claim, judged: 'agrees', steps: against }
    return verdict === 'present'
      ? { ...claim, judged: 'disagrees', steps: speaksFor }
      : { ...claim, judged: 'not shown', steps: [] }
  }
  if (verdict === 'present') return { ...claim, judged: 'shown already', steps: speaksFor }
  return verdict === 'absent'
    ? { ...claim, judged: 'ruled out already', steps: against }
    : { ...claim, judged: 'agrees', steps: [] }
}

/** Lays a conclusion beside what the record shows: every claim with the steps that speak for it or against it. */
export function compareConclusion(conclusion: string, { ions }: Pick<SampleVerdict, 'ions'>): Comparison {
  const claims = claimsIn(conclusion)
  const spokenOf = new Set(claims.filter(({ says }) => says !== 'absent').flatMap(({ ion, any = [] }) => [ion, ...any]))
  const denied = new Set(claims.filter(({ says }) => says === 'absent').map(({ ion }) => ion))
  return {
    claims: claims.map((claim) => judge(claim, ions)),
    missed: ions
      .filter(({ ion, verdict }) => verdict === 'present' && !spokenOf.has(ion) && !denied.has(ion))
      .map(({ ion }) => ion),
  }
}
