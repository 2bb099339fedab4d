/** Bytes as base64, in any JavaScript; a piece at a time, since a call takes only so many arguments. */
export function inBase64(bytes: Uint8Array): string {
  const PIECE = 0x8000
  const pieces: string[] = []
  for (let at = 0; at < bytes.length; at += PIECE) pieces.push(String.fromCharCode(...bytes.subarray(at, at + PIECE)))
  return btoa(pieces.join(''))
}
