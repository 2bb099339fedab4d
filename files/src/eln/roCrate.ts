import { checksumOf } from '../checksum.ts'
import type { ArchivedFile, Folder } from './folder.ts'

/** The name of the metadata in the root of a crate (RO-Crate 1.1, “RO-Crate Metadata File Descriptor”). */
export const METADATA_FILE = 'ro-crate-metadata.json'
export const CONFORMS_TO = 'https://w3id.org/ro/crate/1.1'
const CONTEXT = 'https://w3id.org/ro/crate/1.1/context'

/** A thing of the metadata: flat, each with an id of its own. */
export type Entity = Readonly<Record<string, unknown>> & { readonly '@id': string; readonly '@type': string | readonly string[] }

/** Names in addresses: blanks and the like are written as percent signs (RFC 3986). */
const asAddress = (path: string): string => path.split('/').map(encodeURIComponent).join('/')

const reference = (id: string) => ({ '@id': id })

const fileEntity = ({ path, bytes, type, says }: ArchivedFile): Entity => ({
  '@id': asAddress(path),
  '@type': 'File',
  name: path.split('/').at(-1) ?? path,
  description: says,
  encodingFormat: type,
  contentSize: String(bytes.byteLength),
  sha256: checksumOf(bytes),
})

interface Described {
  readonly folder: Folder
  readonly title: string
  readonly says: string
}

/** The metadata of an archive: every file with its size and checksum, task by task. */
export function roCrate(tasks: readonly Described[], at: Date) {
  const moment = at.toISOString()
  const [only] = tasks
  const name = tasks.length === 1 && only ? only.title : `${tasks.length} tasks of a bench notebook`
  const root: Entity = {
    '@id': './',
    '@type': 'Dataset',
    name,
    description: 'Tasks of a chemistry bench notebook: records, reports, tables and ledgers.',
    datePublished: moment,
    license: reference('#rights'),
    hasPart: tasks.map(({ folder }) => reference(`./${asAddress(folder.path)}`)),
  }
  const datasets = tasks.map(
    ({ folder, title, says }): Entity => ({
      '@id': `./${asAddress(folder.path)}`,
      '@type': 'Dataset',
      name: title,
      description: says,
      dateModified: moment,
      hasPart: folder.files.map(({ path }) => reference(asAddress(path))),
    }),
  )
  const graph: readonly Entity[] = [
    {
      '@id': METADATA_FILE,
      '@type': 'CreativeWork',
      conformsTo: reference(CONFORMS_TO),
      about: reference('./'),
      version: '1.0',
      dateCreated: moment,
      sdPublisher: reference('#hop-lark'),
    },
    root,
    { '@id': '#rights', '@type': 'CreativeWork', name: 'Rights', description: 'The rights are with whoever wrote the record.' },
    { '@id': '#hop-lark', '@type': 'Organization', name: 'Hop Lark', description: 'The bench notebook that wrote this archive.' },
    ...datasets,
    ...tasks.flatMap(({ folder }) => folder.files.map(fileEntity)),
  ]
  return { '@context': CONTEXT, '@graph': graph }
}
