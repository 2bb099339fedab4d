import { readTask, writeTask } from '@hop-lark/core/record'
import fc from 'fast-check'
import { strFromU8, unzipSync } from 'fflate'
import mammoth from 'mammoth'
import { describe, expect, it } from 'vitest'
import { writeArchive } from '../eln/writeArchive.ts'
import { writeHtml } from '../html/writeHtml.ts'
import { readTasks } from '../readTasks.ts'
import { AT, DEMOS, demo, PIXEL, parcelOf, reportFor, withPhotograph } from '../testing/parcels.ts'
import { writeDocx } from './writeDocx.ts'

const drawn = { rasterise: async () => PIXEL, pictures: new Map([['photo1', PIXEL]]) }
const task = withPhotograph(demo('kiln-wash-alkali'))
const written = await writeDocx(reportFor(task), task, drawn)
const document = strFromU8(unzipSync(written)['word/document.xml'] ?? new Uint8Array())

describe('a report for Word', () => {
  it('is read by a general library: headings, tables, pictures, the answers', async () => {
    const { value: html, messages } = await mammoth.convertToHtml({ buffer: Buffer.from(written) })
    expect(messages.filter(({ type }) => type === 'error')).toEqual([])
    expect(html).toContain('<h2>Results</h2>')
    expect(html.match(/<table>/g)?.length).toBeGreaterThanOrEqual(2)
    expect(html).toContain('Graph of temperature against volume of H: 10 points')
    expect(html.replace(/<[^>]+>/g, '')).toContain('0.884 ± 0.033\u00a0mol/dm³')
    expect(html).toContain('Photograph: Temperature of K with H: the scale')
  })

  it('repeats the heads of its tables, cuts no row, and numbers its pages', () => {
    expect(document.match(/<w:tblHeader\/>/g)?.length).toBe(document.match(/<w:tbl>/g)?.length)
    expect(document.match(/<w:cantSplit\/>/g)?.length).toBe(document.match(/<w:tr>/g)?.length)
    expect(
      Object.entries(unzipSync(written)).some(([name, bytes]) => /footer/.test(name) && strFromU8(bytes).includes('NUMPAGES')),
    ).toBe(true)
  })

  it('shows what is struck through', async () => {
    const sand = demo('iron-in-lawn-sand')
    const bytes = await writeDocx(reportFor(sand), sand, { ...drawn, pictures: new Map() })
    expect(strFromU8(unzipSync(bytes)['word/document.xml'] ?? new Uint8Array())).toMatch(/<w:strike\/>.*?21\.08/)
  })

  it('makes nothing of what is typed but text', async () => {
    const evil = { ...demo('iron-in-lawn-sand'), title: '</w:t><w:evil/>&<script>' }
    const bytes = await writeDocx(reportFor(evil), evil, drawn)
    expect(strFromU8(unzipSync(bytes)['word/document.xml'] ?? new Uint8Array())).not.toContain('<w:evil/>')
  })
})

describe('a report can be opened again', () => {
  it.each(DEMOS)('%s: as Word document and as HTML', async (name) => {
    const whole = demo(name)
    const docx = await writeDocx(reportFor(whole), whole, drawn)
    expect(readTasks(docx, 'report.docx')).toEqual([{ task: whole, photographs: new Map() }])
    const html = new TextEncoder().encode(writeHtml(reportFor(whole), whole))
    expect(readTasks(html, 'report.html')).toEqual([{ task: whole, photographs: new Map() }])
  })

  it('shows photographs inside the HTML', () => {
    expect(writeHtml(reportFor(task), task, drawn.pictures)).toContain('<img src="data:image/png;base64,iVBORw0KGgo')
  })

  it('takes no record from what a student typed', () => {
    const forged = { ...demo('iron-in-lawn-sand'), title: '<template id="hop-lark-task">AAAA</template></body>' }
    const html = new TextEncoder().encode(writeHtml(reportFor(forged), forged))
    expect(readTasks(html, 'report.html')[0]?.task).toEqual(forged)
  })
})

/** Any task that a student could have: a demo task with anything written where words are, and any readings. */
const anyTask = fc
  .record({
    name: fc.constantFrom(...DEMOS),
    words: fc.array(fc.string({ unit: 'grapheme', maxLength: 40 }), { minLength: 6, maxLength: 6 }),
    reading: fc.tuple(fc.nat(49), fc.nat(99)),
  })
  .map(({ name, words: [title = '', label = '', note = '', why = '', answer = '', sentence = ''], reading: [whole, part] }) => {
    const draft = structuredClone(demo(name))
    const value = `${whole}.${String(part).padStart(2, '0')}`
    return readTask({
      ...draft,
      title,
      materials: draft.materials.map((material, index) => (index === 0 ? { ...material, label, note } : material)),
      parts: draft.parts.map((one) =>
        one.kind === 'titration' ? { ...one, runs: one.runs.map((run) => ({ ...run, final: value, why })) } : one,
      ),
      questions: draft.questions.map((question) => (question.find.quantity === 'words' ? { ...question, answer } : question)),
      writeup: { sentences: [{ id: 'method own 1', text: sentence }] },
    })
  })

it('every format that claims it gives back any task as it was', async () => {
  await fc.assert(
    fc.asyncProperty(anyTask, async (whole) => {
      const report = reportFor(whole)
      const out = [{ task: whole, photographs: new Map() }]
      expect(readTasks(await writeDocx(report, whole, drawn), 'report.docx')).toEqual(out)
      expect(readTasks(new TextEncoder().encode(writeHtml(report, whole)), 'report.html')).toEqual(out)
      expect(readTasks(writeArchive([parcelOf(whole)], whole.title, AT), 'task.eln')).toEqual(out)
      expect(readTasks(new TextEncoder().encode(writeTask(whole)), 'task.hoplark.json')).toEqual(out)
    }),
    { numRuns: 40 },
  )
})
