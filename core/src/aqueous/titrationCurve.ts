import type { Component } from './components.ts'
import { type EquilibriumOptions, equilibrate } from './equilibrate.ts'
import { totalsOf } from './ingredients.ts'
import type { Equilibrium } from './state.ts'
import type { Totals } from './totals.ts'

/** A titration as the model runs it: what is in the flask and what is added. */
export interface Titration {
  /** Concentration of each substance in the flask, mol/dm³, and its volume in cm³. */
  readonly flask: Readonly<Record<string, number>>
  readonly volume: number
  /** Concentration of each substance in the burette. */
  readonly burette: Readonly<Record<string, number>>
  readonly activity?: EquilibriumOptions['activity']
}

/** One point of a titration curve. */
export interface CurvePoint {
  /** Volume added, cm³. */
  readonly volume: number
  readonly pH: number
}

/** Where as much has been added as there was to react. */
export interface Equivalence extends CurvePoint {
  /** Half-way from the equivalence before; there pH is pKa where a weak acid or base is titrated. */
  readonly half: CurvePoint
  /** Volumes between which the flask holds its pH, or nothing where it does not. */
  readonly buffer?: readonly [number, number]
}

/** A titration that remembers where it was, so that the next point is found from the last. */
export class TitrationModel {
  private readonly flask: Totals
  private readonly burette: Totals
  private readonly titration: Titration
  private last: Equilibrium | undefined

  constructor(titration: Titration) {
    this.titration = titration
    this.flask = totalsOf(titration.flask)
    this.burette = totalsOf(titration.burette)
  }

  /** pH after a volume has been added, cm³. */
  pHAt(volume: number): number {
    const whole = this.titration.volume + volume
    const names = new Set([...Object.keys(this.flask), ...Object.keys(this.burette)]) as Set<Component>
    const totals = Object.fromEntries(
      [...names].map((name) => [
        name,
        ((this.flask[name] ?? 0) * this.titration.volume + (this.burette[name] ?? 0) * volume) / whole,
      ]),
    )
    const { activity } = this.titration
    const found = equilibrate(totals, { ...(activity ? { activity } : {}), ...(this.last ? { start: this.last } : {}) })
    this.last = found
    return found.pH
  }
}

/** The curve from nothing added to `upTo`, at evenly spaced volumes. */
export function titrationCurve(titration: Titration, upTo: number, points = 200): readonly CurvePoint[] {
  const model = new TitrationModel(titration)
  return Array.from({ length: points + 1 }, (_, index) => {
    const volume = (upTo * index) / points
    return { volume, pH: model.pHAt(volume) }
  })
}

/** How steep a curve must be to be an end: pH in a hundredth of the whole volume. */
const STEEP_ENOUGH = 0.12
const HALVINGS = 60
const GOLDEN = (Math.sqrt(5) - 1) / 2

/** The steepest place between two volumes, by golden section. */
function steepest(model: TitrationModel, from: number, to: number): number {
  const width = (to - from) * 1e-6
  const slope = (volume: number) => Math.abs(model.pHAt(volume + width) - model.pHAt(volume - width))
  let [low, high] = [from, to]
  let [a, b] = [high - GOLDEN * (high - low), low + GOLDEN * (high - low)]
  let [fa, fb] = [slope(a), slope(b)]
  for (let turn = 0; turn < HALVINGS && high - low > (to - from) * 1e-7; turn++) {
    if (fa > fb) {
      high = b
      b = a
      fb = fa
      a = high - GOLDEN * (high - low)
      fa = slope(a)
    } else {
      low = a
      a = b
      fa = fb
      b = low + GOLDEN * (high - low)
      fb = slope(b)
    }
  }
  return (low + high) / 2
}

/** A flask holds its pH where it takes this many times as much as water alone would to move it. */
const HOLDS = 3

function bufferOf(model: TitrationModel, titration: Titration, from: number, to: number): readonly [number, number] | undefined {
  const middle = (from + to) / 2
  const width = (to - from) / 100
  const change = Math.abs(model.pHAt(middle + width) - model.pHAt(middle - width))
  const whole = titration.volume + middle
  const strength = Math.max(...Object.values(titration.burette))
  const taken = (strength * 2 * width) / whole
  const pH = model.pHAt(middle)
  const water = Math.LN10 * (10 ** -pH + 10 ** (pH - 13.995))
  return taken / change > HOLDS * water ? [from + (to - from) / 11, to - (to - from) / 11] : undefined
}

/** Finds where a titration comes to its ends, from the steepest places of its curve. */
export function equivalencesOf(titration: Titration, upTo: number): readonly Equivalence[] {
  const points = 400
  const curve = titrationCurve(titration, upTo, points)
  const model = new TitrationModel(titration)
  const slopes = curve.slice(1).map(({ pH }, index) => Math.abs(pH - (curve[index]?.pH ?? pH)))
  const peaks = slopes.flatMap((slope, index) => {
    const [before = 0, after = 0] = [slopes[index - 1], slopes[index + 1]]
    const inside = index > 1 && index < slopes.length - 2
    return inside && slope > before && slope >= after && slope * (points / 100) > STEEP_ENOUGH ? [index] : []
  })
  let begin = 0
  return peaks.map((index): Equivalence => {
    const [from, to] = [curve[index - 1]?.volume ?? 0, curve[index + 2]?.volume ?? upTo]
    const volume = steepest(model, from, to)
    const middle = (begin + volume) / 2
    const buffer = bufferOf(model, titration, begin, volume)
    begin = volume
    return { volume, pH: model.pHAt(volume), half: { volume: middle, pH: model.pHAt(middle) }, ...(buffer ? { buffer } : {}) }
  })
}

/**
 * Volume at which the flask first comes to a pH, cm³, as an indicator would show it.
 *
 * @returns undefined where the curve does not pass it on the way to `upTo`
 */
export function volumeAtPH(titration: Titration, pH: number, upTo: number): number | undefined {
  const model = new TitrationModel(titration)
  const curve = titrationCurve(titration, upTo, 200)
  const place = curve.findIndex((point, index) => {
    const before = curve[index - 1]
    return before !== undefined && (before.pH - pH) * (point.pH - pH) <= 0
  })
  const [start, end] = [curve[place - 1], curve[place]]
  if (!start || !end) return undefined
  let [low, high] = [start.volume, end.volume]
  const rising = end.pH > start.pH
  for (let turn = 0; turn < HALVINGS; turn++) {
    const middle = (low + high) / 2
    if (model.pHAt(middle) > pH === rising) high = middle
    else low = middle
  }
  return (low + high) / 2
}
