import { runTrials, type TrialPlan, type Trials } from '@hop-lark/core/propagate'
import { expose } from 'comlink'

/** Runs trials away from the page. To stop it, end the worker. */
const trialsWorker = {
  run(plan: TrialPlan, onProgress: (done: number) => void): Trials {
    const running = runTrials(plan)
    for (;;) {
      const step = running.next()
      if (step.done) return step.value
      onProgress(step.value)
    }
  },
}

export type TrialsWorker = typeof trialsWorker

expose(trialsWorker)
