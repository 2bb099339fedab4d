import type { Tube } from './types.ts'

/**
 * The tubes that led to a tube's contents: the one that was filled first, then each that went on from it, the tube itself
 * last. A ring of tubes ends where it comes round.
 *
 * @param tubes - all tubes of the rack by their ids
 */
export function tubeLine(tube: Tube, tubes: ReadonlyMap<string, Tube>): readonly Tube[] {
  const line: Tube[] = []
  for (let at: Tube | undefined = tube; at && !line.includes(at); at = at.from === undefined ? undefined : tubes.get(at.from))
    line.unshift(at)
  return line
}

/** All tubes of a rack by their ids. */
export function tubesById(samples: readonly { readonly tubes: readonly Tube[] }[]): ReadonlyMap<string, Tube> {
  return new Map(samples.flatMap(({ tubes }) => tubes.map((tube) => [tube.id, tube] as const)))
}
