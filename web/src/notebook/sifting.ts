import { type Path, type Task, valueAt, writePath } from '@hop-lark/core/record'
import type { ApiError } from './api.ts'
import { changedPlaces, withPlaceOf } from './sift.ts'

/** What the sifting of a refused edit works on. */
export interface Sifted {
  /** The task as the server has it, and as it is on the page; both may change while pieces are sent. */
  readonly states: () => { readonly acknowledged: Task; readonly local: Task }
  /** Sends what leads from the server's state to another; the error, if that is refused. */
  readonly trySending: (result: Task) => Promise<ApiError | undefined>
  /** Keeps a piece beside the task, with the reason. */
  readonly putAside: (piece: { readonly at: string; readonly value: unknown; readonly error: ApiError }) => Promise<void>
  /** Takes the task without a piece for the one on the page. */
  readonly goOnWith: (local: Task) => void
}

/**
 * Finds out what of a refused edit the server will not have, by sending its smallest pieces one by one: what it takes is
 * saved, what it never takes is set aside and comes off the page.
 *
 * @param whole - why the edit was refused as a whole
 */
export async function sift(whole: ApiError, { states, trySending, putAside, goOnWith }: Sifted): Promise<void> {
  const refused = new Map<string, { readonly place: Path; readonly error: ApiError }>()
  for (let taken = false; ; ) {
    const { acknowledged, local } = states()
    const place = changedPlaces(acknowledged, local).find((one) => !refused.has(writePath(one)))
    if (place) {
      const error = await trySending(withPlaceOf(acknowledged, local, place))
      if (error) refused.set(writePath(place), { place, error })
      else taken = true
    } else if (taken && refused.size > 0) {
      // What was refused may have needed what has been saved since.
      taken = false
      refused.clear()
    } else break
  }
  for (const { place, error } of refused.size > 0 ? refused.values() : [{ place: [], error: whole }]) {
    await putAside({ at: writePath(place), value: valueAt(states().local, place), error })
    const { acknowledged, local } = states()
    goOnWith(place.length === 0 ? acknowledged : withPlaceOf(local, acknowledged, place))
  }
}
