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

/** What may stand on the left beside the solid and on the right beside what it becomes. */
interface Way {
  readonly with: readonly string[]
  readonly and: readonly string[]
}

const IN_ACID = (freed: readonly string[]): readonly Way[] => [
  { with: ['H+(aq)'], and: ['CO2(g)', 'H2O(l)'] },
  { with: ['H+(aq)'], and: ['H2S(g)'] },
  { with: ['H+(aq)'], and: ['H2O(l)'] },
  { with: ['H+(aq)'], and: [...freed, 'H2O(l)'] },
  { with: ['H+(aq)'], and: freed },
]
const OTHERWISE = (freed: readonly string[]): readonly Way[] => [
  { with: ['OH-(aq)'], and: [] },
  { with: ['NH3(aq)'], and: ['OH-(aq)'] },
  { with: ['NH3(aq)'], and: freed },
  { with: ['S2O3^2-(aq)'], and: freed },
  { with: ['OH-(aq)'], and: ['H2O(l)'] },
  { with: ['OH-(aq)', 'H2O(l)'], and: [] },
  { with: freed, and: [] },
]

const tellingOf = (formula: string): ReadonlySet<string> =>
  new Set([...compositionOf(parseFormula(formula)).keys()].filter((element) => !EVERYWHERE.has(element)))

const holdsAny = (formula: string, elements: ReadonlySet<string>) =>
  [...compositionOf(parseFormula(formula)).keys()].some((element) => elements.has(element))

/** The ionic equation of a solid of some ions that dissolves: to what its metal is found in afterwards, or in acid to the bare ion. */
function dissolving(solid: string, ions: readonly string[], after: Equilibrium): string | undefined {
  const elements = tellingOf(solid)
  const freed = ions.filter((ion) => ion !== 'OH-' && !holdsAny(ion, elements)).map((ion) => states(ion, 'aq'))
  const [inAcid, otherwise] = [IN_ACID(freed), OTHERWISE(freed)]
  const ways = after.pH < 7 ? [...inAcid, ...otherwise] : [...otherwise, ...inAcid]
  const bare = after.pH < 7 ? ions.find((ion) => holdsAny(ion, elements)) : undefined
  const found = [taker(elements, after), bare].filter((one) => one !== undefined)
  return firstThatBalances(
    found.flatMap((species) =>
      ways.map(
        (way) =>
          [
            [states(solid, 's'), ...way.with],
            [states(species, 'aq'), ...way.and],
          ] as const,
      ),
    ),
  )
}

/** The ionic equation of a solid that dissolves. */
export function dissolution(name: string, after: Equilibrium): string | undefined {
  const facts = solidFacts(name)
  return facts && dissolving(facts.formula.text, ionsOf(facts), after)
}

/** Which of some solids a dry one became when it met the liquid: that of the same metal. */
export const becameOf = (dry: string, solids: readonly string[]): string | undefined =>
  solids.find((name) => {
    const facts = solidFacts(name)
    return facts !== undefined && holdsAny(facts.formula.text, tellingOf(dry))
  })

/**
 * Equations of a dry solid that met a liquid: calcium oxide is slaked, zinc oxide dissolves in acid, a carbonate that stays
 * does nothing.
 *
 * @param became - the solid that equilibrium knows it as
 * @param stays - whether that is still there
 * @returns undefined where it is not the dry solid that became it, as a salt that dissolved and came down as another
 */
export function wetting(dry: string, became: string, stays: boolean, after: Equilibrium): readonly string[] | undefined {
  const facts = solidFacts(became)
  if (!facts) return undefined
  if (stays && facts.formula.text === dry) return []
  const found = stays
    ? firstThatBalances([[[states(dry, 's'), 'H2O(l)'], [states(facts.formula.text, 's')]]])
    : dissolving(dry, ionsOf(facts), after)
  return found === undefined ? undefined : [found]
}
