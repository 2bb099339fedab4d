import { reagentNamed } from './reagents.ts'
import { DROP, DROPS, EXCESS } from './thresholds.ts'

/** cm³ that a centimetre of depth is in a test tube, and that a squeeze of a dropper brings (common practice). */
const CM3_PER_CM = 1.5
const CM3_PER_SQUEEZE = 1
/** What "a little" is, cm³ (judgement). */
const LITTLE = 0.3

const OF: readonly (readonly [pattern: RegExp, says: (reagent: string, count: string) => string])[] = [
  [/^drops$/, (reagent) => `a few drops of ${reagent}`],
  [/^(\d+) drops$/, (reagent, count) => (count === '1' ? `1 drop ${reagent}` : `${count} drops ${reagent}`)],
  [/^excess$/, (reagent) => `${reagent} to excess`],
  [/^equal$/, (reagent) => `equal volume of ${reagent}`],
  [/^to ([\d.]+) cm3$/, (reagent, count) => `${reagent} to ${count} cm³ in all`],
  [/^([\d.]+) cm depth$/, (reagent, count) => `${count} cm depth of ${reagent}`],
  [/^squeeze$/, (reagent) => `a squeeze of ${reagent}`],
  [/^(\d+) squeezes$/, (reagent, count) => `${count} squeezes of ${reagent}`],
  [/^little$/, (reagent) => `a little ${reagent}`],
  [/^solid$/, (reagent) => `a measure of ${reagent}`],
  [/^([\d.]+) measures$/, (reagent, count) => `${count} measures of ${reagent}`],
  [/^piece$/, (reagent) => `a piece of ${reagent}`],
]

/** How much of what, as the record shows it; a bottle without an amount where none was said. */
export function sayAmount(amount: string | undefined, reagent: string): string {
  if (amount === undefined) return reagent
  for (const [pattern, says] of OF) {
    const match = pattern.exec(amount)
    if (match) return says(reagent, match[1] ?? '')
  }
  return `${amount.replace('cm3', 'cm³')} ${reagent}`
}

/** The same within a sentence: `excess sodium hydroxide`, `2 cm³ of aqueous ammonia`. */
export function sayMuch(amount: string | undefined, bottle: string): string {
  if (amount === undefined) return bottle
  if (amount === 'excess') return `excess ${bottle}`
  const said = sayAmount(amount, bottle)
  return /\bof\b|in all$/.test(said)
    ? said.replace(/^(a measure|equal)/, (word) => (word === 'equal' ? 'an equal' : 'a spatula measure'))
    : said.replace(/^([\d.]+ (?:cm³|drops?)) /, '$1 of ')
}

/** A metal is a piece and a powder a measure; of a solution nothing is known that was not said. */
export function usualAmount(reagent: string): string | undefined {
  const bottle = reagentNamed(reagent)
  if (bottle?.paper) return undefined
  if (bottle?.element !== undefined) return bottle.element === 'MnO2' ? 'solid' : 'piece'
  return bottle?.state === 's' ? 'solid' : undefined
}

/** What one word or a number of something is, cm³, by how it is kept. */
const VOLUMES: readonly (readonly [pattern: RegExp, cm3: (count: number, inTube: number) => number])[] = [
  [/^([\d.]+)\s*cm3$/, (count) => count],
  [/^excess$/, () => EXCESS],
  [/^equal$/, (_, inTube) => inTube],
  [/^(\d+) drops$/, (count) => count * DROP],
  [/^to ([\d.]+) cm3$/, (count, inTube) => Math.max(0, count - inTube)],
  [/^([\d.]+) cm depth$/, (count) => count * CM3_PER_CM],
  [/^squeeze$/, () => CM3_PER_SQUEEZE],
  [/^(\d+) squeezes$/, (count) => count * CM3_PER_SQUEEZE],
  [/^little$/, () => LITTLE],
]

/**
 * Volume of an addition, cm³: what was written, or what few drops and excess usually are. What was not said is taken for few
 * drops.
 *
 * @param inTube - cm³ that are there already
 */
export function volumeOf(amount: string | undefined, inTube: number): number {
  for (const [pattern, cm3] of VOLUMES) {
    const match = pattern.exec(amount ?? '')
    if (match) return cm3(Number(match[1]), inTube)
  }
  return DROPS * DROP
}

/** Spatula measures of a solid: one where no number was said. */
export const measuresOf = (amount: string | undefined): number =>
  Number(/^([\d.]+) measures$/.exec(amount ?? '')?.[1] ?? (amount === 'little' ? 0.5 : 1))

/** So few drops are a few, whatever their number (judgement). */
const FEW = /^[2-5] drops$/

/** Drops to 1 cm³ where nothing else is said (common practice). */
export const USUAL_DROPS = 20

/**
 * An amount as the model plays it: a few drops are a few, whatever their number; more of them are a volume.
 *
 * @param dropsPerCm3 - of the droppers of this bench
 */
export function playedAmount(amount: string | undefined, dropsPerCm3 = USUAL_DROPS): string | undefined {
  if (FEW.test(amount ?? '')) return 'drops'
  const drops = /^(\d+) drops$/.exec(amount ?? '')?.[1]
  return drops === undefined || dropsPerCm3 === USUAL_DROPS ? amount : `${Number((Number(drops) / dropsPerCm3).toFixed(3))} cm3`
}

/** Whether an amount is of a few drops. */
export const isFewDrops = (amount: string | undefined): boolean => playedAmount(amount) === 'drops' || amount === '1 drops'
