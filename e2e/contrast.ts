import type { Page } from '@playwright/test'
import { PNG } from 'pngjs'

type Colour = readonly [number, number, number]

/** A text as it is painted: where it lies on the page, in pixels, its colour, and how much of that lets the ground through. */
interface Painted {
  readonly selector: string
  readonly box: { readonly x: number; readonly y: number; readonly width: number; readonly height: number }
  readonly colour: readonly [number, number, number, number]
  readonly large: boolean
}

/** WCAG 2.1, success criterion 1.4.3: the contrast asked of text, and of large text. */
const ASKED = 4.5
const ASKED_OF_LARGE = 3
/** A colour that less of a text than this lies on is a line or an edge, not its ground. */
const GROUND = 1 / 8

/** Relative luminance of a colour, as WCAG 2.1 defines it. */
function luminance([red, green, blue]: Colour): number {
  const [r, g, b] = [red, green, blue].map((channel) => {
    const share = channel / 255
    return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4
  }) as [number, number, number]
  return 0.2126 * r + 0.7152 * g + 0.0722 * b
}

/** Contrast ratio of two colours, 1 to 21, as WCAG 2.1 defines it. */
export function contrastOf(one: Colour, other: Colour): number {
  const [dark, light] = [luminance(one), luminance(other)].toSorted((a, b) => a - b) as [number, number]
  return (light + 0.05) / (dark + 0.05)
}

/** Reads in the page how each text is to be painted; one that is not is left out. */
function readPainted(selectors: readonly string[]): Painted[] {
  const pen = document.createElement('canvas').getContext('2d', { willReadFrequently: true })
  if (!pen) throw new Error('This browser draws nothing.')
  return selectors.flatMap((selector) => {
    const element = document.querySelector(selector)
    if (!element) return []
    const style = getComputedStyle(element)
    pen.clearRect(0, 0, 1, 1)
    pen.fillStyle = element instanceof SVGElement ? style.fill : style.color
    pen.fillRect(0, 0, 1, 1)
    const [red = 0, green = 0, blue = 0, alpha = 0] = pen.getImageData(0, 0, 1, 1).data
    let shown = alpha / 255
    for (let at: Element | null = element; at; at = at.parentElement) shown *= Number(getComputedStyle(at).opacity)
    // A ghost that only carries marks.
    if (shown === 0) return []
    const size = Number.parseFloat(style.fontSize)
    const large = size >= 24 || (size >= 18.66 && Number(style.fontWeight) >= 700)
    const box = element.getBoundingClientRect().toJSON() as Painted['box']
    return [{ selector, box, colour: [red, green, blue, shown] as const, large }]
  })
}

interface Pictures {
  readonly withText: PNG
  readonly without: PNG
}

/** The colours of the ground on which the text of a box is painted, those that it is on for the most part. */
function groundUnder({ withText, without }: Pictures, { x, y, width, height }: Painted['box']): Colour[] {
  const counts = new Map<number, number>()
  let all = 0
  for (let row = Math.max(0, Math.floor(y)); row < Math.min(without.height, y + height); row++)
    for (let column = Math.max(0, Math.floor(x)); column < Math.min(without.width, x + width); column++) {
      const at = (row * without.width + column) * 4
      const ground = without.data.readUInt32BE(at)
      if (withText.data.readUInt32BE(at) === ground) continue
      counts.set(ground, (counts.get(ground) ?? 0) + 1)
      all++
    }
  return [...counts]
    .filter(([, count]) => count >= all * GROUND)
    .map(([colour]) => [colour >>> 24, (colour >>> 16) & 255, (colour >>> 8) & 255])
}

const HIDE_TEXT = `*, *::placeholder { color: transparent !important; transition: none !important }
  text, tspan { fill: transparent !important; stroke: none !important }`

/** The page as it is painted, and without its text. */
async function picturesOf(page: Page): Promise<Pictures> {
  const take = async () => PNG.sync.read(await page.screenshot({ animations: 'disabled', caret: 'hide' }))
  const withText = await take()
  const style = await page.addStyleTag({ content: HIDE_TEXT })
  const without = await take()
  await style.evaluate((element) => (element as Element).remove())
  // A check that sees nothing is worse than none.
  if (withText.data.equals(without.data)) throw new Error('The text of the page could not be hidden to see what is under it.')
  return { withText, without }
}

/** How much of a page, or of a part of it that scrolls by itself, is out of sight. */
const hiddenBelow = () =>
  Math.max(...[...document.querySelectorAll('*')].map(({ scrollHeight, clientHeight }) => scrollHeight - clientHeight))

/** The page as high as what is on it, while something is done. */
async function inFull<T>(page: Page, act: () => Promise<T>): Promise<T> {
  const viewport = page.viewportSize()
  if (!viewport) return act()
  const hidden = await page.evaluate(hiddenBelow)
  await page.setViewportSize({ ...viewport, height: viewport.height + hidden })
  try {
    return await act()
  } finally {
    await page.setViewportSize(viewport)
  }
}

/**
 * Texts whose contrast with the ground that is really painted under them is too low: for those of which it cannot be told from
 * styles, as on a drawing.
 *
 * @param selectors - CSS selectors, each of one element
 * @returns one sentence per text
 */
export async function paleTexts(page: Page, selectors: readonly string[]): Promise<string[]> {
  if (selectors.length === 0) return []
  return inFull(page, async () => {
    const painted = await page.evaluate(readPainted, selectors)
    const pictures = await picturesOf(page)
    return painted.flatMap(({ selector, box, colour: [red, green, blue, shown], large }) => {
      const worst = groundUnder(pictures, box)
        .map((ground) => {
          const mixed = [red, green, blue].map((channel, place) => channel * shown + (ground[place] ?? 0) * (1 - shown))
          return contrastOf(mixed as unknown as Colour, ground)
        })
        .toSorted((one, other) => one - other)[0]
      const asked = large ? ASKED_OF_LARGE : ASKED
      return worst === undefined || worst >= asked ? [] : [`contrast ${worst.toFixed(2)}, ${asked} is asked: ${selector}`]
    })
  })
}
