import { decimalPlaces, Exact } from '../number/index.ts'
import { entryText, type Run } from '../record/index.ts'

/** The volume one run delivered: exact, and as it is written with the decimals of its readings. */
export interface Titre {
  readonly volume: Exact
  readonly text: string
}

/**
 * Titre of a run: final − initial reading, exact.
 *
 * @returns undefined while a reading is missing or when the final one lies above the initial one
 * @example
 * titreOf({ kind: 'accurate', initial: '0.60', final: '23.45' }) // '22.85'
 */
export function titreOf(run: Pick<Run, 'initial' | 'final'>): Titre | undefined {
  if (run.initial === undefined || run.final === undefined) return undefined
  const [initial, final] = [entryText(run.initial), entryText(run.final)]
  const volume = new Exact(final).sub(initial)
  if (volume.isNegative()) return undefined
  return { volume, text: volume.toFixed(Math.max(decimalPlaces(initial), decimalPlaces(final))) }
}
