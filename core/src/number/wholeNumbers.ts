/** The greatest common divisor; 0 of two noughts. */
export function gcd(a: bigint, b: bigint): bigint {
  return b === 0n ? (a < 0n ? -a : a) : gcd(b, a % b)
}

/** Divides a row by what its numbers have in common, so that they stay small. */
export function shrink(row: readonly bigint[]): bigint[] {
  const common = row.reduce((all, entry) => gcd(all, entry), 0n)
  return common > 1n ? row.map((entry) => entry / common) : [...row]
}

/**
 * Gauss–Jordan elimination in whole numbers.
 *
 * @param rows - of equal length
 * @param width - columns that pivots are sought in, from the left; what stands right of them is carried along
 * @returns the reduced rows with the column of each one's pivot, in order
 */
export function eliminate(
  rows: readonly (readonly bigint[])[],
  width: number,
): { readonly rows: readonly (readonly bigint[])[]; readonly pivots: readonly number[] } {
  let work = rows
  const pivots: number[] = []
  for (let column = 0; column < width; column++) {
    const depth = pivots.length
    const found = work.findIndex((row, index) => index >= depth && row[column] !== 0n)
    const pivotRow = work[found]
    const pivot = pivotRow?.[column]
    if (!pivotRow || pivot === undefined) continue
    const cleared = work
      .filter((_, index) => index !== found)
      .map((row) => {
        const factor = row[column] ?? 0n
        return factor === 0n ? row : shrink(row.map((entry, index) => entry * pivot - (pivotRow[index] ?? 0n) * factor))
      })
    work = [...cleared.slice(0, depth), pivotRow, ...cleared.slice(depth)]
    pivots.push(column)
  }
  return { rows: work, pivots }
}
