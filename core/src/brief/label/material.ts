import type { Strength } from '../../number/index.ts'
import type { Mention } from '../mention/mention.ts'
import { ofKind } from '../mention/mention.ts'
import type { Said } from './said.ts'

/** What a sheet says a label stands for. */
export interface SheetMaterial {
  readonly label: string
  form: 'solid' | 'solution' | 'liquid' | 'gas'
  /** Whether its form was said, and not only taken for granted. */
  formSaid: boolean
  solute?: string
  strength?: Strength
  /** A strength that is only said to be about so much is none. */
  about?: string
  /** Made in the task, and not on the bench before. */
  product?: boolean
  /** It holds its solute, and may hold other things, too: a solid is then no pure one. */
  holds?: boolean
  /** What of it was inferred, and from what. */
  inferred?: string
  /** What the sheet says of it in words. */
  note?: string
  /** Which indicator it is. */
  indicator?: string
  /** It is this, diluted before the task: what is asked of that is not asked of it. */
  dilutedFrom?: string
  /** Where the sheet speaks of it first. */
  at: number
}

const SOLID =
  /\b(?:crystals?|powder(?:ed)?|solids?|shells?|tablets?|anhydrous|granules?|turnings|filings|ribbon|foil|stones?|rocks?|rust|scale|scrapings|pigment|hydrated?|fertili[sz]er|alum|ash(?! dissolved)|crushed|lumps?|chips?|ore|chalk|dust|ground|dried)\b/i
const LIQUID =
  /\b(?:inks?|icings?|dyes?|yeast|oil|hydrocarbon|organic liquid|propanone|ethanol|suspension|food colou?r(?:ing)?s?)\b/i
const DISSOLVED =
  /\b(?:solutions?|soln|acid|dilute|aqueous|dissolved|concentration|molarity|unknown strength|bleach|juice|brine|vinegar|water|extract|indicator|buffer|lye|wash)\b/i
const MIXED =
  /\b(?:mixture|impure|with (?:some|sand|clay|other|a little)|sand|both|together with|mainly|mostly|starch|buffer|some of|part of|one is|tablets?|pills?|lozenges?|shells?|ore)\b/i
const IMPURE = /\b(?:mixture|impure|sand|clay|both|starch|buffer|tablets?|lozenges?)\b/i
const METAL_FORM = /\b(?:powder|ribbon|granules?|turnings|filings|foil|dust|metal|wire|strip|lumps?)\b/i

/** Salts that are solid whenever nothing says that they are dissolved. */
const INSOLUBLE = /^(?:MnO2|CaCO3|CuO|CuCO3|Zn|Mg|Fe|Al|Cu|MgO|ZnO|ZnCO3|MgCO3|BaSO4|Fe2O3|Al2O3)$/

/** "Dissolved in dilute sulfuric acid", "shaken with an excess of lime": what it was treated with is not what it is. */
const DISSOLVES =
  /\b(?:dissolved|shaken|treated|heated|digested|made up|reacted|extracted|boiled) (?:in|with|by|up in|up with) (?:(?:an?|the|some|excess|of|dilute|concentrated|aqueous|hot|warm|cold|a little) )*$/i

/** The one substance that some words name, or undefined where they name none, an ion or several. */
function soluteOf(mentions: readonly Mention[], words: string, before: (at: number) => string): string | undefined {
  const named = ofKind(mentions, 'substance').filter(
    ({ formula, written, from }) =>
      !DISSOLVES.test(before(from)) &&
      !/[+-]$/.test(formula) &&
      formula !== 'H2O' &&
      (written === 'formula' || !/^[A-Z][a-z]?$/.test(formula) || METAL_FORM.test(words) || /^[\W_]*\w+[\W_]*$/.test(words)),
  )
  const written = named.filter((one) => one.written === 'formula')
  // A formula that is written out says what it is, whatever it comes in; a name may be of what is in it.
  if ((written.length > 0 ? IMPURE : MIXED).test(words)) return undefined
  const formulae = [...new Set((written.length > 0 ? written : named).map(({ formula }) => formula))]
  return formulae.length === 1 ? formulae[0] : undefined
}

const DILUTED = /^\s*(?:the |some )?((?!it\b)[a-z][a-z -]{2,40}?),? (?:that |which )?(?:(?:has|was) (?:been )?)?diluted\b/i

/** "FC 3 is potassium chromate(VI), the indicator": its own name is the indicator's. */
function indicatorBySaying(mentions: readonly Mention[], text: string, words: string): string | undefined {
  const [named] = ofKind(mentions, 'substance').filter(({ written }) => written === 'name')
  return named && /\b(?:the|an|as) indicator\b/i.test(text)
    ? words
        .slice(named.from, named.to)
        .toLowerCase()
        .replace(/\([iv]+\)/, '')
    : undefined
}

/**
 * A material of what a sheet says of a label.
 *
 * @param said - pieces of the sheet that tell of it
 * @param words - the sheet in plain signs
 * @param mentions - what the sheet speaks of, anywhere
 */
export function materialOf(label: string, said: readonly Said[], words: string, mentions: readonly Mention[]): SheetMaterial {
  const told = said.filter(({ how }) => how !== 'named')
  const within = (one: Mention) => told.some(({ from, to }) => one.from >= from && one.to <= to)
  const own = mentions.filter(within)
  const text = told.map(({ from, to }) => words.slice(from, to)).join(' ; ')
  const [strength] = ofKind(own, 'strength')
  const [indicator] = ofKind(own, 'indicator')
  const solute = soluteOf(own, text, (at) => words.slice(Math.max(0, at - 60), at))
  const called = indicator?.name ?? indicatorBySaying(own, text, words)
  const diluted = DILUTED.exec(text)?.[1]
  const dissolved = strength !== undefined || DISSOLVED.test(text)
  const at = mentions.find((one) => one.kind === 'label' && one.label === label)?.from ?? 0
  const calling = told
    .filter(({ to }) => to <= at)
    .map(({ from, to }) => words.slice(from, to))
    .join(' ; ')
  // "A sample of rust, R, has been dissolved": what it is called goes before what was done with it.
  const isSolid =
    (SOLID.test(calling) && !DISSOLVED.test(calling)) ||
    ((SOLID.test(text) || /\.(?:\d*|[a-z])H2O$/.test(solute ?? '') || INSOLUBLE.test(solute ?? '')) &&
      !/\bsolution\b|dissolved/i.test(text) &&
      strength === undefined)
  return {
    label,
    form: isSolid ? 'solid' : LIQUID.test(text) && !dissolved ? 'liquid' : 'solution',
    formSaid: isSolid || dissolved || LIQUID.test(text),
    at: said[0]?.from ?? 0,
    ...(solute === undefined ? {} : { solute }),
    ...(strength && !strength.about ? { strength: strength.strength } : {}),
    ...(strength?.about ? { about: strength.strength.value } : {}),
    ...(called === undefined ? {} : { indicator: called }),
    ...(diluted === undefined ? {} : { dilutedFrom: diluted }),
    ...(told.some(({ holds }) => holds) ? { holds: true } : {}),
    ...(told.length === 0 && said.length > 0 ? { product: true } : {}),
  }
}
