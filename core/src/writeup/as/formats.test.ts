import { describe, expect, it } from 'vitest'
import { plainText } from '../../typeset/index.ts'
import { drawGraph } from '../drawing/graph.ts'
import { asHtml, asMarkdown, escaped, factsOf, type Report, reportOf, svgOf, tableHtml, tableTsv } from '../index.ts'
import { demo } from '../testing/demo.ts'
import { first, partsOf } from '../testing/records.ts'

const EVIL = '<script>alert(1)</script>"\'&<img src=x onerror=alert(2)>'

const evil = demo('iron-in-lawn-sand', (task) => {
  task.title = EVIL
  first(task.materials).label = EVIL
  first(task.materials).note = EVIL
  first(partsOf(task, 'titration').map((part) => part)).title = EVIL
  for (const question of task.questions) if (question.answer) question.answer = EVIL
  task.writeup = { sentences: [{ id: 'aim', text: EVIL, made: 'x' }] }
})
const reportOfEvil: Report = reportOf(factsOf(evil), 'notebook')

describe('HTML of a report', () => {
  it('holds no tag that anybody typed', () => {
    const html = asHtml(reportOfEvil)
    expect(html).not.toMatch(/<script|<img|onerror=alert\(2\)>/)
    expect(html).toContain('&lt;script&gt;alert(1)&lt;/script&gt;&quot;&#39;&amp;')
  })

  it('runs nothing and fetches nothing', () => {
    const html = asHtml(reportOf(factsOf(demo('kiln-wash-alkali')), 'notebook'))
    expect(html).not.toMatch(/<script|<link|<iframe|javascript:|\s(?:src|href)=/)
    expect(html).not.toMatch(/https?:\/\/(?!www\.w3\.org\/2000\/svg)/)
  })

  it('has headings in order, rows and columns with names, and a drawing with its words', () => {
    const html = asHtml(reportOf(factsOf(demo('kiln-wash-alkali')), 'notebook'))
    const levels = [...html.matchAll(/<h(\d)/g)].map(([, level]) => Number(level))
    expect(levels[0]).toBe(1)
    for (const [index, level] of levels.entries()) expect(level - (levels[index - 1] ?? 0)).toBeLessThanOrEqual(1)
    expect(html).toContain('<th scope="col" class="number">temperature / °C</th>')
    expect(html).toContain('role="img" aria-label="Graph of temperature against volume of H: 10 points"')
  })

  it('shows what was struck through, with the reason', () => {
    expect(asHtml(reportOf(factsOf(demo('iron-in-lawn-sand')), 'exam'))).toContain('<s title="misread">21.08</s> 21.80')
  })
})

describe('Markdown of a report', () => {
  it('lets nothing that was typed mean anything but itself', () => {
    const text = asMarkdown(reportOfEvil)
    expect(text).not.toMatch(/(?<!\\)<script/)
    const piped = demo('iron-in-lawn-sand', (task) => {
      first(task.materials).note = 'a|b *c* [d](e) `f` #g\n- h'
    })
    const row = asMarkdown(reportOf(factsOf(piped), 'notebook'))
      .split('\n')
      .find((line) => line.startsWith('| F1'))
    expect(row?.split(/(?<!\\)\|/)).toHaveLength(6)
  })

  it('has the readings, the mean and the answers', () => {
    const text = asMarkdown(reportOf(factsOf(demo('iron-in-lawn-sand')), 'notebook'))
    for (const said of ['~~21.08~~ 21.80', 'Mean titre: (20.65 + 20.70) ÷ 2 = 20.68', '**12.2 ± 0.1', '| Titre / cm³ | 21.30 |'])
      expect(text).toContain(said)
  })
})

describe('tables for a clipboard', () => {
  const [block] = reportOf(factsOf(demo('kiln-wash-alkali')), 'exam').sections[0]?.blocks ?? []
  if (block?.kind !== 'table') throw new Error('The first block of the results is a table.')

  it('are cells apart by tabs, and HTML', () => {
    expect(tableTsv(block.table).split('\n').slice(0, 2)).toEqual(['volume of H / cm³\ttemperature / °C', '0.00\t19.5'])
    expect(tableHtml(block.table)).toContain('<td class="number">19.5</td>')
  })

  it('keep their columns whatever stands in a cell', () => {
    const rows = [{ cells: [{ line: [{ text: 'a\tb\nc', place: 'line' as const }] }] }]
    expect(tableTsv({ ...block.table, rows }).split('\n')[1]).toBe('a b c')
  })
})

it('drawings are SVG that can stand anywhere', () => {
  const task = demo('kiln-wash-alkali', (draft) => {
    first(partsOf(draft, 'series')).y.name = EVIL
  })
  const drawing = drawGraph(task, first(partsOf(task, 'series')))
  const svg = drawing ? svgOf(drawing) : ''
  expect(svg).toMatch(/^<svg xmlns="http:\/\/www\.w3\.org\/2000\/svg" viewBox="0 0 \d+ \d+"/)
  expect(svg).not.toContain('<script')
  expect(escaped('a\u0000b\u0007c\n')).toBe('abc\n')
  expect(plainText([])).toBe('')
})
