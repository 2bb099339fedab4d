import { ACIDS } from './acids.ts'
import { AMMINES } from './ammines.ts'
import { HALIDES } from './halides.ts'
import { HYDROXIDES } from './hydroxides.ts'
import { OXO_COMPLEXES } from './oxoComplexes.ts'
import type { DissolvedRow, SolidRow } from './row.ts'
import { SOLID_CARBONATES } from './solidCarbonates.ts'
import { SOLID_CYANOFERRATES } from './solidCyanoferrates.ts'
import { SOLID_HALIDES } from './solidHalides.ts'
import { SOLID_HYDROXIDES } from './solidHydroxides.ts'
import { SOLID_ORGANICS } from './solidOrganics.ts'
import { SOLID_PHOSPHATES } from './solidPhosphates.ts'
import { SOLID_SULFATES } from './solidSulfates.ts'
import { SOLID_SULFIDES } from './solidSulfides.ts'

export type { DissolvedRow, SolidRow } from './row.ts'
export { TINTS, type Tint } from './tints.ts'

/** Everything dissolved that the model knows beside the components themselves. */
export const SPECIES: readonly DissolvedRow[] = [...ACIDS, ...HYDROXIDES, ...AMMINES, ...HALIDES, ...OXO_COMPLEXES]

/** Every solid that the model knows. */
export const SOLIDS: readonly SolidRow[] = [
  ...SOLID_HYDROXIDES,
  ...SOLID_HALIDES,
  ...SOLID_SULFATES,
  ...SOLID_CARBONATES,
  ...SOLID_SULFIDES,
  ...SOLID_PHOSPHATES,
  ...SOLID_ORGANICS,
  ...SOLID_CYANOFERRATES,
]
