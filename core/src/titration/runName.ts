import type { Run } from '../record/index.ts'

const numbers = new WeakMap<readonly object[], Int32Array>()

/** Which of its kind each run is, counted once for a list of runs. */
function numbersOf(runs: readonly Pick<Run, 'kind'>[]): Int32Array {
  const known = numbers.get(runs)
  if (known) return known
  const met = { rough: 0, accurate: 0, blank: 0 }
  const made = Int32Array.from(runs, ({ kind }) => ++met[kind])
  numbers.set(runs, made)
  return made
}

/** What a run is called at the bench: `rough`, `run 2`, `blank`; accurate runs are counted by themselves. */
export function runName(runs: readonly Pick<Run, 'kind'>[], index: number): string {
  const run = runs[index]
  if (!run) return `run ${index + 1}`
  const number = numbersOf(runs)[index] as number
  if (run.kind === 'accurate') return `run ${number}`
  return number === 1 ? run.kind : `${run.kind} ${number}`
}
