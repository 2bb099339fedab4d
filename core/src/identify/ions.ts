import { nameOf, parseFormula } from '../substance/index.ts'

/** An ion that a sample may hold. */
export interface Candidate {
  readonly ion: string
  readonly kind: 'cation' | 'anion'
  /** Usual concentration in a sample, mol/dm³; what gives gas is taken stronger, or it would hardly show. */
  readonly strength: number
  /** Changes what others show (complexes, oxidation, acid), so that it is never left out of the play. */
  readonly meddles: boolean
}

const cation = (ion: string, meddles = false): Candidate => ({ ion, kind: 'cation', strength: 0.1, meddles })
const anion = (ion: string, strength = 0.1, meddles = false): Candidate => ({ ion, kind: 'anion', strength, meddles })

/** Ions of school analysis. */
export const CANDIDATES: readonly Candidate[] = [
  cation('H+', true),
  cation('Na+'),
  cation('K+'),
  cation('Li+'),
  cation('NH4+', true),
  cation('Mg2+'),
  cation('Ca2+'),
  cation('Sr2+'),
  cation('Ba2+'),
  cation('Al3+'),
  cation('Zn2+'),
  cation('Pb2+'),
  cation('Ag+'),
  cation('Cu2+'),
  cation('Fe2+'),
  cation('Fe3+'),
  cation('Cr3+'),
  cation('Mn2+'),
  cation('Ni2+'),
  cation('Co2+'),
  anion('OH-', 0.1, true),
  anion('Cl-'),
  anion('Br-'),
  anion('I-', 0.1, true),
  anion('SO4^2-'),
  anion('SO3^2-', 0.2, true),
  anion('CO3^2-', 0.2),
  anion('NO3-'),
  anion('NO2-', 0.2, true),
  anion('CrO4^2-', 0.1, true),
  anion('S2O3^2-', 0.1, true),
  anion('CH3COO-', 0.1),
]

export const CATIONS = CANDIDATES.filter(({ kind }) => kind === 'cation')
export const ANIONS = CANDIDATES.filter(({ kind }) => kind === 'anion')

/** Charge of an ion, from its formula. */
export function chargeOf(ion: string): number {
  const [, size = '', sign = '+'] = /\^?(\d*)([+-])$/.exec(ion) ?? []
  return (sign === '+' ? 1 : -1) * (size === '' || !/\^|^[A-Z][a-z]?\d[+-]$/.test(ion) ? 1 : Number(size))
}

/** An ion without its charge, bracketed where more than one atom is taken more than once: `(NO3)2`. */
function taken(ion: string, times: number): string {
  const body = ion.replace(/\^?\d*[+-]$/, (charge) =>
    /^\d/.test(charge) && !/^[A-Z][a-z]?\d[+-]$/.test(ion) ? charge.slice(0, -1) : '',
  )
  if (times === 1) return body
  return /^[A-Z][a-z]?$/.test(body) ? `${body}${times}` : `(${body})${times}`
}

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b))

/** The salt of a cation and an anion: `saltOf('Pb2+', 'NO3-')` is `Pb(NO3)2`. */
export function saltOf(positive: string, negative: string): string {
  const [plus, minus] = [chargeOf(positive), -chargeOf(negative)]
  const common = gcd(plus, minus)
  return `${taken(positive, minus / common)}${taken(negative, plus / common)}`
}

/** The name of an ion as it is spoken of: iron(II), sulfate, acid. */
export function ionName(ion: string): string {
  return ion === 'H+' ? 'acid' : (nameOf(parseFormula(ion)) ?? ion)
}
