import type { GasReading } from '../gas/index.ts'
import type { SeenColour } from '../palette/index.ts'

/** One thing that a student wrote down as seen, smelt or heard. */
export type SeenFact =
  | { readonly kind: 'precipitate'; readonly colour?: SeenColour; readonly slight: boolean }
  /** A precipitate that turns another colour, in air or on standing. */
  | { readonly kind: 'precipitateTurns'; readonly to: SeenColour }
  | { readonly kind: 'noPrecipitate' }
  | { readonly kind: 'dissolves'; readonly how: 'completely' | 'partly'; readonly giving?: SeenColour }
  | { readonly kind: 'insoluble' }
  | { readonly kind: 'solution'; readonly to: SeenColour }
  | { readonly kind: 'decolourised' }
  | { readonly kind: 'effervescence' }
  | { readonly kind: 'noGas' }
  | { readonly kind: 'gas'; readonly test: GasReading }
  | { readonly kind: 'smell'; readonly of: string }
  | { readonly kind: 'flame'; readonly colour: SeenColour }
  /** What an indicator shows. */
  | { readonly kind: 'pH'; readonly from: number; readonly to: number }
  /** A precipitate that is gone again when the tube is shaken. */
  | { readonly kind: 'transient'; readonly colour?: SeenColour }
  | { readonly kind: 'ring'; readonly colour: SeenColour }
  /** A liquid that floats on the rest. */
  | { readonly kind: 'layer'; readonly colour?: SeenColour }
  /** How a dry solid looks, and what heating does to it. */
  | { readonly kind: 'solid'; readonly colour: SeenColour }
  | { readonly kind: 'solidTurns'; readonly to: SeenColour; readonly when: 'hot' | 'cold' }
  | { readonly kind: 'sublimes' }
  | { readonly kind: 'melts' }
  | { readonly kind: 'droplets' }
  | { readonly kind: 'warmsUp' }
  | { readonly kind: 'burns' }
  /** A flame that leaves soot. */
  | { readonly kind: 'smoky' }
  /** Silver on the glass. */
  | { readonly kind: 'mirror' }
  /** A liquid that mixes with what is in the tube. */
  | { readonly kind: 'mixes' }
  | { readonly kind: 'noChange' }

/** Something that was looked for and not seen; `smell` without a name is any smell, `flame` without a colour any flame's. */
export interface DeniedFact {
  readonly kind: 'not'
  readonly of: Exclude<SeenFact, { kind: 'flame' } | { kind: 'smell' }> | AnyFlame | AnySmell
}
interface AnyFlame {
  readonly kind: 'flame'
  readonly colour?: SeenColour
}
interface AnySmell {
  readonly kind: 'smell'
  readonly of?: string
}

/** What an observation says. */
export type ObservedFact = SeenFact | DeniedFact

/** A fact with where in the text it was read. */
export interface Read {
  readonly fact: ObservedFact
  readonly span: readonly [from: number, to: number]
  /** A bare colour or a default beside a word that is not known: shown, and asked about. */
  readonly doubtful?: true
}

/** What was understood of a text, and what was not. */
export interface Observation {
  readonly facts: readonly Read[]
  /** Words that mean something but were not understood. */
  readonly notUnderstood: readonly { readonly text: string; readonly span: readonly [number, number] }[]
}
