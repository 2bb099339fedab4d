import { Exact, formatFigures } from '../../number/index.ts'
import type { Answer } from '../../reckon/index.ts'
import { path } from '../../record/index.ts'
import { effectsOf, type SlipEffect } from '../../slips/index.ts'
import type { Facts } from '../facts.ts'
import type { Proposed } from '../report.ts'
import { propose, TIED } from '../words.ts'

/** Slips named, at most. */
const MOST_NAMED = 2

const sizeOf = ({ effect }: SlipEffect) => (effect.kind === 'moved' ? Math.abs(effect.after / effect.before - 1) : 0)

/** Slips that nothing in the record rules out, and that could not be seen in it: the largest first. */
export function slipsToNameIn({ task }: Facts, answer: Answer): readonly Proposed[] {
  const ticked = task.parts.flatMap((part) => (part.kind === 'titration' ? (part.ready ?? []) : []))
  // Where the record says at which weighing the lid was on, it was not forgotten.
  const lidKnown = task.parts.every((part) => part.kind !== 'weighing' || part.lid !== undefined)
  const open = effectsOf(task, answer.question).filter(
    ({ possible: { slip }, effect }) =>
      effect.kind === 'moved' &&
      slip.size !== undefined &&
      !ticked.some((line) => slip.keptAwayBy?.test(line)) &&
      !(lidKnown && slip.id.startsWith('lid-')),
  )
  return open
    .toSorted((a, b) => sizeOf(b) - sizeOf(a))
    .slice(0, MOST_NAMED)
    .flatMap(({ id, possible: { slip }, size, effect }) => {
      if (effect.kind !== 'moved') return []
      const change = formatFigures(new Exact(sizeOf({ effect } as SlipEffect) * 100), 2)
      const way = effect.direction === 'up' ? 'too large' : 'too small'
      return [
        propose(
          `errors slip ${answer.question} ${id}`,
          `If ${slip.says} (${size}${TIED}${slip.size?.unit}), the answer would be ${change}${TIED}% ${way}`,
          path('questions', answer.question),
        ),
      ]
    })
}
