/** A key that nobody else has. Keys must be unique, not secret; `randomUUID` is missing on plain http away from loopback. */
export function newKey(): string {
  return Array.from(crypto.getRandomValues(new Uint8Array(16)), (byte) => byte.toString(16).padStart(2, '0')).join('')
}
