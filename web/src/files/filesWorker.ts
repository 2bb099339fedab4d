import { type Remote, wrap } from 'comlink'
import type { FilesWork } from './filesWork.ts'

let running: Remote<FilesWork> | undefined

/** The worker that writes and reads files; begun when it is first asked, and kept. */
export function filesWorker(): Remote<FilesWork> {
  running ??= wrap<FilesWork>(new Worker(new URL('./files.worker.ts', import.meta.url), { type: 'module' }))
  return running
}
