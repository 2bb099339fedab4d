/** Remainders of each byte by the polynomial of zip archives (ISO 3309, reflected: edb88320). */
const TABLE = Uint32Array.from({ length: 256 }, (_, byte) => {
  let rest = byte
  for (let bit = 0; bit < 8; bit++) rest = rest & 1 ? (rest >>> 1) ^ 0xedb88320 : rest >>> 1
  return rest
})

/** The CRC-32 by which a zip archive tells whether a file of it is whole. */
export function crc32(bytes: Uint8Array): number {
  let rest = 0xffffffff
  for (const byte of bytes) rest = (TABLE[(rest ^ byte) & 0xff] ?? 0) ^ (rest >>> 8)
  return (rest ^ 0xffffffff) >>> 0
}
