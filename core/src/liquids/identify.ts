import type { TubeStep } from '../tube/index.ts'
import { FAMILIES, LIQUID_KINDS, type LiquidKind, OF_IONS } from './kinds.ts'
import { isOnlyOrganic, likelihoodOfSigns } from './likelihood.ts'
import { broughtBy, playLiquid } from './play.ts'
import { signsRead, type WrittenStep } from './read.ts'
import type { Sign } from './signs.ts'
import { LIQUIDS, type Liquid } from './substances.ts'

/** A tube of a liquid: its steps by name. */
export interface LiquidTube {
  readonly steps: readonly (WrittenStep & { readonly at: string })[]
}

/** A liquid's kind with how likely it is, and the steps that speak for it and against it. */
export interface LiquidVerdict {
  readonly kind: LiquidKind
  readonly probability: number
  readonly for: readonly string[]
  readonly against: readonly string[]
}

/** What is known of a liquid. */
export interface LiquidFinding {
  /** The kinds, the likeliest first. */
  readonly kinds: readonly LiquidVerdict[]
  /** The one that it is, or those that are not told apart. */
  readonly says: string
  /** Whether that is settled. */
  readonly sure: boolean
  /** How likely it is that it is water or a solution of ions. */
  readonly aqueous: number
}

/** How likely an organic liquid is beforehand: of what is called a liquid, and of what is called a solution (judgement). */
const ORGANIC_LIQUID = 0.85
const ORGANIC_SOLUTION = 0.1
/** The same where a bottle was taken that only finds organic groups: who takes it looks for them. */
const SOUGHT = 0.5
/** So likely that it is settled, as of ions. */
const SETTLED = 0.9
/** A step speaks for a kind when it raises its odds by so much, ln. */
const SPEAKS = 0.7

interface Row {
  readonly name: string
  readonly kind: LiquidKind
  readonly prior: number
  /** How likely each step is, ln. */
  readonly steps: readonly number[]
}

/** How much less likely what comes dissolved is to be called a liquid, and what parts from water a solution (judgement). */
const CALLED_WRONGLY = 0.15

const isCalledSo = ({ groups, water }: Liquid, isLiquid: boolean) => (isLiquid ? !groups.has('water') : water === 'mixes')

/** Every liquid, weighed before anything was done: kinds alike, and those of a kind. */
function priorsOf(isLiquid: boolean, isSought: boolean): ReadonlyMap<string, number> {
  const organic = isLiquid ? ORGANIC_LIQUID : isSought ? SOUGHT : ORGANIC_SOLUTION
  const weights = Object.entries(LIQUIDS).map(([name, liquid]) => {
    const many = Object.values(LIQUIDS).filter(({ kind }) => kind === liquid.kind).length
    const ofIons = OF_IONS.has(liquid.kind)
    return { name, ofIons, weight: (ofIons || isCalledSo(liquid, isLiquid) ? 1 : CALLED_WRONGLY) / many }
  })
  const all = (ions: boolean) => weights.reduce((sum, { ofIons, weight }) => (ofIons === ions ? sum + weight : sum), 0)
  return new Map(
    weights.map(({ name, ofIons, weight }) => [name, ((ofIons ? 1 - organic : organic) * weight) / all(ofIons)] as const),
  )
}

function rowsOf(tubes: readonly LiquidTube[], isLiquid: boolean): readonly Row[] {
  const brought = tubes.flatMap(({ steps }) => steps.flatMap(({ step }) => broughtBy(step)))
  const priors = priorsOf(
    isLiquid,
    brought.some((bottle) => isOnlyOrganic(bottle)),
  )
  const read = tubes.map(({ steps }) => signsRead(steps))
  return Object.entries(LIQUIDS).map(([name, liquid]) => ({
    name,
    kind: liquid.kind,
    prior: Math.log(priors.get(name) ?? 0),
    steps: tubes.flatMap(({ steps }, place) => {
      const foretold = playLiquid(
        liquid,
        steps.map(({ step }) => step),
      )
      return steps.map(({ step }, index): number => {
        const seen: readonly Sign[] | undefined = read[place]?.[index]
        const bottles = new Set(steps.slice(0, index + 1).flatMap((one) => broughtBy(one.step)))
        return seen ? likelihoodOfSigns(seen, foretold[index] ?? [], liquid.kind, bottles, step.do === 'smell') : 0
      })
    }),
  }))
}

/** Posterior of every liquid, with one step left out or none. */
function posteriorOf(rows: readonly Row[], without?: number): readonly number[] {
  const logs = rows.map(({ prior, steps }) => steps.reduce((sum, one, index) => (index === without ? sum : sum + one), prior))
  const most = Math.max(...logs)
  const weights = logs.map((log) => Math.exp(log - most))
  const all = weights.reduce((sum, weight) => sum + weight, 0)
  return weights.map((weight) => weight / all)
}

const ofKind = (rows: readonly Row[], weights: readonly number[], kind: LiquidKind) =>
  rows.reduce((sum, row, index) => (row.kind === kind ? sum + (weights[index] ?? 0) : sum), 0)

const logOdds = (probability: number) => Math.log((probability + 1e-9) / (1 - probability + 1e-9))

/** Whether any liquid would show anything in these steps: else they say nothing of it. */
const tells = (steps: readonly TubeStep[]) =>
  Object.values(LIQUIDS).some((liquid) => playLiquid(liquid, steps).some((signs) => signs.length > 0))

/**
 * What kind of liquid it is: how well each liquid of the table explains what was seen.
 *
 * @param isLiquid - whether the sheet calls it a liquid, and not a solution
 * @returns undefined where nothing that tells was recorded
 */
export function identifyLiquid(tubes: readonly LiquidTube[], isLiquid: boolean): LiquidFinding | undefined {
  const written = tubes.some(({ steps }) => steps.some(({ facts, saw }) => facts.length > 0 || /boil/i.test(saw)))
  if (!written || !tubes.some(({ steps }) => tells(steps.map(({ step }) => step)))) return undefined
  const rows = rowsOf(tubes, isLiquid)
  const names = tubes.flatMap(({ steps }) => steps.map(({ at }) => at))
  const weights = posteriorOf(rows)
  const leftOut = names.map((_, index) => posteriorOf(rows, index))
  const kinds = LIQUID_KINDS.map((kind): LiquidVerdict => {
    const probability = ofKind(rows, weights, kind)
    const changes = names.map((at, index) => ({
      at,
      change: logOdds(probability) - logOdds(ofKind(rows, leftOut[index] ?? [], kind)),
    }))
    const speaking = (sign: 1 | -1) =>
      changes
        .filter(({ change }) => sign * change > SPEAKS)
        .toSorted((a, b) => sign * (b.change - a.change))
        .map(({ at }) => at)
    return { kind, probability, for: speaking(1), against: speaking(-1) }
  }).toSorted((a, b) => b.probability - a.probability)
  return { kinds, ...sayKinds(kinds), aqueous: sumOf(kinds, OF_IONS) }
}

const sumOf = (kinds: readonly LiquidVerdict[], some: ReadonlySet<LiquidKind>) =>
  kinds.reduce((sum, { kind, probability }) => (some.has(kind) ? sum + probability : sum), 0)

/** The kind it is; the family, where only that is settled; else the likeliest that make it up together. */
function sayKinds(kinds: readonly LiquidVerdict[]): Pick<LiquidFinding, 'says' | 'sure'> {
  const [likeliest] = kinds
  if (likeliest && likeliest.probability > SETTLED) return { says: likeliest.kind, sure: true }
  const family = FAMILIES.filter(({ kinds: some }) => sumOf(kinds, some) > SETTLED).at(-1)
  if (family) return { says: family.says, sure: true }
  let sum = 0
  const open = kinds.filter(({ probability }) => {
    const before = sum
    sum += probability
    return before < SETTLED
  })
  const MOST_SAID = 4
  const said = open.slice(0, MOST_SAID).map(({ kind }) => kind)
  return { says: `${said.join(' or ')}${open.length > MOST_SAID ? ' or others' : ''}`, sure: false }
}

/** How likely each liquid of the table is, for advice. */
export function weighLiquids(tubes: readonly LiquidTube[], isLiquid: boolean): ReadonlyMap<string, number> {
  const rows = rowsOf(tubes, isLiquid)
  const weights = posteriorOf(rows)
  return new Map(rows.map(({ name }, index) => [name, weights[index] ?? 0]))
}
