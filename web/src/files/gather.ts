import type { Task } from '@hop-lark/core/record'
import type { ToWrite } from '@hop-lark/files'
import { ApiError, api } from '../notebook/api.ts'
import { pictureOf } from '../photographs/pictures.ts'

/** What cannot be had just now is left out: an archive without the server's ledger is still one. */
async function unlessAway<Found>(found: Promise<Found>): Promise<Found | undefined> {
  try {
    return await found
  } catch (error) {
    if (error instanceof ApiError) return undefined
    throw error
  }
}

/** A task with its pictures and the server's ledger of its edits, as far as they can be had. */
export async function gather(task: Task): Promise<ToWrite> {
  const pictures = await Promise.all(
    (task.photographs ?? []).map(async ({ id, sha256 }) => {
      const picture = await unlessAway(pictureOf(task.id, sha256))
      return picture ? [[id, new Uint8Array(await picture.arrayBuffer())] as const] : []
    }),
  )
  const ledger = await unlessAway(api.editsSince(task.id, 0))
  const edits = ledger?.edits.map(({ version, at, patch }) => ({ version, at, patch }))
  return { task, photographs: new Map(pictures.flat()), ...(edits ? { edits } : {}) }
}
