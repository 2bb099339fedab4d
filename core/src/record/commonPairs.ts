import { isSameThing, itemName } from './identity.ts'

/** A pair of places, in the base list and in the changed one. */
type Pair = readonly [base: number, changed: number]

/**
 * Places that hold the same in both lists, in rising order: what is alike from either end, then items that occur once in
 * each, then whatever is alike between those. Lists of a record differ in few places, and are long.
 */
export function commonPairs(base: readonly unknown[], changed: readonly unknown[]): readonly Pair[] {
  const least = Math.min(base.length, changed.length)
  let head = 0
  while (head < least && isSameThing(base[head], changed[head])) head++
  let tail = 0
  while (tail < least - head && isSameThing(base[base.length - 1 - tail], changed[changed.length - 1 - tail])) tail++
  const [ends, starts] = [base.length - tail, changed.length - tail]
  return [
    ...Array.from({ length: head }, (_, k): Pair => [k, k]),
    ...middlePairs(base.slice(head, ends).map(nameOfItem), changed.slice(head, starts).map(nameOfItem)).map(
      ([i, j]): Pair => [i + head, j + head],
    ),
    ...Array.from({ length: tail }, (_, k): Pair => [ends + k, starts + k]),
  ]
}

/** Items that are the same have the same name: their id, or their contents with keys in order. */
function nameOfItem(item: unknown): string {
  const name = itemName(item)
  return name === undefined ? (JSON.stringify(item, keysInOrder) ?? '') : `#${name}`
}

function keysInOrder(_key: string, value: unknown): unknown {
  if (typeof value !== 'object' || value === null || Array.isArray(value)) return value
  return Object.fromEntries(Object.entries(value).toSorted(([a], [b]) => (a < b ? -1 : 1)))
}

/** Items alike between two anchors are sought by comparing all with all while there are no more pairs of them than this. */
const MOST_COMPARED = 250_000

function middlePairs(base: readonly string[], changed: readonly string[]): readonly Pair[] {
  const anchors = risingPairs(onceInBoth(base, changed))
  if (anchors.length === 0) return base.length * changed.length <= MOST_COMPARED ? longestCommon(base, changed) : []
  let [i, j] = [0, 0]
  return [...anchors, [base.length, changed.length] as const].flatMap(([nextBase, nextChanged]): readonly Pair[] => {
    const [fromBase, fromChanged] = [i, j]
    const between = middlePairs(base.slice(i, nextBase), changed.slice(j, nextChanged))
    ;[i, j] = [nextBase + 1, nextChanged + 1]
    const shifted = between.map(([a, b]): Pair => [a + fromBase, b + fromChanged])
    return nextBase < base.length ? [...shifted, [nextBase, nextChanged]] : shifted
  })
}

/** Places of items that occur once in either list, in the order of the base list. */
function onceInBoth(base: readonly string[], changed: readonly string[]): readonly Pair[] {
  const placesOf = (list: readonly string[]) => {
    const places = new Map<string, number>()
    list.forEach((name, place) => {
      places.set(name, places.has(name) ? -1 : place)
    })
    return places
  }
  const [ours, theirs] = [placesOf(base), placesOf(changed)]
  return [...ours].flatMap(([name, place]): readonly Pair[] => {
    const other = theirs.get(name) ?? -1
    return place >= 0 && other >= 0 ? [[place, other]] : []
  })
}

/** The longest run of pairs that rise in both lists (by patience sorting). */
function risingPairs(pairs: readonly Pair[]): readonly Pair[] {
  const tops: number[] = []
  const below: number[] = []
  pairs.forEach(([, changed], index) => {
    let [low, high] = [0, tops.length]
    while (low < high) {
      const middle = (low + high) >> 1
      if ((pairs[tops[middle] as number]?.[1] ?? 0) < changed) low = middle + 1
      else high = middle
    }
    below[index] = tops[low - 1] ?? -1
    tops[low] = index
  })
  const rising: Pair[] = []
  for (let index = tops.at(-1) ?? -1; index >= 0; index = below[index] ?? -1) rising.push(pairs[index] as Pair)
  return rising.toReversed()
}

/** Longest common subsequence by comparing all with all. */
function longestCommon(base: readonly string[], changed: readonly string[]): readonly Pair[] {
  const [rows, columns] = [base.length, changed.length]
  const length = Array.from({ length: rows + 1 }, () => new Array<number>(columns + 1).fill(0))
  const at = (i: number, j: number) => length[i]?.[j] ?? 0
  for (let i = rows - 1; i >= 0; i--) {
    for (let j = columns - 1; j >= 0; j--) {
      const row = length[i] as number[]
      row[j] = base[i] === changed[j] ? at(i + 1, j + 1) + 1 : Math.max(at(i + 1, j), at(i, j + 1))
    }
  }
  const pairs: Pair[] = []
  for (let i = 0, j = 0; i < rows && j < columns; ) {
    if (base[i] === changed[j]) pairs.push([i++, j++])
    else if (at(i + 1, j) >= at(i, j + 1)) i++
    else j++
  }
  return pairs
}
