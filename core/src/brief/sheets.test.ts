import { describe, expect, it } from 'vitest'
import { readTask, writeTask } from '../record/index.ts'
import { readDraft } from './read.ts'
import { openGaps, readSheet } from './sheet/readSheet.ts'
import { faultsIn, keysTo, quantile } from './testing/keys.ts'
import { score } from './testing/score.ts'
import { SHEETS } from './testing/sheets.ts'
import { VARIANTS } from './testing/variants.ts'

/** How many of all sheets are read whole when they are printed otherwise; no fewer, whatever else is mended. */
const WHOLE: Readonly<Record<string, number>> = {
  'wrapped at 45': 124,
  'wrapped at 72': 130,
  'in mL and mol/L': 133,
  'other labels': 132,
  'in one paragraph': 114,
}

describe('sheets', () => {
  it.each(SHEETS.map((sheet) => [sheet.id, sheet] as const))('%s is read whole', (_, sheet) => {
    expect(score(sheet).wrong).toEqual([])
  })

  it('make tasks that a file can hold', () => {
    for (const { text } of SHEETS) {
      const { task } = readSheet(text)
      expect(readTask(JSON.parse(writeTask(task)))).toEqual(task)
    }
  })

  it.each(VARIANTS.map((variant) => [variant.name, variant] as const))('%s', (name, variant) => {
    const whole = SHEETS.filter((sheet) => score(variant.of(sheet)).wrong.length === 0)
    expect(whole.length).toBeGreaterThanOrEqual(WHOLE[name] ?? SHEETS.length)
  })

  it('that are read whole raise hardly a flag', () => {
    const flags = SHEETS.flatMap(({ text }) => {
      const { draft, questions } = readDraft(text)
      return openGaps(draft, questions)
    })
    expect(flags.length / SHEETS.length).toBeLessThan(0.2)
  })
})

describe('from the pasted sheet to a task that is ready', () => {
  const marked = (text: string, sheet: (typeof SHEETS)[number]) => {
    const read = readDraft(text)
    return { found: score({ ...sheet, text }, read), gaps: openGaps(read.draft, read.questions) }
  }

  it('half of the sheets take 12 keys or fewer, nine in ten take 25 or fewer, however they are printed', () => {
    for (const { of } of [{ of: (sheet: (typeof SHEETS)[number]) => sheet }, ...VARIANTS]) {
      const keys = SHEETS.map(of).map((sheet) => {
        const { found, gaps } = marked(sheet.text, sheet)
        return keysTo(found, gaps)
      })
      expect(quantile(keys, 0.5)).toBeLessThanOrEqual(12)
      expect(quantile(keys, 0.9)).toBeLessThanOrEqual(25)
    }
  })

  it('of what is read wrongly or not at all, hardly anything stands where nothing is asked', () => {
    let silent = 0
    let things = 0
    for (const sheet of VARIANTS.flatMap(({ of }) => SHEETS.map(of))) {
      const { found, gaps } = marked(sheet.text, sheet)
      const { materials, parts, questions } = sheet.expect
      things += materials.length + parts.length + questions.length
      if (gaps.length === 0) silent += faultsIn(found)
    }
    expect(silent / things).toBeLessThan(1 / 50)
  })
})

/** Something that a sheet says is taken out of it: whatever of it was to be recorded has to be missed. */
const HOLES: readonly (readonly [what: string, takeOut: (text: string) => string])[] = [
  ['strengths', (text) => text.replace(/(?:about )?\d+(?:\.\d+)?\s*(?:mol\s*(?:dm[–-]3|dm⁻³|\/dm3|\/dm³|\/L)|M\b)/g, 'strong')],
  [
    'what the burette is filled and titrated with',
    (text) =>
      text.replace(
        /(fill (?:the|a) [^.]*?buret(?:te)?) with [^.,;]*|(titrat\w+[^.;]*?) with (?:[A-Z]{1,2} ?\d{0,2}|the [a-z ]+)(?=[\s.,])/gi,
        '$1$2',
      ),
  ],
  ['what is pipetted', (text) => text.replace(/\d+\.\d+ ?(?:cm3|cm³|mL) (?:portions? )?of [A-Z]{1,2} ?\d{0,2}/g, 'a portion')],
]

describe('what a sheet leaves out', () => {
  it.each(HOLES)('%s: is asked, or the sheet is as it was', (_, takeOut) => {
    const titrations = SHEETS.filter(({ expect: { parts } }) => parts.some(({ kind }) => kind === 'titration'))
    for (const sheet of titrations) {
      const text = takeOut(sheet.text)
      if (text === sheet.text) continue
      const { draft, questions } = readDraft(text)
      const asked = openGaps(draft, questions)
      const lacking = score(sheet, readDraft(text)).wrong.filter((one) => one.startsWith('part missing: titration'))
      // A titration that is not as it was has a gap, or a bottle that is used nowhere.
      if (lacking.length > 0)
        expect(
          asked.map(({ id }) => id),
          sheet.id,
        ).not.toEqual([])
    }
  })
})
