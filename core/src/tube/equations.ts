import type { Equilibrium } from '../aqueous/index.ts'
import { ChemistryError } from '../problem/index.ts'
import { balance, compositionOf, formatEquation, parseEquation, parseFormula } from '../substance/index.ts'
import { ionsOf, solidFacts } from './solids.ts'

const states = (formula: string, state: string) => `${formula}(${state})`

/** Balances the first of several ways to write a reaction that can be balanced. */
function firstThatBalances(ways: readonly (readonly [left: readonly string[], right: readonly string[]])[]): string | undefined {
  for (const [left, right] of ways) {
    try {
      return formatEquation(balance(parseEquation(`${left.join(' + ')} -> ${right.join(' + ')}`)))
    } catch (error) {
      if (!(error instanceof ChemistryError)) throw error
    }
  }
  return undefined
}

/** The ionic equation of a precipitate that forms. */
export function precipitation(name: string): string | undefined {
  const facts = solidFacts(name)
  if (!facts) return undefined
  const ions = ionsOf(facts).map((ion) => states(ion, 'aq'))
  const solid = states(facts.formula.text, 's')
  const withoutSulfide = ions.filter((ion) => ion !== 'HS-(aq)')
  return firstThatBalances([
    [ions, [solid]],
    [ions, [solid, 'H2O(l)']],
    [
      [...withoutSulfide, 'H2S(aq)'],
      [solid, 'H+(aq)'],
    ],
    [[...ions, 'H2O(l)'], [solid]],
    [
      [...ions, 'H2O(l)'],
      [solid, 'H+(aq)'],
    ],
  ])
}

/** The dissolved species that most of an element of a solid is in. */
function taker(elements: ReadonlySet<string>, { species }: Equilibrium): string | undefined {
  let [most, found]: [number, string | undefined] = [0, undefined]
  for (const [name, concentration] of species) {
    if (concentration <= most) continue
    const holds = [...compositionOf(parseFormula(name)).keys()].some((element) => elements.has(element))
    if (holds) [most, found] = [concentration, name]
  }
  return found
}

/** Elements that tell nothing about where a solid went. */
const EVERYWHERE = new Set(['H', 'O', 'N', 'C', 'S', 'Cl', 'Br', 'I', 'K', 'Na'])

/** The ionic equation of a solid that dissolves, by what its metal is found in afterwards. */
export function dissolution(name: string, after: Equilibrium): string | undefined {
  const facts = solidFacts(name)
  if (!facts) return undefined
  const elements = new Set([...compositionOf(facts.formula).keys()].filter((element) => !EVERYWHERE.has(element)))
  const species = taker(elements, after)
  if (!species) return undefined
  const [solid, made] = [states(facts.formula.text, 's'), states(species, 'aq')]
  const freed = ionsOf(facts)
    .filter((ion) => ion !== 'OH-' && ![...compositionOf(parseFormula(ion)).keys()].some((element) => elements.has(element)))
    .map((ion) => states(ion, 'aq'))
  const acid = after.pH < 7
  const inAcid: readonly (readonly [readonly string[], readonly string[]])[] = [
    [
      [solid, 'H+(aq)'],
      [made, 'CO2(g)', 'H2O(l)'],
    ],
    [
      [solid, 'H+(aq)'],
      [made, 'H2S(g)'],
    ],
    [
      [solid, 'H+(aq)'],
      [made, 'H2O(l)'],
    ],
    [
      [solid, 'H+(aq)'],
      [made, ...freed, 'H2O(l)'],
    ],
    [
      [solid, 'H+(aq)'],
      [made, ...freed],
    ],
  ]
  const otherwise: readonly (readonly [readonly string[], readonly string[]])[] = [
    [[solid, 'OH-(aq)'], [made]],
    [
      [solid, 'NH3(aq)'],
      [made, 'OH-(aq)'],
    ],
    [
      [solid, 'NH3(aq)'],
      [made, ...freed],
    ],
    [
      [solid, 'S2O3^2-(aq)'],
      [made, ...freed],
    ],
    [
      [solid, 'OH-(aq)'],
      [made, 'H2O(l)'],
    ],
    [[solid, ...freed], [made]],
  ]
  return firstThatBalances(acid ? [...inAcid, ...otherwise] : [...otherwise, ...inAcid])
}
