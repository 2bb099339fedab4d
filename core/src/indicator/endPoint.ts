import type { ChemicalColour } from '../palette/index.ts'
import type { Formula } from '../substance/index.ts'
import { compositionOf } from '../substance/index.ts'
import { INDICATORS, type Indicator, type IndicatorKind, indicatorNamed } from './indicators.ts'

/** What is seen in the flask before the end-point, at it, and past it. */
export interface EndPoint {
  readonly indicator: Indicator
  readonly before: ChemicalColour
  readonly at: ChemicalColour
  readonly past: ChemicalColour
  /** What to stop at, in words. */
  readonly stopAt: string
}

/** What a titration is, as far as its indicator goes. */
export interface Reacting {
  /** What the burette holds. */
  readonly burette: Formula | undefined
  /** What is in the flask; the reactants of the equation may be among them. */
  readonly flask: readonly Formula[]
}

/** What counts as an end-point in a school: how long the colour must stay (or stay away), and which tint of one that appears. */
interface School {
  readonly lasts: keyof typeof LASTING
  readonly tint: 'palest' | 'any'
}

/** How long a colour must last to count. */
const LASTING = { swirling: 'while you swirl', '20 s': 'for 20 s', '30 s': 'for 30 s' } as const
const USUAL: School = { lasts: 'swirling', tint: 'palest' }

type Nature = 'acid' | 'base' | undefined

/** Bases of school titrations: hydroxides, carbonates, ammonia, borax and other salts of weak acids. */
const BASE = /OH\)?\d*(?:\^?-)?$|CO3|^NH3$|B4O7|PO4|^CaO$|^MgO$|^O2-$|HCO3|^CH3NH2$/
const ACID = /^H(?!2O$|CO3|2O2$)[A-Z0-9(]|^H\+$|COOH|^KHC8H4O4|HSO4|NH4\+$|C2O4H2|H2C2O4|H3O/

/** Whether a substance is an acid or a base, as far as school titrations go. */
export function natureOf(formula: Formula | undefined): Nature {
  if (!formula) return undefined
  const text = formula.text.replace(/[.·]\d*H2O$/, '')
  // CH3COOH ends in OH without being a base.
  if (ACID.test(text)) return 'acid'
  return BASE.test(text) ? 'base' : undefined
}

const holds = (formula: Formula | undefined, pattern: RegExp) => formula !== undefined && pattern.test(formula.text)

/** What kind of indicator a titration wants. */
export function kindWanted({ burette, flask }: Reacting): IndicatorKind | undefined {
  const either = (pattern: RegExp) => [burette, ...flask].some((one) => holds(one, pattern))
  if (either(/MnO4/)) return 'manganate'
  if (either(/S2O3/) || either(/^K?I[23](-)?$/)) return 'iodine'
  if (either(/Y|EDTA|C10H1[2-6]/) && [burette, ...flask].some((one) => one && hasMetalLigand(one))) return 'metal'
  return natureOf(burette) || flask.some((one) => natureOf(one)) ? 'acid-base' : undefined
}

/** EDTA: written as H2Y^2- or in full, with its ten carbons and two nitrogens. */
function hasMetalLigand(formula: Formula): boolean {
  const atoms = compositionOf(formula)
  return atoms.has('Y') || (atoms.get('C') === 10 && atoms.get('N') === 2)
}

/** Indicators that suit a titration. */
export function suitableIndicators(reacting: Reacting): readonly Indicator[] {
  const kind = kindWanted(reacting)
  return INDICATORS.filter((one) => one.kind === kind)
}

/** Whether the flask goes from the indicator's first colour to its last, or the other way round. */
function goesForward(indicator: Indicator, { burette, flask }: Reacting): boolean {
  switch (indicator.kind) {
    case 'acid-base': {
      const nature = natureOf(burette) ?? (flask.some((one) => natureOf(one) === 'acid') ? 'base' : 'acid')
      return nature === 'base'
    }
    case 'iodine':
      return !holds(burette, /^K?I[23](-)?$/)
    case 'manganate':
      return holds(burette, /MnO4/) || !flask.some((one) => holds(one, /MnO4/))
    case 'metal':
      return (burette !== undefined && hasMetalLigand(burette)) || !flask.some((one) => hasMetalLigand(one))
  }
}

function stopAt(
  indicator: Indicator,
  { before, at, past }: Pick<EndPoint, 'before' | 'at' | 'past'>,
  { lasts, tint }: School,
): string {
  if (past === 'colourless') return `the ${before} just gone, and gone ${LASTING[lasts]}`
  if (before === 'colourless') {
    const shade = at === 'colourless' ? past : at
    return tint === 'any'
      ? `any ${past.replace(/^very pale /, '')} that stays ${LASTING[lasts]}`
      : `the first ${shade} that stays ${LASTING[lasts]}`
  }
  return indicator.kind === 'metal' ? `the last ${before} gone: ${past}` : at
}

/**
 * Colours of a titration's end-point for what is in the flask and which way round it goes.
 *
 * @param named - the indicator as the student named it; where it names none that is known, a titration that needs
 * none (manganate(VII)) still has its colours
 * @param school - how long a colour must last there, and which tint counts
 * @returns undefined while it cannot be told
 */
export function endPointOf(named: string | undefined, reacting: Reacting, school: School = USUAL): EndPoint | undefined {
  const wanted = kindWanted(reacting)
  const indicator =
    (named === undefined ? undefined : indicatorNamed(named)) ??
    (wanted === 'manganate' ? INDICATORS.find(({ kind }) => kind === 'manganate') : undefined)
  if (!indicator) return undefined
  const forward = goesForward(indicator, reacting)
  const [before, past] = forward ? [indicator.first, indicator.last] : [indicator.last, indicator.first]
  // A colour that goes is gone at the end-point; the last tinge of it is just before.
  const at = past === 'colourless' ? past : (indicator.middle ?? past)
  return { indicator, before, at, past, stopAt: stopAt(indicator, { before, at, past }, school) }
}
