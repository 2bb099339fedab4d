import { itemName } from './identity.ts'
import { sameJson } from './sameJson.ts'

/** One row of three lists laid side by side; a side that has nothing there is undefined. */
export interface Row {
  readonly base?: unknown
  readonly mine?: unknown
  readonly theirs?: unknown
}

/** For each place of the base list, where it is in the changed one (or −1), and what was put in before each place. */
interface Alignment {
  readonly at: readonly number[]
  readonly inserted: readonly (readonly number[])[]
}

function same(one: unknown, other: unknown): boolean {
  const [a, b] = [itemName(one), itemName(other)]
  return a !== undefined || b !== undefined ? a === b : sameJson(one, other)
}

/** Longest common subsequence, as pairs of places (lists here have tens of items). */
function commonPairs(base: readonly unknown[], changed: readonly unknown[]): readonly (readonly [number, number])[] {
  const [rows, columns] = [base.length, changed.length]
  const length = Array.from({ length: rows + 1 }, () => new Array<number>(columns + 1).fill(0))
  const at = (i: number, j: number) => length[i]?.[j] ?? 0
  for (let i = rows - 1; i >= 0; i--) {
    for (let j = columns - 1; j >= 0; j--) {
      const row = length[i] as number[]
      row[j] = same(base[i], changed[j]) ? at(i + 1, j + 1) + 1 : Math.max(at(i + 1, j), at(i, j + 1))
    }
  }
  const pairs: [number, number][] = []
  for (let i = 0, j = 0; i < rows && j < columns; ) {
    if (same(base[i], changed[j])) pairs.push([i++, j++])
    else if (at(i + 1, j) >= at(i, j + 1)) i++
    else j++
  }
  return pairs
}

/** Between two places that match, items without ids are taken for changed ones in order; the rest were put in or taken out. */
function align(base: readonly unknown[], changed: readonly unknown[]): Alignment {
  const at = base.map(() => -1)
  const inserted: number[][] = Array.from({ length: base.length + 1 }, () => [])
  let [i, j] = [0, 0]
  for (const [nextBase, nextChanged] of [...commonPairs(base, changed), [base.length, changed.length] as const]) {
    while (i < nextBase && j < nextChanged && itemName(base[i]) === undefined && itemName(changed[j]) === undefined) at[i++] = j++
    for (; j < nextChanged; j++) inserted[nextBase]?.push(j)
    if (nextBase < base.length) at[nextBase] = nextChanged
    i = nextBase + 1
    j = nextChanged + 1
  }
  return { at, inserted }
}

/** Lays two lists that grew from one side by side: matched items in a row, what either side put in in a row of its own. */
export function alignLists(base: readonly unknown[], mine: readonly unknown[], theirs: readonly unknown[]): readonly Row[] {
  const [my, their] = [align(base, mine), align(base, theirs)]
  const rows: Row[] = []
  for (let place = 0; place <= base.length; place++) {
    const putInByMe = (my.inserted[place] ?? []).map((index) => mine[index])
    for (const index of their.inserted[place] ?? []) {
      const twin = putInByMe.findIndex((item) => itemName(item) !== undefined && itemName(item) === itemName(theirs[index]))
      rows.push({ theirs: theirs[index], ...(twin < 0 ? {} : { mine: putInByMe.splice(twin, 1)[0] }) })
    }
    rows.push(...putInByMe.map((item) => ({ mine: item })))
    if (place < base.length)
      rows.push({ base: base[place], mine: mine[my.at[place] ?? -1], theirs: theirs[their.at[place] ?? -1] })
  }
  return rows
}
