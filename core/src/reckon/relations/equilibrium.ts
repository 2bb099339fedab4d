import { Exact, isAlike } from '../../number/index.ts'
import { type FindOf, path } from '../../record/index.ts'
import { checkBalance, type Formula, parseFormula, sameSpecies, speciesKey } from '../../substance/index.ts'
import type { Bench } from '../Bench.ts'
import { ofQuestion } from '../place.ts'
import type { Key, What } from '../quantity.ts'
import { readEquation } from '../species.ts'
import { type Equilibrium, letterOf, type Member, membersOf, unitGiven } from './equilibriumMembers.ts'
import { relateInUnit, unitKept } from './inUnit.ts'
import { isLacking, Lacking, present } from './lacking.ts'
import type { AnswerTo } from './sum.ts'
import type { Target } from './target.ts'
import { valueNow } from './valueNow.ts'

type Find = FindOf<'equilibriumConstant'>

/** Two measurements of one extent agree so well in school. */
const TOLERANCE = 0.05

/** An equilibrium constant being laid, from amounts (and the volume) or concentrations. */
class EquilibriumLayer {
  private readonly asked: Equilibrium

  constructor(asked: Equilibrium) {
    this.asked = asked
  }

  lay(): Target {
    const members = membersOf(this.asked)
    const lacking = members.find(isLacking)
    if (lacking) return { missing: lacking.says }
    const known = present(members)
    const extent = this.extent(known)
    if (isLacking(extent)) return { missing: extent.says }
    const settled = known.map((member) => this.atEquilibrium(member, extent))
    const short = settled.find(isLacking)
    if (short) return { missing: short.says }
    const none = present(settled).findIndex((key) => this.isUsedUp(key))
    if (none >= 0)
      return {
        missing: `more of ${known[none]?.formula.text} put in, or another amount at equilibrium: by these none would be left`,
      }
    const used = this.concentrations(known, present(settled))
    return isLacking(used) ? { missing: used.says } : { key: this.quotient(known, used) }
  }

  private define(what: What, detail: string, says: string, symbol: string, unit: string): Key {
    const place = ofQuestion(this.asked.id)
    return this.asked.bench.network.define({ of: { what, detail, place }, says, symbol, fullSymbol: symbol, ...unitKept(unit) })
  }

  private get letter(): string {
    return letterOf(this.asked.unit)
  }

  /** Whether two substances of which both ends are known tell of different extents. */
  private disagree(one: Member, other: Member): boolean {
    const [a, b] = [one, other].map(({ start, at, count, forms }) => {
      const [from, to] = [start, at].map((key) => (key === undefined ? undefined : valueNow(this.asked.bench, key)))
      return (
        from &&
        to
          ?.sub(from)
          .mul(forms ? 1 : -1)
          .div(count)
      )
    })
    return a !== undefined && b !== undefined && a.sub(b).abs().gt(a.abs().mul(TOLERANCE))
  }

  /** How far the reaction went: from the substance of which both ends are known. */
  private extent(members: readonly Member[]): Key | Lacking | undefined {
    if (members.every(({ at }) => at !== undefined)) return undefined
    const [measured, ...others] = members.filter(({ start, at }) => start !== undefined && at !== undefined)
    if (!measured?.start || !measured.at)
      return new Lacking('one substance of which both what was put in and what is left are known')
    const other = others.find((one) => this.disagree(measured, one))
    if (other)
      return new Lacking(
        `one of ${measured.formula.text} and ${other.formula.text} left out: by these the reaction would have gone to two different places`,
      )
    const { formula, count, forms, start, at } = measured
    const { network } = this.asked.bench
    const change = this.define(
      'line of a sum',
      'change',
      `${forms ? 'made' : 'used'} of ${formula.text}`,
      `Δ${this.letter}`,
      this.asked.unit,
    )
    network.sum({
      gives: change,
      plus: [forms ? at : start],
      minus: [forms ? start : at],
      oneWay: true,
      formulas: { [change]: forms ? `${this.letter} − ${this.letter}₀` : `${this.letter}₀ − ${this.letter}` },
    })
    if (count === 1) return change
    const extent = this.define('line of a sum', 'extent', 'to one of the equation as it is written', 'x', this.asked.unit)
    network.product({
      gives: extent,
      over: [change],
      factor: { over: 1, under: count },
      oneWay: true,
      formulas: { [extent]: `x = Δ${this.letter}/${count}` },
    })
    return extent
  }

  /** What there is of a substance at equilibrium: as it was measured, or from what was put in and how far it went. */
  private atEquilibrium({ formula, count, forms, start, at }: Member, extent: Key | undefined): Key | Lacking {
    if (at !== undefined) return at
    if (extent === undefined || start === undefined)
      return new Lacking(`what was put in of ${formula.text}: 0 if it was none, or what is there at equilibrium`)
    const { network } = this.asked.bench
    const left = this.define(
      'line of a sum',
      `left ${speciesKey(formula)}`,
      `${formula.text} at equilibrium`,
      `${this.letter}(${formula.text})`,
      this.asked.unit,
    )
    const changed = count === 1 ? extent : this.times(formula, count, extent)
    const written = `${count === 1 ? '' : count}${this.asked.bench.network.quantities.get(extent)?.symbol ?? 'x'}`
    network.sum({
      gives: left,
      plus: forms ? [start, changed] : [start],
      minus: forms ? [] : [changed],
      oneWay: true,
      formulas: { [left]: `${this.letter}₀ ${forms ? '+' : '−'} ${written}` },
    })
    return left
  }

  /** Whether by what was given nothing, or less, is left of something. */
  private isUsedUp(key: Key): boolean {
    const value = valueNow(this.asked.bench, key)
    return value !== undefined && !value.gt(0)
  }

  private times(formula: Formula, count: number, extent: Key): Key {
    const key = this.define(
      'line of a sum',
      `change ${speciesKey(formula)}`,
      `change of ${formula.text}`,
      `${count}x`,
      this.asked.unit,
    )
    this.asked.bench.network.product({
      gives: key,
      over: [extent],
      factor: { over: count, under: 1 },
      oneWay: true,
      formulas: { [key]: `${count}x` },
    })
    return key
  }

  /** Concentrations from amounts and the volume, unless as many stand on either side, so that it cancels. */
  private concentrations(members: readonly Member[], amounts: readonly Key[]): readonly Key[] | Lacking {
    if (this.asked.unit === 'mol/dm3' || this.order(members) === 0) return amounts
    const { volume } = this.asked.find
    if (volume === undefined) return new Lacking('the volume, since there are not as many on either side')
    const { value, unit } = typeof volume === 'string' ? { value: volume, unit: 'dm3' } : volume
    if (!isAlike(unit, 'dm3')) return new Lacking(`a volume instead of ${unit || 'no unit'}`)
    if (!new Exact(value).gt(0)) return new Lacking(`a volume above nought instead of ${value}`)
    const read = this.define('worked with', 'volume', 'volume', 'V', unit)
    this.asked.bench.network.give(read, {
      value: new Exact(value),
      text: value,
      at: path('questions', this.asked.id, 'find', 'volume'),
      reading: true,
    })
    const { key: whole } = relateInUnit(this.asked.bench, read, 'dm3')
    return members.map(({ formula }, index) => {
      const key = this.define(
        'line of a sum',
        `c ${speciesKey(formula)}`,
        `concentration of ${formula.text}`,
        `[${formula.text}]`,
        'mol/dm3',
      )
      this.asked.bench.network.product({
        gives: key,
        over: [amounts[index] as Key],
        under: [whole],
        oneWay: true,
        formulas: { [key]: `[${formula.text}] = n/V` },
      })
      return key
    })
  }

  private order(members: readonly Member[]): number {
    return members.reduce((total, { count, forms }) => total + (forms ? count : -count), 0)
  }

  private quotient(members: readonly Member[], keys: readonly Key[]): Key {
    const order = this.order(members)
    const unit = order === 0 ? '' : order === 1 ? 'mol/dm3' : `(mol/dm3)^${order}`
    const constant = this.define('line of a sum', 'Kc', 'equilibrium constant', 'Kc', unit)
    const times = (forms: boolean) =>
      members.flatMap((member, index) =>
        member.forms === forms ? Array.from({ length: member.count }, () => keys[index] as Key) : [],
      )
    const written = (forms: boolean) =>
      members
        .filter((member) => member.forms === forms)
        .map(({ formula, count }) => `[${formula.text}]${count === 1 ? '' : `^${count}`}`)
        .join('')
    const cancels = order === 0 && this.asked.unit === 'mol'
    this.asked.bench.network.product({
      gives: constant,
      over: times(true),
      under: times(false),
      oneWay: true,
      equation: this.asked.equation.text,
      assumes: [
        'equilibrium had been reached and did not shift while it was measured',
        ...(cancels ? ['the volume cancels: as many stand on either side'] : []),
      ],
      formulas: { [constant]: `Kc = ${written(true)}/${written(false)}` },
    })
    return constant
  }
}

const ELECTRON = parseFormula('e-')

/** Lays an equilibrium constant Kc for any equation. Solids, marked (s), are left out of it. */
export function relateEquilibriumConstant(bench: Bench, id: string, find: Find, answerTo: AnswerTo): Target {
  const equation = readEquation(find.equation)
  if (!equation) return { missing: `an equation that can be read instead of '${find.equation}'` }
  const terms = [...equation.reactants, ...equation.products]
  if (terms.some(({ formula }) => sameSpecies(formula, ELECTRON))) return { missing: 'an equation without electrons' }
  const [first] = checkBalance(equation)
  if (first)
    return {
      missing: `an equation that balances: ${first.what} is ${first.left} on the left and ${first.right} on the right`,
    }
  return new EquilibriumLayer({ bench, id, find, equation, answerTo, unit: unitGiven(find) }).lay()
}
