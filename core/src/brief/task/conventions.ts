import { ChemistryError } from '../../problem/index.ts'
import { type Conventions, DEFAULT_CONVENTIONS } from '../../record/index.ts'
import { readSheetMasses } from '../../substance/index.ts'
import type { Draft } from '../draft/Draft.ts'
import type { Read } from '../label/said.ts'
import { ofKind } from '../mention/mention.ts'
import { numberSaid } from '../mention/quantities.ts'

const AGREE = /\b(?:agree|within|concordant|differ|to within|closer than)\b/i
const SPREAD =
  /\b(?:within|to within|by (?:no more|less) than|agree to|of each other to)\s+(?:±\s*)?(0\.\d+)\s*(?:cm3|mL|ml)\b|\b(0\.\d+)\s*(?:cm3|mL|ml)\s+of each other/i
const HOW_MANY =
  /\b(two|three|four)\s+(?:\w+\s+){0,2}(?:titres|results|titrations|runs|readings|values|volumes)\b[^.]*\b(?:agree|within|concordant)|\bconcordant\b[^.]*\b(two|three|four)\b/i
const FIGURES = /\bto (\d|two|three|four) (?:significant|sig\.?) ?(?:figures|figs?)\b/i
const ATOMIC = /\bA\s?r\b|\bM\s?r\b|\brelative (?:atomic|formula|molecular)|\bmolar mass/i
const PAIR =
  /(?<![A-Za-z])((?:[A-Z][a-z]?\d*|\([A-Za-z0-9]+\)\d*)+(?:\.\d*H2O)?)\s*(?:\)|[,:=]|is|of)?\s*(?:=\s*)?(\d{1,3}(?:\.\d+)?)(?![\w.])/g

/** The school's ways that a sheet states; whatever it does not say is as usual. */
export function conventionsOf(draft: Draft): Conventions {
  const found: { -readonly [Key in keyof Conventions]: Conventions[Key] } = {
    ...DEFAULT_CONVENTIONS,
    volumeUnit: unitOf(draft.words),
  }
  for (const read of draft.reads) {
    const { text } = read.sentence
    const spread = SPREAD.exec(text)
    if (AGREE.test(text) && spread) {
      const within = spread[1] ?? spread[2] ?? ''
      found.concordance = { ...found.concordance, within: /\.\d$/.test(within) ? `${within}0` : within }
      landNear(draft, read, within, 'how closely titres must agree')
    }
    const many = HOW_MANY.exec(text)
    const runs = Number(numberSaid(many?.[1] ?? many?.[2] ?? ''))
    if (runs >= 2) found.concordance = { ...found.concordance, runs }
    const figures = Number(numberSaid(FIGURES.exec(text)?.[1] ?? ''))
    if (figures > 0 && !/^(?:calculate|work out|find|determine)/i.test(text)) found.figures = figures
    const masses = massesIn(text)
    if (masses !== '') {
      found.sheetMasses = [found.sheetMasses, masses].filter(Boolean).join('; ')
      draft.mark(read.sentence.n, 'masses')
      for (const mention of read.mentions)
        if (mention.kind === 'quantity' && mention.of === 'mass') draft.land(mention, 'a mass that the sheet gives')
    }
  }
  return found
}

/** mL where the sheet writes it. */
const unitOf = (words: string): Conventions['volumeUnit'] =>
  (words.match(/\d\s*-?\s*m[Ll]\b/g)?.length ?? 0) > (words.match(/\bcm\^?3\b/g)?.length ?? 0) ? 'mL' : 'cm3'

function landNear(draft: Draft, { mentions }: Read, value: string, became: string): void {
  for (const mention of ofKind(mentions, 'quantity')) if (mention.value === value) draft.land(mention, became)
}

/** Relative masses that a sentence gives, as conventions are written: `Fe 55.8; C6H8O7 192`. */
function massesIn(text: string): string {
  if (!ATOMIC.test(text)) return ''
  const pairs = [...text.matchAll(PAIR)].flatMap(([, formula = '', mass = '']) => {
    const line = `${formula} ${mass}`
    try {
      readSheetMasses(line)
      return formula === 'A' || formula === 'M' || Number(mass) < 1 ? [] : [line]
    } catch (error) {
      if (error instanceof ChemistryError) return []
      throw error
    }
  })
  return pairs.join('; ')
}
