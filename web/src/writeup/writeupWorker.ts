import { type Remote, wrap } from 'comlink'
import type { WriteupWork } from './writeupWork.ts'

let running: Remote<WriteupWork> | undefined

/** The worker that writes up; begun when it is first asked, and kept. */
export function writeupWorker(): Remote<WriteupWork> {
  running ??= wrap<WriteupWork>(new Worker(new URL('./writeup.worker.ts', import.meta.url), { type: 'module' }))
  return running
}
