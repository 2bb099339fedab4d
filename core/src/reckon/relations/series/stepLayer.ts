import { type Step, unitPer } from '../../../curve/index.ts'
import type { Key, What } from '../../quantity.ts'
import { define, onAxis, type Plot, placesRead, readOff } from './plot.ts'

/** A steep place of a curve, and which of several it is. */
export interface SteepPlace {
  readonly step: Step
  readonly index: number
  /** How it is told from the others: `first of 2 `; nothing where it is the only one. */
  readonly called: string
}

type Side = 0 | 1
const SIDES: readonly Side[] = [0, 1]

/**
 * Lays the working of an equivalence: from the first derivatives of the readings around it, the second derivatives on both
 * sides of the steepest chord, and the place between them where it passes through nought.
 */
export class StepLayer {
  private readonly plot: Plot
  private readonly place: SteepPlace
  /** Units of the first derivative and of the second. */
  private readonly slope: string
  private readonly bend: string

  constructor(plot: Plot, place: SteepPlace) {
    const { x, y } = plot
    this.plot = plot
    this.place = place
    this.slope = unitPer(plot)
    this.bend = x.unit === '' ? y.unit : `${y.unit || '1'}/(${x.unit})^2`
  }

  /** @returns the key of the equivalence, along x */
  lay(): Key {
    const { network } = this.plot.bench
    const slopes = this.place.step.chords.map((_, index) => this.firstDerivative(index as 0 | 1 | 2))
    const [before, after] = SIDES.map((side) => this.secondDerivative(side, slopes)) as [Key, Key]
    const [low, high] = SIDES.map((side) => this.placeOfBend(side)) as [Key, Key]
    const { unit } = this.plot.x
    const fall = this.define('rise', 'of d', 'change of the second derivative', 'd1 − d2', this.bend)
    const width = this.define('run', 'of d', `${this.plot.x.name} between them`, 'x2 − x1', unit)
    const share = this.define('step', 'share of d', 'share of the change up to where it is nought', 's', '')
    const part = this.define('step', 'of d', 'distance from x1 to there', 'Δx', unit)
    const found = this.equivalence()
    network.sum({ gives: fall, plus: [before], minus: [after], oneWay: true, formulas: { [fall]: 'd1 − d2' } })
    network.sum({ gives: width, plus: [high], minus: [low], oneWay: true, formulas: { [width]: 'x2 − x1' } })
    network.product({ gives: share, over: [before], under: [fall], oneWay: true, formulas: { [share]: 's = d1/(d1 − d2)' } })
    network.product({ gives: part, over: [share, width], oneWay: true, formulas: { [part]: 'Δx = s(x2 − x1)' } })
    network.sum({
      gives: found,
      plus: [low, part],
      oneWay: true,
      assumes: 'the equivalence is where the curve is steepest',
      formulas: { [found]: 'x(eq) = x1 + Δx' },
    })
    return found
  }

  private tag(detail: string): string {
    return `${detail} of step ${this.place.index}`
  }

  private define(what: What, detail: string, says: string, symbol: string, unit: string): Key {
    return define(this.plot, { what, detail: this.tag(detail), says, symbol, unit })
  }

  private equivalence(): Key {
    const { x } = this.plot
    const places = placesRead(this.plot, 'x')
    return define(this.plot, {
      what: 'equivalence',
      detail: this.tag('x'),
      says: `${x.name} at the ${this.place.called}equivalence, where the curve is steepest`,
      symbol: 'x(eq)',
      unit: x.unit,
      ...(places === undefined ? {} : { places }),
    })
  }

  private firstDerivative(index: 0 | 1 | 2): Key {
    const { from, to, slope } = this.place.step.chords[index]
    const says = `first derivative from ${from.x} to ${onAxis(to.x, this.plot.x)}`
    const said = { detail: this.tag(`${index}`), says, symbol: `m${index + 1}`, unit: this.slope }
    return readOff(this.plot, { what: 'gradient of a line', ...said }, slope)
  }

  /** Change of the first derivative over the distance between the middles of its intervals. */
  private secondDerivative(side: Side, slopes: readonly Key[]): Key {
    const { network } = this.plot.bench
    const { bends, chords } = this.place.step
    const [left, right] = [chords[side], chords[side === 0 ? 1 : 2]]
    const [number, symbol] = [side + 1, `d${side + 1}`]
    const difference = `m${number + 1} − m${number}`
    const says = `change of the first derivative ${side === 0 ? 'up to' : 'after'} the steepest place`
    const change = this.define('difference of gradients', symbol, says, difference, this.slope)
    const { unit } = this.plot.x
    const between = `from the middle of one interval, ${left.middle}, to that of the next, ${right.middle}`
    const apart = readOff(
      this.plot,
      { what: 'x read off', detail: this.tag(`apart ${side}`), says: between, symbol: `h${number}`, unit },
      right.middle - left.middle,
    )
    const second = this.define(
      'second derivative',
      symbol,
      `second derivative at ${onAxis(bends[side].x, this.plot.x)}`,
      symbol,
      this.bend,
    )
    const [earlier, later] = [slopes[side], slopes[number]] as [Key, Key]
    network.sum({ gives: change, plus: [later], minus: [earlier], oneWay: true, formulas: { [change]: difference } })
    network.product({
      gives: second,
      over: [change],
      under: [apart],
      oneWay: true,
      formulas: { [second]: `${symbol} = (${difference})/h${number}` },
    })
    return second
  }

  private placeOfBend(side: Side): Key {
    const { name, unit } = this.plot.x
    const says = `${name} where the second derivative is d${side + 1}`
    const said = { detail: this.tag(`bend ${side}`), says, symbol: `x${side + 1}`, unit }
    return readOff(this.plot, { what: 'x read off', ...said }, this.place.step.bends[side].x)
  }
}
