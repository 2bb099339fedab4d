import { defineProject } from 'vitest/config'

// Passed on to Node itself, so 'import' and the like would make it load the wrong half of packages that have two.
const conditions = ['@hop-lark/source', 'node']

export default defineProject({
  resolve: { conditions },
  ssr: { resolve: { conditions } },
  // A busy machine is no failed test: nothing here is timed.
  test: {
    name: 'files',
    setupFiles: ['../scripts/seeded.mjs'],
    include: ['src/**/*.test.ts'],
    testTimeout: 60_000,
    environment: 'node',
  },
})
