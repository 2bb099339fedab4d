import { Exact, isAlike } from '../../number/index.ts'
import { type FindOf, path } from '../../record/index.ts'
import { checkBalance, compositionOf, countIn, type Equation, type Formula, sameSpecies } from '../../substance/index.ts'
import { CONSTANTS, type Sum, type SumLine, sumOf, type Take } from '../../sums/index.ts'
import type { Bench } from '../Bench.ts'
import type { Factor } from '../network.ts'
import { ofQuestion } from '../place.ts'
import { type Key, keyOf } from '../quantity.ts'
import { readEquation, readFormula } from '../species.ts'
import { relateInUnit, unitKept, unitOf } from './inUnit.ts'
import { isLacking, Lacking } from './lacking.ts'
import type { Target } from './target.ts'
import { valueNow } from './valueNow.ts'

type SumFind = FindOf<'sum'>

/** The answer to another question, taken over into this one's network; or why it cannot be. */
export type AnswerTo = (question: string) => Target

const UNIT_OF_CELSIUS = '°C'

/** A sum being laid: its keys by the names its lines use. */
class SumLayer {
  private readonly keys = new Map<string, Key>()
  private readonly bench: Bench
  private readonly id: string
  private readonly sum: Sum
  private readonly find: SumFind
  private readonly answerTo: AnswerTo

  constructor(bench: Bench, id: string, sum: Sum, find: SumFind, answerTo: AnswerTo) {
    this.bench = bench
    this.id = id
    this.sum = sum
    this.find = find
    this.answerTo = answerTo
  }

  lay(): Target {
    const lacking = [
      ...(this.sum.texts ?? []).map(({ key, kind, says }) => (kind === 'formula' ? this.formula(key, says) : this.equation(key))),
      ...this.sum.takes.map((take) => this.layTake(take)),
    ].filter(isLacking)
    if (lacking.length > 0) return { missing: lacking.map(({ says }) => says).join('; ') }
    let last: Key | undefined
    for (const [place, line] of this.sum.lines.entries()) {
      const laid = this.layLine(line, place === this.sum.lines.length - 1)
      if (isLacking(laid)) return { missing: laid.says }
      last = laid
    }
    return last === undefined ? { missing: 'a sum with a line' } : { key: last }
  }

  private text(key: string): string {
    return this.find.texts?.[key]?.trim() ?? ''
  }

  private formula(key: string, says = key): Formula | Lacking {
    const isGiven = this.sum.texts?.some((one) => one.key === key) ?? false
    const text = isGiven ? this.text(key) : key
    if (text === '') return new Lacking(`${lower(says)}, as a formula`)
    return readFormula(text) ?? new Lacking(`a formula that can be read instead of '${text}'`)
  }

  private equation(key: string): Equation | Lacking {
    const text = this.text(key)
    if (text === '') return new Lacking('the equation of the reaction')
    const equation = readEquation(text)
    if (!equation) return new Lacking(`an equation that can be read instead of '${text}'`)
    const [first] = checkBalance(equation)
    return first
      ? new Lacking(`an equation that balances: ${first.what} is ${first.left} on the left and ${first.right} on the right`)
      : equation
  }

  /** The key of something a sum is worked with, in the unit its lines need. */
  private layTake(take: Take): Key | Lacking {
    const key = this.valueOf(take)
    if (isLacking(key)) return key
    const like = take.like === undefined ? undefined : this.keys.get(take.like)
    const wanted = take.unit === 'any' ? (like === undefined ? undefined : this.unitAt(like)) : take.unit
    const brought = this.inUnit(take, key, wanted)
    if (!isLacking(brought)) this.keys.set(take.key, brought)
    return brought
  }

  private unitAt(key: Key): string {
    const quantity = this.bench.network.quantities.get(key)
    return quantity ? unitOf(quantity) : ''
  }

  private valueOf(take: Take): Key | Lacking {
    const given = this.find.with?.[take.key] ?? this.usual(take)
    if (given === undefined || given === '') return new Lacking(take.says)
    if (typeof given === 'object' && 'answer' in given) {
      if (take.scale) return new Lacking(`${take.says} as it was read, instead of an answer`)
      const answer = this.answerTo(given.answer)
      return 'missing' in answer ? new Lacking(answer.missing) : answer.key
    }
    const { value, unit } = typeof given === 'string' ? { value: given, unit: take.unit === 'any' ? '' : take.unit } : given
    const exact = new Exact(value)
    const celsius = take.scale === true && unit === UNIT_OF_CELSIUS
    if (!take.signed && !celsius && !exact.gt(0)) return new Lacking(`${take.says} above nought instead of ${value}`)
    const key = this.bench.network.define({
      of: { what: 'worked with', detail: take.key, place: ofQuestion(this.id) },
      says: take.says,
      symbol: take.symbol,
      fullSymbol: take.symbol,
      ...unitKept(unit),
    })
    this.bench.network.give(key, {
      value: exact,
      text: value,
      at: path('questions', this.id, 'find', 'with', take.key, ...(typeof given === 'string' ? [] : ['value'])),
      reading: true,
    })
    return key
  }

  private usual({ convention, usual }: Take): string | undefined {
    return convention === undefined ? usual : this.bench.task.conventions[convention]
  }

  private inUnit(take: Take, key: Key, wanted: string | undefined): Key | Lacking {
    if (wanted === undefined) return key
    const natural = this.unitAt(key)
    if (take.scale && natural === UNIT_OF_CELSIUS) return this.inKelvins(take, key)
    if (!isAlike(natural, wanted)) return new Lacking(`${take.says} in ${wanted || 'no unit'} instead of ${natural || 'no unit'}`)
    const { key: brought, refused } = relateInUnit(this.bench, key, wanted)
    return refused ? new Lacking(refused.why) : brought
  }

  private inKelvins({ key: name, symbol, says }: Take, celsius: Key): Key {
    const kelvins = this.bench.network.define({
      of: { what: 'line of a sum', detail: `${name} in K`, place: ofQuestion(this.id) },
      says: `${says}, in K`,
      symbol,
      fullSymbol: symbol,
      ...unitKept('K'),
    })
    this.bench.network.sum({
      gives: kelvins,
      plus: [celsius, this.constant('zero')],
      oneWay: true,
      formulas: { [kelvins]: `${symbol} = ${symbol} in °C + 273.15` },
    })
    return kelvins
  }

  private constant(name: string): Key {
    const { value, symbol, says, unit } = CONSTANTS[name] ?? { value: '', symbol: '', says: '', unit: '' }
    const key = this.bench.network.define({
      of: { what: 'worked with', detail: name },
      says,
      symbol,
      fullSymbol: symbol,
      ...unitKept(unit),
    })
    this.bench.network.give(key, { value: new Exact(value), text: value, reading: false })
    return key
  }

  private keyNamed(name: string): Key | Lacking {
    const known = this.keys.get(name)
    if (known !== undefined) return known
    if (name in CONSTANTS) return this.constant(name)
    const formula = this.formula(name.replace(/^M:/, ''))
    if (isLacking(formula)) return formula
    return compositionOf(formula).size > 0
      ? this.bench.molarMass(formula)
      : new Lacking(`a formula with atoms instead of '${formula.text}'`)
  }

  private layLine(line: SumLine, isLast: boolean): Key | Lacking {
    const factor = this.factorOf(line)
    if (isLacking(factor)) return factor
    const found = inputNames(line).map((name) => this.keyNamed(name))
    const lacking = found.find(isLacking)
    if (lacking) return lacking
    const used = new Map(inputNames(line).map((name, index) => [name, found[index] as Key]))
    const keysOf = (names: readonly string[] = []) => names.map((name) => used.get(name) as Key)
    const gives = this.define(line)
    this.keys.set(line.gives, gives)
    const assumes = isLast && this.sum.assumes ? { assumes: this.sum.assumes } : {}
    const common = {
      gives,
      oneWay: true,
      ...assumes,
      formulas: { [gives]: `${line.symbol} = ${line.formula}` },
      ...this.equationOf(line),
    }
    const { network } = this.bench
    if ('over' in line) network.product({ ...common, over: keysOf(line.over), under: keysOf(line.under), factor })
    else if ('plus' in line) network.sum({ ...common, plus: keysOf(line.plus), minus: keysOf(line.minus) })
    else if ('apply' in line) network.apply({ ...common, name: line.apply, of: used.get(line.to) as Key })
    else network.least({ ...common, of: keysOf(line.least) })
    return gives
  }

  private equationOf(line: SumLine) {
    const equation = 'over' in line && line.ratio ? this.equation(line.ratio.equation) : undefined
    return equation === undefined || isLacking(equation) ? {} : { equation: equation.text }
  }

  private define(line: SumLine): Key {
    const [, shared] = /^as (.+)$/.exec(line.unit) ?? []
    const unit = shared === undefined ? line.unit : this.unitAt(this.keys.get(shared) ?? keyOf({ what: 'worked with' }))
    return this.bench.network.define({
      of: { what: 'line of a sum', detail: line.gives, place: ofQuestion(this.id) },
      says: 'least' in line ? `${line.says}: ${this.runsOutFirst(line)} runs out first` : line.says,
      symbol: line.symbol,
      fullSymbol: line.symbol,
      ...unitKept(unit),
      ...(line.places === undefined ? {} : { places: line.places }),
      ...(line.showsSign ? { showsSign: true } : {}),
    })
  }

  /** Which reactant the smallest of several amounts of product goes with. */
  private runsOutFirst({ least, runsOut }: Extract<SumLine, { least: unknown }>): string {
    const amounts = least.map((name) => {
      const key = this.keys.get(name)
      return (key === undefined ? undefined : valueNow(this.bench, key)) ?? new Exact(0)
    })
    const smallest = Exact.min(...amounts)
    return this.text(runsOut[amounts.findIndex((amount) => amount.eq(smallest))] ?? '')
  }

  /** The number of a line: as it stands, from an equation, or from what a formula holds. */
  private factorOf(line: SumLine): Factor | Lacking {
    if (!('over' in line)) return { over: 1, under: 1 }
    if (line.ratio) return this.ratioOf(line.ratio)
    if (!line.held) return line.factor ?? { over: 1, under: 1 }
    const [part, whole] = [this.formula(line.held.of), this.formula(line.held.in)]
    if (isLacking(part)) return part
    if (isLacking(whole)) return whole
    const count = countIn(part, whole)
    return count > 0
      ? { over: count, under: 1 }
      : new Lacking(`an ion or element that ${whole.text} holds instead of ${part.text}`)
  }

  private ratioOf({
    equation: name,
    of,
    to,
  }: {
    readonly equation: string
    readonly of: string
    readonly to: string
  }): Factor | Lacking {
    const equation = this.equation(name)
    if (isLacking(equation)) return equation
    const counts = [of, to].map((key) => {
      const formula = this.formula(key)
      return isLacking(formula) ? formula : numberIn(equation, formula)
    })
    const [over, under] = counts
    if (over === undefined || under === undefined) return new Lacking('two species of the equation')
    if (isLacking(over)) return over
    return isLacking(under) ? under : { over, under }
  }
}

/** How many of a species react or form in an equation. */
function numberIn({ text, reactants, products }: Equation, formula: Formula): number | Lacking {
  const term = [...reactants, ...products].find((one) => sameSpecies(one.formula, formula))
  return term?.count ?? new Lacking(`an equation with ${formula.text} in it instead of '${text}'`)
}

function inputNames(line: SumLine): readonly string[] {
  if ('over' in line) return [...line.over, ...(line.under ?? [])]
  if ('plus' in line) return [...line.plus, ...(line.minus ?? [])]
  return 'apply' in line ? [line.to] : line.least
}

const lower = (text: string) => text.charAt(0).toLowerCase() + text.slice(1)

/** Lays a named calculation into the network of a question. */
export function relateSum(bench: Bench, id: string, find: SumFind, answerTo: AnswerTo): Target {
  const sum = sumOf(find.sum)
  return sum
    ? new SumLayer(bench, id, sum, find, answerTo).lay()
    : { missing: `a calculation that this app knows instead of '${find.sum}'` }
}
