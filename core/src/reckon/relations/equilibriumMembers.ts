import { Exact, isAlike } from '../../number/index.ts'
import { type FindOf, path } from '../../record/index.ts'
import { type Equation, type Formula, sameSpecies, speciesKey, type Term } from '../../substance/index.ts'
import type { Bench } from '../Bench.ts'
import { ofQuestion } from '../place.ts'
import type { Key } from '../quantity.ts'
import { readFormula } from '../species.ts'
import { relateInUnit, unitKept, unitOf } from './inUnit.ts'
import { isLacking, Lacking } from './lacking.ts'
import type { AnswerTo } from './sum.ts'

type Find = FindOf<'equilibriumConstant'>
type Given = NonNullable<Find['start']>[string]
type When = 'start' | 'at'

/** What an equilibrium constant is asked from. */
export interface Equilibrium {
  readonly bench: Bench
  /** Of the question. */
  readonly id: string
  readonly find: Find
  readonly equation: Equation
  readonly answerTo: AnswerTo
  /** Of what is given. */
  readonly unit: 'mol' | 'mol/dm3'
}

/** A substance of the equation: how many of it form (or, below nought, are used), and what is known of it. */
export interface Member {
  readonly formula: Formula
  readonly count: number
  readonly forms: boolean
  readonly start: Key | undefined
  readonly at: Key | undefined
}

/** Concentrations, where one is given; amounts else. */
export function unitGiven({ start = {}, at = {} }: Find): Equilibrium['unit'] {
  const units = [...Object.values(start), ...Object.values(at)].flatMap((given) =>
    typeof given === 'object' && 'unit' in given ? [given.unit] : [],
  )
  return units.some((unit) => isAlike(unit, 'mol/dm3')) ? 'mol/dm3' : 'mol'
}

/** n or c. */
export const letterOf = (unit: Equilibrium['unit']): string => (unit === 'mol' ? 'n' : 'c')

function read(
  { bench, id, answerTo, unit: usual }: Equilibrium,
  when: When,
  name: string,
  given: Given,
  formula: Formula,
): Key | Lacking {
  if (typeof given === 'object' && 'answer' in given) {
    const answer = answerTo(given.answer)
    return 'missing' in answer ? new Lacking(answer.missing) : answer.key
  }
  const { value, unit } = typeof given === 'string' ? { value: given, unit: usual } : given
  const exact = new Exact(value)
  const where = when === 'start' ? 'put in' : 'at equilibrium'
  if (exact.isNegative() || (when === 'at' && exact.isZero()))
    return new Lacking(`more than nothing of ${formula.text} ${where}, instead of ${value}`)
  const symbol = `${letterOf(usual)}${when === 'start' ? '₀' : ''}(${formula.text})`
  const key = bench.network.define({
    of: { what: 'worked with', detail: `${when} ${speciesKey(formula)}`, place: ofQuestion(id) },
    says: `${formula.text} ${where}`,
    symbol,
    fullSymbol: symbol,
    ...unitKept(unit),
  })
  const at = path('questions', id, 'find', when, name, ...(typeof given === 'string' ? [] : ['value']))
  bench.network.give(key, { value: exact, text: value, at, reading: true })
  return key
}

/** What is given of a substance; undefined where nothing is. */
function given(asked: Equilibrium, when: When, formula: Formula): Key | Lacking | undefined {
  const { bench, find, unit } = asked
  const [name, value] =
    Object.entries(find[when] ?? {}).find(([text]) => {
      const named = readFormula(text)
      return named !== undefined && sameSpecies(named, formula)
    }) ?? []
  if (name === undefined || value === undefined) return undefined
  const key = read(asked, when, name, value, formula)
  if (isLacking(key)) return key
  const natural = bench.network.quantities.get(key)
  if (natural && !isAlike(unitOf(natural), unit))
    return new Lacking(`${formula.text} in ${unit} instead of ${unitOf(natural) || 'no unit'}`)
  return relateInUnit(bench, key, unit).key
}

/** The substances of the equation but its solids, with what is known of each. */
export function membersOf(asked: Equilibrium): readonly (Member | Lacking)[] {
  const side = (terms: readonly Term[], forms: boolean) =>
    terms
      .filter(({ state }) => state !== 's')
      .map(({ formula, count }): Member | Lacking => {
        const [start, at] = [given(asked, 'start', formula), given(asked, 'at', formula)]
        if (isLacking(start)) return start
        return isLacking(at) ? at : { formula, count, forms, start, at }
      })
  return [...side(asked.equation.reactants, false), ...side(asked.equation.products, true)]
}
