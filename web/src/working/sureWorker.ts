import { type Remote, wrap } from 'comlink'
import type { SureWork } from './sureWork.ts'

let running: Remote<SureWork> | undefined

/** The worker that says how sure answers are; begun when it is first asked, and kept. */
export function sureWorker(): Remote<SureWork> {
  running ??= wrap<SureWork>(new Worker(new URL('./sure.worker.ts', import.meta.url), { type: 'module' }))
  return running
}
