import { Exact } from '../number/index.ts'
import type { Concordance } from '../record/index.ts'

/** A titre that may enter the mean: its run's index and its volume in cm³. */
export interface Candidate {
  readonly run: number
  readonly volume: Exact
}

/** Which runs were chosen, and whether as many agree as the task wants. */
export interface Agreement {
  readonly runs: readonly number[]
  readonly concordant: boolean
  /** Other runs that agree as well, as many of them, in a chain such as 20.00, 20.10, 20.20. */
  readonly rival?: readonly number[]
}

function isWithin(difference: Exact, { within, strict }: Concordance): boolean {
  return strict ? difference.lt(within) : difference.lte(within)
}

/** Titres in order of volume, with how far they lie apart. */
interface CandidateSet {
  readonly size: number
  readonly titres: () => readonly Candidate[]
  readonly spread: Exact
  /** Later runs are done with more practice, so of equally good sets the later one is taken. */
  readonly lateness: number
}

function makeSet(titres: readonly Candidate[]): CandidateSet {
  const [lowest, highest] = [titres[0], titres.at(-1)]
  const spread = lowest && highest ? highest.volume.sub(lowest.volume) : new Exact(0)
  return { size: titres.length, titres: () => titres, spread, lateness: titres.reduce((total, { run }) => total + run, 0) }
}

function better(one: CandidateSet, other: CandidateSet): number {
  return other.size - one.size || one.spread.cmp(other.spread) || other.lateness - one.lateness
}

/** In order of volume; of equal titres the later run first, so that a set cut short keeps it. */
function inOrder(candidates: readonly Candidate[]): readonly Candidate[] {
  // Exact comparisons are dear, and wanted only where volumes are alike to the last figure a number has.
  const sized = candidates.map((candidate) => ({ candidate, size: candidate.volume.toNumber() }))
  return sized
    .toSorted((a, b) => a.size - b.size || a.candidate.volume.cmp(b.candidate.volume) || b.candidate.run - a.candidate.run)
    .map(({ candidate }) => candidate)
}

/** Every set of neighbours that agrees: from each lowest titre, as far up as the limit lets it reach. */
function agreeingSets(sorted: readonly Candidate[], concordance: Concordance): readonly CandidateSet[] {
  // The reach only ever moves up with the lowest titre, so each titre is looked at twice at most.
  let reach = 0
  const before = [0]
  for (const { run } of sorted) before.push((before.at(-1) as number) + run)
  return sorted.map((lowest, from) => {
    reach = Math.max(reach, from)
    for (let next = sorted[reach + 1]; next && isWithin(next.volume.sub(lowest.volume), concordance); next = sorted[reach + 1])
      reach++
    const to = reach
    return {
      size: to + 1 - from,
      titres: () => sorted.slice(from, to + 1),
      spread: (sorted[to] as Candidate).volume.sub(lowest.volume),
      lateness: (before[to + 1] as number) - (before[from] as number),
    }
  })
}

/** The two that lie closest together are neighbours in order of volume. */
function closestPair(sorted: readonly Candidate[], concordance: Concordance): CandidateSet | undefined {
  const pairs = sorted.slice(1).map((higher, index) => makeSet([sorted[index] as Candidate, higher]))
  return pairs.filter(({ spread }) => isWithin(spread, concordance)).toSorted(better)[0]
}

/**
 * Chooses which accurate titres enter the mean.
 *
 * - `largest-set`: the largest set whose spread is within the limit; ties go to the narrower spread, then the later runs.
 * - `closest-pair`: the two that lie closest together, if they agree.
 * - `every-accurate`: all of them, agreeing or not; `concordant` tells whether they do.
 *
 * Titres are compared exactly: 11.50 and 11.60 agree within 0.10. Common practice.
 */
export function chooseTitres(candidates: readonly Candidate[], concordance: Concordance): Agreement {
  const chosen = choose(inOrder(candidates), concordance) ?? makeSet([])
  const { spread } = chosen
  const titres = chosen.titres()
  const runs = titres.map(({ run }) => run).toSorted((a, b) => a - b)
  const enough = titres.length >= concordance.runs && titres.length > 0
  if (concordance.rule === 'every-accurate') return { runs, concordant: enough && isWithin(spread, concordance) }
  if (!enough) return { runs: [], concordant: false }
  const rival = concordance.rule === 'largest-set' ? rivalOf(chosen, inOrder(candidates), concordance) : undefined
  return { runs, concordant: true, ...(rival ? { rival } : {}) }
}

/** Another set as large that leads to another mean. */
function rivalOf(chosen: CandidateSet, sorted: readonly Candidate[], concordance: Concordance): readonly number[] | undefined {
  const lowest = chosen.titres()[0]?.volume
  const highest = chosen.titres().at(-1)?.volume
  const other = agreeingSets(sorted, concordance).find((set) => {
    if (set.size !== chosen.size) return false
    const titres = set.titres()
    return !(lowest && titres[0]?.volume.eq(lowest)) || !(highest && titres.at(-1)?.volume.eq(highest))
  })
  return other?.titres().map(({ run }) => run)
}

function choose(sorted: readonly Candidate[], concordance: Concordance): CandidateSet | undefined {
  switch (concordance.rule) {
    case 'largest-set':
      return agreeingSets(sorted, concordance).toSorted(better)[0]
    case 'closest-pair':
      return closestPair(sorted, concordance)
    case 'every-accurate':
      return makeSet(sorted)
  }
}
