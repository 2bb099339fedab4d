import type { PHOTOGRAPH_TYPES } from '@hop-lark/core/record'

type PictureType = (typeof PHOTOGRAPH_TYPES)[number]

const ascii = (bytes: Buffer, from: number, to: number) => bytes.subarray(from, to).toString('latin1')

/** What a picture is by its first bytes, whatever it is called; undefined where it is none that is kept. */
export function pictureType(bytes: Buffer): PictureType | undefined {
  if (bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff) return 'image/jpeg'
  if (ascii(bytes, 0, 8) === '\x89PNG\r\n\x1a\n') return 'image/png'
  if (ascii(bytes, 0, 4) === 'RIFF' && ascii(bytes, 8, 12) === 'WEBP') return 'image/webp'
  return undefined
}
