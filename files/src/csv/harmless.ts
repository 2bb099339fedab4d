/** What a spreadsheet would take for a formula, however many apostrophes stand before it. */
const FORMULA = /^'*[=+\-@\t\r]/
const NUMBER = /^[+-]?\d+(?:\.\d+)?(?:e[+-]?\d+)?$/i

/** A text as a spreadsheet may open it: an apostrophe before it keeps it from being worked out as a formula. Numbers stay. */
export const harmless = (text: string): string => (FORMULA.test(text) && !NUMBER.test(text) ? `'${text}` : text)

/** What {@link harmless} made, as it was. */
export const asItWas = (text: string): string => (/^'+[=+\-@\t\r]/.test(text) ? text.slice(1) : text)
