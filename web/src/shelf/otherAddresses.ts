const LOOPBACK = /^(localhost|127\.0\.0\.1|\[::1\])(:|$)/
/** Listening on every address is not a name that can be opened. */
const EVERYWHERE = /^(0\.0\.0\.0|\[::\])(:|$)/

/**
 * Other addresses of the same server that this browser could open. What waits in a browser belongs to the address it was
 * entered under; no page of another address can see it.
 *
 * @param names - under which the server answers, with port
 * @param here - the address of this page, such as http://127.0.0.1:4710
 */
export function otherAddresses(names: readonly string[], here: string): readonly string[] {
  const { protocol, host } = new URL(here)
  const isNear = LOOPBACK.test(host)
  return [...new Set(names)]
    .filter((name) => name !== host && !EVERYWHERE.test(name) && (isNear || !LOOPBACK.test(name)))
    .map((name) => `${protocol}//${name}`)
}
