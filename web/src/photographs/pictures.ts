import { createStore, del, get, keys, set } from 'idb-keyval'
import { ApiError, api } from '../notebook/api.ts'

/** Pictures that the server has not got yet. */
const waiting = createStore('hop-lark-pictures', 'waiting')

/** A picture as it waits: as bytes, since not every browser keeps a file in its database. */
interface Waiting {
  readonly type: string
  readonly bytes: ArrayBuffer
}

const waitingFor = async (name: string): Promise<Blob | undefined> => {
  const found = await get<Waiting>(name, waiting)
  return found && new Blob([found.bytes], { type: found.type })
}

const nameOf = (task: string, sha256: string) => `${task}/${sha256}`

/** Moments between two attempts while the server is away, ms. */
const PAUSE = 10_000

let trying: ReturnType<typeof setTimeout> | undefined

/** Sends a picture that waits; it waits on where the server is away. */
export async function sendPicture(task: string, sha256: string): Promise<void> {
  const picture = await waitingFor(nameOf(task, sha256))
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
    await sendPicture(task, sha256)
  }
}

/** Keeps a picture on the device; it is sent when the server takes it, and nobody waits for that. */
export async function keepPicture(task: string, sha256: string, picture: Blob): Promise<void> {
  const kept: Waiting = { type: picture.type, bytes: await picture.arrayBuffer() }
  await set(nameOf(task, sha256), kept, waiting)
  void sendPicture(task, sha256)
}

/** A picture: of the device while it waits there, else of the server. */
export async function pictureOf(task: string, sha256: string): Promise<Blob> {
  return (await waitingFor(nameOf(task, sha256))) ?? api.picture(task, sha256)
}
