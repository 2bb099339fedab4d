import { type ComponentType, lazy } from 'react'

/** A part of the app that could not be fetched: the server is away, or has a newer build and not this one. */
export class NotFetched extends Error {
  constructor(cause: unknown) {
    super('A part of the page could not be fetched.', { cause })
    this.name = 'NotFetched'
  }
}

/** Does something when the page has nothing else to do, or after some seconds all the same. */
export function whenIdle(work: () => void): void {
  if ('requestIdleCallback' in window) requestIdleCallback(work, { timeout: 4000 })
  else setTimeout(work, 1000)
}

/**
 * A component whose code is not needed at once: it is fetched when the page is idle, or as soon as it is drawn. What could
 * not be fetched, because the server was away, is fetched again when it is asked for again; browsers that keep the failure
 * have to load the page anew (`PageFault`).
 */
export function later<Props extends object>(load: () => Promise<ComponentType<Props>>) {
  let fetched: Promise<ComponentType<Props>> | undefined
  const fetch = () => {
    fetched ??= load().catch((error: unknown) => {
      fetched = undefined
      throw new NotFetched(error)
    })
    return fetched
  }
  whenIdle(() => void fetch().catch(() => undefined))
  return lazy(async () => ({ default: await fetch() }))
}
