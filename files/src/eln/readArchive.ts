import { readTaskFileBytes, TaskFileError } from '@hop-lark/core/record'
import { checksumOf } from '../checksum.ts'
import { FileError } from '../FileError.ts'
import { textOf } from '../text.ts'
import { type Files, readZip } from '../zip/readZip.ts'
import { photographFile } from './folder.ts'
import type { Parcel } from './parcel.ts'
import { type Entity, METADATA_FILE } from './roCrate.ts'

/** The folder in which the metadata stand: the root, or the one folder of it; with a slash at its end, or nothing. */
function crateRoot(files: Files, name: string): string {
  const found = [...files.keys()].filter((file) => file === METADATA_FILE || /^[^/]+\/ro-crate-metadata\.json$/.test(file))
  const [only] = found
  if (only === undefined || found.length > 1)
    throw new FileError(
      'archive.noMetadata',
      `${name} is a zip, but no archive of a notebook: ${found.length === 0 ? 'it has no' : 'it has more than one'} ${METADATA_FILE}.`,
      'Choose an .eln archive, or unpack it and import the task file.',
    )
  return only.slice(0, -METADATA_FILE.length)
}

const damaged = (says: string) => new FileError('archive.damaged', says, 'Export the archive once more.')

const isEntity = (value: unknown): value is Entity =>
  typeof value === 'object' && value !== null && '@id' in value && typeof value['@id'] === 'string'

/** What the metadata tell of. */
function entitiesOf(bytes: Uint8Array | undefined, name: string): readonly Entity[] {
  let metadata: unknown
  try {
    metadata = JSON.parse(textOf(bytes ?? new Uint8Array(), METADATA_FILE))
  } catch {
    throw damaged(`The metadata of ${name} cannot be read.`)
  }
  const graph = typeof metadata === 'object' && metadata !== null && '@graph' in metadata ? metadata['@graph'] : undefined
  if (!Array.isArray(graph) || !graph.every(isEntity)) throw damaged(`The metadata of ${name} hold no list of files.`)
  return graph
}

const isFile = ({ '@type': type }: Entity) => (Array.isArray(type) ? type : [type]).includes('File')

/** Every file that the metadata name must be there, and be what it was when the archive was written. */
function verify(entities: readonly Entity[], files: Files, root: string, name: string): void {
  for (const entity of entities.filter(isFile)) {
    const path = decodeURIComponent(entity['@id'].replace(/^\.\//, ''))
    if (/^[a-z][a-z0-9+.-]*:/i.test(path)) continue
    const bytes = files.get(`${root}${path}`)
    if (!bytes) throw damaged(`“${path}” is missing from ${name}.`)
    const { sha256 } = entity
    if (typeof sha256 === 'string' && sha256.toLowerCase() !== checksumOf(bytes))
      throw damaged(`“${path}” in ${name} is not what it was when the archive was written: its checksum differs.`)
  }
}

function parcelOf(files: Files, path: string, name: string): Parcel {
  const folder = path.slice(0, path.lastIndexOf('/') + 1)
  const bytes = files.get(path) ?? new Uint8Array()
  try {
    const task = readTaskFileBytes(bytes)
    const pictures = (task.photographs ?? []).flatMap((photograph) => {
      const picture = files.get(`${folder}${photographFile(photograph)}`)
      if (picture && checksumOf(picture) !== photograph.sha256)
        throw damaged(`The photograph “${photograph.id}” in ${name} is not the one that the record names.`)
      return picture ? [[photograph.id, picture] as const] : []
    })
    return { task, photographs: new Map(pictures) }
  } catch (error) {
    if (error instanceof TaskFileError)
      throw new FileError(
        'archive.task',
        `“${path}” in ${name}: ${error.message}`,
        'Mend the task file, or import the others one by one.',
      )
    throw error
  }
}

/**
 * The tasks of an archive, all or none: its own checksums are verified first.
 *
 * @throws FileError with what is wrong and how to mend it
 */
export function readArchive(bytes: Uint8Array, name: string): readonly Parcel[] {
  const files = readZip(bytes, name)
  const root = crateRoot(files, name)
  const entities = entitiesOf(files.get(`${root}${METADATA_FILE}`), name)
  verify(entities, files, root, name)
  const tasks = [...files.keys()].filter((path) => path.startsWith(root) && path.endsWith('.hoplark.json'))
  if (tasks.length === 0)
    throw new FileError(
      'archive.noTask',
      `${name} holds no task file.`,
      'It comes from another notebook; import a task file of ours.',
    )
  return tasks.map((path) => parcelOf(files, path, name))
}
