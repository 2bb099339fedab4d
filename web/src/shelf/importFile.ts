import type { Parcel } from '@hop-lark/files'
import { filesWorker } from '../files/filesWorker.ts'
import { ApiError, api } from '../notebook/api.ts'
import { keepPicture, sendPicture } from '../photographs/pictures.ts'

/** A task that came out of a file, as it is on the shelf now. */
interface Imported {
  readonly id: string
  readonly title: string
}

type Outcome =
  | { readonly kind: 'imported'; readonly tasks: readonly Imported[] }
  | { readonly kind: 'refused'; readonly says: string }

/** Faults told at once. */
const MOST_FAULTS = 3
const firstLines = (text: string) => text.split('\n').slice(0, MOST_FAULTS).join(' ')

/** Takes tasks off the shelf again: they lie among the archived ones. */
export async function takeBack(tasks: readonly Imported[]): Promise<void> {
  for (const { id } of tasks) await api.archive(id)
}

/** What was put on the shelf before something failed is destroyed: nothing else has been done with it yet. */
async function withdraw(tasks: readonly Imported[]): Promise<void> {
  await takeBack(tasks)
  for (const { id, title } of tasks) await api.destroy(id, title)
}

async function put({ task, photographs }: Parcel): Promise<Imported> {
  const { id, document } = await api.create(task)
  for (const { id: photograph, sha256, type } of task.photographs ?? []) {
    const picture = photographs.get(photograph)
    if (!picture) continue
    await keepPicture(id, sha256, new Blob([new Uint8Array(picture)], { type }))
    await sendPicture(id, sha256)
  }
  return { id, title: document.title }
}

/** Puts the tasks of a file on the shelf: all of them or none. */
export async function importFile(file: File): Promise<Outcome> {
  const read = await filesWorker().read(new Uint8Array(await file.arrayBuffer()), file.name)
  if (read.kind === 'refused') return { kind: 'refused', says: `${firstLines(read.says)} ${read.mend}` }
  const tasks: Imported[] = []
  try {
    for (const parcel of read.parcels) tasks.push(await put(parcel))
    return { kind: 'imported', tasks }
  } catch (error) {
    if (!(error instanceof ApiError)) throw error
    await withdraw(tasks).catch(() => undefined)
    return { kind: 'refused', says: `${error.message} ${error.mend} Nothing was imported.` }
  }
}
