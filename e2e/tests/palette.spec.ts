import type { Page } from '@playwright/test'
import { expect, test } from '../bench.ts'
import { enter } from './keyboard.ts'

/** Finds something by words a student would use, and takes the first of what is found. */
async function find(page: Page, words: string): Promise<void> {
  await page.keyboard.press('Control+k')
  await expect(page.getByPlaceholder(/new run/)).toBeFocused()
  await enter(page, words)
  await expect(page.getByRole('dialog', { name: 'What do you need?' })).toHaveCount(0)
}

test('what a page can do is found from another page, and done there', async ({ page, bench }) => {
  const iron = await bench.shelve('iron-in-lawn-sand')
  const brief = `${bench.url}/task/${iron}/brief`
  await page.goto(brief)
  await expect(page.getByRole('heading', { name: 'Brief' })).toBeVisible()
  await find(page, 'new run')
  await expect(page.locator('[data-at="parts.t1.runs.run5.initial"]')).toBeFocused()
  await find(page, 'undo')
  await expect(page.locator('[data-at="parts.t1.runs.run5.initial"]')).toHaveCount(0)
  await find(page, 'set up the titration')
  await expect(page.getByRole('dialog', { name: 'Set up the titration' })).toBeVisible()
  await page.keyboard.press('Escape')
  await find(page, 'weigh another')
  await expect(page.getByRole('heading', { level: 1, name: 'Weigh F1' })).toBeVisible()
  await expect(page.getByRole('heading', { name: 'Weighing 2' })).toBeVisible()
  await find(page, 'add a question')
  await expect(page.getByRole('dialog', { name: 'Add a question' })).toBeVisible()
  await page.keyboard.press('Escape')
  await page.evaluate(() => {
    window.print = () => document.body.setAttribute('data-printed', '')
  })
  await find(page, 'print')
  await expect(page.locator('body')).toHaveAttribute('data-printed', '')
  await find(page, 'dark theme')
  await expect(page.locator('html')).toHaveAttribute('data-theme', 'dark')
  await find(page, 'paste the task sheet')
  await expect(page.getByRole('textbox', { name: 'Task sheet' })).toBeVisible()
})

test('what the rack can do is found, and so is a new task on the shelf', async ({ page, bench }) => {
  const jars = await bench.shelve('four-jars')
  await page.goto(`${bench.url}/task/${jars}/work-out`)
  await expect(page.getByRole('heading', { name: 'Work out' })).toBeVisible()
  await find(page, 'fresh portion')
  await expect(page.getByRole('textbox', { name: /what you do/ })).toBeFocused()
  await find(page, 'write your conclusion')
  await expect(page.getByRole('textbox', { name: /^Your conclusion/ })).toBeFocused()
  await find(page, 'new sample solid')
  await expect(page.getByRole('button', { name: 'Fresh portion' }).last()).toBeFocused()
  await find(page, 'shelf')
  await expect(page.getByRole('heading', { name: 'Tasks' })).toBeVisible()
  await find(page, 'new task')
  await expect(page.getByRole('dialog', { name: 'New task' })).toBeVisible()
})
