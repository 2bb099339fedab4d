import { CANDIDATES, type Candidate } from './ions.ts'

/**
 * Strengths at which ions are weighed whose strength decides what is seen, mol/dm³: acid, alkali, and what gives gas. The
 * others are taken at their usual strength; several for all of them cost four times the plays and told hardly more.
 */
const WEIGHED: Readonly<Record<string, readonly [weak: number, middle: number, strong: number]>> = {
  'H+': [0.06, 0.2, 0.7],
  // Limewater is no stronger than the weakest.
  'OH-': [0.028, 0.1, 0.35],
  'CO3^2-': [0.03, 0.1, 0.35],
  'HCO3-': [0.03, 0.1, 0.35],
  'SO3^2-': [0.03, 0.1, 0.35],
  'NO2-': [0.03, 0.1, 0.35],
}

/** Shares of the levels, which all ions of a set have in common: a salt is weak or strong as a whole (judgement). */
const SHARES = [0.12, 0.5, 0.38] as const
const LEVELS = SHARES.length
/** ln of the share of a level among those of a set. */
export const shareOfLevel = (level: number): number => Math.log(SHARES[level] ?? 1)
/** The level at which an ion is spoken of by itself. */
export const MIDDLE = 1

const AT_STRENGTHS: ReadonlyMap<string, readonly Candidate[]> = new Map(
  CANDIDATES.map((one) => [one.ion, WEIGHED[one.ion]?.map((strength) => ({ ...one, strength })) ?? [one]]),
)

/** An ion at each of the strengths at which it is weighed: one for most, one for each level where it matters. */
export const strengthsOf = ({ ion }: Candidate): readonly Candidate[] => AT_STRENGTHS.get(ion) ?? []

/** Whether the strength of an ion is weighed. */
export const isWeighed = ({ ion }: Candidate): boolean => Object.hasOwn(WEIGHED, ion)

/** Ions at a level. */
const atLevel = (ions: readonly Candidate[], level: number): readonly Candidate[] =>
  ions.map((one) => {
    const strengths = strengthsOf(one)
    return strengths[level] ?? strengths[0] ?? one
  })

/** Other strengths of a whole set, in times the usual, and how often the usual is about right (judgement). */
const OTHERWISE = [0.3, 3.5] as const
const AS_USUAL = 0.5
export const shareAsUsual = Math.log(AS_USUAL)
export const shareOtherwise = Math.log((1 - AS_USUAL) / OTHERWISE.length)

const otherwise = new Map<string, Candidate>()

/** A set, whose strengths are not weighed, weaker and stronger than is usual. */
export function otherStrengths(ions: readonly Candidate[]): readonly (readonly Candidate[])[] {
  if (ions.some(isWeighed)) return []
  return OTHERWISE.map((times) =>
    ions.map((one) => {
      const key = `${one.ion} ${times}`
      const found = otherwise.get(key) ?? { ...one, strength: Number((one.strength * times).toPrecision(3)) }
      otherwise.set(key, found)
      return found
    }),
  )
}

/** Every way in which a set may be strong: one for most sets, one for each level where it matters. */
export const variantsOf = (ions: readonly Candidate[]): readonly (readonly Candidate[])[] =>
  ions.some(isWeighed) ? Array.from({ length: LEVELS }, (_, level) => atLevel(ions, level)) : [ions]
