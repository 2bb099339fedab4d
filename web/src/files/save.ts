import { fileNameOf, type Task } from '@hop-lark/core/record'
import type { FileFormat } from '@hop-lark/files'
import { downloadBlob } from '../notebook/download.ts'
import { filesWorker } from './filesWorker.ts'
import { FORMATS } from './formats.ts'
import { gather } from './gather.ts'

/** Saves a task on the device in a format. */
export async function saveAs(format: FileFormat, task: Task): Promise<void> {
  const { ending, type } = FORMATS[format]
  const bytes = await filesWorker().write(format, await gather(task), new Date())
  downloadBlob(`${fileNameOf(task.title)}.${ending}`, new Blob([new Uint8Array(bytes)], { type }))
}
