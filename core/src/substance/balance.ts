import { ChemistryError } from '../problem/index.ts'
import type { ElementSymbol } from './elements.ts'
import type { Equation, Term } from './equation.ts'
import { compositionOf } from './formula.ts'

/** What does not come out the same on both sides: an element or the charge. */
export interface Imbalance {
  readonly what: ElementSymbol | 'charge'
  readonly left: number
  readonly right: number
}

function totals(terms: readonly Term[]): Map<ElementSymbol | 'charge', number> {
  const sum = new Map<ElementSymbol | 'charge', number>([['charge', 0]])
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

function divisor(a: bigint, b: bigint): bigint {
  return b === 0n ? (a < 0n ? -a : a) : divisor(b, a % b)
}

/** Divides a row by what its numbers have in common, so that they stay small. */
function shrink(row: readonly bigint[]): bigint[] {
  const common = row.reduce((all, entry) => divisor(all, entry), 0n)
  return common > 1n ? row.map((entry) => entry / common) : [...row]
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

/** Gauss–Jordan elimination in whole numbers; returns the reduced rows with the column of each one's pivot. */
function reduce(rows: bigint[][], width: number): { rows: bigint[][]; pivots: number[] } {
  let work = rows
  const pivots: number[] = []
  for (let column = 0; column < width; column++) {
    const depth = pivots.length
    const found = work.findIndex((row, index) => index >= depth && row[column] !== 0n)
    if (found < 0) continue
    const pivotRow = work[found] as bigint[]
    const rest = work.filter((_, index) => index !== found)
    const pivot = pivotRow[column] as bigint
    const cleared = rest.map((row) => {
      const factor = row[column] as bigint
      return factor === 0n ? row : shrink(row.map((entry, index) => entry * pivot - (pivotRow[index] as bigint) * factor))
    })
    work = [...cleared.slice(0, depth), pivotRow, ...cleared.slice(depth)]
    pivots.push(column)
  }
  return { rows: work, pivots }
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
  const { rows, pivots } = reduce(conservationRows(equation), width)
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
    return (all * pivot) / divisor(all, pivot)
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
