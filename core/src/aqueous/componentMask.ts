import { COMPONENTS, type Component } from './components.ts'

const PLACES: ReadonlyMap<string, number> = new Map(Object.keys(COMPONENTS).map((name, place) => [name, place]))
/** The operators on bits take 32 of them, and there are more components. */
const HALF = 26

/** A set of components, each a bit of one of two numbers: sets are compared without making strings. */
export interface ComponentSet {
  readonly low: number
  readonly high: number
}

export const isComponentName = (name: string): boolean => PLACES.has(name)

/** The set of some components. */
export function setOf(names: readonly Component[]): ComponentSet {
  let [low, high] = [0, 0]
  for (const name of names) {
    const place = PLACES.get(name) as number
    if (place < HALF) low |= 1 << place
    else high |= 1 << (place - HALF)
  }
  return { low, high }
}

/** Whether all of some components are among others. */
export const isWithin = (some: ComponentSet, others: ComponentSet): boolean =>
  (some.low & ~others.low) === 0 && (some.high & ~others.high) === 0

/** The components of either set. */
export const eitherOf = (some: ComponentSet, others: ComponentSet): ComponentSet => ({
  low: some.low | others.low,
  high: some.high | others.high,
})

/** A set as one number, which holds 53 bits. */
export const numberOfSet = ({ low, high }: ComponentSet): number => high * 2 ** HALF + low
