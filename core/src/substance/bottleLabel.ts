import { isDecimalText, readStrength, type Strength } from '../number/index.ts'
import { ChemistryError } from '../problem/index.ts'
import { parseFormula } from './formula.ts'
import { substancesIn } from './named.ts'

/** What the label of a bottle says of what is in it. */
export interface BottleLabel {
  /** Formula of what is dissolved, as text. */
  readonly solute: string
  readonly strength?: Strength
}

/** The formula of what is named, by name or by formula; undefined where something else is said, or more. */
function formulaIn(text: string): string | undefined {
  try {
    parseFormula(text)
    return text
  } catch (error) {
    if (!(error instanceof ChemistryError)) throw error
    const [named, ...more] = substancesIn(text)
    const isAll = named && more.length === 0 && named.from === 0 && named.to === text.length
    return isAll ? named.formula : undefined
  }
}

/** A bare number beside a formula may be anything: a strength has its unit. */
const strengthIn = (text: string): Strength | undefined =>
  isDecimalText(text.replace(',', '.')) ? undefined : readStrength(text)

/**
 * Reads what stands on a bottle, strength and substance in either order: `0.0200 mol/dm3 KMnO4`, `NaOH 0.1 M`,
 * `M/20 hydrochloric acid`, `sodium hydroxide`.
 *
 * @returns undefined for anything else
 */
export function readBottleLabel(text: string): BottleLabel | undefined {
  const words = text.trim().split(/\s+/)
  const whole = words.join(' ')
  const alone = whole === '' ? undefined : formulaIn(whole)
  if (alone !== undefined) return { solute: alone }
  for (let cut = 1; cut < words.length; cut++) {
    const [before, after] = [words.slice(0, cut).join(' '), words.slice(cut).join(' ')]
    for (const [said, named] of [
      [before, after],
      [after, before],
    ] as const) {
      const strength = strengthIn(said)
      const solute = strength && formulaIn(named.replace(/^of /, ''))
      if (strength && solute !== undefined) return { solute, strength }
    }
  }
  return undefined
}
