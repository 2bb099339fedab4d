// The tests that mutants of a module are set against: its own.
import { defineConfig } from 'vitest/config'

const conditions = ['@hop-lark/source', 'node']

export default defineConfig({
  resolve: { conditions },
  ssr: { resolve: { conditions } },
  test: {
    setupFiles: ['scripts/seeded.mjs'],
    include: [`core/src/${process.env.HOP_LARK_MUTATED}/**/*.test.ts`],
    testTimeout: 60_000,
    environment: 'node',
  },
})
