import type { Page } from '@playwright/test'
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'

/** What Chromium prints of a page: its text in reading order, and whether it is tagged. */
export interface Printed {
  readonly pages: number
  readonly text: string
  readonly tagged: boolean
}

/** Prints a page as its own print button does, and reads the PDF with a general library. */
export async function printed(page: Page, format: 'A4' | 'Letter'): Promise<Printed> {
  const bytes = await page.pdf({ format, tagged: true, printBackground: true })
  const pdf = await getDocument({ data: new Uint8Array(bytes), isEvalSupported: false }).promise
  const texts: string[] = []
  for (let number = 1; number <= pdf.numPages; number++) {
    const { items } = await (await pdf.getPage(number)).getTextContent()
    texts.push(items.map((item) => ('str' in item ? item.str + (item.hasEOL ? '\n' : '') : '')).join(' '))
  }
  const { markedContentInfo } = { markedContentInfo: await pdf.getMarkInfo() }
  const found = {
    pages: pdf.numPages,
    text: texts.join('\n').replace(/[\s\u00a0\u202f]+/g, ' '),
    tagged: markedContentInfo?.Marked === true,
  }
  await pdf.destroy()
  return found
}

/** Whether texts stand in another text in their order. */
export function inOrder(text: string, ...wanted: readonly string[]): string | undefined {
  let from = 0
  for (const one of wanted) {
    const at = text.indexOf(one, from)
    if (at < 0) return `“${one}” is not where it should be: … ${text.slice(from, from + 300)} …`
    from = at + one.length
  }
  return undefined
}
