/** How far two words are from each other, by letters put in, left out, changed or swapped (Damerau and Levenshtein, adjacent letters). */
function distance(one: string, other: string): number {
  let before: readonly number[] = []
  let last: readonly number[] = Array.from({ length: other.length + 1 }, (_, index) => index)
  for (let i = 1; i <= one.length; i++) {
    const now = [i]
    for (let j = 1; j <= other.length; j++) {
      const cost = one[i - 1] === other[j - 1] ? 0 : 1
      const swapped = i > 1 && j > 1 && one[i - 1] === other[j - 2] && one[i - 2] === other[j - 1]
      now.push(
        Math.min(
          (now[j - 1] as number) + 1,
          (last[j] as number) + 1,
          (last[j - 1] as number) + cost,
          swapped ? (before[j - 2] as number) + 1 : Number.POSITIVE_INFINITY,
        ),
      )
    }
    before = last
    last = now
  }
  return last[other.length] as number
}

/** Sounds and doubled letters that are mixed up: `bleeched`, `redd`, `sulphate`. */
const soundOf = (word: string) =>
  word
    .replace(/ph/g, 'f')
    .replace(/(.)\1+/g, '$1')
    .replace(/ou/g, 'o')
    .replace(/ea|ee/g, 'e')
    .replace(/ie|ei/g, 'i')
    .replace(/y$/, 'i')
    .replace(/shun$/, 'tion')
    .replace(/(?<=..)e$/, '')

/** The shortest word in which a letter may be wrong, and the shortest in which two may. */
const ONE_WRONG = 4
const TWO_WRONG = 9
/** Words longer than this are nobody's slip of the pen. */
const LONGEST = 24

const without = (word: string, index: number) => word.slice(0, index) + word.slice(index + 1)

/** A word with one letter left out, in every way, or with two where it is long. */
function* shortened(word: string): Generator<string> {
  yield word
  for (let index = 0; index < word.length; index++) {
    const one = without(word, index)
    yield one
    if (word.length >= TWO_WRONG) for (let next = index; next < one.length; next++) yield without(one, next)
  }
}

/** Finds the word of a list that a misspelt one was meant to be. */
export type Mender = (word: string) => string | undefined

/**
 * Mends words to those of a list: those that sound the same, else those with a letter wrong (two from eight letters on)
 * and the same first letter. What is as near to two words stays as it is.
 *
 * Words with letters left out are looked up, so that the time hangs on the length of a word, not of the list.
 *
 * @param words - in small letters
 * @param never - words nothing is mended to, such as those that deny
 * @param alike - whether two words mean the same, so that it does not matter which was meant
 */
export function mender(
  words: Iterable<string>,
  never: ReadonlySet<string> = new Set(),
  alike: (one: string, other: string) => boolean = () => false,
): Mender {
  const sounds = new Map<string, string>()
  const near = new Map<string, string[]>()
  for (const word of new Set(words)) {
    if (never.has(word) || !/^[a-z'-]+$/.test(word)) continue
    if (word.length > 2 && !sounds.has(soundOf(word))) sounds.set(soundOf(word), word)
    if (word.length < ONE_WRONG) continue
    for (const short of new Set(shortened(word))) near.set(short, [...(near.get(short) ?? []), word])
  }
  return (word) => {
    if (word.length < ONE_WRONG - 1 || word.length > LONGEST || !/^[a-z'-]+$/.test(word)) return undefined
    const sound = sounds.get(soundOf(word))
    return sound ?? (word.length < ONE_WRONG ? undefined : nearest(word, near, alike))
  }
}

function nearest(
  word: string,
  near: ReadonlyMap<string, readonly string[]>,
  alike: (one: string, other: string) => boolean,
): string | undefined {
  const candidates = new Set<string>()
  for (const short of shortened(word)) for (const one of near.get(short) ?? []) if (one[0] === word[0]) candidates.add(one)
  const found = [...candidates]
    .map((one) => ({ one, far: distance(word, one), most: Math.min(one.length, word.length) >= TWO_WRONG ? 2 : 1 }))
    .filter(({ far, most }) => far <= most)
    .toSorted((a, b) => a.far - b.far)
  const [best, ...others] = found
  return best && others.every(({ one, far }) => far > best.far || alike(best.one, one)) ? best.one : undefined
}
