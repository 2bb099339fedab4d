import type { Decimal } from 'decimal.js'
import { Memory } from '../memory/index.ts'
import { Exact } from './reading.ts'
import { findUnit, UNITS } from './units.ts'
import { gcd } from './wholeNumbers.ts'

/** Bases that all units are made of; parts of a hundred are kept apart from plain numbers. */
type Base = 'dm' | 'g' | 's' | 'K' | 'mol' | 'V' | '%'
type Powers = ReadonlyMap<Base, number>

/** What a unit measures, and how many of the base units make one of it: `over` to `under`, so that a minute below a line stays exact. */
export interface Measure {
  readonly powers: Powers
  readonly over: Decimal
  readonly under: Decimal
}

interface Simple {
  readonly powers: Partial<Record<Base, number>>
  readonly inBase: string
}

const ENERGY = { g: 1, dm: 2, s: -2 } as const
const PRESSURE = { g: 1, dm: -1, s: -2 } as const

/** Units by the symbols they are written with alone or in a compound one. By definition (SI Brochure, 9th edition, 2019). */
const SIMPLE: Readonly<Record<string, Simple>> = {
  m: { powers: { dm: 1 }, inBase: '10' },
  dm: { powers: { dm: 1 }, inBase: '1' },
  cm: { powers: { dm: 1 }, inBase: '0.1' },
  mm: { powers: { dm: 1 }, inBase: '0.01' },
  nm: { powers: { dm: 1 }, inBase: '1e-8' },
  L: { powers: { dm: 3 }, inBase: '1' },
  l: { powers: { dm: 3 }, inBase: '1' },
  mL: { powers: { dm: 3 }, inBase: '0.001' },
  ml: { powers: { dm: 3 }, inBase: '0.001' },
  kg: { powers: { g: 1 }, inBase: '1000' },
  g: { powers: { g: 1 }, inBase: '1' },
  mg: { powers: { g: 1 }, inBase: '0.001' },
  µg: { powers: { g: 1 }, inBase: '1e-6' },
  s: { powers: { s: 1 }, inBase: '1' },
  min: { powers: { s: 1 }, inBase: '60' },
  h: { powers: { s: 1 }, inBase: '3600' },
  mol: { powers: { mol: 1 }, inBase: '1' },
  mmol: { powers: { mol: 1 }, inBase: '0.001' },
  kmol: { powers: { mol: 1 }, inBase: '1000' },
  M: { powers: { mol: 1, dm: -3 }, inBase: '1' },
  K: { powers: { K: 1 }, inBase: '1' },
  // Of a difference; a temperature itself is brought to kelvins by a sum.
  '°C': { powers: { K: 1 }, inBase: '1' },
  J: { powers: ENERGY, inBase: '1e5' },
  kJ: { powers: ENERGY, inBase: '1e8' },
  Pa: { powers: PRESSURE, inBase: '100' },
  kPa: { powers: PRESSURE, inBase: '1e5' },
  bar: { powers: PRESSURE, inBase: '1e7' },
  atm: { powers: PRESSURE, inBase: '10132500' },
  V: { powers: { V: 1 }, inBase: '1' },
  mV: { powers: { V: 1 }, inBase: '0.001' },
  '%': { powers: { '%': 1 }, inBase: '1' },
}

/** As people write times, and the degree sign of a keyboard that has none. */
const ALSO: Readonly<Record<string, string>> = {
  sec: 's',
  second: 's',
  seconds: 's',
  minute: 'min',
  minutes: 'min',
  mins: 'min',
  hour: 'h',
  hours: 'h',
  hr: 'h',
  C: '°C',
  degC: '°C',
  ºC: '°C',
  ug: 'µg',
  μg: 'µg',
}

const RAISED: Readonly<Record<string, string>> = {
  '⁻': '-',
  '¹': '1',
  '²': '2',
  '³': '3',
  '⁴': '4',
  '⁵': '5',
  '⁶': '6',
  '−': '-',
}

const TOKEN = /^([A-Za-zµμ°º%]+)\^?(-?\d+)?$/

function factorsOf(text: string, sign: 1 | -1): readonly [Simple, number][] | undefined {
  const tokens = text
    .replace(/[()]/g, ' ')
    .split(/[\s.·×*]+/)
    .filter((token) => token !== '' && token !== '1')
  const factors = tokens.map((token): [Simple, number] | undefined => {
    const [, symbol = '', power = '1'] = TOKEN.exec(token) ?? []
    const simple = SIMPLE[ALSO[symbol] ?? symbol]
    return simple && [simple, sign * Number(power)]
  })
  return factors.every((factor) => factor !== undefined) ? factors : undefined
}

/** A unit in brackets to some power: `(mol/dm3)^2`. */
const POWER = /^\(([^()]+)\)\^?(-?\d)$/

function toPower({ powers, over, under }: Measure, times: number): Measure {
  const [above, below] = times < 0 ? [under, over] : [over, under]
  const size = Math.abs(times)
  return {
    powers: new Map([...powers].map(([base, power]) => [base, power * times])),
    over: above.pow(size),
    under: below.pow(size),
  }
}

function compound(text: string): Measure | undefined {
  const [, inside, times] = POWER.exec(text.trim()) ?? []
  if (inside !== undefined) {
    const one = compound(inside)
    return one && toPower(one, Number(times))
  }
  const ascii = text.replace(/[⁻¹²³⁴⁵⁶−]/g, (mark) => RAISED[mark] ?? mark).replace(/\bper\b/g, '/')
  const [over = '', ...under] = ascii.split('/')
  const factors = [factorsOf(over, 1), ...under.map((part) => factorsOf(part, -1))]
  if (factors.some((one) => one === undefined) || under.some((part) => part.trim() === '')) return undefined
  const powers = new Map<Base, number>()
  let [above, below] = [new Exact(1), new Exact(1)]
  for (const [simple, times] of factors.flatMap((one) => one ?? [])) {
    const size = new Exact(simple.inBase).pow(Math.abs(times))
    if (times > 0) above = above.mul(size)
    else below = below.mul(size)
    for (const [base, power] of Object.entries(simple.powers) as [Base, number][]) {
      const total = (powers.get(base) ?? 0) + power * times
      if (total === 0) powers.delete(base)
      else powers.set(base, total)
    }
  }
  return { powers, over: above, under: below }
}

const OF_TABLE = {
  volume: 'dm3',
  mass: 'g',
  amount: 'mol',
  concentration: 'mol/dm3',
  massConcentration: 'g/dm3',
  molarMass: 'g/mol',
  ratio: '%',
  pure: '',
} as const

/** Units are asked about again and again; what is typed ends up here, too. */
const MEASURES = new Memory<string, Measure | undefined>(500)

/**
 * What a unit measures, however it is written: `cm3/min`, `kJ mol-1`, `J/(g K)`, `ppm`.
 *
 * @returns undefined where the text is no unit (`drops`)
 */
export function measureOf(text: string): Measure | undefined {
  return MEASURES.recall(text, readMeasure)
}

function readMeasure(text: string): Measure | undefined {
  const known = findUnit(text)
  if (known === undefined) return compound(text)
  const { dimension, inBase } = UNITS[known]
  const base = compound(OF_TABLE[dimension])
  return base && { powers: base.powers, over: dimension === 'ratio' ? new Exact(1) : new Exact(inBase), under: new Exact(1) }
}

/** Whether two units measure the same thing. */
export function isAlike(one: string, other: string): boolean {
  const [a, b] = [measureOf(one), measureOf(other)]
  if (!a || !b) return one.trim() === other.trim()
  return a.powers.size === b.powers.size && [...a.powers].every(([base, power]) => b.powers.get(base) === power)
}

/** A ratio of whole numbers in lowest terms. */
export interface UnitRatio {
  readonly over: number
  readonly under: number
}

/**
 * How many of one unit make one of another, as a ratio: 60 to 1 for `cm3/s` in `cm3/min`, 101 325 to 1000 for `atm` in `kPa`.
 *
 * @returns undefined where they measure different things, or one is no unit
 */
export function ratioBetween(from: string, to: string): UnitRatio | undefined {
  if (from.trim() === to.trim()) return { over: 1, under: 1 }
  const [a, b] = [measureOf(from), measureOf(to)]
  if (!a || !b || !isAlike(from, to)) return undefined
  const [over, under] = [a.over.mul(b.under), a.under.mul(b.over)]
  const scale = new Exact(10).pow(Math.max(over.decimalPlaces(), under.decimalPlaces()))
  const [top, bottom] = [BigInt(over.mul(scale).toFixed()), BigInt(under.mul(scale).toFixed())]
  const common = gcd(top, bottom)
  return { over: Number(top / common), under: Number(bottom / common) }
}

/** How many of one unit make one of another, as a number; undefined as for {@link ratioBetween}. */
export function timesBetween(from: string, to: string): Decimal | undefined {
  const ratio = ratioBetween(from, to)
  return ratio && new Exact(ratio.over).div(ratio.under)
}
