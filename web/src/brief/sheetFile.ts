import { LONGEST_SHEET } from '@hop-lark/core/brief'
import { SheetFileError } from './SheetFileError.ts'

/** Files are looked at up to this size; a sheet is much smaller. */
const LARGEST = 20_000_000

const TEXT = /\.(?:txt|md|markdown|text)$/i

/** The text of a sheet in a file: plain text, Markdown, a word processor's `.docx` or a `.pdf`. It is read on this device. */
export async function readSheetFile(file: File): Promise<string> {
  if (file.size > LARGEST)
    throw new SheetFileError(`${file.name} is larger than 20 MB. Save the pages of the task by themselves.`)
  const text = tidy(await textOf(file))
  if (text.trim() === '')
    throw new SheetFileError(
      `${file.name} holds no text: its pages may be pictures. Type the sheet, or copy its text from another program.`,
    )
  if (text.length > LONGEST_SHEET)
    throw new SheetFileError(
      `${file.name} holds ${text.length} characters, and a sheet has at most ${LONGEST_SHEET}. Copy out the task itself.`,
    )
  return text
}

async function textOf(file: File): Promise<string> {
  if (/\.docx$/i.test(file.name)) return (await import('./docxText.ts')).docxText(file)
  if (/\.pdf$/i.test(file.name)) return (await import('./pdfText.ts')).pdfText(file)
  if (TEXT.test(file.name) || file.type.startsWith('text/')) return plainText(file)
  throw new SheetFileError(`${file.name} is no text, .docx or .pdf file. Save the sheet as one of these, or paste its text.`)
}

async function plainText(file: File): Promise<string> {
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(await file.arrayBuffer())
  } catch {
    throw new SheetFileError(`${file.name} is not UTF-8 text. Save it as UTF-8, or paste its text.`)
  }
}

/** Line ends of one kind, and no sign that the record would not keep. */
// biome-ignore lint/suspicious/noControlCharactersInRegex: they are what is taken out
const tidy = (text: string) => text.replace(/\r\n?/g, '\n').replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufeff]/g, '')
