import type { BrowserContext } from '@playwright/test'
import { test as base, expect } from '../bench.ts'
import { Walker } from '../walk/Walker.ts'

/** Seeds and acts can be chosen: HOP_LARK_WALKS=200 HOP_LARK_WALK_FROM=1 HOP_LARK_WALK_ACTS=2000. */
const { HOP_LARK_WALKS = '20', HOP_LARK_WALK_FROM = '1', HOP_LARK_WALK_ACTS = '8' } = process.env
const first = Number(HOP_LARK_WALK_FROM)
const ACTS = Number(HOP_LARK_WALK_ACTS)
const SECONDS_AN_ACT = 10

/** Two browsers that have the app on the device, for all walks of a worker: a page answers in any case. */
const test = base.extend<Record<never, never>, { browsers: readonly BrowserContext[] }>({
  browsers: [
    async ({ browser }, use) => {
      const contexts = [
        await browser.newContext({ serviceWorkers: 'allow' }),
        await browser.newContext({ serviceWorkers: 'allow' }),
      ]
      await use(contexts)
      for (const context of contexts) await context.close()
    },
    { scope: 'worker' },
  ],
})

for (let seed = first; seed < first + Number(HOP_LARK_WALKS); seed++) {
  test(`a walk through the worst, seed ${seed}: everything entered is on the server once`, async ({ browsers, bench }) => {
    test.setTimeout(90_000 + ACTS * SECONDS_AN_ACT * 1000)
    const task = await bench.shelve('iron-in-lawn-sand', (document) => {
      document.conventions = { ...document.conventions, burette: { capacity: '50.00', step: '0.01' } }
      for (const part of document.parts)
        if (part.id === 't1')
          part.runs = [
            { id: 'rough1', kind: 'rough' },
            { id: 'run1', kind: 'accurate' },
          ]
    })
    const walker = new Walker(bench, task, seed)
    await walker.begin(browsers)
    try {
      for (let act = 0; act < ACTS; act++) await walker.step()
      expect(await walker.end()).toEqual([])
    } finally {
      test.info().annotations.push({ type: 'walk', description: walker.done.join(', ') })
      await bench.ensureServer()
      await walker.leave()
    }
    expect(walker.model.size).toBeGreaterThanOrEqual(2)
  })
}
