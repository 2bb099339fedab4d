import { COMPONENTS, type Component } from './components.ts'

/** Each component is a bit of one number, which holds 53 of them: sets of components are compared without making strings. */
const BITS: ReadonlyMap<string, number> = new Map(Object.keys(COMPONENTS).map((name, place) => [name, 2 ** place]))
/** The operators on bits take 32 of them, so a set is looked at in two halves. */
const HALF = 2 ** 26

export const isComponentName = (name: string): boolean => BITS.has(name)

/** A set of components, each named once, as a number. */
export function maskOf(names: readonly Component[]): number {
  let mask = 0
  for (const name of names) mask += BITS.get(name) as number
  return mask
}

/** Whether all of some components are among others. */
export function isWithin(some: number, others: number): boolean {
  return ((some % HALF) & ~(others % HALF)) === 0 && ((some / HALF) & ~(others / HALF)) === 0
}

/** The components of either set. */
export function eitherOf(some: number, others: number): number {
  return ((some / HALF) | (others / HALF)) * HALF + ((some % HALF) | (others % HALF))
}
