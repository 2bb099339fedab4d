import { alignByName } from './alignByName.ts'
import { commonPairs } from './commonPairs.ts'
import { isSameThing, itemName } from './identity.ts'
import type { Row } from './row.ts'

/** For each place of the base list, where it is in the changed one (or −1), and what was put in before each place. */
interface Alignment {
  readonly at: readonly number[]
  readonly inserted: readonly (readonly number[])[]
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

/**
 * Lays two lists that grew from one side by side: matched items in a row, what either side put in in a row of its own.
 * Things with names are known by them; the items of other lists by their contents and place.
 */
export function alignLists(base: readonly unknown[], mine: readonly unknown[], theirs: readonly unknown[]): readonly Row[] {
  return alignByName(base, mine, theirs) ?? alignByPlace(base, mine, theirs)
}

function alignByPlace(base: readonly unknown[], mine: readonly unknown[], theirs: readonly unknown[]): readonly Row[] {
  const [my, their] = [align(base, mine), align(base, theirs)]
  const rows: Row[] = []
  for (let place = 0; place <= base.length; place++) {
    const putInByMe = (my.inserted[place] ?? []).map((index) => mine[index])
    for (const index of their.inserted[place] ?? []) {
      const twin = putInByMe.findIndex((item) => isSameThing(item, theirs[index]))
      rows.push({ theirs: theirs[index], ...(twin < 0 ? {} : { mine: putInByMe.splice(twin, 1)[0] }) })
    }
    rows.push(...putInByMe.map((item) => ({ mine: item })))
    if (place < base.length)
      rows.push({ base: base[place], mine: mine[my.at[place] ?? -1], theirs: theirs[their.at[place] ?? -1] })
  }
  return rows
}
