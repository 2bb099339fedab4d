import { GlobalWorkerOptions, getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs'
import workerUrl from 'pdfjs-dist/legacy/build/pdf.worker.min.mjs?url'
import type { TextItem } from 'pdfjs-dist/types/src/display/api'
import { SheetFileError } from './SheetFileError.ts'

GlobalWorkerOptions.workerSrc = workerUrl

/** Pages that are read; a task sheet has fewer. */
const MOST_PAGES = 40

/** A piece of text with where it stands on its page. */
interface Placed {
  readonly str: string
  readonly x: number
  readonly y: number
  readonly height: number
  readonly width: number
}

const isPlaced = (item: object): item is TextItem => 'str' in item

/** Pieces on one line, though exponents and indices stand a little off it. */
const onLine = (one: Placed, other: Placed) => Math.abs(one.y - other.y) < Math.max(one.height, other.height) * 0.6

/** The lines of a page: pieces by their height, then from left to right, with a blank where there is a gap. */
function linesOf(items: readonly Placed[]): readonly string[] {
  const lines: Placed[][] = []
  for (const item of items) {
    const line = lines.at(-1)
    const main = line?.reduce((largest, one) => (one.height > largest.height ? one : largest))
    if (line && main && onLine(main, item)) line.push(item)
    else lines.push([item])
  }
  return lines.map((line) =>
    line
      .toSorted((a, b) => a.x - b.x)
      .reduce((text, item, index, all) => {
        const before = all[index - 1]
        const gap = before ? item.x - (before.x + before.width) : 0
        return `${text}${gap > item.height * 0.2 && !/\s$/.test(text) && !/^\s/.test(item.str) ? ' ' : ''}${item.str}`
      }, ''),
  )
}

/** The text of a `.pdf` file, line by line. */
export async function pdfText(file: File): Promise<string> {
  const loading = getDocument({ data: new Uint8Array(await file.arrayBuffer()), isEvalSupported: false })
  try {
    const document = await loading.promise
    const pages: string[] = []
    for (let number = 1; number <= Math.min(document.numPages, MOST_PAGES); number++) {
      const { items } = await (await document.getPage(number)).getTextContent()
      const placed = items
        .filter(isPlaced)
        .map(({ str, transform, height, width }) => ({ str, x: Number(transform[4]), y: Number(transform[5]), height, width }))
      pages.push(linesOf(placed.filter(({ str }) => str !== '')).join('\n'))
    }
    return pages.join('\n')
  } catch (error) {
    if (error instanceof Error && error.name === 'PasswordException')
      throw new SheetFileError(
        `${file.name} is protected by a password. Open it in its own program, and copy its text or save it without one.`,
      )
    throw new SheetFileError(`${file.name} cannot be opened as a PDF: it may be damaged. Save it anew, or paste its text.`)
  } finally {
    await loading.destroy()
  }
}
