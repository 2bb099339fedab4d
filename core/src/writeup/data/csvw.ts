import type { DataTable } from './dataTable.ts'

/** Datatypes of CSV on the Web for our columns (W3C Recommendation “Metadata Vocabulary for Tabular Data”, section 5.11.1). */
const DATATYPES = { string: 'string', decimal: 'decimal', boolean: 'boolean', dateTime: 'dateTime' } as const

/**
 * Metadata for CSV files as the W3C Recommendation “Metadata Vocabulary for Tabular Data” (2015) wants them: a table group
 * with the columns of each file, their datatypes and units, and which column names a row.
 *
 * @param fileOf - under which address each table stands, as seen from the metadata
 */
export function csvwMetadata(tables: readonly DataTable[], fileOf: (table: DataTable) => string) {
  return {
    '@context': ['http://www.w3.org/ns/csvw', { '@language': 'en' }],
    tables: tables.map((table) => ({
      url: fileOf(table),
      'dc:title': table.title,
      dialect: { encoding: 'utf-8', delimiter: ',', quoteChar: '"', doubleQuote: true, header: true },
      tableSchema: {
        columns: table.columns.map(({ name, title, type, unit }) => ({
          name,
          titles: title,
          datatype: DATATYPES[type],
          ...(unit === undefined ? {} : { 'schema:unitText': unit }),
        })),
        primaryKey: table.key.length === 1 ? table.key[0] : table.key,
      },
    })),
  }
}
