import { type UnzipFileInfo, unzipSync } from 'fflate'
import { FileError } from '../FileError.ts'
import { inMegabytes, LARGEST_FILE, LARGEST_UNPACKED, MOST_FILES } from '../limits.ts'
import { crc32 } from './crc32.ts'

/** Files of an archive by their names, with slashes between folders. */
export type Files = ReadonlyMap<string, Uint8Array>

const END_OF_CENTRAL_DIRECTORY = 0x06054b50
const CENTRAL_ENTRY = 0x02014b50
/** The record without a comment, and the longest comment. */
const END_LENGTH = 22
const LONGEST_COMMENT = 0xffff
const ENCRYPTED = 1
/** Stored as it is, and deflated: the two ways that archives are written in. */
const METHODS = new Set([0, 8])

const NOTHING = new Uint8Array()

const LOCAL_HEADER = [0x50, 0x4b, 0x03, 0x04]

/** Whether a file begins like a zip archive. */
export const isZip = (bytes: Uint8Array): boolean => LOCAL_HEADER.every((byte, index) => bytes[index] === byte)

/** Where the list of an archive ends, from which everything in it is found (PKWARE APPNOTE 6.3.10, 4.3.16). */
function endOfList(view: DataView): number {
  const last = view.byteLength - END_LENGTH
  for (let at = last; at >= Math.max(0, last - LONGEST_COMMENT); at--)
    if (view.getUint32(at, true) === END_OF_CENTRAL_DIRECTORY) return at
  throw new FileError(
    'zip.truncated',
    'The archive has no end: it was cut off on its way here.',
    'Export or download it once more, and compare the sizes.',
  )
}

interface Listed {
  readonly name: string
  readonly flags: number
  readonly method: number
  readonly size: number
  readonly crc: number
}

/** What an archive says it holds, before anything is unpacked. */
function listOf(bytes: Uint8Array): readonly Listed[] {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength)
  const end = endOfList(view)
  const count = view.getUint16(end + 10, true)
  let at = view.getUint32(end + 16, true)
  const found: Listed[] = []
  for (let index = 0; index < count; index++) {
    if (at + 46 > bytes.byteLength || view.getUint32(at, true) !== CENTRAL_ENTRY)
      throw new FileError('zip.damaged', 'The list of what is in the archive is damaged.', 'Export or download it once more.')
    const [nameLength, extra, comment] = [28, 30, 32].map((offset) => view.getUint16(at + offset, true)) as [
      number,
      number,
      number,
    ]
    const name = new TextDecoder().decode(bytes.subarray(at + 46, at + 46 + nameLength))
    found.push({
      name,
      flags: view.getUint16(at + 8, true),
      method: view.getUint16(at + 10, true),
      size: view.getUint32(at + 24, true),
      crc: view.getUint32(at + 16, true),
    })
    at += 46 + nameLength + extra + comment
  }
  return found
}

/** Whether a name leads only into the archive's own folders, on any system. */
function leadsInside(name: string): boolean {
  if (name === '' || name.includes('\\') || name.includes('\0') || name.startsWith('/') || /^[A-Za-z]:/.test(name)) return false
  return name.split('/').every((part) => part !== '..' && part !== '.' && part !== '__proto__')
}

const isFolder = (name: string) => name.endsWith('/')

function refuseFirst(listed: readonly Listed[]): void {
  const locked = listed.find(({ flags }) => (flags & ENCRYPTED) !== 0)
  if (locked)
    throw new FileError('zip.locked', `The archive is locked with a password (${locked.name}).`, 'Save it without a password.')
  const astray = listed.find(({ name }) => !leadsInside(name))
  if (astray)
    throw new FileError(
      'zip.astray',
      `The archive wants to write outside its folder: “${astray.name}”.`,
      'It is damaged, or was made to harm. Nothing of it was read.',
    )
  const other = listed.find(({ name, method }) => !isFolder(name) && !METHODS.has(method))
  if (other)
    throw new FileError(
      'zip.method',
      `“${other.name}” is packed in a way that is not known here.`,
      'Pack it again as an ordinary zip.',
    )
  const names = new Set<string>()
  for (const { name } of listed) {
    if (names.has(name)) throw new FileError('zip.twice', `“${name}” is in the archive twice.`, 'Keep one of them.')
    names.add(name)
  }
}

/** Refuses what would unpack to more than a device should hold: by what the archive says of itself, which unpacking then holds it to. */
function refuseLarge(listed: readonly Listed[]): void {
  if (listed.length > MOST_FILES)
    throw new FileError(
      'zip.tooMany',
      `The archive holds ${listed.length} files; at most ${MOST_FILES} are read.`,
      'Take it apart.',
    )
  const whole = listed.reduce((sum, { size }) => sum + size, 0)
  if (whole > LARGEST_UNPACKED)
    throw new FileError(
      'zip.bomb',
      `The archive would unpack to ${inMegabytes(whole)}; at most ${inMegabytes(LARGEST_UNPACKED)} are unpacked.`,
      'Take it apart, or leave the photographs out.',
    )
}

/** Refuses a file that is larger than any of ours. */
export function refuseHuge(bytes: Uint8Array, name: string): void {
  if (bytes.byteLength > LARGEST_FILE)
    throw new FileError(
      'file.large',
      `${name} is ${inMegabytes(bytes.byteLength)} large; at most ${inMegabytes(LARGEST_FILE)} are read.`,
      'Export fewer tasks at a time.',
    )
}

/**
 * The files of a zip archive. What it says of itself is looked at before anything is unpacked: names that lead outside, a
 * password, sizes; and no file becomes larger than it said.
 *
 * @throws FileError with what is wrong and how to mend it
 */
export function readZip(bytes: Uint8Array, name: string): Files {
  refuseHuge(bytes, name)
  const listed = listOf(bytes)
  refuseFirst(listed)
  refuseLarge(listed)
  const said = new Map(listed.map((one) => [one.name, one.size]))
  try {
    const filter = ({ name: file, originalSize }: UnzipFileInfo) => !isFolder(file) && originalSize <= (said.get(file) ?? 0)
    const files = new Map(Object.entries(unzipSync(bytes, { filter })))
    const broken = listed.find(({ name: file, crc }) => !isFolder(file) && crc32(files.get(file) ?? NOTHING) !== crc)
    if (broken) throw new RangeError(broken.name)
    return files
  } catch {
    throw new FileError('zip.damaged', `${name} is damaged: it cannot be unpacked.`, 'Export or download it once more.')
  }
}
