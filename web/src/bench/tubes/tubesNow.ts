import { sayTells } from '@hop-lark/core/identify'
import { type Action, cautionOf, sayAction } from '@hop-lark/core/rack'
import type { Now } from '../../margin/Margin.tsx'
import type { SoFar } from './chemistryWork.ts'
import type { Sample, Tube } from './rackEdits.ts'

interface NowOf {
  readonly sample: Sample | undefined
  readonly tube: Tube | undefined
  readonly identification: SoFar | undefined
  readonly typed: Action | undefined
  readonly shut: boolean
  /** Whether the sample is called a liquid, not a solution. */
  readonly isLiquid: boolean
}

const ALWAYS =
  'Eye protection. Treat an unknown as harmful: no tasting, no smelling but by wafting. Follow your laboratory’s rules and your supervisor.'

/** The next action at the rack, in words; beside it the caution of what is about to be done. */
export function nowAtTheRack(given: NowOf): Now {
  const { typed, tube, isLiquid } = given
  const last = tube?.steps.at(-1)
  const caution = (typed && cautionOf(typed, isLiquid)) ?? (last && cautionOf(last, isLiquid)) ?? ALWAYS
  return { ...action(given), caution }
}

function action({ sample, tube, identification, shut, isLiquid }: NowOf): Now {
  if (!sample)
    return {
      title: 'Name the first sample.',
      says: 'A solution, a solid or a liquid; then how it looks, and a fresh portion of it.',
    }
  if (!tube) return { title: 'Take a fresh portion.', says: 'About 1 cm³, in a clean tube.' }
  const unwritten = tube.steps.findIndex(({ saw }) => !saw)
  if (unwritten >= 0) return { title: `Write down what you see in ${tube.id}.`, says: 'No visible change is an observation too.' }
  const last = tube.steps.at(-1)
  if (!isLiquid && last?.do === 'flame' && /yellow/i.test(last.saw ?? '') && !/glass/i.test(last.saw ?? ''))
    return {
      title: 'Look again through blue glass.',
      says: 'Sodium’s yellow covers other flames; cobalt glass takes it away. Write down what is left, lilac or nothing.',
    }
  const [planned] = tube.planned ?? []
  if (planned)
    return {
      title: `In ${tube.id}: ${sayAction(planned)}.`,
      says: 'It stands in the line, as the sheet says. What you see, Enter.',
    }
  const [next, other] = shut ? [] : (identification?.next ?? [])
  if (next)
    return {
      title: `Next most telling: ${next.test}`,
      says: `Get ready: ${next.ready}. It tells ${sayTells(next)}.`,
      ...(other ? { or: `Or: ${other.test}.` } : {}),
    }
  if (!shut && identification?.next && sample.tubes.some(({ steps }) => steps.length > 0) && !sample.conclusion)
    return { title: 'Write your conclusion.', says: 'No further test on the bench would tell much more.' }
  return { title: 'The next test.', says: 'What you do, Enter, what you see, Enter.' }
}
