import { decimalPlaces, Exact, formatFigures, formatPlaces, settled, type Unit } from '../number/index.ts'
import type { Path } from '../record/index.ts'
import { compute, isDifferenceOfReadings, type Values } from './evaluate.ts'
import { type Body, input, type Network, type Rule, SPELT } from './network.ts'
import type { Key } from './quantity.ts'
import { chainTo, originalOf, type Solution } from './solve.ts'

/** A value that a line of working uses, with where it stands in the record when it was read or stated there. */
export interface Link {
  readonly text: string
  readonly says: string
  readonly at?: Path
}

/** One line of working as it would be written by hand. */
export interface Step {
  /** The stable name of the quantity the line is for; the same in every school of working. */
  readonly line: string
  readonly says: string
  readonly formula: string
  readonly substituted: string
  /** Rounded as written; `4.59e-4` for 4.59 × 10⁻⁴. */
  readonly value: string
  readonly unit: string
  /** The balanced equation whose mole ratio the line uses. */
  readonly equation?: string
  readonly uses: readonly Link[]
  /** What the line takes for granted. */
  readonly assumes?: string
  /** The line as a chain of fractions with their units, where it is written so. */
  readonly chain?: readonly ChainFraction[]
}

/** A number with its unit in a chain; of nought places in the record where it is a ratio or a table's. */
export interface ChainTerm {
  readonly text: string
  readonly unit: string
  /** The species it is an amount or mass of. */
  readonly of?: string
  readonly says?: string
  readonly at?: Path
}

/** One fraction of a chain; without a bottom it is just a number. */
export interface ChainFraction {
  readonly top: ChainTerm
  readonly bottom?: ChainTerm
}

/** How a line's numbers are written, and what the line is called. */
export interface Style {
  readonly nameOf: (key: Key) => string
  readonly figures: number
  readonly carry: 'unrounded' | 'rounded'
}

function unitText(unit: Unit): string {
  return unit === '1' ? '' : unit
}

/** The decimals of a number as written, also where it has an exponent: 4.59e-4 has six. */
function placesOf(text: string): number {
  const [digits = '', exponent = '0'] = text.split('e')
  return decimalPlaces(digits) - Number(exponent)
}

/** Writes the value of a line: a difference of readings keeps their decimals, the rest is rounded to figures. */
export function writeValue(network: Network, rule: Rule | undefined, key: Key, value: Exact, figures: number, finer = 0): string {
  const given = network.givens.get(key)
  const places = network.quantities.get(key)?.places
  if (rule !== undefined && places !== undefined) return formatPlaces(value, places + finer)
  if (rule === undefined) {
    if (!given) return formatFigures(value, figures)
    // What was typed is shown as typed; a mean, or what was read off a line, can be written more finely.
    return finer === 0 || value.eq(given.text) ? given.text : formatPlaces(value, Math.max(0, placesOf(given.text) + finer))
  }
  if (isDifferenceOfReadings(rule.body, network) && rule.body.kind === 'sum') {
    const places = [...rule.body.plus, ...rule.body.minus].map((used) => decimalPlaces(network.givens.get(used)?.text ?? ''))
    return formatPlaces(value, Math.max(...places))
  }
  return formatFigures(value, figures)
}

/** The value of a line with its sign, where a plus is shown too. */
export function withSign(network: Network, key: Key, text: string): string {
  return network.quantities.get(key)?.showsSign && new Exact(text).gt(0) ? `+${text}` : text
}

const bracketed = (text: string) => (text.startsWith('-') ? `(${text})` : text)

/** The most further figures a number is written with so that a reader who works its line out again finds what stands behind it. */
const MOST_FURTHER_FIGURES = 6

/** How a line begins that is read off a drawing, which nobody works out again from what stands in it. */
export const READ_OFF = 'read off '

/** Writes lines; a silent rule passes on the text of what it says again. */
export class Writer {
  private readonly texts = new Map<string, string>()
  /** Further figures that numbers of the line being written have. */
  private finer = 0
  private readonly network: Network
  private readonly solution: Solution
  private readonly values: Values
  private readonly style: Style

  constructor(network: Network, solution: Solution, values: Values, style: Style) {
    this.network = network
    this.solution = solution
    this.values = values
    this.style = style
  }

  private valueOf(key: Key): Exact {
    return this.values.get(key) as Exact
  }

  /** How a value appears when a later line uses it: one more figure than written, unless rounded values are carried. */
  text(key: Key): string {
    const first = originalOf(this.solution, key)
    const name = `${this.finer} ${first}`
    const known = this.texts.get(name)
    if (known !== undefined) return known
    const { figures, carry } = this.style
    const written = writeValue(
      this.network,
      this.solution.get(first)?.rule,
      first,
      this.valueOf(first),
      (carry === 'rounded' ? figures : figures + 1) + this.finer,
      this.finer,
    )
    this.texts.set(name, written)
    return written
  }

  /** The value of a line as it stands behind its last sign of equality. */
  value(key: Key, rule: Rule): string {
    return writeValue(this.network, rule, key, this.valueOf(key), this.style.figures)
  }

  /**
   * Writes a line with numbers just fine enough: a reader who works out what stands in it finds what stands behind it.
   *
   * @param worked - what the line comes to with its numbers as they are written
   */
  fineEnough<Line>(key: Key, rule: Rule, worked: () => Exact, write: () => Line): Line {
    const value = this.value(key, rule)
    this.finer = 0
    while (!this.rounds(worked(), value)) {
      if (this.finer === MOST_FURTHER_FIGURES) {
        this.finer = 0
        break
      }
      this.finer++
    }
    const line = write()
    this.finer = 0
    return line
  }

  private rounds(worked: Exact, value: string): boolean {
    // The noughts of 6270 to three figures only hold its place.
    const holding = Math.max(0, new Exact(value).e + 1 - this.style.figures)
    const lastPlace = new Exact(10).pow(placesOf(value) > 0 ? -placesOf(value) : holding)
    return settled(worked.div(lastPlace)).toDecimalPlaces(0, Exact.ROUND_HALF_UP).mul(lastPlace).eq(value)
  }

  substitute(rule: Rule): string {
    const { body } = rule
    switch (body.kind) {
      case 'product':
        return this.substituteProduct(body, rule.stated.factorFirst ?? false)
      case 'sum':
        return [body.plus.map((key) => this.text(key)).join(' + '), ...body.minus.map((key) => bracketed(this.text(key)))].join(
          ' − ',
        )
      case 'least':
        return `the smaller of ${body.of.map((key) => this.text(key)).join(' and ')}`
      case 'function':
        return SPELT[body.name](this.text(body.of))
      case 'read off':
        return `${READ_OFF}${body.from.says} at ${this.text(body.of)}`
      case 'mean':
        return `(${body.of.map((key) => this.text(key)).join(' + ')}) / ${body.of.length}`
    }
  }

  private substituteProduct({ over, under, factor }: Extract<Body, { kind: 'product' }>, factorFirst: boolean): string {
    const size = Math.abs(factor.over)
    const number = size === 1 ? [] : [String(size)]
    const values = over.map((key) => this.text(key))
    const percentage = factor.over === 100 && !factorFirst
    const top = percentage ? values : factorFirst ? [...number, ...values] : [...values, ...number]
    const bottom = [...under.map((key) => this.text(key)), ...(factor.under === 1 ? [] : [String(factor.under)])]
    const fraction = [top.length > 0 ? top.join(' × ') : '1', ...bottom].join(' / ')
    if (factor.over < 0) return `−${fraction.startsWith('-') ? fraction.replace(/^-[\d.e-]+/, '($&)') : fraction}`
    return percentage ? `${fraction} × 100` : fraction
  }

  step(key: Key, rule: Rule, used: readonly Key[]): Step {
    const worked = () => compute(rule.body, (one) => new Exact(this.text(one)))
    return this.fineEnough(key, rule, worked, () => this.writeStep(key, rule, used))
  }

  private writeStep(key: Key, rule: Rule, used: readonly Key[]): Step {
    const quantity = this.network.quantities.get(key)
    const uses = used.map((one): Link => {
      const at = this.network.givens.get(originalOf(this.solution, one))?.at
      return { text: this.text(one), says: this.network.quantities.get(one)?.says ?? one, ...(at === undefined ? {} : { at }) }
    })
    return {
      line: this.style.nameOf(key),
      says: quantity?.says ?? key,
      formula: rule.formula(),
      substituted: this.substitute(rule),
      value: withSign(this.network, key, this.value(key, rule)),
      unit: quantity?.ownUnit ?? unitText(quantity?.unit ?? '1'),
      uses,
      ...(rule.stated.equation ? { equation: rule.stated.equation } : {}),
      ...(rule.stated.assumes ? { assumes: [rule.stated.assumes].flat().join('; ') } : {}),
    }
  }
}

/** Writes the lines that lead to a quantity, in order; what only repeats a value elsewhere gets no line. */
export function writeWorking(network: Network, solution: Solution, values: Values, wanted: Key, style: Style): readonly Step[] {
  const writer = new Writer(network, solution, values, style)
  const steps: Step[] = []
  const chain = chainTo(solution, wanted)
  for (const { key, rule } of chain) {
    if (rule && !rule.silent && !rule.stated.elsewhere) steps.push(writer.step(key, rule, input(rule.body)))
  }
  return steps
}

/** What the whole chain takes for granted, each once; assumptions of silent rules are among them. */
export function assumptionsOf(solution: Solution, wanted: Key): readonly string[] {
  return [...new Set(chainTo(solution, wanted).flatMap(({ rule }) => [rule?.stated.assumes ?? []].flat()))]
}
