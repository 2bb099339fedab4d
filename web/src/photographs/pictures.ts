import { createStore, del, get, keys, set } from 'idb-keyval'
import { ApiError, api } from '../notebook/api.ts'

/** Pictures that the server has not got yet. */
const waiting = createStore('hop-lark-pictures', 'waiting')

const nameOf = (task: string, sha256: string) => `${task}/${sha256}`

/** Moments between two attempts while the server is away, ms. */
const PAUSE = 10_000

let trying: ReturnType<typeof setTimeout> | undefined

/** Sends a picture that waits; it waits on where the server is away. */
async function send(task: string, sha256: string): Promise<void> {
  const picture = await get<Blob>(nameOf(task, sha256), waiting)
  if (!picture) return
  try {
    await api.keepPicture(task, sha256, picture)
    await del(nameOf(task, sha256), waiting)
  } catch (error) {
    if (!(error instanceof ApiError)) throw error
    // A task that the server has not got yet will be there in a moment; what it refuses for good stays on the device.
    if ((error.away || error.isOfUnknownTask) && trying === undefined) trying = setTimeout(sendWaiting, PAUSE)
  }
}

/** Sends all pictures that wait on this device. */
export async function sendWaiting(): Promise<void> {
  trying = undefined
  for (const name of await keys<string>(waiting)) {
    const [task = '', sha256 = ''] = [name.slice(0, name.lastIndexOf('/')), name.slice(name.lastIndexOf('/') + 1)]
    await send(task, sha256)
  }
}

/** Keeps a picture on the device first, then sends it. */
export async function keepPicture(task: string, sha256: string, picture: Blob): Promise<void> {
  await set(nameOf(task, sha256), picture, waiting)
  await send(task, sha256)
}

/** A picture: of the device while it waits there, else of the server. */
export async function pictureOf(task: string, sha256: string): Promise<Blob> {
  return (await get<Blob>(nameOf(task, sha256), waiting)) ?? api.picture(task, sha256)
}
