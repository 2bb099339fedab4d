import { ANIONS, CATIONS, type Candidate } from './ions.ts'

/** Shares of samples by how many cations and anions they hold (judgement: one salt, a mixture of two, seldom more). */
const SHAPES: Readonly<Record<string, number>> = {
  '1 1': 0.64,
  '2 1': 0.12,
  '1 2': 0.13,
  '2 2': 0.07,
  '3 1': 0.012,
  '1 3': 0.008,
  '3 2': 0.01,
  '2 3': 0.006,
  '3 3': 0.004,
}
/** Any other shape. */
const ODD = 0.001

/** How much commoner an ion is in samples than another, ln (judgement). */
const COMMON: Readonly<Record<string, number>> = {
  'Na+': 0.5,
  'K+': 0.5,
  'Li+': -0.7,
  'NH4+': 0.4,
  'Sr2+': -0.8,
  'Ag+': -0.8,
  'Mg2+': 0.2,
  'Al3+': 0.2,
  'Pb2+': -0.4,
  'Cu2+': 0.4,
  'Fe2+': 0.3,
  'Fe3+': 0.2,
  'Mn2+': -0.6,
  'Co2+': -0.6,
  'Ni2+': -0.7,
  'Cr3+': -0.3,
  'Cl-': 0.6,
  'SO4^2-': 0.6,
  'NO3-': 0.5,
  'NO2-': -0.7,
  'CrO4^2-': -0.7,
  'S2O3^2-': -0.7,
  'CH3COO-': -0.8,
  'OH-': -0.5,
  'SO3^2-': -0.4,
}

/** How common an ion is that is seldom handed out, ln. */
const RARE = -3

const ALKALI_METALS = new Set(['Na+', 'K+', 'Li+', 'NH4+'])
/** Anions whose salts in solution are those of alkali metals and ammonium. */
const OF_ALKALI_METALS = new Set([
  'SO3^2-',
  'CO3^2-',
  'HCO3-',
  'NO2-',
  'CrO4^2-',
  'S2O3^2-',
  'PO4^3-',
  'C2O4^2-',
  'C4H4O6^2-',
  'S^2-',
  'SCN-',
])
const OF_ACIDS = new Set(['Cl-', 'SO4^2-', 'NO3-'])
const OF_ALKALIS = new Set(['Na+', 'K+', 'Ba2+', 'Ca2+', 'NH4+', 'Li+'])
/** Metals that make a double sulfate with ammonium. */
const OF_DOUBLE_SALTS = new Set(['Fe2+', 'Fe3+', 'Al3+', 'Cr3+', 'Cu2+', 'Ni2+'])

const PLAIN_ACID = 0.6
const PLAIN_ALKALI = 1.3
/** Acid or hydroxide with what makes no acid or alkali of the bench, and beside further salts. */
const ODD_ACID = -1
const ODD_ALKALI = -2
const ACID_IN_MIXTURE = -0.2
const ALKALI_IN_MIXTURE = -1
const DOUBLE_SALT = 1.5
/** A salt that stands in no bottle, as a solution of its own, and beside others. */
const NO_BOTTLE = -3
const NO_BOTTLE_BESIDE = -2.1

/** What counts beforehand of the cations or the anions of a set. */
export interface Half {
  readonly count: number
  /** Sum of how common each is, ln. */
  readonly common: number
  readonly acid: boolean
  readonly alkali: boolean
  /** All of them make an acid of the bench, or an alkali. */
  readonly makesAcid: boolean
  readonly makesAlkali: boolean
  /** Cations that are neither alkali metals, ammonium nor acid; anions whose salts are those of alkali metals. */
  readonly others: number
  readonly ofAlkaliMetals: number
  readonly ammonium: boolean
  readonly doubles: boolean
  readonly onlySulfate: boolean
}

const NONE: ReadonlySet<string> = new Set()

/**
 * Reads a half of a set.
 *
 * @param listed - ions that the sheet names: none of them is rarer than another
 */
export function halfOf(ions: readonly Candidate[], listed: ReadonlySet<string> = NONE): Half {
  const has = (some: ReadonlySet<string>) => ions.filter(({ ion }) => some.has(ion)).length
  const holds = (ion: string) => ions.some((one) => one.ion === ion)
  return {
    count: ions.length,
    common: ions.reduce((sum, { ion, rare }) => sum + (listed.has(ion) ? 0 : rare ? RARE : (COMMON[ion] ?? 0)), 0),
    acid: holds('H+'),
    alkali: holds('OH-'),
    makesAcid: has(OF_ACIDS) === ions.length,
    makesAlkali: has(OF_ALKALIS) === ions.length,
    others: ions.length - has(ALKALI_METALS) - (holds('H+') ? 1 : 0),
    ofAlkaliMetals: has(OF_ALKALI_METALS),
    ammonium: holds('NH4+'),
    doubles: has(OF_DOUBLE_SALTS) > 0,
    onlySulfate: ions.length === 1 && holds('SO4^2-'),
  }
}

function choose(from: number, count: number): number {
  return count === 0 ? 1 : (choose(from - 1, count - 1) * from) / count
}

/** What a task's sheet says of a sample beforehand. */
export interface Stated {
  /** Ions that its notes cover; all where nothing is said. */
  readonly listed?: readonly string[]
  /** How many cations and anions it holds, where that is said. */
  readonly cations?: number
  readonly anions?: number
  /** It is a mixture: more than one cation or more than one anion. */
  readonly mixture?: boolean
  /** It is a hydrated salt. */
  readonly hydrated?: boolean
}

/** What contradicts the sheet is hardly so: a sheet may be misread, ln. */
const AGAINST_SHEET = -5

function asStated(cations: number, anions: number, stated: Stated): number {
  const wrong =
    (stated.cations !== undefined && stated.cations !== cations ? 1 : 0) +
    (stated.anions !== undefined && stated.anions !== anions ? 1 : 0) +
    (stated.mixture && cations + anions === 2 ? 1 : 0)
  return wrong * AGAINST_SHEET
}

/** How common shapes are, divided among the sets of each. */
export type Beforehand = (cations: Half, anions: Half) => number

/**
 * How likely sets are beforehand, ln: first by their shape, divided by the number of sets of it, so that pairs of cations
 * are not favoured by being many; then by what stands in bottles.
 *
 * @param dissolved - the sample came as a solution; a solid may be a salt that does not dissolve
 */
export function beforehand(dissolved: boolean, stated: Stated = {}): Beforehand {
  const many = (all: readonly Candidate[]) => all.filter(({ ion, rare }) => stated.listed?.includes(ion) ?? !rare).length
  const [positive, negative] = [Math.max(1, many(CATIONS)), Math.max(1, many(ANIONS))]
  const shapes = new Map<number, number>()
  const shapeOf = (cations: number, anions: number): number => {
    const key = 10 * cations + anions
    const before = shapes.get(key)
    if (before !== undefined) return before
    const sets = choose(positive, cations) * choose(negative, anions)
    const share = Math.log(SHAPES[`${cations} ${anions}`] ?? ODD) - Math.log(Math.max(1, sets))
    const found = share + asStated(cations, anions, stated)
    shapes.set(key, found)
    return found
  }
  return (cations, anions) => {
    let prior = shapeOf(cations.count, anions.count) + cations.common + anions.common
    const salt = cations.count === 1 && anions.count === 1
    if (cations.ammonium && cations.count === 2 && cations.doubles && anions.onlySulfate) prior += DOUBLE_SALT
    if (cations.acid) prior += salt ? (anions.makesAcid ? PLAIN_ACID : ODD_ACID) : ACID_IN_MIXTURE
    if (anions.alkali) prior += salt ? (cations.makesAlkali ? PLAIN_ALKALI : ODD_ALKALI) : ALKALI_IN_MIXTURE
    if (dissolved && cations.others > 0)
      prior += anions.ofAlkaliMetals * (cations.others === cations.count ? NO_BOTTLE : NO_BOTTLE_BESIDE)
    return prior
  }
}
