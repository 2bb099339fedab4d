import { freshId } from '@hop-lark/core/record'
import { refusalOf, useNotebook } from '../notebook/store.ts'
import { keepPicture } from './pictures.ts'
import { PictureError, shrink } from './shrink.ts'

const CHARACTERS_OF_NAME = 16

/** Named by what it is, so that pictures of two devices are never taken for one; a number after it where it is of two places. */
function nameFor(sha256: string, taken: readonly string[]): string {
  const name = `photo-${sha256.slice(0, CHARACTERS_OF_NAME)}`
  return taken.includes(name) ? freshId(`${name}-`, taken) : name
}

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
    // Meanwhile another task may have been opened on this page.
    if (useNotebook.getState().task?.id !== task.id)
      return `${file.name} was not attached: its task was closed before it was ready.`
    return refusalOf(() =>
      edit('attach a photograph', (draft) => {
        draft.photographs ??= []
        const { photographs } = draft
        if (photographs.some((one) => one.sha256 === sha256 && one.of === of)) return
        photographs.push({
          id: nameFor(
            sha256,
            photographs.map(({ id }) => id),
          ),
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
