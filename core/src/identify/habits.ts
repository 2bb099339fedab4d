import type { TubeStep } from '../tube/index.ts'
import type { RecordedTube } from './record.ts'

/** Ions that use up acid before it acidifies: how much was taken then decides what is seen next. */
const USES_ACID = new Set(['SO3^2-', 'CO3^2-', 'HCO3-'])
export const usesAcid = (ion: string): boolean => USES_ACID.has(ion)

const ACID = /^(HNO3|HCl)\(aq\)$/
const AFTER_ACID = /^(AgNO3|Ba|Pb)/

const known = new WeakMap<RecordedTube, readonly TubeStep[]>()

/**
 * The steps of a tube with acid enough to acidify: "acid, then silver nitrate" is often written as drops where the student
 * went on until the fizzing stopped.
 *
 * @returns the very steps of the tube where no acid comes before silver, barium or lead
 */
export function acidifiedIn(tube: RecordedTube): readonly TubeStep[] {
  const before = known.get(tube)
  if (before) return before
  const made = tube.did.map((step, index): TubeStep => {
    const acid = step.do === 'add' && step.amount === 'drops' && ACID.test(step.reagent ?? '')
    return acid && AFTER_ACID.test(tube.did[index + 1]?.reagent ?? '') ? { ...step, amount: 'equal' } : step
  })
  const found = made.some((step, index) => step !== tube.did[index]) ? made : tube.did
  known.set(tube, found)
  return found
}
