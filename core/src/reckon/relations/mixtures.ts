import { eliminate, gcd } from '../../number/index.ts'
import { entryText, type PartOf } from '../../record/index.ts'
import { type Formula, formatEquation, sameSpecies } from '../../substance/index.ts'
import type { Bench } from '../Bench.ts'
import { inTitration } from '../place.ts'
import type { Key } from '../quantity.ts'
import type { Mixture, Ratio } from './mixtureOf.ts'
import type { Roles } from './roles.ts'

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

/** The portion of the mixture that a titration has in its flask, or that it goes on with. */
interface Portion {
  readonly volume: Key
  readonly text: string | undefined
}

function portionOf(bench: Bench, mixture: Mixture, part: PartOf<'titration'>): Portion | undefined {
  const place = part.flask.findIndex((content) => 'material' in content)
  const content = part.flask[place]
  if (content && 'material' in content)
    return {
      volume: bench.volume(inTitration({ part }, 'flask', place)),
      text: content.volume === undefined ? undefined : entryText(content.volume),
    }
  const earlier = mixture.titrations.find(({ id }) => id === part.continues)
  return earlier && portionOf(bench, mixture, earlier)
}

/** Amount of titrant as it would have been for the portion of the first titration. */
function scaledTitre(bench: Bench, mixture: Mixture, part: PartOf<'titration'>, burette: Formula): Key {
  const titre = bench.amount(burette, inTitration({ part }, 'titre'))
  const [first] = mixture.titrations
  const [own, wanted] = [portionOf(bench, mixture, part), first && portionOf(bench, mixture, first)]
  if (!own || !wanted || own.text === wanted.text) return titre
  const place = inTitration({ part }, 'scaled')
  bench.callPlace(place, `a titre of ${wanted.text} cm³ (${part.title ?? part.id})`)
  const scaled = bench.amount(burette, place)
  bench.network.product({ gives: scaled, over: [titre, wanted.volume], under: [own.volume], oneWay: true })
  return scaled
}

/** Words for a titration in a formula: the number of its place in the group. */
const nameOf = (index: number) => `n${index + 1}`

function writeWeight({ over, under }: Ratio, name: string): string {
  const size = Math.abs(over)
  const number = under === 1 ? (size === 1 ? '' : `${size}`) : `${size}/${under} × `
  return `${number}${name}`
}

/** What an amount of a mixture is told by. */
interface Told {
  readonly titres: readonly Key[]
  /** What each titration is called. */
  readonly titles: readonly string[]
  readonly equation: string
}

/** Amount of one thing of a mixture as sums and differences of the titres. */
function relateOne(bench: Bench, gives: Key, weights: readonly Ratio[], { titres, titles, equation }: Told): void {
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
  const titled = used.map(({ index }) => `${nameOf(index)} is the amount run in by ${titles[index] ?? 'a titration'}`)
  network.sum({
    gives,
    plus: plus.map(weighted),
    minus: minus.map(weighted),
    oneWay: true,
    apart: true,
    equation,
    formulas: { [gives]: `${symbol} = ${written}` },
    assumes: titled,
  })
}

/** Titrations enough to tell the unknowns apart, with the weights of their titres in the amount of each. */
function solve({ takes, unknowns }: Mixture): readonly (readonly Ratio[])[] | undefined {
  const rows = takes.slice(0, unknowns.length)
  return rows.length === unknowns.length ? invert(rows) : undefined
}

const NOT_TOLD_APART = 3

/**
 * Tells apart things that are titrated together: carbonate beside hydroxide with two indicators, iron(II) beside iron(III)
 * before and after reduction. As many titrations as things, each a sum of the amounts by its own ratios, solved exactly.
 */
export function relateMixtures(bench: Bench, mixtures: readonly Mixture[], roles: ReadonlyMap<string, Roles>): void {
  for (const mixture of mixtures) {
    const { titrations, unknowns } = mixture
    const [first] = titrations
    if (!first) continue
    const amountOf = (formula: Formula) => bench.amount(formula, inTitration({ part: first }, 'flask'))
    const solved = solve(mixture)
    if (!solved) {
      const names = unknowns.map(({ text }) => text).join(' and ')
      const says = `a titration of the same solution to another end-point, to tell ${names} apart`
      for (const formula of unknowns) bench.network.ask(amountOf(formula), says, NOT_TOLD_APART)
      continue
    }
    const titres = titrations.slice(0, unknowns.length).map((part) => {
      const burette = roles.get(part.id)?.burette.formula as Formula
      return scaledTitre(bench, mixture, part, burette)
    })
    const titles = titrations.map(({ title }, index) => (title ? `the titration “${title}”` : `titration ${index + 1}`))
    unknowns.forEach((formula, index) => {
      const equation = equationFor(formula, titrations, roles)
      relateOne(bench, amountOf(formula), solved[index] ?? [], { titres, titles, equation })
    })
  }
}

/** The first reaction in which something of a mixture takes part. */
function equationFor(formula: Formula, titrations: readonly PartOf<'titration'>[], roles: ReadonlyMap<string, Roles>): string {
  const all = titrations.flatMap(({ id }) => {
    const role = roles.get(id)
    return role ? [...role.before, role, ...role.also] : []
  })
  const own = all.find((one) => sameSpecies(('titrated' in one ? one.titrated : one.analyte).formula, formula))
  return own ? formatEquation(own.equation) : ''
}
