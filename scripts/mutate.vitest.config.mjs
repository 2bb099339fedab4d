// The tests that mutants of a module are set against: its own.
import { defineConfig } from 'vitest/config'

const conditions = ['@hop-lark/source', 'node']

export default defineConfig({
  resolve: { conditions },
  ssr: { resolve: { conditions } },
  test: {
    setupFiles: ['scripts/seeded.mjs'],
    include: [`core/src/${process.env.HOP_LARK_MUTATED}/**/*.test.ts`],
    // What a mutant breaks shows in a few random cases as well as in thousands; states of the solver cost next to nothing.
    env: { HOP_LARK_RUNS: process.env.HOP_LARK_MUTATED === 'aqueous' ? '3000' : '40' },
    testTimeout: 60_000,
    environment: 'node',
  },
})
