import { Exact, unitSymbol } from '../number/index.ts'
import type { Values } from './evaluate.ts'
import { type Factor, input, type Network, type Rule } from './network.ts'
import type { Key } from './quantity.ts'
import { chainTo, originalOf, type Solution } from './solve.ts'
import { type ChainFraction, type ChainTerm, type Step, type Style, Writer } from './working.ts'

/** A unit that is one over another, as the fraction it is in a chain. */
function splitUnit(unit: string): readonly [string, string] | undefined {
  const [over, under, ...more] = unitSymbol(unit).split('/')
  return over && under && more.length === 0 ? [over, under] : undefined
}

/** The factor between two units; of two that differ above or below their line only, the part that differs: 60 s over 1 min. */
function conversion(to: string, from: string, { over, under }: Factor): ChainFraction {
  const [a, b] = [splitUnit(to), splitUnit(from)]
  const fraction = (top: string, bottom: string) => ({
    top: { text: String(over), unit: top },
    bottom: { text: String(under), unit: bottom },
  })
  if (a && b && a[1] === b[1]) return fraction(a[0], b[0])
  return a && b && a[0] === b[0] ? fraction(b[1], a[1]) : fraction(to, from)
}

const isProduct = (rule: Rule | undefined): rule is Rule & { body: { kind: 'product' } } => rule?.body.kind === 'product'

/**
 * Quantities that have a line of their own when everything is written in one chain: the answer, and whatever is added,
 * taken away or averaged on the way, since a chain only multiplies and divides.
 */
export function linesOfChain(solution: Solution, wanted: Key): readonly Key[] {
  const chain = chainTo(solution, wanted)
  const needed = new Set<Key>([originalOf(solution, wanted)])
  for (const { key, rule } of chain) {
    if (rule === undefined || isProduct(rule)) continue
    if (!rule.silent || rule.stated.elsewhere) needed.add(key)
    for (const one of input(rule.body)) needed.add(originalOf(solution, one))
  }
  return chain.filter(({ key, rule }) => rule !== undefined && needed.has(key)).map(({ key }) => key)
}

/** Chains being written from one solved network. */
class ChainWriter {
  private readonly writer: Writer
  private readonly network: Network
  private readonly solution: Solution
  private readonly lines: ReadonlySet<Key>

  constructor(writer: Writer, network: Network, solution: Solution, lines: readonly Key[]) {
    this.writer = writer
    this.network = network
    this.solution = solution
    this.lines = new Set(lines)
  }

  /** The rule to write a quantity out by, or undefined where it stands as a number in the chain. */
  private ruleOf(key: Key, whole: Key): (Rule & { body: { kind: 'product' } }) | undefined {
    const rule = this.solution.get(key)?.rule
    if (!isProduct(rule) || rule.stated.elsewhere) return undefined
    return key === whole || !this.lines.has(key) ? rule : undefined
  }

  private termOf(key: Key): ChainTerm {
    const quantity = this.network.quantities.get(key)
    const given = this.network.givens.get(originalOf(this.solution, key))
    const species = /^[nm]\((.+)\)$/.exec(quantity?.fullSymbol ?? '')?.[1]
    return {
      text: this.writer.text(key),
      unit: quantity?.ownUnit ?? (quantity?.unit === '1' ? '' : unitSymbol(quantity?.unit ?? '')),
      says: quantity?.says ?? key,
      ...(species ? { of: species } : {}),
      ...(given?.at ? { at: given.at } : {}),
    }
  }

  /** A number as a fraction: 0.0100 mol over 1 dm³. */
  private fractionOf(key: Key): ChainFraction {
    const term = this.termOf(key)
    const [top, bottom] = splitUnit(term.unit) ?? []
    return top && bottom ? { top: { ...term, unit: top }, bottom: { text: '1', unit: bottom } } : { top: term }
  }

  private unitOf(key: Key | undefined): string {
    return key === undefined ? '' : (this.network.quantities.get(key)?.unit ?? '')
  }

  /** The number of a rule as a fraction of its own: a mole ratio with its species, a change of unit, a percentage. */
  private factorOf(rule: Rule & { body: { kind: 'product' } }, carried: Key | undefined): readonly ChainFraction[] {
    const { over, under } = rule.body.factor
    if (rule.stated.converts && carried !== undefined)
      return [conversion(this.termOf(rule.gives).unit, this.termOf(carried).unit, rule.body.factor)]
    if (over === 1 && under === 1 && !(rule.stated.equation && carried !== undefined)) return []
    if (this.unitOf(rule.gives) === 'mol' && this.unitOf(carried) === 'mol' && carried !== undefined) {
      const [found, known] = [this.termOf(rule.gives), this.termOf(carried)]
      return [
        {
          top: { text: String(over), unit: 'mol', ...(found.of ? { of: found.of } : {}) },
          bottom: { text: String(under), unit: 'mol', ...(known.of ? { of: known.of } : {}) },
        },
      ]
    }
    if (this.unitOf(rule.gives) === 'mg' && this.unitOf(carried) === 'g' && over % 1000 === 0) {
      const toMilligrams = { top: { text: '1000', unit: 'mg' }, bottom: { text: '1', unit: 'g' } }
      const [top, bottom] = [over / 1000, under].map((number) => ({ text: String(number), unit: '' }))
      return top && bottom && (over !== 1000 || under !== 1) ? [toMilligrams, { top, bottom }] : [toMilligrams]
    }
    if (over === 1 && under === 1000) return [{ top: { text: '1', unit: 'dm³' }, bottom: { text: '1000', unit: 'cm³' } }]
    if (over === 1000 && under === 1) return [{ top: { text: '1000', unit: 'cm³' }, bottom: { text: '1', unit: 'dm³' } }]
    if (over === 100 && under === 1 && this.unitOf(rule.gives) === '%') return [{ top: { text: '100', unit: '%' } }]
    const number = { top: { text: String(over), unit: '' } }
    return [under === 1 ? number : { ...number, bottom: { text: String(under), unit: '' } }]
  }

  /** A quantity as fractions; `whole` is the quantity the line is for, written out even where it has a line. */
  fractions(key: Key, whole: Key): readonly ChainFraction[] {
    const rule = this.ruleOf(key, whole)
    if (!rule) return [this.fractionOf(key)]
    const { over, under } = rule.body
    const carried = over.find((one) => this.ruleOf(one, whole)) ?? over.find((one) => this.unitOf(one) === 'cm3') ?? over[0]
    // By place, since a quantity can stand in a product more than once: [OH-]².
    const place = carried === undefined ? -1 : over.indexOf(carried)
    const others = over.filter((_, index) => index !== place)
    const below = [...under]
    const start = carried === undefined ? [] : this.fractions(carried, whole)
    const rest = others.flatMap((one): readonly ChainFraction[] => {
      const written = this.fractions(one, whole)
      // What is scaled from one volume to another stands as one fraction: 250.0 cm³ over 25.0 cm³.
      const partner = below.findIndex((other) => this.unitOf(other) === this.unitOf(one) && !this.ruleOf(other, whole))
      const [first, ...more] = written
      if (partner < 0 || !first || more.length > 0 || first.bottom) return written
      const [divisor] = below.splice(partner, 1)
      return [{ ...first, bottom: this.termOf(divisor as Key) }]
    })
    const inverted = below.flatMap((one) => this.fractions(one, whole).map(turned))
    const factor = this.factorOf(rule, carried)
    const percentage = factor[0]?.top.unit === '%'
    return percentage ? [...start, ...rest, ...inverted, ...factor] : [...start, ...rest, ...factor, ...inverted]
  }
}

const multiplied = (fractions: readonly ChainFraction[]) =>
  fractions.reduce((total, { top, bottom }) => total.mul(top.text).div(bottom?.text ?? 1), new Exact(1))

function turned({ top, bottom }: ChainFraction): ChainFraction {
  return { top: bottom ?? { text: '1', unit: '' }, bottom: top }
}

const writeTerm = ({ text, unit, of }: ChainTerm) => [text, unit, of ?? ''].filter((part) => part !== '').join(' ')

/** A chain on one line: `20.675 cm³ × (1 dm³ / 1000 cm³) × …`. */
function inLine(fractions: readonly ChainFraction[]): string {
  return fractions.map(({ top, bottom }) => (bottom ? `(${writeTerm(top)} / ${writeTerm(bottom)})` : writeTerm(top))).join(' × ')
}

/** Writes an answer in one chain of fractions in which the units cancel; sums and differences get lines before it. */
export function writeChain(network: Network, solution: Solution, values: Values, wanted: Key, style: Style): readonly Step[] {
  const lines = linesOfChain(solution, wanted)
  const writer = new Writer(network, solution, values, style)
  const chains = new ChainWriter(writer, network, solution, lines)
  return lines.flatMap((key): Step[] => {
    const rule = solution.get(key)?.rule
    if (!rule || rule.stated.elsewhere) return []
    const line = writer.step(key, rule, input(rule.body))
    if (!isProduct(rule)) return [line]
    const fractions = writer.fineEnough(
      key,
      rule,
      () => multiplied(chains.fractions(key, key)),
      () => chains.fractions(key, key),
    )
    const terms = fractions.flatMap(({ top, bottom }) => (bottom ? [top, bottom] : [top]))
    const uses = terms.flatMap(({ text, says, at }) => (says && at ? [{ text, says, at }] : []))
    const equations = equationsWithin(solution, key, new Set(lines))
    const { equation: _own, ...plain } = line
    return [
      {
        ...plain,
        formula: network.quantities.get(key)?.fullSymbol ?? line.formula,
        substituted: inLine(fractions),
        chain: fractions,
        uses,
        ...(equations.length > 0 ? { equation: equations.join('\n') } : {}),
      },
    ]
  })
}

/** The equations whose ratios one chain uses, in order. */
function equationsWithin(solution: Solution, wanted: Key, lines: ReadonlySet<Key>): readonly string[] {
  const found: string[] = []
  const visit = (key: Key) => {
    const rule = solution.get(key)?.rule
    if (!isProduct(rule) || rule.stated.elsewhere || (key !== wanted && lines.has(key))) return
    for (const one of input(rule.body)) visit(one)
    if (rule.stated.equation && !found.includes(rule.stated.equation)) found.push(rule.stated.equation)
  }
  visit(wanted)
  return found
}

/** Which units of a chain cancel, fraction by fraction: each above the line against one below, whatever it is of. */
export function unitsThatCancel(chain: readonly ChainFraction[]): readonly { readonly top: boolean; readonly bottom: boolean }[] {
  const count = (unit: string, place: 'top' | 'bottom') => chain.filter((fraction) => fraction[place]?.unit === unit).length
  const used: Record<string, number> = {}
  const cancels = (unit: string | undefined, place: 'top' | 'bottom'): boolean => {
    if (!unit || unit === '%') return false
    const soFar = used[`${place} ${unit}`] ?? 0
    used[`${place} ${unit}`] = soFar + 1
    return soFar < Math.min(count(unit, 'top'), count(unit, 'bottom'))
  }
  return chain.map(({ top, bottom }) => ({ top: cancels(top.unit, 'top'), bottom: cancels(bottom?.unit, 'bottom') }))
}
