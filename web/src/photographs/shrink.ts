import { LARGEST_PHOTOGRAPH } from '@hop-lark/core/record'

/** A picture as it is kept. */
export interface Shrunk {
  readonly blob: Blob
  readonly width: number
  readonly height: number
}

/** Longest side, in pixels: enough to read a scale by. */
const LONGEST_SIDE = 1600
const QUALITIES = [0.85, 0.7, 0.5, 0.35]

/** A picture that cannot be used, with the reason. */
export class PictureError extends Error {}

/**
 * Makes a picture small enough to be kept. It is drawn anew, so that nothing of what a camera writes beside it (where and
 * with what it was taken) stays in it.
 *
 * @throws PictureError where the file is no picture that this browser can show
 */
export async function shrink(file: Blob, name: string): Promise<Shrunk> {
  const bitmap = await createImageBitmap(file, { imageOrientation: 'from-image' }).catch(() => {
    throw new PictureError(`${name} is no picture that this browser can show. Choose a JPEG, PNG or WebP picture.`)
  })
  const scale = Math.min(1, LONGEST_SIDE / Math.max(bitmap.width, bitmap.height))
  const [width, height] = [Math.max(1, Math.round(bitmap.width * scale)), Math.max(1, Math.round(bitmap.height * scale))]
  const canvas = new OffscreenCanvas(width, height)
  const context = canvas.getContext('2d')
  if (!context) throw new PictureError('This browser cannot make pictures smaller.')
  // What can be seen through is white in a JPEG.
  context.fillStyle = '#fff'
  context.fillRect(0, 0, width, height)
  context.drawImage(bitmap, 0, 0, width, height)
  bitmap.close()
  for (const quality of QUALITIES) {
    const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality })
    if (blob.size <= LARGEST_PHOTOGRAPH) return { blob, width, height }
  }
  throw new PictureError(`${name} cannot be made smaller than 2 MB. Choose another picture.`)
}
