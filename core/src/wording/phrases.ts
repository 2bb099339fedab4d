/** A word of a text, with where it stands. */
export interface WordAt {
  readonly word: string
  readonly from: number
  readonly to: number
}

/** Phrases by their first word, the longest first. */
export interface Phrasebook<Entry> {
  /** Every word that a phrase holds. */
  readonly words: ReadonlySet<string>
  /** The longest phrase that begins at a word, with how many words it takes. */
  readonly at: (words: readonly WordAt[], index: number) => { readonly entry: Entry; readonly took: number } | undefined
}

/**
 * Phrases that can be looked up where a reader stands. A phrase that comes twice means what it was said to mean last.
 *
 * @param entries - phrases of words with blanks between, each with what it means
 */
export function phrasebook<Entry>(entries: Iterable<readonly [phrase: string, entry: Entry]>): Phrasebook<Entry> {
  const whole = new Map<string, Entry>(entries)
  const words = new Set<string>()
  const byFirst = new Map<string, { readonly rest: readonly string[]; readonly entry: Entry }[]>()
  for (const [phrase, entry] of whole) {
    const [first = '', ...rest] = phrase.split(' ')
    for (const word of [first, ...rest]) words.add(word)
    byFirst.set(first, [...(byFirst.get(first) ?? []), { rest, entry }])
  }
  for (const list of byFirst.values()) list.sort((a, b) => b.rest.length - a.rest.length)
  return {
    words,
    at: (text, index) => {
      const found = byFirst
        .get(text[index]?.word ?? '')
        ?.find(({ rest }) => rest.every((word, place) => text[index + 1 + place]?.word === word))
      return found && { entry: found.entry, took: found.rest.length + 1 }
    },
  }
}
