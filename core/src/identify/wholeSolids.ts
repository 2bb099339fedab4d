import { nameOf, parseFormula } from '../substance/index.ts'
import type { Hypothesis } from './hypothesis.ts'
import { CANDIDATES } from './ions.ts'
import type { Scored } from './scored.ts'

/** Dry samples that are no salts, with the ion that acid makes of them: metals and oxides of the bench. */
const WHOLE_SOLIDS: Readonly<Record<string, string>> = {
  Mg: 'Mg2+',
  Al: 'Al3+',
  Zn: 'Zn2+',
  Fe: 'Fe2+',
  Cu: 'Cu2+',
  MgO: 'Mg2+',
  CaO: 'Ca2+',
  ZnO: 'Zn2+',
  CuO: 'Cu2+',
  PbO: 'Pb2+',
  NiO: 'Ni2+',
  MnO2: 'Mn2+',
}

/** How likely a dry sample is beforehand to be one of them, however many they are (judgement). */
const SHARE = 0.08

/** Metals and oxides as hypotheses, each with the ln of how likely it is beforehand. */
export const WHOLE_HYPOTHESES: readonly (readonly [Hypothesis, prior: number])[] = Object.entries(WHOLE_SOLIDS).map(
  ([whole, ion], _, { length }) => [{ whole, ions: CANDIDATES.filter((one) => one.ion === ion) }, Math.log(SHARE / length)],
)

/** A metal or an oxide that a dry sample may be as a whole. */
export interface WholeSolid {
  readonly formula: string
  readonly name: string
  readonly probability: number
}

/** What a sample is as a whole, in words that a salt of its metal is not meant by: `metallic zinc`, `zinc oxide`. */
export function sayWhole(formula: string): string {
  const name = nameOf(parseFormula(formula)) ?? formula
  return /^[A-Z][a-z]?$/.test(formula) ? `metallic ${name}` : name
}

/** Less likely ones are not named. */
const NAMED_FROM = 0.1

/** Which metals and oxides a sample may be as a whole, the likeliest first. */
export function wholeSolidsIn(scored: readonly Scored[], weights: readonly number[]): readonly WholeSolid[] {
  const sums = new Map<string, number>()
  for (const [index, { hypothesis }] of scored.entries())
    if (hypothesis.whole !== undefined) sums.set(hypothesis.whole, (sums.get(hypothesis.whole) ?? 0) + (weights[index] ?? 0))
  return [...sums]
    .flatMap(([formula, probability]) =>
      probability > NAMED_FROM ? [{ formula, name: nameOf(parseFormula(formula)) ?? formula, probability }] : [],
    )
    .toSorted((a, b) => b.probability - a.probability)
}
