// Property tests begin from the same seed every time, so that a run can be repeated and a failure is the change's own.
// To look further: HOP_LARK_SEED=random HOP_LARK_RUNS=5000 npx vitest run propagate
import fc from 'fast-check'

const { HOP_LARK_SEED: seed = '20261101', HOP_LARK_RUNS: runs } = process.env

fc.configureGlobal({
  ...(seed === 'random' ? {} : { seed: Number(seed) }),
  ...(runs === undefined ? {} : { numRuns: Number(runs) }),
})
