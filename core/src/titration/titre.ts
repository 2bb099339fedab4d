import { decimalPlaces, Exact } from '../number/index.ts'
import { type Conventions, type Entry, entryText, type Run } from '../record/index.ts'

/** The volume one run delivered: exact, and as it is written with the decimals of its readings. */
export interface Titre {
  readonly volume: Exact
  readonly text: string
}

type Burette = Conventions['burette']

/** Whether a burette can stand there at all: between its nought and its last mark. What cannot be feeds nothing. */
export function isOnScale(entry: Entry, { capacity }: Burette): boolean {
  const value = new Exact(entryText(entry))
  return !value.isNegative() && value.lte(capacity)
}

const titres = new WeakMap<object, Titre | 'none'>()

/**
 * Titre of a run: final − initial reading, exact. Runs are never changed in place, so it is remembered with the run: a
 * reading that changes in a long titration changes one titre.
 *
 * @returns undefined while a reading is missing or off the burette's scale, or when the final one lies above the initial one
 * @example
 * titreOf({ kind: 'accurate', initial: '0.40', final: '21.05' }, burette) // '20.65'
 */
export function titreOf(run: Pick<Run, 'initial' | 'final'>, burette: Burette): Titre | undefined {
  const readings = [run.initial, run.final].flatMap((entry) => entry ?? [])
  if (!readings.every((entry) => isOnScale(entry, burette))) return undefined
  const known = titres.get(run)
  if (known !== undefined) return known === 'none' ? undefined : known
  const found = subtract(run)
  titres.set(run, found ?? 'none')
  return found
}

function subtract(run: Pick<Run, 'initial' | 'final'>): Titre | undefined {
  if (run.initial === undefined || run.final === undefined) return undefined
  const [initial, final] = [entryText(run.initial), entryText(run.final)]
  const volume = new Exact(final).sub(initial)
  if (volume.isNegative()) return undefined
  return { volume, text: volume.toFixed(Math.max(decimalPlaces(initial), decimalPlaces(final))) }
}
