import type { Part, PartOf } from './types.ts'

/** What is done with each kind of part; a kind that is forgotten does not compile. */
export type ByKind<Result, More extends readonly unknown[] = []> = {
  readonly [Kind in Part['kind']]: (part: PartOf<Kind>, ...more: More) => Result
}

/**
 * A function of a part from one for each kind. Whoever puts in a kind is told by the compiler wherever it has to be thought
 * of.
 *
 * @example
 * const unitOf = byKind<string>({ weighing: () => 'g', … })
 */
export function byKind<Result, More extends readonly unknown[] = []>(
  each: ByKind<Result, More>,
): (part: Part, ...more: More) => Result {
  // The table has for every kind a function of that very kind, which TypeScript cannot follow through the index.
  return (part, ...more) => (each[part.kind] as (part: Part, ...more: More) => Result)(part, ...more)
}
