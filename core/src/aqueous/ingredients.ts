import { Memory } from '../memory/index.ts'
import { ChemistryError } from '../problem/index.ts'
import { dissociate, type Formula, parseFormula, speciesKey } from '../substance/index.ts'
import { COMPONENTS, type Component, readMadeOf, type Stoichiometry } from './components.ts'
import { SPECIES } from './data/index.ts'
import type { Totals } from './totals.ts'

/** What is neither a component nor a species of the table, with what it becomes in water. */
const IN_WATER: readonly (readonly [formula: string, madeOf: Stoichiometry])[] = [
  ['H2O', {}],
  ['H3O+', { H: 1 }],
  ['O^2-', { H: -2 }],
  // Its acid is weaker than water: there is no sulfide ion in water (pKa 17 or more).
  ['S^2-', { HS: 1, H: -1 }],
  ['B4O7^2-', { 'B(OH)3': 4, H: -2 }],
  ['BO3^3-', { 'B(OH)3': 1, H: -3 }],
  ['H2SO3', { SO3: 1, H: 2 }],
  ['H2CO3', { CO3: 1, H: 2 }],
  ['NH4OH', { NH3: 1 }],
]

const KNOWN: ReadonlyMap<string, Stoichiometry> = new Map([
  ...SPECIES.toReversed().map(({ formula, madeOf }) => [speciesKey(parseFormula(formula)), readMadeOf(madeOf)] as const),
  ...Object.entries(COMPONENTS).map(([name, { formula }]) => [speciesKey(parseFormula(formula)), { [name]: 1 }] as const),
  ...IN_WATER.map(([formula, madeOf]) => [speciesKey(parseFormula(formula)), madeOf] as const),
])

function added(parts: readonly { readonly madeOf: Stoichiometry; readonly times: number }[]): Stoichiometry {
  const sum: Partial<Record<Component, number>> = {}
  for (const { madeOf, times } of parts)
    for (const [name, count] of Object.entries(madeOf)) sum[name as Component] = (sum[name as Component] ?? 0) + count * times
  return sum
}

/** Substances remembered, at most: what is typed ends up here. */
const MOST_REMEMBERED = 2000
const remembered = new Memory<string, Stoichiometry>(MOST_REMEMBERED)

/**
 * What a substance brings into water, in components: CH3COOH is acetate and a proton, NaOH sodium and a proton less.
 *
 * @throws ChemistryError `aqueous.unknownSubstance` for what the model does not know, and those of `parseFormula`
 */
export function componentsOf(text: string): Stoichiometry {
  const known = remembered.get(text)
  if (known) return known
  const formula = parseFormula(text)
  const found = KNOWN.get(speciesKey(formula)) ?? fromIons(formula)
  if (!found)
    throw new ChemistryError(
      'aqueous.unknownSubstance',
      `'${text}' is not known to the model. It knows salts of ${Object.values(COMPONENTS)
        .map((component) => component.formula)
        .join(', ')}.`,
      { text },
    )
  return remembered.keep(text, found)
}

function fromIons(formula: Formula): Stoichiometry | undefined {
  const ions = formula.charge === 0 ? dissociate(formula) : undefined
  if (!ions) return undefined
  const parts = ions.map(({ ion, count }) => ({ madeOf: KNOWN.get(speciesKey(ion)), times: count }))
  return parts.every((part): part is { madeOf: Stoichiometry; times: number } => part.madeOf !== undefined)
    ? added(parts)
    : undefined
}

/**
 * Totals of components of a solution made from substances.
 *
 * @param putIn - concentration of each substance by formula, mol/dm³
 * @throws ChemistryError as `componentsOf`
 */
export function totalsOf(putIn: Readonly<Record<string, number>>): Totals {
  return added(Object.entries(putIn).map(([text, times]) => ({ madeOf: componentsOf(text), times })))
}
