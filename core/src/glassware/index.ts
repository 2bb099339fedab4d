export { type Glassware, nearestGlass, toleranceOf } from './glassware.ts'
export { BURETTES, CYLINDERS, FLASKS, type GlassClass, type GlassRow, PIPETTES } from './tolerances.ts'
