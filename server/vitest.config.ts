import { defineProject } from 'vitest/config'

// Passed on to Node itself, so 'import' and the like would make it load the wrong half of packages that have two.
const conditions = ['@hop-lark/source', 'node']

export default defineProject({
  resolve: { conditions },
  ssr: { resolve: { conditions } },
  test: {
    name: 'server',
    include: ['src/**/*.test.ts'],
    environment: 'node',
    globalSetup: './src/testing/database.ts',
    testTimeout: 60_000,
    hookTimeout: 60_000,
  },
})
