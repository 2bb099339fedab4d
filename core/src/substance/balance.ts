import { eliminate, gcd, shrink } from '../number/index.ts'
import { ChemistryError } from '../problem/index.ts'
import type { Equation, Term } from './equation.ts'
import { type AtomSymbol, compositionOf } from './formula.ts'

/** What does not come out the same on both sides: an element or the charge. */
export interface Imbalance {
  readonly what: AtomSymbol | 'charge'
  readonly left: number
  readonly right: number
}

function totals(terms: readonly Term[]): Map<AtomSymbol | 'charge', number> {
  const sum = new Map<AtomSymbol | 'charge', number>([['charge', 0]])
  for (const { count, formula } of terms) {
    sum.set('charge', (sum.get('charge') ?? 0) + count * formula.charge)
    for (const [symbol, atoms] of compositionOf(formula)) sum.set(symbol, (sum.get(symbol) ?? 0) + count * atoms)
  }
  return sum
}

/** Every element, and the charge, that differs between the sides; an empty list means the equation is balanced. */
export function checkBalance(equation: Pick<Equation, 'reactants' | 'products'>): readonly Imbalance[] {
  const [left, right] = [totals(equation.reactants), totals(equation.products)]
  const everything = new Set([...left.keys(), ...right.keys()])
  return [...everything]
    .map((what) => ({ what, left: left.get(what) ?? 0, right: right.get(what) ?? 0 }))
    .filter(({ left: l, right: r }) => l !== r)
}

/** Conservation of each element and of charge: a row each, a column a substance, products counted negative. */
function conservationRows({ reactants, products }: Pick<Equation, 'reactants' | 'products'>): bigint[][] {
  const columns = [
    ...reactants.map(({ formula }) => ({ formula, sign: 1 })),
    ...products.map(({ formula }) => ({ formula, sign: -1 })),
  ]
  const elements = new Set(columns.flatMap(({ formula }) => [...compositionOf(formula).keys()]))
  const rows = [...elements].map((symbol) =>
    columns.map(({ formula, sign }) => BigInt(sign * Math.round(1000 * (compositionOf(formula).get(symbol) ?? 0)))),
  )
  return [...rows, columns.map(({ formula, sign }) => BigInt(1000 * sign * formula.charge))].map(shrink)
}

/**
 * Finds the smallest whole stoichiometric numbers that balance atoms and charge.
 *
 * @returns the equation with its numbers put right (the given ones are ignored)
 * @throws ChemistryError `equation.cannotBalance` when no set of positive numbers does it, `equation.ambiguous`
 * when more than one does (two reactions written as one)
 */
export function balance(equation: Equation): Equation {
  const width = equation.reactants.length + equation.products.length
  const { rows, pivots } = eliminate(conservationRows(equation), width)
  const free = Array.from({ length: width }, (_, column) => column).filter((column) => !pivots.includes(column))
  if (free.length > 1) {
    throw new ChemistryError(
      'equation.ambiguous',
      `'${equation.text}' can be balanced in more than one way. Write one reaction at a time.`,
      { text: equation.text },
    )
  }
  const [last] = free
  const scale = pivots.reduce((all, column, row) => {
    const pivot = rows[row]?.[column] ?? 1n
    return (all * pivot) / gcd(all, pivot)
  }, 1n)
  const numbers = Array.from({ length: width }, (_, column) => {
    if (column === last) return scale
    const row = pivots.indexOf(column)
    const [pivot, across] = [rows[row]?.[column] ?? 1n, last === undefined ? 0n : (rows[row]?.[last] ?? 0n)]
    return (-across * scale) / pivot
  })
  const positive = shrink(scale < 0n ? numbers.map((number) => -number) : numbers)
  if (last === undefined || positive.some((number) => number <= 0n)) {
    throw new ChemistryError(
      'equation.cannotBalance',
      `'${equation.text}' cannot be balanced: something is missing on one side. Is it water, H+ or an electron?`,
      { text: equation.text },
    )
  }
  const withNumbers = (terms: readonly Term[], from: number) =>
    terms.map((term, index) => ({ ...term, count: Number(positive[from + index]) }))
  return {
    text: equation.text,
    reactants: withNumbers(equation.reactants, 0),
    products: withNumbers(equation.products, equation.reactants.length),
  }
}
