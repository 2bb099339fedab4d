import { type Remote, wrap } from 'comlink'
import type { ChemistryWork } from './chemistryWork.ts'

let running: Remote<ChemistryWork> | undefined

/** The worker that does the chemistry of racks; begun when it is first asked, and kept. */
export function chemistry(): Remote<ChemistryWork> {
  running ??= wrap<ChemistryWork>(new Worker(new URL('./chemistry.worker.ts', import.meta.url), { type: 'module' }))
  return running
}
