/** Papers that are dipped or touched with a drop. */
export type Paper = 'red litmus' | 'blue litmus' | 'universal indicator'

/** A bottle on the bench. */
export interface Reagent {
  /** Concentration of each substance, mol/dm³; for a solid what one mol of it is. */
  readonly putIn: Readonly<Record<string, number>>
  readonly state: 'aq' | 's' | 'g'
  /** Metals and other elements that the equilibrium does not know. */
  readonly element?: 'Al' | 'Zn' | 'Mg' | 'Fe' | 'Cu turnings' | 'MnO2'
  /** A paper that is touched with a drop. */
  readonly paper?: Paper
  /** A hydrocarbon that floats on water; starch, which iodine turns blue-black; a bottle of which it is not foretold what it does. */
  readonly special?: 'floats' | 'starch' | 'unforetold'
  readonly says: string
  /** Everyday names and bench abbreviations (common practice). */
  readonly also?: readonly string[]
  /** What it is used to find. */
  readonly purpose: string
  readonly care?: string
  /** Substances that may already stand in a portion it is added to: the usual sequences. Others want a fresh portion. */
  readonly after?: readonly string[]
}
