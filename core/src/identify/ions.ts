import { gcd } from '../number/index.ts'
import { ION_TABLE, nameOf, parseFormula } from '../substance/index.ts'

/** An ion that a sample may hold. */
export interface Candidate {
  readonly ion: string
  readonly kind: 'cation' | 'anion'
  /** Usual concentration in a sample, mol/dm³; what gives gas is taken stronger, or it would hardly show. */
  readonly strength: number
  /** Changes what others show (complexes, oxidation, acid), so that it is never left out of the play. */
  readonly meddles: boolean
  /** mol/dm³ of acid in which its salts stand. */
  readonly acid?: number
  /** Seldom handed out: thought of where the record speaks for it, or the sheet names it. */
  readonly rare?: true
}

/** Ions of school analysis. */
export const CANDIDATES: readonly Candidate[] = ION_TABLE.flatMap(({ ion, sample }) =>
  sample ? [{ ion, kind: parseFormula(ion).charge > 0 ? ('cation' as const) : ('anion' as const), ...sample }] : [],
)

export const CATIONS = CANDIDATES.filter(({ kind }) => kind === 'cation')
export const ANIONS = CANDIDATES.filter(({ kind }) => kind === 'anion')

const CHARGES: ReadonlyMap<string, number> = new Map(ION_TABLE.map(({ ion }) => [ion, parseFormula(ion).charge]))

/** Charge of an ion, from its formula. */
export const chargeOf = (ion: string): number => CHARGES.get(ion) ?? parseFormula(ion).charge

/** An ion without its charge, bracketed where more than one atom is taken more than once: `(NO3)2`. */
function taken(ion: string, times: number): string {
  const body = ion.replace(/\^?\d*[+-]$/, (charge) =>
    /^\d/.test(charge) && !/^[A-Z][a-z]?\d[+-]$/.test(ion) ? charge.slice(0, -1) : '',
  )
  if (times === 1) return body
  return /^[A-Z][a-z]?$/.test(body) ? `${body}${times}` : `(${body})${times}`
}

/** The salt of a cation and an anion: `saltOf('Pb2+', 'NO3-')` is `Pb(NO3)2`. */
export function saltOf(positive: string, negative: string): string {
  const [plus, minus] = [chargeOf(positive), -chargeOf(negative)]
  const common = Number(gcd(BigInt(plus), BigInt(minus)))
  return `${taken(positive, minus / common)}${taken(negative, plus / common)}`
}

/** The name of an ion as it is spoken of: iron(II), sulfate, acid; what is no ion has its own name. */
export function ionName(ion: string): string {
  if (!/[+-]$/.test(ion)) return ion
  return ion === 'H+' ? 'acid' : (nameOf(parseFormula(ion)) ?? ion)
}
