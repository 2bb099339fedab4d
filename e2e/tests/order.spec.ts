import type { Locator, Page } from '@playwright/test'
import { expect, test } from '../bench.ts'

/** Drags one thing onto another as a hand does, in small moves. */
async function drag(page: Page, what: Locator, onto: Locator): Promise<void> {
  await onto.scrollIntoViewIfNeeded()
  const [from, to] = [await what.boundingBox(), await onto.boundingBox()]
  if (!from || !to) throw new Error('Nothing there to drag.')
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2)
  await page.mouse.down()
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 12 })
  await page.mouse.up()
}

test('stages are put in another order by dragging and by key, and stay so', async ({ page, bench }) => {
  const id = await bench.shelve('iron-in-lawn-sand')
  await page.goto(`${bench.url}/task/${id}/brief`)
  const stages = page.getByRole('region', { name: 'Stages of the task' })
  const order = () => stages.getByRole('link').allTextContents()
  await expect(stages.getByRole('link')).toHaveCount(3)
  const before = await order()
  const grips = stages.getByRole('button', { name: /^Move / })
  await drag(page, grips.nth(0), grips.nth(2))
  const [first, ...rest] = before
  await expect.poll(order).toEqual([...rest.slice(0, 2), first, ...rest.slice(2)])
  // By key: lifted, moved, put down; and back at once with Alt.
  await grips.nth(2).focus()
  await page.keyboard.press('Alt+ArrowUp')
  await expect.poll(order).toEqual([rest[0], first, ...rest.slice(1)])
  await expect(page.getByText('saved', { exact: false }).first()).toBeVisible()
  await page.reload()
  await expect.poll(order).toEqual([rest[0], first, ...rest.slice(1)])
})
