import { Exact } from '../number/index.ts'

/**
 * The whole number that an answer means, within its uncertainty: 7 for 6.97 ± 0.08.
 *
 * @returns undefined where none lies within it, or where more than one does
 */
export function wholeNumberWithin(value: number, plusMinus: string): number | undefined {
  const reach = new Exact(plusMinus)
  const [low, high] = [new Exact(value).sub(reach).ceil(), new Exact(value).add(reach).floor()]
  return low.eq(high) ? low.toNumber() : undefined
}
