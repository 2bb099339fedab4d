import { compositionOf, type Formula, parseFormula, sameSpecies } from './formula.ts'
import { dissociate, type IonCount } from './ions.ts'

const PROTON = parseFormula('H+')

/** An anion that keeps some of its acid hydrogen: HC4H4O6- of KHC4H4O6. */
function withHydrogen({ ion, count }: IonCount, hydrogen: number): IonCount | undefined {
  const each = hydrogen / count
  const charge = -ion.charge - each
  if (!Number.isInteger(each) || charge < 1) return undefined
  const atoms = [...compositionOf(ion)].map(([symbol, number]) => `${symbol}${number === 1 ? '' : number}`).join('')
  const kept = each === 1 ? 'H' : `H${each}`
  return { ion: parseFormula(`${kept}${atoms}${charge === 1 ? '-' : `^${charge}-`}`), count }
}

/**
 * The ions a salt dissolves into. Those of an acid salt keep their hydrogen, as far as it is the only anion.
 *
 * @returns undefined for what is no salt (an acid, sugar)
 * @example
 * saltIons(parseFormula('KHC4H4O6')) // K+ and HC4H4O6-
 */
export function saltIons(salt: Formula): readonly IonCount[] | undefined {
  const ions = dissociate(salt)
  const hydrogen = ions?.find(({ ion }) => sameSpecies(ion, PROTON))
  if (!ions || !hydrogen) return ions
  const cations = ions.filter(({ ion }) => ion.charge > 0 && !sameSpecies(ion, PROTON))
  const [anion, ...more] = ions.filter(({ ion }) => ion.charge < 0)
  if (cations.length === 0 || !anion || more.length > 0) return undefined
  const kept = withHydrogen(anion, hydrogen.count)
  return kept && [...cations, kept]
}
