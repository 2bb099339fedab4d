import { expect, test } from '../bench.ts'
import { saved } from './keyboard.ts'

interface Reading {
  readonly value: string
  readonly rival?: { readonly value: string }
  readonly was?: readonly { readonly value: string }[]
}

const runsOf = (document: { parts: { id: string; runs?: Record<string, Reading>[] }[] }) =>
  document.parts.find(({ id }) => id === 't1')?.runs ?? []

test('two windows on one task lose nothing, and ask where both wrote the same reading', async ({ browser, bench }) => {
  const id = await bench.shelve('iron-in-lawn-sand')
  const address = `${bench.url}/task/${id}/t1`
  // Two contexts: two devices, which share nothing but the server.
  const [one, two] = await Promise.all([browser.newContext(), browser.newContext()])
  const [left, right] = await Promise.all([one.newPage(), two.newPage()])
  await Promise.all([left.goto(address), right.goto(address)])
  const cell = (field: string) => `[data-at="parts.t1.runs.${field}"]`
  await Promise.all([left.locator(cell('run4.final')).waitFor(), right.locator(cell('run4.final')).waitFor()])

  // The right window loses the network, so that both write on the same version.
  await two.setOffline(true)
  await left.locator(cell('run4.final')).fill('42.50')
  await left.keyboard.press('Enter')
  await left.locator(cell('rough1.final')).fill('21.35')
  await left.keyboard.press('Enter')
  await saved(left)
  await right.locator(cell('run4.final')).fill('42.55')
  await right.keyboard.press('Enter')
  await right.locator(cell('run2.final')).fill('41.90')
  await right.keyboard.press('Tab')
  await expect(right.locator('[data-save="kept"]')).toBeVisible()
  await two.setOffline(false)
  await saved(right)

  const runs = runsOf(await bench.document(id))
  expect(runs[0]?.final).toMatchObject({ value: '21.35', was: [{ value: '21.30' }] })
  expect(runs[2]?.final).toMatchObject({ value: '41.90', was: [{ value: '42.20' }] })
  expect(runs[4]?.final).toMatchObject({ value: '42.55', rival: { value: '42.50' } })

  await expect(right.getByLabel('Check')).toContainText('Two values were entered at the same time: 42.55 and 42.50.')
  await right.getByRole('button', { name: 'Keep 42.50' }).click()
  await saved(right)
  const settled = runsOf(await bench.document(id))[4]?.final
  expect(settled).toMatchObject({ value: '42.50', was: [{ value: '42.55' }] })
  expect(settled?.rival).toBeUndefined()

  // The left window hears of it as soon as it is looked at, or writes.
  await left.locator(cell('run1.final')).fill('21.30')
  await left.keyboard.press('Tab')
  await saved(left)
  await expect(left.locator(cell('run2.final'))).toHaveValue('41.90')
  await one.close()
  await two.close()
})

test('two tabs of one browser follow each other', async ({ context, bench }) => {
  const id = await bench.shelve('iron-in-lawn-sand')
  const [left, right] = [await context.newPage(), await context.newPage()]
  await left.goto(`${bench.url}/task/${id}/w1`)
  await right.goto(`${bench.url}/task/${id}/w1`)
  await left.locator('[data-at="parts.w1.withResidue"]').fill('26.70')
  await left.keyboard.press('Enter')
  await expect(right.getByTestId('mass-w1')).toHaveText('4.76 g')
})
