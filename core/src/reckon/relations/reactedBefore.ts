import { findMaterial, type PartOf } from '../../record/index.ts'
import {
  countIn,
  type Equation,
  type Formula,
  formatEquation,
  parseFormula,
  sameSpecies,
  type Term,
} from '../../substance/index.ts'
import type { Bench } from '../Bench.ts'
import { inMaterial, reacted } from '../place.ts'
import type { Key } from '../quantity.ts'
import { readEquation } from '../species.ts'
import { isMedium } from './holders.ts'

/** What happened in a flask before it was made up: something in known excess was partly used up by what is to be found. */
export interface ReactedBefore {
  readonly equation: Equation
  /** What was put in by volume, and is left over. */
  readonly leftOver: Term
  /** What it reacted with. */
  readonly analyte: Term
}

/** Formulae of what went into a flask by volume. */
const measuredIn = ({ task }: Bench, part: PartOf<'solution'>, readFormulaOf: (material: string) => Formula | undefined) =>
  part.from.flatMap((source) =>
    'material' in source && findMaterial(task, source.material) ? (readFormulaOf(source.material) ?? []) : [],
  )

/** The reaction before a solution was made up, where one is written down and one of its reactants was measured in. */
export function reactedBefore(bench: Bench, part: PartOf<'solution'>): ReactedBefore | undefined {
  const liquids = measuredIn(bench, part, (material) => bench.solute(material))
  for (const text of part.reactions ?? []) {
    const equation = readEquation(text)
    const leftOver = equation?.reactants.find(({ formula }) => liquids.some((solute) => countIn(formula, solute) > 0))
    const others = equation?.reactants.filter((term) => term !== leftOver) ?? []
    const analyte = others.find(({ formula }) => !isMedium(formula)) ?? others[0]
    if (equation && leftOver && analyte) return { equation, leftOver, analyte }
  }
  return undefined
}

const PROTON = parseFormula('H+')
const HYDROXIDE = parseFormula('OH-')

/** Whether what was brought in of a species is no more what is there: the excess itself, and the ions that make it react. */
export function isUsedUp({ leftOver }: ReactedBefore, species: Formula): boolean {
  const { formula } = leftOver
  if (sameSpecies(species, formula) || countIn(formula, species) > 0) return true
  return [PROTON, HYDROXIDE].some((ion) => sameSpecies(species, ion)) && countIn(species, formula) > 0
}

/** Where the amount that was put in of a species is kept: in the flask itself, or beside it where some was used up. */
export const placePutInto = (part: PartOf<'solution'>, before: ReactedBefore | undefined, species: Formula) =>
  before && sameSpecies(species, before.leftOver.formula) ? reacted(part.id, 'put in') : inMaterial(part.gives)

/** n(used) = n(put in) − n(left over), and by the equation what it was used up by. */
export function relateReactedBefore(bench: Bench, part: PartOf<'solution'>, before: ReactedBefore): void {
  const { leftOver, analyte, equation } = before
  const [putIn, usedAt] = [reacted(part.id, 'put in'), reacted(part.id, 'used')]
  const label = bench.label(part.gives)
  bench.callPlace(putIn, `what went into ${label}`)
  bench.callPlace(usedAt, `the reaction before ${label} was made up`)
  const used: Key = bench.amount(leftOver.formula, usedAt)
  bench.network.sum({
    gives: used,
    plus: [bench.amount(leftOver.formula, putIn)],
    minus: [bench.amount(leftOver.formula, inMaterial(part.gives))],
    formulas: { [used]: 'n(used) = n(put in) − n(left over)' },
  })
  bench.network.product({
    gives: bench.amount(analyte.formula, inMaterial(part.gives)),
    over: [used],
    factor: { over: analyte.count, under: leftOver.count },
    full: true,
    factorFirst: true,
    equation: formatEquation(equation),
  })
}
