// The tests that mutants of a module are set against: its own.
import { defineConfig } from 'vitest/config'

const conditions = ['@hop-lark/source', 'node']

export default defineConfig({
  resolve: { conditions },
  ssr: { resolve: { conditions } },
  test: {
    setupFiles: ['scripts/seeded.mjs'],
    include: [`core/src/${process.env.HOP_LARK_MUTATED}/**/*.test.ts`],
    // What a mutant breaks shows in a few random cases as well as in thousands.
    env: { HOP_LARK_RUNS: '40' },
    // This one goes through every constant: no mutant of the code is found by it alone.
    exclude: ['**/constants.test.ts'],
    testTimeout: 60_000,
    environment: 'node',
  },
})
