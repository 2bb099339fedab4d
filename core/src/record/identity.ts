/** What a thing in a list of the record is called: its id; a sample of a rack has the material's. */
export function itemName(value: unknown): string | undefined {
  if (typeof value !== 'object' || value === null) return undefined
  const { id, material, tubes } = value as { id?: unknown; material?: unknown; tubes?: unknown }
  const name = Array.isArray(tubes) ? material : id
  return typeof name === 'string' && name !== '' ? name : undefined
}

const ALPHABET = 'abcdefghijkmnpqrstuvwxyz23456789'

/**
 * A short id that is not taken yet: a word and a number (`t2`).
 *
 * @param taken - ids in use
 */
export function freshId(word: string, taken: Iterable<string>): string {
  const used = new Set(taken)
  let number = 1
  while (used.has(`${word}${number}`)) number++
  return `${word}${number}`
}

/** An id for a whole task, from chance that is passed in: 12 characters, none easily mistaken for another. */
export function taskId(random: () => number): string {
  return Array.from({ length: 12 }, () => ALPHABET[Math.floor(random() * ALPHABET.length)]).join('')
}
