import { type GlassClass, type Glassware, nearestGlass, PIPETTES } from '../glassware/index.ts'
import type { Contribution, Spread } from '../propagate/index.ts'
import type { Source } from './source.ts'

/**
 * Glass is made to lie near its mark, so errors near nought are likelier than those at the limit of the standard.
 * Source: EURACHEM/CITAC guide, example A1 (a triangular distribution); from memory.
 */
const withinTolerance = (tolerance: string): Spread => ({ shape: 'triangular', halfWidth: Number(tolerance) })

interface Measured {
  readonly keys: readonly string[]
  /** The volume as written, cm³. */
  readonly volume: string
  readonly glassClass: GlassClass
}

function toleranceSource(glass: Glassware, { keys, volume, glassClass }: Measured, says: string): Source | undefined {
  const row = nearestGlass(glass, volume)
  if (!row) return undefined
  const id = `${glass} ${volume}`
  const contribution = (spread: Spread): Contribution => ({ id, says, kind: 'tolerance', spread, on: keys })
  const tolerance = row.tolerance[glassClass]
  return {
    id,
    says: `${says}, class ${glassClass} (±${tolerance} cm³)`,
    kind: 'tolerance',
    contributions: [contribution(withinTolerance(tolerance))],
    limits: keys.map((on) => ({ on, halfWidth: Number(tolerance) })),
    ...(glassClass === 'B'
      ? { better: { says: `a class A ${glass}`, contributions: [contribution(withinTolerance(row.tolerance.A))] } }
      : {}),
  }
}

/** A portion measured by pipette. The same pipette measures every portion of its size, with the same error. */
export function pipetteSource(measured: Measured): Source | undefined {
  return toleranceSource('pipette', measured, `${measured.volume} cm³ pipette`)
}

/** A volumetric flask filled to its mark. */
export function flaskSource(measured: Measured): Source | undefined {
  return toleranceSource('flask', measured, `${measured.volume} cm³ volumetric flask`)
}

/** A portion measured by cylinder: its tolerance, and the reading of its scale to half a division. */
export function cylinderSource({ keys, volume, glassClass }: Measured): Source | undefined {
  const row = nearestGlass('cylinder', volume)
  if (!row) return undefined
  const halfDivision = Number(row.division ?? 0) / 2
  const id = `cylinder ${volume}`
  const says = `${volume} cm³ by measuring cylinder`
  const contribution = (part: string, spread: Spread): Contribution => ({
    id: `${id} ${part}`,
    says,
    kind: 'tolerance',
    spread,
    on: keys,
  })
  const tolerance = row.tolerance[glassClass]
  const pipette = PIPETTES.find(({ capacity }) => Number(capacity) === Number(volume))
  return {
    id,
    says: `${says} (±${tolerance} cm³, read to ±${halfDivision})`,
    kind: 'tolerance',
    contributions: [
      contribution('tolerance', withinTolerance(tolerance)),
      contribution('reading', { shape: 'uniform', halfWidth: halfDivision }),
    ],
    limits: keys.map((on) => ({ on, halfWidth: halfDivision })),
    ...(pipette
      ? {
          better: {
            says: 'a pipette instead of the cylinder',
            contributions: [contribution('tolerance', withinTolerance(pipette.tolerance[glassClass]))],
          },
        }
      : {}),
  }
}
