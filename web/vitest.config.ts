import { defineProject } from 'vitest/config'

const conditions = ['@hop-lark/source', 'browser']

export default defineProject({
  resolve: { conditions },
  ssr: { resolve: { conditions: ['@hop-lark/source', 'node'] } },
  define: { __VERSION__: '"0.0.0"' },
  // A busy machine is no failed test: nothing here is timed.
  test: {
    name: 'web',
    setupFiles: ['../scripts/seeded.mjs'],
    include: ['src/**/*.test.{ts,tsx}'],
    testTimeout: 60_000,
    environment: 'happy-dom',
  },
})
