import { expect, test } from '@playwright/test'
import { axeFinds } from '../axe.ts'
import { contrastOf } from '../contrast.ts'

/** A page with a drawing on it, of which axe cannot tell the ground. */
const drawing = (text: string, more = '') => `<!doctype html><html lang="en"><title>A drawing</title><main><h1>A drawing</h1>
  <svg role="img" aria-label="a tube" width="200" height="100"><rect width="200" height="100" fill="#1a3a6a" />
  <text x="20" y="60" fill="${text}" font-size="16">25.00</text></svg>${more}</main></html>`

test('contrast is that of WCAG 2.1', () => {
  expect(contrastOf([0, 0, 0], [255, 255, 255])).toBeCloseTo(21)
  // From memory: #767676 is the lightest grey that passes on white, #777777 the first that does not.
  expect(contrastOf([0x76, 0x76, 0x76], [255, 255, 255])).toBeCloseTo(4.54, 2)
  expect(contrastOf([0x77, 0x77, 0x77], [255, 255, 255])).toBeCloseTo(4.48, 2)
})

test('a text on a drawing is measured as it is painted', async ({ page }) => {
  await page.setContent(drawing('#ffffff'))
  expect(await axeFinds(page)).toEqual([])
  await page.setContent(drawing('#3a5a8a'))
  expect(await axeFinds(page)).toEqual([expect.stringMatching(/^contrast 1\.\d+, 4\.5 is asked: text$/)])
})

test('a text that something lies over is not measured', async ({ page }) => {
  await page.setContent(drawing('#3a5a8a', '<div style="position: fixed; inset: 0; background: #fff">All of it is hidden.</div>'))
  expect((await axeFinds(page, 'color-contrast')).filter((found) => found.startsWith('contrast'))).toEqual([])
})

test('a text that is cut off is measured where it is seen', async ({ page }) => {
  const cut =
    '<svg role="img" aria-label="a lens" width="200" height="40"><clipPath id="lens"><rect width="200" height="20" /></clipPath><rect width="200" height="20" fill="#1a3a6a" /><text clip-path="url(#lens)" x="20" y="26" fill="#ffffff" font-size="16">26</text></svg>'
  await page.setContent(drawing('#ffffff', cut))
  expect(await axeFinds(page)).toEqual([])
})

test('what axe cannot decide is told', async ({ page }) => {
  await page.setContent(drawing('#ffffff', '<video src="data:video/mp4;base64,AAAA" controls></video>'))
  expect(await axeFinds(page)).toEqual(['video-caption, not decided: video'])
})

test('a button that opens what is not there is told', async ({ page }) => {
  const opener = (id: string) =>
    drawing(
      '#ffffff',
      `<button aria-haspopup="dialog" aria-expanded="true" aria-controls="${id}">Open</button><p id="there">It is.</p>`,
    )
  await page.setContent(opener('there'))
  expect(await axeFinds(page)).toEqual([])
  await page.setContent(opener('nowhere'))
  expect(await axeFinds(page)).not.toEqual([])
})
