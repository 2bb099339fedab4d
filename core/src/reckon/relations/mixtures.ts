import { eliminate, gcd } from '../../number/index.ts'
import { entryText, type PartOf } from '../../record/index.ts'
import { type Formula, formatEquation, speciesKey } from '../../substance/index.ts'
import type { Bench } from '../Bench.ts'
import { inTitration } from '../place.ts'
import type { Key } from '../quantity.ts'
import type { Reacting, Roles } from './roles.ts'

/** A whole-number fraction. */
interface Ratio {
  readonly over: number
  readonly under: number
}

/** One titration of a portion of the mixture, to its own end-point. */
interface ToEndPoint {
  readonly part: PartOf<'titration'>
  readonly reacting: readonly Reacting[]
  /** Amount the burette delivered. */
  readonly titre: Key
  /** Volume of the portion, with its text. */
  readonly portion: Key
  readonly text: string | undefined
}

const NOUGHT: Ratio = { over: 0, under: 1 }

function reduced(over: bigint, under: bigint): Ratio {
  const common = gcd(over, under) || 1n
  const sign = under < 0n ? -1n : 1n
  return { over: Number((sign * over) / common), under: Number((sign * under) / common) }
}

/** Inverts a square matrix of fractions exactly; undefined where its rows do not tell the unknowns apart. */
function invert(matrix: readonly (readonly Ratio[])[]): readonly (readonly Ratio[])[] | undefined {
  const size = matrix.length
  // Each row times its denominators is whole, and so is what stands for it on the right.
  const rows = matrix.map((row, index) => {
    const scale = row.reduce((all, { under }) => all * BigInt(under), 1n)
    const left = row.map(({ over, under }) => (BigInt(over) * scale) / BigInt(under))
    return [...left, ...row.map((_, column) => (column === index ? scale : 0n))]
  })
  const { rows: solved, pivots } = eliminate(rows, size)
  if (pivots.length < size) return undefined
  return solved.map((row, index) => row.slice(size).map((entry) => reduced(entry, row[index] ?? 1n)))
}

/** Titrations of portions of one solution with one burette, of which at least one titrates several things at once. */
function groupsOf(bench: Bench, roles: ReadonlyMap<string, Roles>): readonly (readonly ToEndPoint[])[] {
  const groups = new Map<string, ToEndPoint[]>()
  for (const part of bench.task.parts) {
    const role = part.kind === 'titration' ? roles.get(part.id) : undefined
    if (part.kind !== 'titration' || !role || role.before.length > 0) continue
    const place = part.flask.findIndex((content) => 'material' in content)
    const content = part.flask[place]
    if (!content || !('material' in content)) continue
    const toEndPoint: ToEndPoint = {
      part,
      reacting: [role, ...role.also],
      titre: bench.amount(role.burette.formula, inTitration({ part }, 'titre')),
      portion: bench.volume(inTitration({ part }, 'flask', place)),
      text: content.volume === undefined ? undefined : entryText(content.volume),
    }
    const name = `${content.material} ${part.burette}`
    groups.set(name, [...(groups.get(name) ?? []), toEndPoint])
  }
  return [...groups.values()].filter((group) => group.some(({ reacting }) => reacting.length > 1))
}

/** Amount of titrant as it would have been for the portion of the first titration. */
function scaledTitre(bench: Bench, one: ToEndPoint, first: ToEndPoint, burette: Formula): Key {
  if (one === first || one.text === first.text) return one.titre
  const place = inTitration(one, 'scaled')
  bench.callPlace(place, `a titre of ${first.text} cm³ (${one.part.title ?? one.part.id})`)
  const scaled = bench.amount(burette, place)
  bench.network.product({ gives: scaled, over: [one.titre, first.portion], under: [one.portion], oneWay: true })
  return scaled
}

/** Words for a titration in a formula: the number of its place in the group. */
const nameOf = (index: number) => `n${index + 1}`

function writeWeight({ over, under }: Ratio, name: string): string {
  const size = Math.abs(over)
  const number = under === 1 ? (size === 1 ? '' : `${size}`) : `${size}/${under} × `
  return `${number}${name}`
}

/** Amount of one thing of a mixture as sums and differences of the titres. */
function relateOne(bench: Bench, gives: Key, weights: readonly Ratio[], titres: readonly Key[], equation: string): void {
  const { network } = bench
  const used = weights.flatMap((weight, index) => (weight.over === 0 ? [] : [{ weight, index, titre: titres[index] as Key }]))
  const weighted = ({ weight, titre, index }: (typeof used)[number]): Key => {
    const size = { over: Math.abs(weight.over), under: weight.under }
    if (size.over === 1 && size.under === 1) return titre
    const says = `${writeWeight(weight, nameOf(index))}`
    const key = network.define({
      of: {
        ...(network.quantities.get(titre)?.of ?? { what: 'weighted amount' }),
        what: 'weighted amount',
        detail: `${size.over}/${size.under}`,
      },
      says,
      symbol: 'n',
      fullSymbol: says,
      unit: 'mol',
    })
    network.product({ gives: key, over: [titre], factor: size, silent: true, oneWay: true })
    return key
  }
  const plus = used.filter(({ weight }) => weight.over > 0)
  const minus = used.filter(({ weight }) => weight.over < 0)
  const written = [
    plus.map(({ weight, index }) => writeWeight(weight, nameOf(index))).join(' + '),
    ...minus.map(({ weight, index }) => writeWeight(weight, nameOf(index))),
  ].join(' − ')
  const symbol = network.quantities.get(gives)?.fullSymbol ?? 'n'
  const titled = used.map(({ index }) => nameOf(index)).join(' and ')
  network.sum({
    gives,
    plus: plus.map(weighted),
    minus: minus.map(weighted),
    oneWay: true,
    equation,
    formulas: { [gives]: `${symbol} = ${written}` },
    assumes: `${titled} are the amounts run in to each end-point, in the order of the titrations`,
  })
}

/**
 * Tells apart things that are titrated together, by titrations to different end-points (carbonate beside hydroxide with
 * two indicators): as many titrations as things, each a sum of the amounts by its own ratios, solved exactly.
 */
export function relateMixtures(bench: Bench, roles: ReadonlyMap<string, Roles>): void {
  for (const group of groupsOf(bench, roles)) {
    const [first] = group
    const burette = first?.reacting[0]?.burette.formula
    if (!first || !burette) continue
    const titrated = new Map(
      group.flatMap(({ reacting }) => reacting.map(({ titrated: { formula } }) => [speciesKey(formula), formula] as const)),
    )
    const unknowns = [...titrated]
    const rows = group.slice(0, unknowns.length).map(({ reacting }) =>
      unknowns.map(([key]): Ratio => {
        const own = reacting.find((one) => speciesKey(one.titrated.formula) === key)
        return own ? reduced(BigInt(own.burette.count), BigInt(own.titrated.count)) : NOUGHT
      }),
    )
    const solved = rows.length === unknowns.length ? invert(rows) : undefined
    if (!solved) {
      for (const [, formula] of unknowns)
        bench.network.ask(
          bench.amount(formula, inTitration(first, 'flask')),
          `a titration of the same solution to another end-point, to tell ${unknowns.map(([, { text }]) => text).join(' and ')} apart`,
          3,
        )
      continue
    }
    const titres = group.slice(0, unknowns.length).map((one) => scaledTitre(bench, one, first, burette))
    unknowns.forEach(([key, formula], index) => {
      const own = group.flatMap(({ reacting }) => reacting).find((one) => speciesKey(one.titrated.formula) === key)
      const equation = own ? formatEquation(own.equation) : ''
      relateOne(bench, bench.amount(formula, inTitration(first, 'flask')), solved[index] ?? [], titres, equation)
    })
  }
}
