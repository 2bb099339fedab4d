import { expect, test } from '../bench.ts'
import { Walker } from '../walk/Walker.ts'

/** Seeds and acts can be chosen: HOP_LARK_WALKS=200 HOP_LARK_WALK_FROM=1 HOP_LARK_WALK_ACTS=2000. */
const { HOP_LARK_WALKS = '20', HOP_LARK_WALK_FROM = '1', HOP_LARK_WALK_ACTS = '12' } = process.env
const first = Number(HOP_LARK_WALK_FROM)
const ACTS = Number(HOP_LARK_WALK_ACTS)
const SECONDS_AN_ACT = 4

// A page answers in any case: with what it has, or with why it has it not.
test.use({ serviceWorkers: 'allow' })

for (let seed = first; seed < first + Number(HOP_LARK_WALKS); seed++) {
  test(`a walk through the worst, seed ${seed}: everything entered is on the server once`, async ({ browser, bench }) => {
    test.setTimeout(60_000 + ACTS * SECONDS_AN_ACT * 1000)
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
    await walker.begin(browser)
    try {
      for (let act = 0; act < ACTS; act++) await walker.step()
      expect(await walker.end()).toEqual([])
    } finally {
      test.info().annotations.push({ type: 'walk', description: walker.done.join(', ') })
      await bench.ensureServer()
    }
    expect(walker.model.size).toBeGreaterThan(0)
  })
}
