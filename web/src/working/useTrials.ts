import type { TrialPlan, Trials } from '@hop-lark/core/propagate'
import { proxy, wrap } from 'comlink'
import { useCallback, useEffect, useRef, useState } from 'react'
import type { TrialsWorker } from './trials.worker.ts'

/** Where a run of trials is. */
export type TrialState =
  | { readonly kind: 'idle' }
  | { readonly kind: 'running'; readonly done: number; readonly of: number }
  | { readonly kind: 'done'; readonly result: Trials; readonly milliseconds: number }
  | { readonly kind: 'failed'; readonly says: string }

/** Runs trials in a worker of their own; leaving the page or `cancel` ends it. */
export function useTrials(): {
  readonly state: TrialState
  readonly start: (plan: TrialPlan) => void
  readonly cancel: () => void
} {
  const worker = useRef<Worker>(undefined)
  const [state, setState] = useState<TrialState>({ kind: 'idle' })
  const end = useCallback(() => {
    worker.current?.terminate()
    worker.current = undefined
  }, [])
  useEffect(() => end, [end])
  const start = (plan: TrialPlan) => {
    end()
    const mine = new Worker(new URL('./trials.worker.ts', import.meta.url), { type: 'module' })
    worker.current = mine
    const began = performance.now()
    const still = () => worker.current === mine
    setState({ kind: 'running', done: 0, of: plan.trials })
    mine.addEventListener('error', () => {
      if (still()) setState({ kind: 'failed', says: 'The trials could not be started on this device.' })
    })
    wrap<TrialsWorker>(mine)
      .run(
        plan,
        proxy((done: number) => {
          if (still()) setState({ kind: 'running', done, of: plan.trials })
        }),
      )
      .then(
        (result) => still() && setState({ kind: 'done', result, milliseconds: performance.now() - began }),
        (error: unknown) => still() && setState({ kind: 'failed', says: error instanceof Error ? error.message : String(error) }),
      )
      .finally(() => {
        if (still()) end()
      })
  }
  const cancel = () => {
    end()
    setState({ kind: 'idle' })
  }
  return { state, start, cancel }
}
