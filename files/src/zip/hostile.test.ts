import { strToU8, zipSync } from 'fflate'
import { describe, expect, it } from 'vitest'
import { FileError } from '../FileError.ts'
import { LARGEST_FILE, MOST_FILES } from '../limits.ts'
import { readTasks } from '../readTasks.ts'
import { crc32 } from './crc32.ts'
import { readZip } from './readZip.ts'

const GOOD = zipSync({ 'a/one.txt': strToU8('one'), 'a/two.txt': strToU8('two, a little longer than one') })

/** Where in an archive its central directory stands. */
function directoryOf(bytes: Uint8Array): number {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength)
  return view.getUint32(bytes.byteLength - 22 + 16, true)
}

/** An archive with bytes of the first entry of its directory changed. */
function changed(bytes: Uint8Array, change: (view: DataView, at: number) => void): Uint8Array {
  const copy = bytes.slice()
  change(new DataView(copy.buffer), directoryOf(copy))
  return copy
}

const refusal = (act: () => unknown): FileError => {
  try {
    act()
  } catch (error) {
    if (error instanceof FileError) return error
    throw error
  }
  throw new Error('It was taken.')
}

it('checks files by CRC-32, as the standard’s own example has it', () => {
  // The check value of CRC-32/ISO-HDLC in catalogues of checksums: that of the digits 1 to 9.
  expect(crc32(strToU8('123456789'))).toBe(0xcbf43926)
})

describe('a zip archive', () => {
  it('is read', () => {
    expect([...readZip(GOOD, 'a.zip').keys()]).toEqual(['a/one.txt', 'a/two.txt'])
  })

  it.each<[string, Uint8Array, string]>([
    ['that leads out of its folder', zipSync({ '../evil.txt': strToU8('x') }), 'zip.astray'],
    ['that leads out further down', zipSync({ 'a/../../evil.txt': strToU8('x') }), 'zip.astray'],
    ['with an absolute path', zipSync({ '/etc/passwd': strToU8('x') }), 'zip.astray'],
    ['with a drive letter', zipSync({ 'C:evil.txt': strToU8('x') }), 'zip.astray'],
    ['with backslashes', zipSync({ 'a\\..\\evil.txt': strToU8('x') }), 'zip.astray'],
    ['that reaches an object’s prototype', zipSync({ 'a/__proto__': strToU8('x') }), 'zip.astray'],
    ['locked with a password', changed(GOOD, (view, at) => view.setUint16(at + 8, 1, true)), 'zip.locked'],
    ['packed in an unknown way', changed(GOOD, (view, at) => view.setUint16(at + 10, 99, true)), 'zip.method'],
    ['cut off in the middle', GOOD.slice(0, GOOD.length - 30), 'zip.truncated'],
    ['cut off after a few bytes', GOOD.slice(0, 8), 'zip.truncated'],
    ['with a damaged list', changed(GOOD, (view, at) => view.setUint32(at, 0, true)), 'zip.damaged'],
    ['with damaged contents', changed(GOOD, (view) => view.setUint8(42, 0x58)), 'zip.damaged'],
    ['that says it unpacks to 4 GB', changed(GOOD, (view, at) => view.setUint32(at + 24, 0xfffffff0, true)), 'zip.bomb'],
    [
      'with too many files',
      zipSync(Object.fromEntries(Array.from({ length: MOST_FILES + 1 }, (_, index) => [`f${index}`, new Uint8Array()]))),
      'zip.tooMany',
    ],
  ])('%s is refused before anything of it is used', (_, bytes, code) => {
    const { code: found, message, mend } = refusal(() => readZip(bytes, 'a.zip'))
    expect(found).toBe(code)
    expect(message).toMatch(/\.$/)
    expect(mend).toMatch(/\S/)
  })

  it('that unpacks to a thousand times its size is refused: a bomb of zeros', () => {
    const bomb = zipSync({ 'a.hoplark.json': new Uint8Array(200 * 1024 * 1024) }, { level: 9 })
    expect(bomb.byteLength).toBeLessThan(1024 * 1024)
    expect(refusal(() => readZip(bomb, 'a.zip')).code).toBe('zip.bomb')
  })

  it('never unpacks to more than it said, whatever it holds', () => {
    const lying = changed(zipSync({ a: new Uint8Array(100_000) }), (view, at) => view.setUint32(at + 24, 10, true))
    let size = 0
    try {
      size = readZip(lying, 'a.zip').get('a')?.byteLength ?? 0
    } catch (error) {
      expect(error).toBeInstanceOf(FileError)
    }
    expect(size).toBeLessThanOrEqual(10)
  })
})

describe('a file that is no task', () => {
  it.each<[string, string, Uint8Array, string]>([
    ['50 MB of anything', 'big.eln', new Uint8Array(50 * 1024 * 1024), 'file.large'],
    ['nothing', 'empty.hoplark.json', new Uint8Array(), 'file.empty'],
    ['a PDF', 'report.pdf', strToU8('%PDF-1.7'), 'file.pdf'],
    ['a PDF that calls itself a task', 'report.hoplark.json', strToU8('%PDF-1.7'), 'file.pdf'],
    ['a table', 'runs.csv', strToU8('a,b'), 'file.other'],
    ['a picture', 'rack.jpg', Uint8Array.of(0xff, 0xd8, 0xff), 'file.other'],
    ['a page of somebody else', 'page.html', strToU8('<html><body>Hello</body></html>'), 'html.noRecord'],
    ['a Word document without a record', 'sheet.docx', zipSync({ 'word/document.xml': strToU8('<x/>') }), 'docx.noRecord'],
    ['a zip of holiday pictures', 'pictures.zip', zipSync({ 'beach.jpg': strToU8('x') }), 'archive.noMetadata'],
    ['JSON that is no task', 'x.hoplark.json', strToU8('{"format":"else"}'), 'file.task'],
    ['text that is no UTF-8', 'x.hoplark.json', Uint8Array.of(0x7b, 0xff, 0xfe), 'file.task'],
    [
      'a report whose record was cut',
      'r.html',
      strToU8('<template id="hop-lark-task">H4sIAAAA</template></body>'),
      'report.damaged',
    ],
  ])('is refused with what it is and what to do: %s', (_, name, bytes, code) => {
    const found = refusal(() => readTasks(bytes, name))
    expect(found.code).toBe(code)
    expect(`${found.message} ${found.mend}`).toMatch(/\.$/)
  })

  it('is refused by its size before anybody looks into it', () => {
    expect(LARGEST_FILE).toBeLessThan(50 * 1024 * 1024)
  })
})
