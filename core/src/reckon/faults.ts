import { Exact } from '../number/index.ts'
import type { Piece } from './pieces.ts'

/** What kind of thing went wrong in a line. */
export type Fault = 'ratio' | 'decimal point' | 'aliquot factor' | 'units' | 'molar mass' | 'percentage' | 'sign' | 'arithmetic'

/** A way to go wrong: what the line would come to, and what then happened. */
export interface WrongWay {
  readonly value: Exact
  readonly fault: Fault
  readonly says: string
}

const product = (pieces: readonly Piece[]) =>
  pieces.reduce((total, { value, power }) => (power === 1 ? total.mul(value) : total.div(value)), new Exact(1))

const turned = (piece: Piece): Piece => ({ ...piece, power: piece.power === 1 ? -1 : 1 })

function changed(pieces: readonly Piece[], which: readonly Piece[], change: 'left out' | 'upside down'): Exact {
  const others = pieces.filter((piece) => !which.includes(piece))
  return product(change === 'left out' ? others : [...others, ...which.map(turned)])
}

const FAULT_OF_KIND: Readonly<Record<Piece['kind'], Fault>> = {
  ratio: 'ratio',
  thousand: 'units',
  hundred: 'percentage',
  conversion: 'units',
  volume: 'aliquot factor',
  'molar mass': 'molar mass',
  quantity: 'arithmetic',
}

const NAME_OF_KIND: Partial<Readonly<Record<Piece['kind'], string>>> = {
  ratio: 'the mole ratio',
  thousand: 'the 1000 between cm³ and dm³',
  hundred: 'the 100 of a percentage',
  conversion: 'the number between the units',
}

/** Powers of ten that a slip brings: of the decimal point, or between units (g and mg, cm³ and dm³). */
const POWERS_OF_TEN = [1, -1, 2, -2, 3, -3, 6, -6]
const WRITTEN: Readonly<Record<number, string>> = { 1: 'ten', 2: 'a hundred', 3: 'a thousand', 6: 'a million' }

function powerOfTen(power: number): Pick<WrongWay, 'fault' | 'says'> {
  const size = `it is ${WRITTEN[Math.abs(power)]} times too ${power > 0 ? 'large' : 'small'}`
  return Math.abs(power) < 3
    ? { fault: 'decimal point', says: `${size}: look at the decimal point` }
    : { fault: 'units', says: `${size}: look at the units` }
}

const slipsOfTen = (right: Exact): readonly WrongWay[] =>
  POWERS_OF_TEN.map((power) => ({ value: right.mul(new Exact(10).pow(power)), ...powerOfTen(power) }))

/** Ways to go wrong where numbers are multiplied and divided: one left out, one upside down, a power of ten. */
export function wrongProducts(pieces: readonly Piece[]): readonly WrongWay[] {
  const right = product(pieces)
  const groups: { readonly which: readonly Piece[]; readonly fault: Fault; readonly name: string }[] = []
  const ratio = pieces.filter(({ kind }) => kind === 'ratio')
  if (ratio.length > 0) groups.push({ which: ratio, fault: 'ratio', name: NAME_OF_KIND.ratio ?? '' })
  const [above, below] = [1, -1].map((power) => pieces.filter((piece) => piece.kind === 'volume' && piece.power === power))
  for (const over of above ?? [])
    for (const under of below ?? [])
      groups.push({ which: [over, under], fault: 'aliquot factor', name: 'the factor from aliquot to flask' })
  for (const piece of pieces.filter(({ kind }) => kind !== 'ratio' || ratio.length > 1))
    groups.push({ which: [piece], fault: FAULT_OF_KIND[piece.kind], name: NAME_OF_KIND[piece.kind] ?? `the ${piece.says}` })
  return [
    ...groups.flatMap(({ which, fault, name }) =>
      (['left out', 'upside down'] as const).map((change) => ({
        value: changed(pieces, which, change),
        fault,
        says: `${name} is ${change}`,
      })),
    ),
    ...slipsOfTen(right),
  ]
}

/** Ways to go wrong where numbers are added and taken away: the wrong way round, added instead, one left out. */
export function wrongSums(plus: readonly Exact[], minus: readonly Exact[]): readonly WrongWay[] {
  const total = (values: readonly Exact[]) => values.reduce((sum, value) => sum.add(value), new Exact(0))
  const right = total(plus).sub(total(minus))
  const all = [...plus, ...minus]
  return [
    ...(minus.length > 0
      ? [
          { value: right.neg(), fault: 'sign' as const, says: 'it is taken away the wrong way round' },
          { value: total(all), fault: 'sign' as const, says: 'it is added where it should be taken away' },
        ]
      : []),
    ...(plus.length > 1
      ? plus.map((value) => ({ value: right.sub(value), fault: 'arithmetic' as const, says: 'one of the numbers is left out' }))
      : []),
    ...minus.map((value) => ({ value: right.add(value), fault: 'arithmetic' as const, says: 'nothing is taken away' })),
    ...slipsOfTen(right),
  ]
}

/** A species whose molar mass could have been taken for another's. */
export interface Weighed {
  readonly text: string
  readonly mass: Exact
}

/** Ways to go wrong with a molar mass: that of another species of the task in the place of the right one. */
export function wrongMolarMasses(pieces: readonly Piece[], others: readonly Weighed[]): readonly WrongWay[] {
  const right = product(pieces)
  return pieces
    .filter(({ kind }) => kind === 'molar mass')
    .flatMap(({ value, power }) =>
      others
        .filter(({ mass }) => !mass.eq(value))
        .map(({ text, mass }) => ({
          value: power === 1 ? right.mul(mass).div(value) : right.mul(value).div(mass),
          fault: 'molar mass' as const,
          says: `the molar mass of ${text}, ${mass.toFixed()}, is taken`,
        })),
    )
}
