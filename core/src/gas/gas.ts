import type { Component } from '../aqueous/index.ts'
import type { GasReading } from './readings.ts'
import type { GasTestName } from './tests.ts'

/** What a gas does in one test. */
interface GasResult {
  readonly test: GasTestName
  /** As it is written after the test: `damp red litmus paper` `turned blue`. */
  readonly result: string
  /** How it is read from an observation, where it tells anything. */
  readonly reading?: GasReading
  /** How it is read where the words leave out with what it was tested. */
  readonly loosely?: GasReading
}

/** How water lets a gas go. */
interface ComingOff {
  /** The dissolved species, by its name in the model. */
  readonly species: string
  /** What water holds of it, mol/dm³; what is above it comes off. Common practice. */
  readonly held: number
  /** What one mol of the dissolved gas takes with it. */
  readonly takes: Readonly<Partial<Record<Component, number>>>
  /** mol of gas from one of the dissolved. */
  readonly gives: number
  readonly equation: string
}

/** How a gas is made at the bench for its own sake. */
export interface GasMaking {
  /** What goes into the tube first: a dry solid, or a solution by ions, mol/dm³. */
  readonly from: { readonly solid?: string; readonly solution?: Readonly<Record<string, number>> }
  readonly steps: readonly { readonly do: 'add' | 'warm' | 'heat'; readonly reagent?: string; readonly amount?: string }[]
  readonly reactants: string
  readonly warming: string
  readonly collection: string
  readonly caution: string
}

/** Everything that is known of a gas, in one row. */
export interface Gas {
  readonly gas: string
  readonly name: string
  /** As it should be written when it was seen or tested as usual. */
  readonly wording: string
  /** The test it is known by. */
  readonly usual: GasTestName
  /** What the eye sees of it without a test. */
  readonly sight?: GasReading
  /** The reading that means this gas, where several give it. */
  readonly toldBy?: GasReading
  readonly tests: readonly GasResult[]
  /** Gases that do the same in its usual test, and by what they are told apart. */
  readonly toldFrom?: readonly { readonly gas: string; readonly by: string }[]
  readonly comesOff?: ComingOff
  readonly made?: GasMaking
}
