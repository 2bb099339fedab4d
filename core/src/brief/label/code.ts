/** A code that may be a label: `L1`, `FA 3`, `K 7`, `Q`; the figure of "add N 2.0 mL" is no part of one. */
export const CODE = String.raw`[A-Z]{1,3} ?\d{1,2}(?!\.\d| ?(?:cm3|mL|g|M|mol)\b)|[A-Z]{1,2}(?:\.\d)?`
export const WHOLE_CODE = new RegExp(`^(?:${CODE})$`)
/** Formulae of two capitals: potassium iodide is no bottle KI. */
const FORMULAE: ReadonlySet<string> = new Set(['KI', 'KF', 'HF', 'HI', 'CO', 'NO', 'BN', 'OH', 'CN'])

/** A word that may be one: `THIO`, `SALT`. */
export const WORD_CODE = String.raw`[A-Z]{3,10}\d?`

/** Words before a code that make it something else: `Figure 1`, `vitamin C`, `pH 4`. */
const OTHER_BEFORE =
  /(?:\b(?:figure|fig\.?|table|group|class|type|part|vitamin|question|experiment|expt|test|step|page|section|column|row|period|grade|method|appendix|exercise|notes?|hazard)|\bpH|\bA\s?r|\bM\s?r|°|\d\s?[x=]?)\s*$/i
const OTHER_AFTER = /^(?:-axis|\/|\^|°|'s\b|\.\d|%)/

/** Whether a code that stands in a text is an article, a pronoun, a unit or part of another word. */
export function isNoLabel(text: string, from: number, to: number): boolean {
  const code = text.slice(from, to)
  if (FORMULAE.has(code)) return true
  const [before, after] = [text.slice(Math.max(0, from - 16), from), text.slice(to, to + 24)]
  // The oxidation number of iron(II), the element of a symbol in brackets straight after a word.
  if (/[A-Za-z]\($/.test(before)) return true
  if (/[A-Za-z0-9+.^]$/.test(before.slice(-1)) && !/(?:^|\s)[(]?$/.test(before)) return true
  if (/^[A-Za-z0-9+]/.test(after) || /^-\d|^- ?[a-z]/.test(after) || OTHER_AFTER.test(after)) return true
  if (OTHER_BEFORE.test(before)) return true
  if (code === 'A')
    return (
      /^ +[a-z(]/.test(after) &&
      !/^ +(?:is|was|and|are|contains?|holds?|from|with|to|into|in|by|as|or|until|has|there|reacts|at|on|for|which|are|then|were|\()/.test(
        after,
      )
    )
  if (code === 'I') return /^ +(?:am|have|think|did|was|had|would|found|used)\b/.test(after) && !/solution,? $/.test(before)
  return false
}
