import { Exact } from '../number/index.ts'
import { ChemistryError } from '../problem/index.ts'
import { BURETTES, CYLINDERS, FLASKS, type GlassClass, type GlassRow, PIPETTES } from './tolerances.ts'

export type Glassware = 'burette' | 'pipette' | 'flask' | 'cylinder'

const TABLES: Readonly<Record<Glassware, readonly GlassRow[]>> = {
  burette: BURETTES,
  pipette: PIPETTES,
  flask: FLASKS,
  cylinder: CYLINDERS,
}

/** The smallest piece of a kind that takes a volume in cm³, or undefined when none is large enough. */
export function nearestGlass(kind: Glassware, volume: string): GlassRow | undefined {
  return TABLES[kind].find((row) => new Exact(row.capacity).gte(volume))
}

/**
 * The largest error, plus or minus cm³, that the standard allows this piece.
 *
 * @param capacity - its nominal capacity in cm³
 * @throws ChemistryError `glassware.unknownSize` for a size the standard's table here does not list
 */
export function toleranceOf(kind: Glassware, capacity: string, glassClass: GlassClass): Exact {
  const row = TABLES[kind].find((candidate) => new Exact(candidate.capacity).eq(capacity))
  if (!row) {
    const sizes = TABLES[kind].map((candidate) => candidate.capacity).join(', ')
    throw new ChemistryError('glassware.unknownSize', `No ${kind} of ${capacity} cm³ is listed. Sizes: ${sizes} cm³.`, {
      kind,
      capacity,
    })
  }
  return new Exact(row.tolerance[glassClass])
}
