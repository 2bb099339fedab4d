import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus'

/** Draws evenly between 0 and 1, both left out. */
export type Uniform = () => number

/** Evenly spread numbers that repeat for the same seed. */
export function uniformFrom(seed: number): Uniform {
  const generator = xoroshiro128plus(seed)
  return () => ((generator.next() >>> 0) + 0.5) / 2 ** 32
}
