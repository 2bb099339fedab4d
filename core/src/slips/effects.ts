import { Exact } from '../number/index.ts'
import { type Key, type OpenNetwork, type Overrides, openNetwork, type Shifted } from '../reckon/index.ts'
import type { Task } from '../record/index.ts'
import { findSlips, type PossibleSlip, titreKeysOf } from './findSlips.ts'

/** What a slip does to an answer: which way, and to what value in the answer's own unit. */
export type Effect =
  | { readonly kind: 'none' }
  | {
      readonly kind: 'moved'
      readonly direction: 'up' | 'down'
      readonly before: number
      readonly after: number
      /** Plain sentences from the reading to the answer: what seems larger or smaller. */
      readonly chain: readonly string[]
    }

/** A slip with its effect on one answer. */
export interface SlipEffect {
  /** Names the slip and its place. */
  readonly id: string
  readonly possible: PossibleSlip
  /** Size used, as text; undefined for a slip without size. */
  readonly size: string | undefined
  readonly effect: Effect
}

/** Numbers of a series that are gradients of its lines. */
const GRADIENT_KEY = /^m\d@series:/

export function overridesOf({ slip, keys, setting }: PossibleSlip, network: OpenNetwork, size: string | undefined): Overrides {
  const moved = keys.flatMap((key): [Key, Exact][] => {
    const reading = network.given(key)
    return reading && slip.apply
      ? [[key, slip.apply(reading, { ...setting, gradient: GRADIENT_KEY.test(key), size: new Exact(size ?? 0) })]]
      : []
  })
  return new Map(moved)
}

const seems = ({ says, before, after }: Shifted) => `${says} seems ${after.gt(before) ? 'larger' : 'smaller'}`

/** The reading that is moved first, what it does on the way, and the answer: at most four sentences. */
function chainOf(shifted: readonly Shifted[]): readonly string[] {
  const sentences = shifted.map(seems)
  return sentences.length <= 4 ? sentences : [...sentences.slice(0, 2), ...sentences.slice(-2)]
}

/** Change in an answer that is only the rounding of the arithmetic. */
const TOO_SMALL_TO_TELL = 1e-12

function effectOn(question: string, network: OpenNetwork, overrides: Overrides): Effect {
  const shifted = network.shift(question, overrides)
  const answer = shifted.at(-1)
  if (!answer || answer.after.sub(answer.before).abs().lt(answer.before.abs().mul(TOO_SMALL_TO_TELL))) return { kind: 'none' }
  return {
    kind: 'moved',
    direction: answer.after.gt(answer.before) ? 'up' : 'down',
    before: answer.before.toNumber(),
    after: answer.after.toNumber(),
    chain: chainOf(shifted),
  }
}

/**
 * What each slip that can happen in this task would do to an answer: the reading it moves is pushed through the task's
 * own network. Slips that the answer does not rest on are left out; those without effect are told with their reason.
 *
 * @param sizes - sizes the student set, by slip id; the usual ones where nothing is set
 */
export function effectsOf(task: Task, question: string, sizes: Readonly<Record<string, string>> = {}): readonly SlipEffect[] {
  const network = openNetwork(task)
  if (!network.answered.includes(question)) return []
  const titrated = task.parts.some((part) => titreKeysOf(part, network).some((key) => network.restsOn(question, key)))
  return findSlips(task, network).flatMap((possible): SlipEffect[] => {
    const { slip, keys, where } = possible
    const touched = keys.length === 0 ? titrated : keys.some((key) => network.restsOn(question, key))
    if (!touched) return []
    const id = `${slip.id}@${where}`
    const size = sizes[id] ?? slip.size?.usual
    return [{ id, possible, size, effect: effectOn(question, network, overridesOf(possible, network, size)) }]
  })
}
