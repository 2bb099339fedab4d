/** Class A is the finer of the two classes of the standards; school glassware is mostly class B. */
export type GlassClass = 'A' | 'B'

/** One size of a piece of glassware; all numbers in cm³ as the standard prints them. */
export interface GlassRow {
  readonly capacity: string
  /** Smallest division of the scale; flasks and pipettes have one mark only. */
  readonly division?: string
  /** Largest error allowed at any point, plus or minus. */
  readonly tolerance: Readonly<Record<GlassClass, string>>
  readonly source: 'iso385' | 'iso648' | 'iso1042' | 'iso4788'
}

/** Burettes. Source `iso385`: ISO 385 (burettes); from memory. */
export const BURETTES = [
  { capacity: '5', division: '0.01', tolerance: { A: '0.01', B: '0.02' }, source: 'iso385' },
  { capacity: '10', division: '0.02', tolerance: { A: '0.02', B: '0.05' }, source: 'iso385' },
  { capacity: '25', division: '0.05', tolerance: { A: '0.03', B: '0.05' }, source: 'iso385' },
  { capacity: '50', division: '0.1', tolerance: { A: '0.05', B: '0.10' }, source: 'iso385' },
  { capacity: '100', division: '0.2', tolerance: { A: '0.10', B: '0.20' }, source: 'iso385' },
] as const satisfies readonly GlassRow[]

/** One-mark pipettes. Source `iso648`: ISO 648 (single-volume pipettes); from memory. */
export const PIPETTES = [
  { capacity: '1', tolerance: { A: '0.008', B: '0.015' }, source: 'iso648' },
  { capacity: '2', tolerance: { A: '0.010', B: '0.020' }, source: 'iso648' },
  { capacity: '5', tolerance: { A: '0.015', B: '0.030' }, source: 'iso648' },
  { capacity: '10', tolerance: { A: '0.020', B: '0.040' }, source: 'iso648' },
  { capacity: '20', tolerance: { A: '0.030', B: '0.060' }, source: 'iso648' },
  { capacity: '25', tolerance: { A: '0.030', B: '0.060' }, source: 'iso648' },
  { capacity: '50', tolerance: { A: '0.050', B: '0.100' }, source: 'iso648' },
  { capacity: '100', tolerance: { A: '0.080', B: '0.150' }, source: 'iso648' },
] as const satisfies readonly GlassRow[]

/** One-mark volumetric flasks. Source `iso1042`: ISO 1042 (volumetric flasks); from memory. */
export const FLASKS = [
  { capacity: '25', tolerance: { A: '0.040', B: '0.080' }, source: 'iso1042' },
  { capacity: '50', tolerance: { A: '0.060', B: '0.120' }, source: 'iso1042' },
  { capacity: '100', tolerance: { A: '0.100', B: '0.200' }, source: 'iso1042' },
  { capacity: '200', tolerance: { A: '0.150', B: '0.300' }, source: 'iso1042' },
  { capacity: '250', tolerance: { A: '0.150', B: '0.300' }, source: 'iso1042' },
  { capacity: '500', tolerance: { A: '0.250', B: '0.500' }, source: 'iso1042' },
  { capacity: '1000', tolerance: { A: '0.400', B: '0.800' }, source: 'iso1042' },
  { capacity: '2000', tolerance: { A: '0.600', B: '1.200' }, source: 'iso1042' },
] as const satisfies readonly GlassRow[]

/** Measuring cylinders. Source `iso4788`: ISO 4788 (graduated measuring cylinders); from memory. */
export const CYLINDERS = [
  { capacity: '10', division: '0.2', tolerance: { A: '0.10', B: '0.20' }, source: 'iso4788' },
  { capacity: '25', division: '0.5', tolerance: { A: '0.25', B: '0.50' }, source: 'iso4788' },
  { capacity: '50', division: '1', tolerance: { A: '0.5', B: '1.0' }, source: 'iso4788' },
  { capacity: '100', division: '1', tolerance: { A: '0.5', B: '1.0' }, source: 'iso4788' },
  { capacity: '250', division: '2', tolerance: { A: '1.0', B: '2.0' }, source: 'iso4788' },
] as const satisfies readonly GlassRow[]
