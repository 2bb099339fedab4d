import { Exact } from '../number/index.ts'
import { type OpenNetwork, openNetwork } from '../reckon/index.ts'
import type { PartOf, Task } from '../record/index.ts'
import { assessTitration, massesFrom, titreOf } from '../titration/index.ts'
import { SLIPS, type Slip } from './catalogue.ts'
import { effectsOf, overridesOf, type SlipEffect } from './effects.ts'
import { flaskBehind } from './findSlips.ts'

/** A slip that could lie behind something, with the size it would have had. */
export interface Explanation {
  readonly slip: Slip
  /** As text; undefined for a slip without size, or where no size of it would do. */
  readonly size?: string
}

/** Slips of more than this many times their usual size are no explanation. */
const MOST_TIMES_USUAL = 20
const HALVINGS = 60
/** Sizes are given to two figures: nobody knows a slip better. */
const FIGURES = 2

const asText = (size: number) => {
  // Halving ends a hair beside the size, so a half is nudged to where it belongs.
  const rounded = new Exact(size * (1 + 1e-9)).toSignificantDigits(FIGURES)
  return rounded.toFixed(Math.max(0, FIGURES - 1 - rounded.e))
}

/**
 * The size at which a slip would bring about a value, found by halving: a larger slip pushes further.
 *
 * @param pushed - the value with a slip of a size
 * @returns undefined where even twenty times the usual size does not reach it
 */
function sizeThatReaches(target: number, usual: number, pushed: (size: number) => number | undefined): string | undefined {
  const none = pushed(0)
  if (none === undefined || target === none) return undefined
  const part = (size: number) => ((pushed(size) ?? Number.NaN) - none) / (target - none)
  // From small sizes up, so that the first that is enough is found before a slip grows past all sense.
  let high = usual / MOST_TIMES_USUAL ** 2
  while (high <= usual * MOST_TIMES_USUAL && part(high) < 1) high *= 2
  if (!(part(high) >= 1)) return undefined
  let low = 0
  for (let turn = 0; turn < HALVINGS; turn++) {
    const middle = (low + high) / 2
    if (part(middle) >= 1) high = middle
    else low = middle
  }
  return asText(high)
}

/**
 * Asked the other way round: which slips could explain an answer that is too high or too low, the strongest first.
 */
export function explainAnswer(task: Task, question: string, direction: 'up' | 'down'): readonly SlipEffect[] {
  return effectsOf(task, question)
    .filter(({ effect }) => effect.kind === 'moved' && effect.direction === direction)
    .toSorted((a, b) => pushOf(b) - pushOf(a))
}

const pushOf = ({ effect }: SlipEffect) => (effect.kind === 'moved' ? Math.abs(effect.after / effect.before - 1) : 0)

/**
 * The size each slip would have had to turn the accepted value of an answer into the one that was found; by slip id.
 *
 * A slip is pushed through the record as it would have happened, so the record is taken for slipped: what is looked for
 * is the size that moves the accepted value to the found one, to first order the same as from found to its mirror.
 *
 * @param ratio - found value over accepted value
 */
export function sizesThatExplain(task: Task, question: string, ratio: number): ReadonlyMap<string, string> {
  const network: OpenNetwork = openNetwork(task)
  return new Map(
    effectsOf(task, question).flatMap(({ id, possible, effect }): [string, string][] => {
      const { size } = possible.slip
      if (effect.kind !== 'moved' || !size) return []
      const pushed = (amount: number) => {
        if (amount === 0) return 1
        const shifted = network.shift(question, overridesOf(possible, network, String(amount)))
        const answer = shifted.at(-1)
        return answer ? answer.after.div(answer.before).toNumber() : undefined
      }
      const found = sizeThatReaches(ratio, Number(size.usual), pushed)
      return found === undefined ? [] : [[id, found]]
    }),
  )
}

/**
 * Which slips could explain that one titre lies apart from those that agree, each with the size it would have had.
 *
 * @param run - index of the run that does not agree
 * @returns an empty list while there is nothing to compare it with
 */
export function explainTitre(task: Task, part: PartOf<'titration'>, run: number): readonly Explanation[] {
  const { conventions } = task
  const { used, runs } = assessTitration(part, { conventions, massOfRun: massesFrom(task) })
  const others = used.filter((index) => index !== run).flatMap((index) => runs[index]?.compared ?? [])
  const found = runs[run]?.compared ?? (part.runs[run] ? titreOf(part.runs[run], conventions.burette)?.volume : undefined)
  if (!found || others.length === 0) return []
  const agreed = others.reduce((total, titre) => total.add(titre), new Exact(0)).div(others.length)
  const behind = flaskBehind(task, part)
  const equations = part.reactions.map(({ equation }) => equation).join(' ')
  const has: Record<string, unknown> = { ...behind, iron: /Fe2\+|Fe\^2\+/.test(equations), manganate: /MnO4/.test(equations) }
  return SLIPS.filter(({ inOneRun, needs = [] }) => inOneRun && needs.every((need) => has[need])).flatMap(
    (slip): Explanation[] => {
      const { apply, size } = slip
      if (!apply || !size) return []
      const pushed = (amount: number) =>
        apply(agreed, { size: new Exact(amount), aliquot: behind.aliquot, flask: behind.flask }).toNumber()
      const needed = sizeThatReaches(found.toNumber(), Number(size.usual), pushed)
      return needed === undefined ? [] : [{ slip, size: needed }]
    },
  )
}
