import { readTask, type Task } from '@hop-lark/core/record'
import { unzipSync, zipSync } from 'fflate'
import jsonld from 'jsonld'
import { describe, expect, it } from 'vitest'
import { checksumOf } from '../checksum.ts'
import { AT, DEMOS, demo, PIXEL, parcelOf, withPhotograph } from '../testing/parcels.ts'
import { readArchive } from './readArchive.ts'
import { CONFORMS_TO, METADATA_FILE } from './roCrate.ts'
import { writeArchive } from './writeArchive.ts'

type Entity = Readonly<Record<string, unknown>> & { readonly '@id': string; readonly '@type': string }

const LAWN_SAND = withPhotograph(demo('iron-in-lawn-sand'))
const archive = writeArchive([parcelOf(LAWN_SAND, new Map([['photo1', PIXEL]])), parcelOf(demo('four-jars'))], 'Bench', AT)
const files = unzipSync(archive)
const graphOf = (bytes: Uint8Array | undefined): readonly Entity[] => JSON.parse(new TextDecoder().decode(bytes))['@graph']
const graph = graphOf(files[`bench/${METADATA_FILE}`])
const entity = (id: string) => graph.find((one) => one['@id'] === id)
const refersTo = (value: unknown): readonly string[] =>
  [value].flat().flatMap((one) => (typeof one === 'object' && one !== null && '@id' in one ? [String(one['@id'])] : []))

/** By the RO-Crate Metadata Specification 1.1 (https://w3id.org/ro/crate/1.1), section by section. */
describe('the metadata keep to RO-Crate 1.1', () => {
  it('“RO-Crate Structure”: the metadata file stands in the root of the crate, as UTF-8 JSON', () => {
    expect(Object.keys(files).filter((file) => file.endsWith(METADATA_FILE))).toEqual([`bench/${METADATA_FILE}`])
    expect(() => new TextDecoder('utf-8', { fatal: true }).decode(files[`bench/${METADATA_FILE}`])).not.toThrow()
  })

  it('“RO-Crate JSON-LD”: the context is that of 1.1, and the graph a flat list', () => {
    const metadata = JSON.parse(new TextDecoder().decode(files[`bench/${METADATA_FILE}`]))
    expect(metadata['@context']).toBe('https://w3id.org/ro/crate/1.1/context')
    expect(Array.isArray(metadata['@graph'])).toBe(true)
    for (const one of graph) {
      expect(typeof one['@id'], JSON.stringify(one)).toBe('string')
      expect(one['@type']).toBeTruthy()
      // Flat: what is referred to is given by its id alone.
      for (const value of Object.values(one).flat())
        if (typeof value === 'object' && value !== null) expect(Object.keys(value)).toEqual(['@id'])
    }
    expect(new Set(graph.map((one) => one['@id'])).size).toBe(graph.length)
  })

  it('“Root Data Entity”: the descriptor is a CreativeWork that conforms to 1.1 and is about the root', () => {
    const descriptor = entity(METADATA_FILE)
    expect(descriptor?.['@type']).toBe('CreativeWork')
    expect(descriptor?.conformsTo).toEqual({ '@id': CONFORMS_TO })
    expect(descriptor?.about).toEqual({ '@id': './' })
  })

  it('“Direct properties of the Root Data Entity”: Dataset, name, description, datePublished to the day at least, licence', () => {
    const root = entity('./')
    expect(root?.['@type']).toBe('Dataset')
    expect(root?.name).toBeTruthy()
    expect(root?.description).toBeTruthy()
    expect(root?.datePublished).toMatch(/^\d{4}-\d\d-\d\d/)
    const [licence = ''] = refersTo(root?.license)
    expect(entity(licence)).toMatchObject({ name: expect.any(String), description: expect.any(String) })
  })

  it('“Data Entities”: files and folders hang on the root by hasPart, folders end in a slash, files are there', () => {
    const linked = new Set<string>()
    const follow = (id: string): void => {
      for (const part of refersTo(entity(id)?.hasPart)) {
        linked.add(part)
        follow(part)
      }
    }
    follow('./')
    for (const one of graph) {
      if (one['@type'] === 'Dataset' && one['@id'] !== './') expect(one['@id']).toMatch(/\/$/)
      if (one['@type'] !== 'File') continue
      expect(linked.has(one['@id']), one['@id']).toBe(true)
      // “File Data Entity”: the id is a relative URI path that leads to the file.
      expect(one['@id']).not.toMatch(/^[a-z]+:|^\//i)
      const bytes = files[`bench/${decodeURIComponent(one['@id'])}`]
      expect(bytes, one['@id']).toBeDefined()
      expect(one.contentSize).toBe(String(bytes?.byteLength))
      expect(one.encodingFormat).toMatch(/^[a-z]+\/[a-z+.-]+$/)
      expect(one.sha256).toBe(bytes && checksumOf(bytes))
    }
    // “Payload files”: what stands in the crate is described.
    const described = new Set(graph.map((one) => `bench/${decodeURIComponent(one['@id'])}`))
    for (const file of Object.keys(files)) expect(described.has(file), file).toBe(true)
  })

  it('“Contextual Entities”: whatever is referred to is described or an address on the web', () => {
    for (const one of graph)
      for (const id of Object.values(one).flatMap(refersTo))
        expect(entity(id) !== undefined || /^https?:/.test(id), id).toBe(true)
  })

  it('is JSON-LD to a general reader', async () => {
    // The terms used here, as the context of 1.1 and schema.org define them; the context itself is on the web.
    const terms = Object.fromEntries(
      [...new Set(graph.flatMap((one) => Object.keys(one)))]
        .filter((key) => !key.startsWith('@'))
        .map((key) => [key, `http://schema.org/${key}`]),
    )
    const types = {
      Dataset: 'http://schema.org/Dataset',
      File: 'http://schema.org/MediaObject',
      CreativeWork: 'http://schema.org/CreativeWork',
      Organization: 'http://schema.org/Organization',
    }
    const document = { '@context': { ...terms, ...types, '@base': 'https://example.org/bench/' }, '@graph': graph }
    const expanded = await jsonld.expand(document as never, { safe: true } as never)
    expect(expanded).toHaveLength(graph.length)
    const flat = await jsonld.flatten(document as never)
    const root = (flat as unknown as Record<string, unknown>[]).find((one) => one['@id'] === 'https://example.org/bench/')
    expect(root?.['http://schema.org/hasPart']).toHaveLength(2)
  })
})

describe('an archive', () => {
  it('holds task file, report, tables, ledger and photographs of each task', () => {
    expect(
      Object.keys(files)
        .filter((file) => file.startsWith('bench/iron-in-lawn-sand/'))
        .toSorted(),
    ).toEqual([
      'bench/iron-in-lawn-sand/ledger.csv',
      'bench/iron-in-lawn-sand/photographs/photo1.png',
      'bench/iron-in-lawn-sand/report.html',
      'bench/iron-in-lawn-sand/tables/answers.csv',
      'bench/iron-in-lawn-sand/tables/csv-metadata.json',
      'bench/iron-in-lawn-sand/tables/t1-runs.csv',
      'bench/iron-in-lawn-sand/tables/weighings.csv',
      'bench/iron-in-lawn-sand/task.hoplark.json',
    ])
  })

  it('gives back what was put in, photographs and all', () => {
    const [first, second] = readArchive(archive, 'bench.eln')
    expect(first?.task).toEqual(LAWN_SAND)
    expect(first?.photographs).toEqual(new Map([['photo1', PIXEL]]))
    expect(second?.task).toEqual(demo('four-jars'))
  })

  it.each(DEMOS)('gives back %s as it was', (name) => {
    const task = demo(name)
    expect(readArchive(writeArchive([parcelOf(task)], name, AT), 'x.eln')).toEqual([{ task, photographs: new Map() }])
  })

  it('is the same whenever the same record is written at the same time, and keeps two of one title apart', () => {
    const once = writeArchive([parcelOf(LAWN_SAND)], 'Bench', AT)
    expect(writeArchive([parcelOf(LAWN_SAND)], 'Bench', AT)).toEqual(once)
    const twins = writeArchive([parcelOf(LAWN_SAND), parcelOf({ ...LAWN_SAND, id: 'another' })], 'Bench', AT)
    expect(readArchive(twins, 'x.eln').map(({ task }) => task.id)).toEqual([LAWN_SAND.id, 'another'])
  })

  it('keeps the server’s ledger where there is one, and nothing that names the device', () => {
    const edits = [{ version: 1, at: '2026-05-12T10:00:00.000Z', patch: [{ op: 'replace', path: '/title', value: 'x' }] }]
    const written = unzipSync(writeArchive([{ ...parcelOf(LAWN_SAND), edits }], 'Bench', AT))
    expect(JSON.parse(new TextDecoder().decode(written['bench/iron-in-lawn-sand/edits.json']))).toEqual(edits)
  })
})

/** The archive with a file of it changed. */
function tampered(file: string, change: (text: string) => string | undefined): Uint8Array {
  const changed = { ...files }
  const text = change(new TextDecoder().decode(files[file]))
  if (text === undefined) delete changed[file]
  else changed[file] = new TextEncoder().encode(text)
  return zipSync(changed)
}
const METADATA = `bench/${METADATA_FILE}`
const TASK = 'bench/iron-in-lawn-sand/task.hoplark.json'

describe('an archive that is not what it was', () => {
  it.each<[string, Uint8Array, string]>([
    ['a reading changed behind its back', tampered(TASK, (text) => text.replace('21.30', '21.35')), 'checksum differs'],
    ['a file taken out', tampered('bench/iron-in-lawn-sand/report.html', () => undefined), 'missing from bench.eln'],
    ['metadata that are no JSON', tampered(METADATA, (text) => text.slice(0, 100)), 'cannot be read'],
    ['metadata without a graph', tampered(METADATA, () => '{}'), 'hold no list of files'],
    ['no metadata', tampered(METADATA, () => undefined), `it has no ${METADATA_FILE}`],
    ['metadata twice', zipSync({ ...files, [METADATA_FILE]: files[METADATA] ?? new Uint8Array() }), 'more than one'],
    ['another photograph', tampered('bench/iron-in-lawn-sand/photographs/photo1.png', () => 'x'), 'checksum differs'],
  ])('is refused: %s', (_, bytes, says) => {
    expect(() => readArchive(bytes, 'bench.eln')).toThrow(says)
    expect(() => readArchive(bytes, 'bench.eln')).toThrow('bench.eln')
  })

  it('imports nothing where one of its tasks is none', () => {
    const bad = { '@context': '', '@graph': [] }
    const bytes = zipSync({
      'a/ro-crate-metadata.json': new TextEncoder().encode(JSON.stringify(bad)),
      'a/one.hoplark.json': new TextEncoder().encode(JSON.stringify(LAWN_SAND)),
      'a/two.hoplark.json': new TextEncoder().encode('{"format":"something else"}'),
    })
    expect(() => readArchive(bytes, 'a.eln')).toThrow('“a/two.hoplark.json” in a.eln: format: must be')
  })

  it('knows an archive of another notebook, which holds no task of ours', () => {
    const foreign = zipSync({
      'b/ro-crate-metadata.json': new TextEncoder().encode('{"@graph":[]}'),
      'b/notes.txt': new Uint8Array(3),
    })
    expect(() => readArchive(foreign, 'b.eln')).toThrow('holds no task file')
  })
})

it('an archive remembers nothing but the task', () => {
  const plain: Task = readTask(JSON.parse(JSON.stringify(demo('iron-in-lawn-sand'))))
  const text = new TextDecoder().decode(writeArchive([parcelOf(plain)], 'Bench', AT))
  expect(text).not.toMatch(/localhost|127\.0\.0\.1|\/home\/|\/root\/|\/work\//)
})
