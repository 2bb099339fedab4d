import { setTimeout as wait } from 'node:timers/promises'
import { isDatabaseAway } from '../http/errors.ts'

/** Another write came between: a lock that was not to be had in time, a deadlock; on a cluster a change that was certified first, also where that shows only as it is committed. */
const CAME_BETWEEN = new Set([1180, 1205, 1213])

function errnoOf(error: unknown): number {
  const { errno, parent, original } = (error ?? {}) as { errno?: unknown; parent?: unknown; original?: unknown }
  if (typeof errno === 'number') return errno
  return parent || original ? errnoOf(parent ?? original) : 0
}

/** Whether an error says that another write came between, so that nothing was written. */
export const cameBetween = (error: unknown): boolean => CAME_BETWEEN.has(errnoOf(error))

/** A page waits longer than this for an answer. */
const MILLISECONDS_OF_PATIENCE = 12_000
const MOST_MILLISECONDS_BETWEEN_TRIES = 400

/**
 * Does something in the database, again if another write came between; on a cluster also when its node was lost, since
 * another takes its place. What is done must do no harm when it is done twice.
 */
export async function again<Answer>(isCluster: boolean, act: () => Promise<Answer>): Promise<Answer> {
  const until = Date.now() + MILLISECONDS_OF_PATIENCE
  for (let tries = 0; ; tries++) {
    try {
      return await act()
    } catch (error) {
      const mayPass = cameBetween(error) || (isCluster && isDatabaseAway(error))
      if (!mayPass || Date.now() > until) throw error
      // Not all at once: those that met would meet again.
      await wait(Math.random() * Math.min(MOST_MILLISECONDS_BETWEEN_TRIES, 10 * 2 ** tries))
    }
  }
}
