import type { FunctionName } from '../propagate/index.ts'

/** What a sum is given by whoever does it. */
export interface Take {
  /** Names it within the sum, and in the record. */
  readonly key: string
  readonly symbol: string
  readonly says: string
  /** The unit it is worked with; what is given in another of its kind is brought to it by a line. `any` keeps what is given. */
  readonly unit: string
  /** Of one that may be in any unit: another take whose unit it shares. */
  readonly like?: string
  /**
   * A temperature on a scale: degrees Celsius are brought to kelvins by adding, not by a factor. It is taken as read, never
   * from an answer, which could be a change of temperature in the same unit.
   */
  readonly scale?: true
  /** May be nought or below it: a change, a temperature in °C, an enthalpy. */
  readonly signed?: true
  /** What it usually is; stands in the field until something else does. */
  readonly usual?: string
  /** The convention of the task that says it, where nothing else is given. */
  readonly convention?: 'molarVolume'
}

/** A text a sum is given: of what, or by which reaction. */
export interface Text {
  readonly key: string
  readonly says: string
  readonly kind: 'formula' | 'equation'
  readonly placeholder: string
}

interface Line {
  readonly gives: string
  readonly symbol: string
  readonly says: string
  /** `as m`: the unit of what stands under the key m. */
  readonly unit: string
  /** Decimals it is written to, where figures would mislead: those of a logarithm. */
  readonly places?: number
  /** A plus sign stands before it where it is above nought, as before an enthalpy change that takes up heat. */
  readonly showsSign?: true
  /** As it would be written, right of the first sign of equality. */
  readonly formula: string
}

/**
 * One line of a sum. Keys are those of takes, of earlier lines, of constants (`R`), or the molar mass of a formula that was
 * given (`M:of`) or stands here (`M:CaCO3`); a ratio is that of two species in an equation that was given.
 */
export type SumLine = Line &
  (
    | {
        readonly over: readonly string[]
        readonly under?: readonly string[]
        readonly factor?: { readonly over: number; readonly under: number }
        /** Amount of one species to one of another by a given equation. */
        readonly ratio?: { readonly equation: string; readonly of: string; readonly to: string }
        /** How many of one species another holds. */
        readonly held?: { readonly of: string; readonly in: string }
      }
    | { readonly plus: readonly string[]; readonly minus?: readonly string[] }
    | { readonly apply: FunctionName; readonly to: string }
    /** The smallest of several, each by the text that says of what: what runs out first is named. */
    | { readonly least: readonly string[]; readonly runsOut: readonly string[] }
  )

export const GROUPS = ['amounts', 'gases', 'energy', 'rates', 'equilibria', 'comparing', 'water and oils'] as const
export type Group = (typeof GROUPS)[number]

/** A named calculation: what it takes, the lines it is worked in, and what it takes for granted. */
export interface Sum {
  readonly id: string
  readonly group: Group
  /** What it finds. */
  readonly says: string
  readonly texts?: readonly Text[]
  readonly takes: readonly Take[]
  readonly lines: readonly SumLine[]
  /** Whether the result may be below nought. */
  readonly signed?: true
  readonly assumes?: readonly string[]
  /** Where the definition is written down. */
  readonly source: string
}

/** A number that is the same for everyone. */
export interface Constant {
  readonly value: string
  readonly symbol: string
  readonly says: string
  readonly unit: string
}

/** Constants by their key in a line. Gas constant: CODATA 2018, rounded to four figures as schools use it. */
export const CONSTANTS: Readonly<Record<string, Constant>> = {
  R: { value: '8.314', symbol: 'R', says: 'gas constant', unit: 'J/(mol K)' },
  ln2: { value: '0.693147180559945', symbol: 'ln 2', says: 'natural logarithm of 2', unit: '' },
  zero: { value: '273.15', symbol: '273.15', says: '0 °C on the kelvin scale', unit: 'K' },
}
