import type { Kept } from './deviceStore.ts'
import { patchBetween } from './patchBetween.ts'

/** Whether something of what a page kept is not on the server yet. */
export const hasWork = ({ local, acknowledged, inFlight }: Kept): boolean =>
  inFlight !== undefined || patchBetween(acknowledged, local).length > 0
