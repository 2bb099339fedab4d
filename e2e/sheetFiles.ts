import { crc32 } from 'node:zlib'
import type { Page } from '@playwright/test'

const escaped = (text: string) => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;').replaceAll('>', '&gt;')

/** A zip archive of files that are stored as they are. */
function zipOf(files: Readonly<Record<string, string>>): Buffer {
  const entries: Buffer[] = []
  const listed: Buffer[] = []
  let at = 0
  for (const [name, content] of Object.entries(files)) {
    const [title, data] = [Buffer.from(name), Buffer.from(content)]
    const head = Buffer.alloc(26)
    head.writeUInt16LE(20, 0)
    head.writeUInt32LE(crc32(data), 10)
    head.writeUInt32LE(data.length, 14)
    head.writeUInt32LE(data.length, 18)
    head.writeUInt16LE(title.length, 22)
    entries.push(Buffer.from('PK\u0003\u0004'), head, title, data)
    const place = Buffer.alloc(14)
    place.writeUInt32LE(at, 10)
    listed.push(Buffer.from('PK\u0001\u0002'), Buffer.from([20, 0]), head, place, title)
    at += 30 + title.length + data.length
  }
  const size = listed.reduce((sum, piece) => sum + piece.length, 0)
  const end = Buffer.alloc(18)
  const count = Object.keys(files).length
  end.writeUInt16LE(count, 4)
  end.writeUInt16LE(count, 6)
  end.writeUInt32LE(size, 8)
  end.writeUInt32LE(at, 12)
  return Buffer.concat([...entries, ...listed, Buffer.from('PK\u0005\u0006'), end])
}

/** A Word document with a paragraph for each line. */
export function docxOf(text: string): Buffer {
  const paragraphs = text.split('\n').map((line) => `<w:p><w:r><w:t xml:space="preserve">${escaped(line)}</w:t></w:r></w:p>`)
  const relation = 'http://schemas.openxmlformats.org/officeDocument/2006/relationships/officeDocument'
  return zipOf({
    '[Content_Types].xml':
      '<?xml version="1.0"?><Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Override PartName="/word/document.xml" ContentType="application/vnd.openxmlformats-officedocument.wordprocessingml.document.main+xml"/></Types>',
    '_rels/.rels': `<?xml version="1.0"?><Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Id="r1" Type="${relation}" Target="word/document.xml"/></Relationships>`,
    'word/document.xml': `<?xml version="1.0"?><w:document xmlns:w="http://schemas.openxmlformats.org/wordprocessingml/2006/main"><w:body>${paragraphs.join('')}</w:body></w:document>`,
  })
}

/** A PDF as Chromium prints a page of that text. */
export async function pdfOf(page: Page, text: string): Promise<Buffer> {
  const other = await page.context().newPage()
  await other.setContent(
    text
      .split('\n')
      .map((line) => `<p>${escaped(line)}</p>`)
      .join(''),
  )
  const pdf = await other.pdf()
  await other.close()
  return pdf
}

/** A PDF that asks for a password: its encryption dictionary fits no empty one. */
export function lockedPdf(): Buffer {
  const key = '41'.repeat(32)
  const objects = [
    '<< /Type /Catalog /Pages 2 0 R >>',
    '<< /Type /Pages /Kids [3 0 R] /Count 1 >>',
    '<< /Type /Page /Parent 2 0 R /MediaBox [0 0 200 200] >>',
    `<< /Filter /Standard /V 1 /R 2 /O <${key}> /U <${key}> /P -4 >>`,
  ]
  let body = '%PDF-1.4\n'
  const places = objects.map((object, index) => {
    const at = body.length
    body += `${index + 1} 0 obj\n${object}\nendobj\n`
    return `${String(at).padStart(10, '0')} 00000 n \n`
  })
  const start = body.length
  return Buffer.from(
    `${body}xref\n0 5\n0000000000 65535 f \n${places.join('')}trailer\n<< /Size 5 /Root 1 0 R /Encrypt 4 0 R /ID [<${key}> <${key}>] >>\nstartxref\n${start}\n%%EOF\n`,
  )
}
