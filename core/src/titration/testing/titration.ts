import type { PartOf, Run } from '../../record/index.ts'

/** A run as a row: kind, readings, and whatever else it has. */
export type RunRow = readonly [kind: Run['kind'], initial?: string | undefined, final?: string | undefined, more?: Partial<Run>]

/** A titration of 25.0 cm³ of F4 with F2 from the burette, with these runs: `r0`, `r1` and so on. */
export function titration(...runs: readonly RunRow[]): PartOf<'titration'> {
  return {
    id: 't1',
    kind: 'titration',
    burette: 'F2',
    flask: [{ material: 'F4', volume: '25.0' }],
    reactions: [],
    runs: runs.map(([kind, initial, final, more], index) => ({
      id: `r${index}`,
      kind,
      ...(initial ? { initial } : {}),
      ...(final ? { final } : {}),
      ...more,
    })),
  }
}
