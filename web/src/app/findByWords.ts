/** Marks that stand between words and are not looked for. */
const BETWEEN = /[\s(),;:·…]+/g

const plain = (text: string) => ` ${text.toLowerCase().replace(BETWEEN, ' ').trim()}`

/**
 * How well an entry answers what was typed: every word typed must begin a word of it. Letters that are merely somewhere in it
 * would bring up what nobody meant.
 *
 * @returns 0 for no match, more where it begins with what was typed
 */
export function findByWords(entry: string, typed: string): number {
  const [value, search] = [plain(entry), plain(typed)]
  const words = search.trim().split(' ').filter(Boolean)
  if (!words.every((word) => value.includes(` ${word}`))) return 0
  return value.startsWith(search) ? 1 : 0.5
}
