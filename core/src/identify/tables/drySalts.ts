import { foretell } from '../foretell.ts'
import { hasHydrate, hydratedShare } from '../hydrates.ts'
import { type Hypothesis, saltsOf } from '../hypothesis.ts'
import type { Candidate } from '../ions.ts'
import type { RecordedTube } from '../record.ts'
import { NOT_SEEN, type Seen } from './blends.ts'
import { likelihoodWithSlip, NOTHING_SHOWN, numberOf, togetherOf } from './featureNumbers.ts'

/** Acts that leave a solid dry. */
const DRY = new Set(['look', 'heat', 'cool', 'flame', 'smell', 'gas', 'stand', 'shake'])

/** Which recorded steps were done with the solid as it came, before any liquid. */
export function dryRows(tubes: readonly RecordedTube[]): readonly boolean[] {
  return tubes.flatMap(({ form, before, steps }) => {
    let dry = form === 'solid' && before.length === 0
    return steps.map(({ step }) => {
      dry = dry && DRY.has(step.do)
      return dry
    })
  })
}

/** Every way in which a set may have come from its jar, with the ln of its share: with water of crystallisation, without. */
export function dressed(hypothesis: Hypothesis, stated: boolean): readonly (readonly [Hypothesis, share: number])[] {
  if (!saltsOf(hypothesis).some(hasHydrate)) return [[hypothesis, 0]]
  const share = hydratedShare(stated)
  return [
    [{ ...hypothesis, hydrated: true }, Math.log(share)],
    [hypothesis, Math.log(1 - share)],
  ]
}

/** What dry salts show by themselves: heated alone, an ion would be that of some other salt. */
export interface DrySalts {
  /** ln likelihood of all dry steps for a set of ions. */
  readonly totalOf: (cations: readonly Candidate[], anions: readonly Candidate[]) => number
  /** Features in every row, by number; `features` where a step was not dry. */
  readonly featuresOf: (cations: readonly Candidate[], anions: readonly Candidate[], features: Int32Array) => Int32Array
}

/** @returns undefined where no step was done with a dry solid */
export function drySalts(tubes: readonly RecordedTube[], seen: Seen, stated: boolean): DrySalts | undefined {
  const rows = dryRows(tubes)
  const places = rows.flatMap((dry, row) => (dry && seen[row] !== NOT_SEEN ? [row] : []))
  if (places.length === 0) return undefined
  const played = new Map<string, readonly (readonly [features: Int32Array, share: number])[]>()
  const saltOf = (cation: Candidate | undefined, anion: Candidate | undefined) => {
    const key = `${cation?.ion} ${anion?.ion}`
    const before = played.get(key)
    if (before) return before
    const ions = [cation, anion].filter((one) => one !== undefined)
    const found = dressed({ ions }, stated).map(([hypothesis, share]) => [showing(hypothesis, tubes, rows), share] as const)
    played.set(key, found)
    return found
  }
  const logLikely = (features: Int32Array) => places.reduce((sum, row) => sum + likelihoodWithSlip(seen[row]!, features[row]!), 0)
  const mixed = (cations: readonly Candidate[], anions: readonly Candidate[]) => {
    const many = Math.max(cations.length, anions.length)
    return Array.from({ length: many }, (_, index) =>
      saltOf(cations[index % cations.length], anions[index % anions.length]),
    ).reduce(
      (sum, [salt]) => (salt ? sum.map((number, row) => togetherOf(number, salt[0][row]!)) : sum),
      new Int32Array(rows.length).fill(NOTHING_SHOWN),
    )
  }
  return {
    totalOf: (cations, anions) => {
      if (cations.length !== 1 || anions.length !== 1) return logLikely(mixed(cations, anions))
      return Math.max(...saltOf(cations[0], anions[0]).map(([features, share]) => share + logLikely(features)))
    },
    featuresOf: (cations, anions, features) => {
      const dry = mixed(cations, anions)
      return features.map((number, row) => (rows[row] ? dry[row]! : number))
    },
  }
}

/** What a dry salt shows in the dry steps; nothing in the others. */
function showing(hypothesis: Hypothesis, tubes: readonly RecordedTube[], rows: readonly boolean[]): Int32Array {
  let row = 0
  const found = new Int32Array(rows.length).fill(NOTHING_SHOWN)
  for (const tube of tubes) {
    const from = row
    row += tube.steps.length
    const dry = rows.slice(from, row).filter(Boolean).length
    const features = dry > 0 ? foretell(hypothesis, tube, tube.did.slice(0, dry)) : undefined
    features?.forEach((one, place) => {
      found[from + place] = numberOf(one)
    })
  }
  return found
}
