import type { Mention, MentionOf } from '../mention/mention.ts'
import { CODE, isNoLabel, WORD_CODE } from './code.ts'

const CODES = new RegExp(`(?<![A-Za-z0-9])(?:${CODE}|${WORD_CODE}|\\d)(?![A-Za-z0-9])`, 'g')
/** A plain number is a bottle only where bottles are spoken of. */
const OF_BOTTLES =
  /\b(?:bottles?|jars?|tubes?|samples?|solutions?|unknowns?|inks?|pens?|liquids?|solids?|powders?|salts?|vials?)\b/i

/**
 * Where the labels of a sheet stand in a text.
 *
 * @param things - what else the text speaks of; a strength or an equation holds no label
 */
export function labelsIn(text: string, labels: ReadonlySet<string>, things: readonly Mention[]): readonly MentionOf<'label'>[] {
  return [...text.matchAll(CODES)].flatMap((match): MentionOf<'label'>[] => {
    const [from, to] = [match.index, match.index + match[0].length]
    const label = labels.has(match[0]) ? match[0] : undefined
    if (label === undefined || isNoLabel(text, from, to)) return []
    if (
      /^\d$/.test(label) &&
      !(
        OF_BOTTLES.test(text) &&
        /(?:bottle|jar|tube|sample|solution|unknown|ink|pen|liquid|solid|powder|salt|vial)s?[, ]+$|(?:,|and|or|,\s*and)\s*$/i.test(
          text.slice(0, from),
        )
      ) &&
      text !== label
    )
      return []
    if (things.some((one) => one.kind !== 'substance' && one.kind !== 'vessel' && from < one.to && one.from < to)) return []
    // A letter of a formula is none; a formula that is a label is one.
    if (things.some((one) => one.kind === 'substance' && from < one.to && one.from < to && !(one.from === from && one.to === to)))
      return []
    return [{ kind: 'label', label, from, to }]
  })
}
