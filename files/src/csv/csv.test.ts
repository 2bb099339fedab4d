import type { DataTable } from '@hop-lark/core/writeup'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DEMOS, demo } from '../testing/parcels.ts'
import { csvFiles } from './csvFiles.ts'
import { asItWas, harmless } from './harmless.ts'
import { readCsv } from './readCsv.ts'
import { writeCsv } from './writeCsv.ts'

const tableOf = (rows: readonly (readonly string[])[], width: number): DataTable => ({
  name: 't',
  title: 'T',
  columns: Array.from({ length: width }, (_, index) => ({ name: `c${index}`, title: `column ${index}`, type: 'string' })),
  rows,
  key: ['c0'],
  at: [],
})

describe('CSV', () => {
  // RFC 4180, section 2: CRLF between records (1), the last with one (2), quotes where needed (5, 6), doubled in text (7).
  it('is written as RFC 4180 says', () => {
    expect(
      writeCsv(
        tableOf(
          [
            ['a,b', 'say "x"'],
            ['two\r\nlines', 'plain'],
          ],
          2,
        ),
      ),
    ).toBe('column 0,column 1\r\n"a,b","say ""x"""\r\n"two\r\nlines",plain\r\n')
  })

  it('comes back exactly, whatever stands in it', () => {
    const cell = fc.oneof(
      fc.string(),
      fc.string({ unit: 'grapheme' }),
      fc.constantFrom('=cmd()', "'=x", '+1', '-5.0', '@a', '"', ',', ';', '\t', '24.50', 'a\nb', "''-x"),
    )
    fc.assert(
      fc.property(fc.array(fc.tuple(cell, cell, cell), { minLength: 1, maxLength: 8 }), (rows) => {
        // A row without anything in it is no row of a table.
        fc.pre(
          rows.every((row) => row.some((one) => one.trim() !== '')) &&
            rows.every((row) => row.every((one) => !one.includes('\r'))),
        )
        const [, ...back] = readCsv(writeCsv(tableOf(rows, 3)))
        expect(back).toEqual(rows.map((row) => [...row]))
      }),
      { numRuns: 500 },
    )
  })

  it.each([
    ['=cmd()', "'=cmd()"],
    ['=HYPERLINK("x")', '\'=HYPERLINK("x")'],
    ['+1+2', "'+1+2"],
    ['-2+3', "'-2+3"],
    ['@SUM(A1)', "'@SUM(A1)"],
    ['\tx', "'\tx"],
    ['-5.0', '-5.0'],
    ['+0.35', '+0.35'],
    ['-1.2e-4', '-1.2e-4'],
    ['24.50', '24.50'],
    ["'quoted'", "'quoted'"],
  ])('makes a formula harmless and leaves a number alone: %s', (text, written) => {
    expect(harmless(text)).toBe(written)
    expect(asItWas(harmless(text))).toBe(text)
  })

  it.each(['\uFEFFa,b\r\n1,2', 'a;b\n1;2', 'a\tb\n1\t2', 'a,b\n1,2\n\n,\n'])('is read whatever separates it: %j', (text) => {
    expect(readCsv(text)).toEqual([
      ['a', 'b'],
      ['1', '2'],
    ])
  })

  it.each<[string, string, string]>([
    ['nothing', '  \n', 'csv.empty'],
    ['an open quote', 'a,b\n"1,2', 'csv.quotes'],
    ['too many rows', 'x\n'.repeat(10_002), 'csv.large'],
    ['too much', 'x'.repeat(5 * 1024 * 1024), 'csv.large'],
  ])('is refused with the reason: %s', (_, text, code) => {
    expect(() => readCsv(text)).toThrow(expect.objectContaining({ code }))
  })

  it.each(DEMOS)('%s: every table has its metadata', (name) => {
    const files = csvFiles(demo(name))
    const metadata = JSON.parse(new TextDecoder().decode(files.get('csv-metadata.json')))
    expect(metadata.tables.map(({ url }: { url: string }) => url)).toEqual(
      [...files.keys()].filter((file) => file.endsWith('.csv')),
    )
    for (const { url, tableSchema } of metadata.tables) {
      const [heads] = readCsv(new TextDecoder().decode(files.get(url)))
      expect(heads).toEqual(tableSchema.columns.map(({ titles }: { titles: string }) => titles))
    }
  })
})
