import type { LiquidFinding } from './identify.ts'
import { FAMILIES, LIQUID_KINDS, type LiquidKind } from './kinds.ts'
import { LIQUIDS } from './substances.ts'

/** A liquid that a conclusion names, beside what the record says of it. */
export interface JudgedLiquid {
  readonly names: string
  readonly judged: 'agrees' | 'disagrees' | 'not shown'
  /** The steps that speak for it, or against it. */
  readonly steps: readonly string[]
}

/** As of ions: settled from here, ruled out below. */
const SETTLED = 0.9
const RULED_OUT = 0.02

/** Bottles in whose names a liquid is named. */
const BOTTLES =
  /\b(?:bromine|lime|iodine|chlorine|distilled|hot|cold|with|in)\s*water\b|\b(?:no|not|without)\s+(?:an?\s+|the\s+)?\w+/gi

/** Names with the kinds they stand for, the longer first: those of kinds, of families, of liquids. */
const NAMES: readonly (readonly [name: string, kinds: ReadonlySet<LiquidKind>])[] = [
  ...LIQUID_KINDS.map((kind) => [kind, new Set([kind])] as const),
  ...FAMILIES.map(({ says, kinds }) => [says, kinds] as const),
  ...Object.entries(LIQUIDS).map(([name, { kind }]) => [name, new Set([kind])] as const),
].toSorted(([a], [b]) => b.length - a.length)

/**
 * The liquid that a conclusion names, judged by the record.
 *
 * @returns undefined where it names none
 */
export function judgeLiquid(conclusion: string, { kinds }: LiquidFinding): JudgedLiquid | undefined {
  const text = conclusion.replace(BOTTLES, ' ')
  const named = NAMES.find(([name]) => new RegExp(`(?<![\\w-])${name}s?(?![\\w-])`, 'i').test(text))
  if (!named) return undefined
  const [names, some] = named
  const meant = kinds.filter(({ kind }) => some.has(kind))
  const probability = meant.reduce((sum, one) => sum + one.probability, 0)
  if (probability > SETTLED) return { names, judged: 'agrees', steps: meant[0]?.for ?? [] }
  if (probability < RULED_OUT) return { names, judged: 'disagrees', steps: meant[0]?.against ?? [] }
  return { names, judged: 'not shown', steps: [] }
}
