import type { Action } from '../../rack/index.ts'

/** Something that goes into a vessel: a weighed solid, or a volume of a solution. */
export interface Held {
  readonly material: string
  readonly weighing?: string
  readonly volume?: string
  /** How much it was is read when it is done. */
  readonly isRead?: boolean
  readonly by?: 'pipette' | 'burette' | 'cylinder'
}

interface Begun {
  readonly id: string
  /** The sentence that begins it. */
  readonly sentence: number
  readonly block: number
  title?: string
}

interface DraftWeighing extends Begun {
  readonly kind: 'weighing'
  of: string
}

export interface DraftSolution extends Begun {
  readonly kind: 'solution'
  sources: Held[]
  flask?: string
  gives?: string
  /** What reacted before it was made up. */
  reactions?: string[]
}

export interface DraftTitration extends Begun {
  readonly kind: 'titration'
  burette?: string
  flask: Held[]
  /** Where every run has a solid of its own: its weighings. */
  weighings: string[]
  indicator?: string
  /** Equations for it, in the order of the sheet; what was proposed and not given says so. */
  equations: DraftEquation[]
  continues?: string
  /** The run of temperatures whose lines cross at its end-point. */
  crossingOf?: string
}

export interface DraftEquation {
  readonly equation: string
  readonly role: 'before' | 'titration'
  readonly proposed: boolean
}

interface DraftHeating extends Begun {
  readonly kind: 'heating'
  of?: string
  lost?: string
  within?: string
  equation?: string
}

interface DraftAxis {
  readonly name: string
  readonly unit: string
  readonly plotted?: 'inverse kelvins' | 'ln of inverse'
}

export interface DraftSeries extends Begun {
  readonly kind: 'series'
  x: DraftAxis
  y: DraftAxis
  reading: 'two-lines' | 'line' | 'curve' | 'curve-through-points'
  /** x at which y is to be read. */
  planned: string[]
  mixedAt?: string
  /** What is looked up on the line that the others draw. */
  unknown?: string
}

/** An act planned in a tube, as the record writes acts. */
export type DraftAct = Action

export interface DraftTube {
  /** What the sheet calls the test. */
  readonly test: string
  acts: DraftAct[]
  /** At which act each sentence that goes on in this tube begins. */
  readonly begins: number[]
  /** The sentence that begins it. */
  readonly sentence: number
}

interface DraftRack extends Begun {
  readonly kind: 'rack'
  samples: { readonly material: string; tubes: DraftTube[] }[]
  allowed: string[]
  /** Ions that may be in the samples; any where the sheet does not say. */
  listed: string[]
}

export interface DraftChromatogram extends Begun {
  readonly kind: 'chromatogram'
  spots: { readonly label: string; readonly known: boolean }[]
  solvent?: string
  unit?: 'cm' | 'mm'
}

export type DraftPart =
  | DraftWeighing
  | DraftSolution
  | DraftTitration
  | DraftHeating
  | DraftSeries
  | DraftRack
  | DraftChromatogram
export type DraftPartOf<Kind extends DraftPart['kind']> = Extract<DraftPart, { readonly kind: Kind }>
