import { convertToHtml } from 'mammoth'
import { SheetFileError } from './SheetFileError.ts'

const BLOCKS: ReadonlySet<string> = new Set(['P', 'H1', 'H2', 'H3', 'H4', 'H5', 'H6', 'LI', 'TR', 'TABLE'])

/** Text of an element: a line for each paragraph, item and row, cells with a bar between, numbers before items of lists. */
function textIn(node: Node, depth = 0): string {
  if (node.nodeType === Node.TEXT_NODE) return node.textContent ?? ''
  if (!(node instanceof Element)) return ''
  if (node.tagName === 'TR')
    return `${[...node.children]
      .map((cell) =>
        [...cell.childNodes]
          .map((one) => textIn(one, depth))
          .join(' ')
          .replace(/\s+/g, ' ')
          .trim(),
      )
      .join(' | ')}\n`
  const inner = [...node.childNodes].map((one) => textIn(one, depth + 1)).join('')
  if (node.tagName === 'LI') return `${markOf(node)}${inner.trim()}\n`
  if (node.tagName === 'BR') return '\n'
  return BLOCKS.has(node.tagName) ? `${inner.trim()}\n` : inner
}

/** The number or letter that the word processor puts before an item. */
function markOf(item: Element): string {
  const list = item.parentElement
  if (list?.tagName !== 'OL') return '• '
  return `${[...list.children].indexOf(item) + 1}. `
}

/** The text of a `.docx` file. */
export async function docxText(file: File): Promise<string> {
  try {
    const { value } = await convertToHtml({ arrayBuffer: await file.arrayBuffer() })
    return textIn(new DOMParser().parseFromString(value, 'text/html').body)
  } catch {
    throw new SheetFileError(
      `${file.name} cannot be opened: it may be damaged or protected by a password. Save it anew without one, or paste its text.`,
    )
  }
}
