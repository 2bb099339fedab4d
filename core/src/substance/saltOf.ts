import type { Formula } from './formula.ts'

const gcd = (a: number, b: number): number => (b === 0 ? a : gcd(b, a % b))
/** An ion as it stands in the formula of a salt: without its charge, in brackets where it is taken several times. */
function taken(ion: Formula, count: number): string {
  const bare = ion.text.replace(/\^?\d*[+-]$/, (charge) =>
    /^[A-Z][a-z]?\d?[+-]$/.test(ion.text) ? '' : charge.startsWith('^') ? '' : charge.slice(0, -1),
  )
  if (count === 1) return bare
  return /^[A-Z][a-z]?$/.test(bare) ? `${bare}${count}` : `(${bare})${count}`
}

/**
 * The formula of the salt of a cation and an anion, in least numbers.
 *
 * @example
 * saltOf(parseFormula('Al3+'), parseFormula('SO4^2-')) // Al2(SO4)3
 */
export function saltOf(cation: Formula, anion: Formula): string {
  const [plus, minus] = [cation.charge, -anion.charge]
  const share = gcd(plus, minus)
  const [cations, anions] = [taken(cation, minus / share), taken(anion, plus / share)]
  // An organic anion is written first: CH3COONa, but (CH3COO)2Ca would be as unusual as it is right.
  return /^(?:CH3COO|HCOO)$/.test(anions) ? `${anions}${cations}` : `${cations}${anions}`
}
