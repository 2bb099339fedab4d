import { type Titration, volumeAtPH } from '../aqueous/index.ts'
import { INDICATORS, type Indicator, indicatorNamed, natureOf } from '../indicator/index.ts'
import { ChemistryError } from '../problem/index.ts'
import type { OpenNetwork } from '../reckon/index.ts'
import { buretteOf, entryText, findMaterial, type PartOf, type Task } from '../record/index.ts'
import { parseFormula } from '../substance/index.ts'
import { assessTitration, massesFrom } from '../titration/index.ts'

/** Another indicator than the one used, and what it would make of the titre. */
export interface WrongIndicator {
  readonly says: string
  /** Titre with it over titre without. */
  readonly shift: number
}

/** The indicator at the other end of the scale: the one whose change lies farthest from that of the one used. */
function farthestFrom(right: Indicator): Indicator | undefined {
  const middle = ({ range }: Indicator) => (range ? (range[0] + range[1]) / 2 : Number.NaN)
  return INDICATORS.filter(({ kind, range }) => kind === 'acid-base' && range).toSorted(
    (a, b) => Math.abs(middle(b) - middle(right)) - Math.abs(middle(a) - middle(right)),
  )[0]
}

/** The pH at which an indicator is taken for changed: where its colour first shows, if it comes out of none; else half-way. */
function endOf({ range, first }: Indicator): number | undefined {
  if (!range) return undefined
  return first === 'colourless' ? range[0] + 0.1 * (range[1] - range[0]) : (range[0] + range[1]) / 2
}

/** Strengths of what is in flask and burette, from the record or worked out; mol/dm³ by formula. */
function titrationOf(task: Task, part: PartOf<'titration'>, network: OpenNetwork): Titration | undefined {
  const [content] = part.flask
  if (!content || !('material' in content) || content.volume === undefined) return undefined
  const [burette, flask] = [findMaterial(task, buretteOf(part)), findMaterial(task, content.material)]
  if (!burette?.solute || !flask?.solute) return undefined
  const nature = natureOf(parseFormula(burette.solute))
  const other = natureOf(parseFormula(flask.solute))
  if (nature === undefined || other === undefined || nature === other) return undefined
  const [strong, weak] = [
    strengthOf(network, buretteOf(part), burette.solute),
    strengthOf(network, content.material, flask.solute),
  ]
  if (strong === undefined || weak === undefined) return undefined
  return { burette: { [burette.solute]: strong }, flask: { [flask.solute]: weak }, volume: Number(entryText(content.volume)) }
}

function strengthOf(network: OpenNetwork, material: string, solute: string): number | undefined {
  return network.strength(material, solute)?.toNumber()
}

/**
 * What the indicator farthest from the one used would have done to an acid–base titration, by the equilibria of what is
 * in flask and burette; undefined where the titration is of another kind, or not worked out yet.
 */
export function wrongIndicator(task: Task, part: PartOf<'titration'>, network: OpenNetwork): WrongIndicator | undefined {
  const right = part.indicator === undefined ? undefined : indicatorNamed(part.indicator)
  const wrong = right?.kind === 'acid-base' ? farthestFrom(right) : undefined
  const end = wrong && endOf(wrong)
  const { mean } = assessTitration(part, { conventions: task.conventions, massOfRun: massesFrom(task) })
  if (!wrong || end === undefined || !mean?.gt(0)) return undefined
  try {
    const titration = titrationOf(task, part, network)
    const volume = titration && volumeAtPH(titration, end, 3 * mean.toNumber())
    return volume === undefined ? undefined : { says: `${wrong.name} was used as the indicator`, shift: volume / mean.toNumber() }
  } catch (error) {
    // A substance that the model of equilibria does not know has no curve.
    if (error instanceof ChemistryError) return undefined
    throw error
  }
}
