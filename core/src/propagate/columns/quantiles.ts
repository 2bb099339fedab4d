/**
 * Value below which a part of sorted values lies, interpolated between neighbours.
 *
 * @param sorted - in rising order, at least one
 * @param part - 0 to 1
 */
export function quantileOf(sorted: ArrayLike<number>, part: number): number {
  return interpolated(part, sorted.length, (rank) => sorted[rank]!)
}

function interpolated(part: number, many: number, at: (rank: number) => number): number {
  const place = part * (many - 1)
  const below = Math.floor(place)
  const [low, high] = [at(below), at(Math.min(below + 1, many - 1))]
  return low + (high - low) * (place - below)
}

/** Buckets that values are thrown into, and how many values make that worth while. */
const BUCKETS = 8192
const MANY = 2000

/** Values in buckets of equal width. */
interface Thrown {
  readonly bucketOf: (value: number) => number
  /** How many values lie in the buckets before each. */
  readonly before: Int32Array
}

function extremesOf(values: Float64Array): readonly [least: number, most: number] {
  let [least, most] = [values[0]!, values[0]!]
  for (let k = 1; k < values.length; k++) {
    if (values[k]! < least) least = values[k]!
    if (values[k]! > most) most = values[k]!
  }
  return [least, most]
}

function throwIn(values: Float64Array): Thrown {
  const [least, most] = extremesOf(values)
  const scale = (BUCKETS - 1) / (most - least || 1)
  // Never below nought, so that cutting off is rounding down.
  const bucketOf = (value: number) => ((value - least) * scale) | 0
  const before = new Int32Array(BUCKETS + 1)
  for (let k = 0; k < values.length; k++) before[bucketOf(values[k]!) + 1]! += 1
  for (let bucket = 0; bucket < BUCKETS; bucket++) before[bucket + 1]! += before[bucket]!
  return { bucketOf, before }
}

/**
 * Quantiles of values in any order. Of very many only those near the wanted places are sorted, which is several times as
 * quick as sorting all.
 *
 * @param values - at least one
 * @param parts - 0 to 1 each
 */
export function quantilesOf(values: Float64Array, parts: readonly number[]): readonly number[] {
  const many = values.length
  if (many < MANY) {
    const sorted = values.toSorted()
    return parts.map((part) => quantileOf(sorted, part))
  }
  const { bucketOf, before } = throwIn(values)
  const bucketAt = (rank: number) => {
    let bucket = 0
    while (before[bucket + 1]! <= rank) bucket++
    return bucket
  }
  const ranks = parts.flatMap((part) => [Math.floor(part * (many - 1)), Math.min(Math.floor(part * (many - 1)) + 1, many - 1)])
  const wanted = new Map(ranks.map((rank) => [bucketAt(rank), [] as number[]]))
  const isWanted = Uint8Array.from({ length: BUCKETS }, (_, bucket) => (wanted.has(bucket) ? 1 : 0))
  for (let k = 0; k < many; k++) {
    const bucket = bucketOf(values[k]!)
    if (isWanted[bucket] === 1) wanted.get(bucket)!.push(values[k]!)
  }
  for (const some of wanted.values()) some.sort((a, b) => a - b)
  return parts.map((part) =>
    interpolated(part, many, (rank) => {
      const bucket = bucketAt(rank)
      return wanted.get(bucket)![rank - before[bucket]!]!
    }),
  )
}
