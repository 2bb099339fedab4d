import type { SeenColour } from '../../palette/index.ts'
import type { Tint } from './tints.ts'

/** Where the constants are from: all from memory of these, for 25 °C and ionic strength nought unless a table says other. */
const SOURCES = {
  MS: 'Martell and Smith, Critical Stability Constants, and the NIST database that followed it',
  BM: 'Baes and Mesmer, The Hydrolysis of Cations, 1976',
  CRC: 'CRC Handbook of Chemistry and Physics',
  L: 'Lange’s Handbook of Chemistry',
  V: 'Vogel’s textbook of qualitative analysis',
  WQ: 'generic databases of natural waters',
  none: 'no source: a value that gives what is seen',
} as const

/** How far a constant may be trusted. */
type Status = 'as published' | 'within the published spread' | `fitted to ${string}`

interface Row {
  /** As chemists write it; it is printed. */
  readonly formula: string
  /** The components it is made of: `Ca PO4:2 H`. `H:-1` stands for a hydroxide, water being understood. */
  readonly madeOf: string
  readonly source: keyof typeof SOURCES
  readonly status: Status
  readonly remark?: string
}

/** One dissolved species beside the components themselves: log of its formation constant from them. */
export interface DissolvedRow extends Row {
  readonly logK: number
  /** What it colours a solution as; nothing where it has no colour. */
  readonly tint?: Tint
}

/** One solid: log of its solubility constant in the components, and its colour. */
export interface SolidRow extends Row {
  readonly logK: number
  readonly colour: SeenColour
  /** Enthalpy of dissolving, J/mol, of what dissolves plainly better when hot (CRC, L). */
  readonly enthalpy?: number
}
