import type { Run } from '../record/index.ts'

/** What a run is called at the bench: `rough`, `run 2`, `blank`; accurate runs are counted by themselves. */
export function runName(runs: readonly Pick<Run, 'kind'>[], index: number): string {
  const run = runs[index]
  if (!run) return `run ${index + 1}`
  const number = runs.slice(0, index + 1).filter(({ kind }) => kind === run.kind).length
  if (run.kind === 'accurate') return `run ${number}`
  return number === 1 ? run.kind : `${run.kind} ${number}`
}
