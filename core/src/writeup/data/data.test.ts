import { describe, expect, it } from 'vitest'
import { csvwMetadata, dataTables, ledgerTable } from '../index.ts'
import { DEMOS, demo } from '../testing/demo.ts'

const LAWN_SAND = demo('iron-in-lawn-sand')

describe('tables of data', () => {
  it('hold the runs as they were written, with what follows from them', () => {
    const runs = dataTables(LAWN_SAND).find(({ name }) => name === 't1-runs')
    expect(runs?.columns.map(({ title }) => title)).toEqual([
      'run',
      'kind',
      'initial reading / cm3',
      'final reading / cm3',
      'titre / cm3',
      'taken into the mean',
      'weighing',
      'refilled',
      'taken in or left out by hand',
      'why',
      'read at',
    ])
    expect(runs?.rows[1]).toEqual([
      'run 1',
      'accurate',
      '0.40',
      '21.05',
      '20.65',
      'true',
      '',
      '',
      '',
      '',
      '2026-05-12T09:51:02.000Z',
    ])
  })

  it.each(DEMOS)('%s: every row has a cell for every column, and its key names it', (name) => {
    for (const { columns, rows, key } of dataTables(demo(name))) {
      for (const row of rows) expect(row).toHaveLength(columns.length)
      const places = key.map((one) => columns.findIndex((column) => column.name === one))
      expect(places.every((place) => place >= 0)).toBe(true)
      const names = rows.map((row) => places.map((place) => row[place]).join('|'))
      expect(new Set(names).size).toBe(names.length)
    }
  })

  it('hold a ledger: when each reading was written, and what it struck through', () => {
    const { rows } = ledgerTable(LAWN_SAND)
    expect(rows.find(([, , value]) => value === '21.08')).toEqual([
      '2026-05-12T10:04:12.000Z',
      'parts.t1.runs.run3.final',
      '21.08',
      'struck through',
      'misread',
    ])
    const moments = rows.map(([at]) => at ?? '')
    expect(moments).toEqual(moments.toSorted())
  })
})

/** Names of columns, by "Metadata Vocabulary for Tabular Data" (W3C Recommendation, 17 December 2015), 5.6: as in RFC 6570, and not with _. */
const COLUMN_NAME = /^(?!_)[A-Za-z0-9_.%]+$/
/** Built-in datatypes of the same, 5.11.1, as far as they are used here. */
const DATATYPES = ['string', 'decimal', 'boolean', 'dateTime']
/** Properties that a table group, a table, a schema and a column may have there (5.3 to 5.6); others must be names with a prefix. */
const ALLOWED = {
  group: ['@context', '@id', '@type', 'tables', 'dialect', 'notes', 'tableDirection', 'tableSchema', 'transformations'],
  table: ['@id', '@type', 'url', 'dialect', 'notes', 'suppressOutput', 'tableDirection', 'tableSchema', 'transformations'],
  schema: ['@id', '@type', 'columns', 'foreignKeys', 'primaryKey', 'rowTitles'],
  column: [
    '@id',
    '@type',
    'name',
    'suppressOutput',
    'titles',
    'virtual',
    'datatype',
    'default',
    'lang',
    'null',
    'ordered',
    'propertyUrl',
    'required',
    'separator',
    'textDirection',
    'valueUrl',
    'aboutUrl',
  ],
}
const isAllowed = (key: string, of: keyof typeof ALLOWED) => ALLOWED[of].includes(key) || /^(dc|schema):/.test(key)

describe('metadata of CSV files', () => {
  it.each(DEMOS)('%s: keep to the rules of the recommendation', (name) => {
    const tables = dataTables(demo(name))
    const metadata = csvwMetadata(tables, (table) => `${table.name}.csv`)
    // 5.2: the context is that of CSVW, alone or with one object of @base and @language.
    expect(metadata['@context']).toEqual(['http://www.w3.org/ns/csvw', { '@language': 'en' }])
    expect(Object.keys(metadata).every((key) => isAllowed(key, 'group'))).toBe(true)
    for (const table of metadata.tables) {
      expect(Object.keys(table).every((key) => isAllowed(key, 'table'))).toBe(true)
      expect(Object.keys(table.tableSchema).every((key) => isAllowed(key, 'schema'))).toBe(true)
      const columns = table.tableSchema.columns
      const names = columns.map((column) => column.name)
      // 5.5: names of columns are unique, and a primary key refers to them.
      expect(new Set(names).size).toBe(names.length)
      expect([table.tableSchema.primaryKey].flat().every((key) => key !== undefined && names.includes(key))).toBe(true)
      for (const column of columns) {
        expect(column.name).toMatch(COLUMN_NAME)
        expect(DATATYPES).toContain(column.datatype)
        expect(Object.keys(column).every((key) => isAllowed(key, 'column'))).toBe(true)
      }
    }
  })

  it.each(DEMOS)('%s: values are of the datatype that is said of them', (name) => {
    const patterns = {
      decimal: /^[+-]?\d+(\.\d+)?$/,
      boolean: /^(true|false)$/,
      dateTime: /^\d{4}-\d\d-\d\dT[\d:.]+Z$/,
      string: /^[\s\S]*$/,
    }
    for (const { columns, rows } of dataTables(demo(name)))
      for (const row of rows)
        for (const [index, { type }] of columns.entries()) if (row[index] !== '') expect(row[index]).toMatch(patterns[type])
  })
})
