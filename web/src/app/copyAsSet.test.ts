import { afterEach, describe, expect, it } from 'vitest'
import { copyAsSet } from './copyAsSet.ts'

afterEach(() => {
  document.body.innerHTML = ''
})

/** What goes to the clipboard when everything on a page is copied. */
function copied(html: string, target: EventTarget = document): ReadonlyMap<string, string> {
  document.body.innerHTML = html
  const range = document.createRange()
  range.selectNodeContents(document.body)
  document.getSelection()?.removeAllRanges()
  document.getSelection()?.addRange(range)
  const given = new Map<string, string>()
  const event = new Event('copy', { cancelable: true })
  Object.defineProperty(event, 'target', { value: target })
  Object.assign(event, { clipboardData: { setData: (type: string, text: string) => given.set(type, text) } })
  copyAsSet(event as ClipboardEvent)
  return given
}

describe('what is copied from a page', () => {
  it.each([
    ['<p>MnO<sub>4</sub><sup>−</sup></p>', 'MnO₄⁻'],
    ['<p>2.07 × 10<sup>−4</sup> mol</p>', '2.07 × 10⁻⁴ mol'],
    ['<p>Fe<sup>2+</sup></p><p>Fe<sup>3+</sup></p>', 'Fe²⁺\nFe³⁺'],
    ['<table><tr><td>H<sub>2</sub>O</td><td>18.0</td></tr></table>', 'H₂O\t18.0'],
  ])('keeps what is raised and lowered as characters: %s', (html, text) => {
    expect(copied(html).get('text/plain')).toBe(text)
  })

  it('keeps its marks for programs that take them', () => {
    expect(copied('<p>MnO<sub>4</sub></p>').get('text/html')).toContain('<sub>4</sub>')
  })

  it('is left to the browser where nothing is raised or lowered, and in fields', () => {
    expect(copied('<p>24.50</p>').size).toBe(0)
    expect(copied('<p>H<sub>2</sub></p>', document.createElement('textarea')).size).toBe(0)
  })
})
