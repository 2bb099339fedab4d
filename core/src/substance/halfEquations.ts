import { ChemistryError } from '../problem/index.ts'
import { checkBalance } from './balance.ts'
import { type Equation, formatEquation, parseEquation, type Term } from './equation.ts'
import { type AtomSymbol, compositionOf, type Formula, parseFormula, sameSpecies } from './formula.ts'

const ELECTRON = parseFormula('e-')
const WATER = parseFormula('H2O')
const PROTON = parseFormula('H+')
const HYDROXIDE = parseFormula('OH-')
/** What is added to balance a half-equation. */
const MEDIUM: readonly Formula[] = [ELECTRON, WATER, PROTON, HYDROXIDE]

type Sides = Pick<Equation, 'reactants' | 'products'>

/** A half-equation that balances, with the electrons it takes up (negative: gives). */
export interface HalfEquation extends Sides {
  readonly text: string
  readonly takesUp: number
  /** What is reduced or oxidised, and how many of it there are. */
  readonly subject: Term
}

/** Two half-equations joined. */
export interface JoinedHalves {
  readonly equation: Equation
  /** The halves as they were completed. */
  readonly reduction: HalfEquation
  readonly oxidation: HalfEquation
  /** Electrons to one formula unit of what is reduced, and of what is oxidised. */
  readonly electrons: { readonly oxidant: number; readonly reductant: number }
  /** How many of the reductant react with how many of the oxidant. */
  readonly ratio: { readonly oxidant: number; readonly reductant: number }
}

const divisor = (a: number, b: number): number => (b === 0 ? Math.abs(a) : divisor(b, a % b))
const multiple = (a: number, b: number) => Math.abs(a * b) / divisor(a, b)

const isMedium = ({ formula }: Term) => MEDIUM.some((one) => sameSpecies(one, formula))
const atoms = (terms: readonly Term[], symbol: AtomSymbol) =>
  terms.reduce((total, { count, formula }) => total + count * (compositionOf(formula).get(symbol) ?? 0), 0)
const charge = (terms: readonly Term[]) => terms.reduce((total, { count, formula }) => total + count * formula.charge, 0)
const times = (terms: readonly Term[], by: number) => terms.map((term) => ({ ...term, count: term.count * by }))

/** Adds to a side; what is there already grows. */
function add(terms: readonly Term[], formula: Formula, count: number): readonly Term[] {
  if (count === 0) return terms
  const there = terms.some((term) => sameSpecies(term.formula, formula))
  return there
    ? terms.map((term) => (sameSpecies(term.formula, formula) ? { ...term, count: term.count + count } : term))
    : [...terms, { count, formula }]
}

/** Adds a surplus to the side that lacks it: positive to the right, negative to the left. */
function addTo({ reactants, products }: Sides, formula: Formula, surplus: number): Sides {
  return surplus > 0
    ? { reactants, products: add(products, formula, surplus) }
    : { reactants: add(reactants, formula, -surplus), products }
}

/** Takes what stands on both sides off both. */
function cancel({ reactants, products }: Sides): Sides {
  const common = (formula: Formula) => {
    const on = (side: readonly Term[]) => side.find((term) => sameSpecies(term.formula, formula))?.count ?? 0
    return Math.min(on(reactants), on(products))
  }
  const off = (side: readonly Term[]) =>
    side.map((term) => ({ ...term, count: term.count - common(term.formula) })).filter(({ count }) => count > 0)
  return { reactants: off(reactants), products: off(products) }
}

/** Makes the element that changes come out the same, by multiplying both sides. */
function evenOut({ reactants, products }: Sides): Sides {
  const symbols = new Set(reactants.flatMap(({ formula }) => [...compositionOf(formula).keys()]))
  const core = [...symbols].find((symbol) => symbol !== 'O' && symbol !== 'H')
  if (core === undefined) return { reactants, products }
  const [left, right] = [atoms(reactants, core), atoms(products, core)]
  if (left === 0 || right === 0) return { reactants, products }
  const both = multiple(left, right)
  return { reactants: times(reactants, both / left), products: times(products, both / right) }
}

const withoutMedium = (side: readonly Term[]) => {
  const rest = side.filter((term) => !isMedium(term))
  return rest.length > 0 ? rest : side.filter(({ formula }) => !sameSpecies(formula, ELECTRON))
}

/**
 * Completes a half-equation by the usual steps: the element that changes, oxygen with water, hydrogen with H+, charge
 * with electrons; in alkali each H+ is then taken up by OH-. One that balances already is kept as written.
 *
 * @param text - such as `MnO4- -> Mn2+`, or complete: `MnO4- + 8H+ + 5e- -> Mn2+ + 4H2O`
 * @throws ChemistryError `half.unbalanced` when it cannot be done, `half.noElectrons` when nothing is oxidised or
 * reduced; and the errors of `parseEquation`
 */
export function completeHalf(text: string, medium: 'acid' | 'alkali' = 'acid'): HalfEquation {
  const written = parseEquation(text)
  const complete = checkBalance(written).length === 0 ? written : completed(written, medium)
  const imbalance = checkBalance(complete)
  if (imbalance.length > 0) {
    const [{ what, left, right } = { what: '', left: 0, right: 0 }] = imbalance
    throw new ChemistryError(
      'half.unbalanced',
      `'${text}' cannot be completed: ${what} comes to ${left} on the left and ${right} on the right. Write what is oxidised or reduced and what becomes of it.`,
      { text },
    )
  }
  const count = (side: readonly Term[]) => side.find(({ formula }) => sameSpecies(formula, ELECTRON))?.count ?? 0
  const takesUp = count(complete.reactants) - count(complete.products)
  const subject =
    complete.reactants.find((term) => !isMedium(term)) ??
    complete.reactants.find(({ formula }) => !sameSpecies(formula, ELECTRON))
  if (takesUp === 0 || !subject)
    throw new ChemistryError(
      'half.noElectrons',
      `In '${text}' no electrons are taken up or given: nothing is reduced or oxidised.`,
      {
        text,
      },
    )
  return { ...complete, text: formatEquation(complete), takesUp, subject }
}

function completed(written: Equation, medium: 'acid' | 'alkali'): Sides {
  const bare = evenOut({ reactants: withoutMedium(written.reactants), products: withoutMedium(written.products) })
  const withWater = addTo(bare, WATER, atoms(bare.reactants, 'O') - atoms(bare.products, 'O'))
  const protons = atoms(withWater.reactants, 'H') - atoms(withWater.products, 'H')
  const withProtons = addTo(withWater, PROTON, protons)
  const inMedium = medium === 'acid' ? withProtons : inAlkali(withProtons, protons)
  return addTo(inMedium, ELECTRON, charge(inMedium.products) - charge(inMedium.reactants))
}

/** Takes up each H+ with an OH- that is added to both sides. */
function inAlkali({ reactants, products }: Sides, protons: number): Sides {
  const count = Math.abs(protons)
  const neutral = (side: readonly Term[]) =>
    add(
      side.filter(({ formula }) => !sameSpecies(formula, PROTON)),
      WATER,
      count,
    )
  const [left, right] =
    protons > 0 ? [add(reactants, HYDROXIDE, count), neutral(products)] : [neutral(reactants), add(products, HYDROXIDE, count)]
  return count === 0 ? { reactants, products } : cancel({ reactants: left, products: right })
}

/**
 * Joins two half-equations so that as many electrons are given as are taken up.
 *
 * @throws ChemistryError `half.sameWay` when both take up electrons or both give them; and those of `completeHalf`
 * @example
 * joinHalves('MnO4- -> Mn2+', 'Fe2+ -> Fe3+').ratio // { oxidant: 1, reductant: 5 }
 */
export function joinHalves(first: string, second: string, medium: 'acid' | 'alkali' = 'acid'): JoinedHalves {
  const halves = [completeHalf(first, medium), completeHalf(second, medium)]
  const reduction = halves.find(({ takesUp }) => takesUp > 0)
  const oxidation = halves.find(({ takesUp }) => takesUp < 0)
  if (!reduction || !oxidation)
    throw new ChemistryError(
      'half.sameWay',
      `Both half-equations ${reduction ? 'take up' : 'give'} electrons. One must take them up and the other give them: turn one round.`,
      { first, second },
    )
  const shared = multiple(reduction.takesUp, oxidation.takesUp)
  const [reduced, oxidised] = [shared / reduction.takesUp, shared / -oxidation.takesUp]
  const all = (side: 'reactants' | 'products') =>
    times(oxidation[side], oxidised).reduce(
      (terms: readonly Term[], { formula, count }) => add(terms, formula, count),
      times(reduction[side], reduced),
    )
  const sides = cancel({ reactants: all('reactants'), products: all('products') })
  const common = [...sides.reactants, ...sides.products].reduce((whole, { count }) => divisor(whole, count), 0)
  const smallest = { reactants: times(sides.reactants, 1 / common), products: times(sides.products, 1 / common) }
  const [oxidant, reductant] = [reduced * reduction.subject.count, oxidised * oxidation.subject.count]
  const inRatio = divisor(oxidant, reductant)
  return {
    equation: { ...smallest, text: formatEquation(smallest) },
    reduction,
    oxidation,
    electrons: { oxidant: reduction.takesUp / reduction.subject.count, reductant: -oxidation.takesUp / oxidation.subject.count },
    ratio: { oxidant: oxidant / inRatio, reductant: reductant / inRatio },
  }
}
