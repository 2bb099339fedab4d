import { readFileSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import type { Page } from '@playwright/test'
import { settled } from '../axe.ts'
import { expect, test } from '../bench.ts'
import { saved } from './keyboard.ts'

const FILE = fileURLToPath(new URL('../../docs/by-ear.txt', import.meta.url))

/** Pages of a titration in the order the work is done, with the state in which each is heard. */
const PAGES = [
  ['w1', 'Weigh'],
  ['s1', 'Make up'],
  ['t1', 'Titrate'],
  ['work-out', 'Work out'],
] as const

const HEAD = `The titration job, by ear: what a screen reader is told of each page of the demo task “Iron in lawn sand”, in its order, the page
and then its margin. Written and checked by e2e/tests/by-ear.spec.ts: after a change that is meant, run it with BY_EAR=write and read
what changed.
`

const block = (title: string, tree: string) => `\n${title}\n${'='.repeat(title.length)}\n\n${tree}\n`

/** The tree of the page and its margin as text, without the moment it was saved. */
async function heard(page: Page, where: string): Promise<string> {
  await settled(page)
  const tree = await page.locator(where).ariaSnapshot()
  return tree.replaceAll(/saved \d\d:\d\d/g, 'saved 00:00')
}

test('the titration job is heard as docs/by-ear.txt has it', async ({ page, bench }) => {
  const id = await bench.shelve('iron-in-lawn-sand')
  let document = HEAD
  for (const [stage, title] of PAGES) {
    await page.goto(`${bench.url}/task/${id}/${stage}`)
    await page.getByRole('heading', { level: 1 }).waitFor()
    await saved(page)
    // It comes with the code of its own.
    if (stage !== 'work-out') await page.getByRole('region', { name: 'Photographs' }).waitFor()
    document += block(title, await heard(page, '.page-frame:has(> main)'))
    if (stage === 't1') {
      await page.keyboard.press('Alt+s')
      await page.getByRole('dialog').waitFor()
      document += block('Set up the titration', await heard(page, '[role=dialog]'))
    }
  }
  document = document.replaceAll(id, 'task')
  if (process.env.BY_EAR === 'write') writeFileSync(FILE, document)
  expect(document).toBe(readFileSync(FILE, 'utf8'))
})
