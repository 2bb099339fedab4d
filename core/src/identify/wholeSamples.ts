import { nameOf, parseFormula } from '../substance/index.ts'
import { isAlloy, reagentNamed } from '../tube/index.ts'
import type { Hypothesis, SampleForm } from './hypothesis.ts'
import { CANDIDATES } from './ions.ts'
import type { Scored } from './scored.ts'

/** Dry samples that are no salts, with the ions that acid makes of them: metals, alloys and oxides of the bench. */
const DRY: Readonly<Record<string, readonly string[]>> = {
  Mg: ['Mg2+'],
  Al: ['Al3+'],
  Zn: ['Zn2+'],
  Fe: ['Fe2+'],
  Cu: ['Cu2+'],
  MgO: ['Mg2+'],
  CaO: ['Ca2+'],
  ZnO: ['Zn2+'],
  CuO: ['Cu2+'],
  PbO: ['Pb2+'],
  NiO: ['Ni2+'],
  MnO2: ['Mn2+'],
  brass: ['Cu2+', 'Zn2+'],
  bronze: ['Cu2+'],
  solder: ['Pb2+'],
}

/** Bottles of the bench that hold what is none of the ions of school analysis, with those that they hold besides. */
const DISSOLVED: Readonly<Record<string, readonly string[]>> = {
  'H2O2(aq)': [],
  'I2(aq)': ['K+', 'I-'],
  'Br2(aq)': [],
  'Cl2(aq)': [],
  'KMnO4(aq)': ['K+'],
  'K2Cr2O7(aq)': ['K+'],
  'K4Fe(CN)6(aq)': ['K+'],
  'K3Fe(CN)6(aq)': ['K+'],
}

/** How likely a dry sample is beforehand to be one of the first, a solution to be one of the second, however many they are (judgement). */
const SHARE = { solid: 0.08, solution: 0.005 } as const

type Whole = readonly [hypothesis: Hypothesis, prior: number]

const hypothesesOf = (rows: Readonly<Record<string, readonly string[]>>, share: number): readonly Whole[] =>
  Object.entries(rows).map(([whole, ions], _, { length }) => [
    { whole, ions: CANDIDATES.filter(({ ion }) => ions.includes(ion)) },
    Math.log(share / length),
  ])

/** What a sample may be as a whole, by how it came: each with the ln of how likely it is beforehand. */
export const WHOLE_HYPOTHESES: Readonly<Record<SampleForm, readonly Whole[]>> = {
  solid: hypothesesOf(DRY, SHARE.solid),
  solution: hypothesesOf(DISSOLVED, SHARE.solution),
}

/** What a sample may be as a whole: a metal, an alloy, an oxide, or a bottle of the bench. */
export interface WholeSample {
  /** Not of an alloy, which has none. */
  readonly formula?: string
  readonly name: string
  readonly probability: number
  /** It is a solid, whose ions come only when it dissolves. */
  readonly dry?: true
}

const formulaOf = (whole: string) => whole.replace('(aq)', '')
const nameOfWhole = (whole: string): string =>
  isAlloy(whole) ? whole : (reagentNamed(whole)?.says ?? nameOf(parseFormula(whole)) ?? whole)

/** What a sample is as a whole, in words that a salt of its metal is not meant by: `metallic zinc`, `zinc oxide`. */
export const sayWhole = (whole: string): string =>
  /^[A-Z][a-z]?$/.test(whole) ? `metallic ${nameOfWhole(whole)}` : nameOfWhole(whole)

/** Less likely ones are not named. */
const NAMED_FROM = 0.1

/** Which metals, oxides and bottles a sample may be as a whole, the likeliest first. */
export function wholesIn(scored: readonly Scored[], weights: readonly number[]): readonly WholeSample[] {
  const sums = new Map<string, number>()
  for (const [index, { hypothesis }] of scored.entries())
    if (hypothesis.whole !== undefined) sums.set(hypothesis.whole, (sums.get(hypothesis.whole) ?? 0) + (weights[index] ?? 0))
  return [...sums]
    .flatMap(([whole, probability]): readonly WholeSample[] => {
      if (probability <= NAMED_FROM) return []
      const dry = Object.hasOwn(DRY, whole) ? ({ dry: true } as const) : {}
      const formula = isAlloy(whole) ? {} : { formula: formulaOf(whole) }
      return [{ ...formula, name: nameOfWhole(whole), probability, ...dry }]
    })
    .toSorted((a, b) => b.probability - a.probability)
}
