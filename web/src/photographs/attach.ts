import { freshId } from '@hop-lark/core/record'
import { refusalOf, useNotebook } from '../notebook/store.ts'
import { keepPicture } from './pictures.ts'
import { PictureError, shrink } from './shrink.ts'

/**
 * Attaches a picture to a place of the open task: made smaller, kept on the device, named in the record, sent.
 *
 * @param of - the written path of what it shows
 * @returns why it was not attached, or undefined
 */
export async function attach(file: File, of: string): Promise<string | undefined> {
  const { task, edit } = useNotebook.getState()
  if (!task) return 'No task is open.'
  try {
    const { blob, width, height } = await shrink(file, file.name)
    const { checksumOf } = await import('@hop-lark/files/checksum')
    const sha256 = checksumOf(new Uint8Array(await blob.arrayBuffer()))
    await keepPicture(task.id, sha256, blob)
    return refusalOf(() =>
      edit('attach a photograph', (draft) => {
        draft.photographs ??= []
        const id = freshId(
          'photo',
          draft.photographs.map((one) => one.id),
        )
        draft.photographs.push({
          id,
          of,
          type: 'image/jpeg',
          sha256,
          bytes: blob.size,
          width,
          height,
          at: new Date().toISOString(),
        })
      }),
    )
  } catch (error) {
    if (error instanceof PictureError) return error.message
    throw error
  }
}
