import { describe, expect, it } from 'vitest'
import { readTask } from '../record/index.ts'
import { findLabels } from './label/candidates.ts'
import { placesTyped } from './mend/places.ts'
import { thingsIn } from './mention/things.ts'
import { additionsIn } from './series/portionsAdded.ts'
import { timingIn } from './series/readings.ts'
import { readSheet } from './sheet/readSheet.ts'
import { plainSheet } from './text/plain.ts'
import { sentencesOf } from './text/sentences.ts'

describe('sentences', () => {
  const numbersOf = (sheet: string) => sentencesOf(sheet).map(({ number, text }) => `${number} ${text}`.trim())

  it('are numbered as the sheet numbers them', () => {
    expect(numbersOf('1 Find it.\n(a) Weigh A.\n(b) (i) Calculate m.\n(ii) Calculate n.\n2 Find more.\n(a) Heat B.')).toEqual([
      '1 Find it.',
      '1(a) Weigh A.',
      '1(b)(i) Calculate m.',
      '1(b)(ii) Calculate n.',
      '2 Find more.',
      '2(a) Heat B.',
    ])
  })

  it('a number of a step opens no question', () => {
    const [first, last] = [
      sentencesOf('(a) Method\n1. Weigh A.\n2. Tip it out.')[1],
      sentencesOf('(a) Method\n1. Weigh A.\n2. Tip it out.').at(-1),
    ]
    expect([first?.block, last?.block]).toEqual([0, 0])
  })

  it('begin no new one at a quantity, a label or an abbreviation', () => {
    expect(numbersOf('Use approx. 5.20 g of A.\n2 M sulfuric acid is B.')).toEqual([
      'Use approx. 5.20 g of A.',
      '2 M sulfuric acid is B.',
    ])
  })

  it('go on where a page broke them', () => {
    const sheet = 'Pipette 25.0 cm3 of the solution that you\nhave made into a conical flask and add two\ndrops of indicator.'
    expect(sentencesOf(sheet)).toHaveLength(1)
  })

  it('keep their place in the sheet', () => {
    const sheet = 'N2 is 0.0150 mol dm⁻³ KMnO₄ – dark.\n• Fill the burette.\n(i) Add 5 cm³ of N2.'
    for (const { from, to, text } of sentencesOf(sheet)) expect(plainSheet(sheet).slice(from, to)).toBe(text)
    expect(plainSheet(sheet)).toHaveLength(sheet.length)
  })
})

describe('labels', () => {
  const labelsIn = (sheet: string) => [...findLabels(sentencesOf(sheet))]

  it.each([
    ['FA 1 is dilute sulfuric acid. Pipette 25.0 cm3 of FA 1 into a flask.', ['FA 1']],
    ['Titrate solution Q with R, which is 0.100 M HCl.', ['Q', 'R']],
    ['Bottles 1, 2 and 3 are solutions.', ['1', '2', '3']],
    ['THIO = 0.0020 M sodium thiosulfate.', ['THIO']],
    ['FB 1 to FB 3 are aqueous solutions.', ['FB 1', 'FB 2', 'FB 3']],
  ])('%s', (sheet, labels) => {
    expect(labelsIn(sheet)).toEqual(labels)
  })

  it.each([
    'A student weighs 2 g of iron(II) sulfate.',
    'Use 2 M NaOH at 20 °C.',
    'See Table 1 and Figure B.',
    'Add potassium iodide, KI.',
    'DO NOT HEAT',
  ])('none in: %s', (sheet) => {
    expect(labelsIn(sheet)).toEqual([])
  })
})

describe('what a sentence speaks of', () => {
  it.each([
    ['0.125 mol dm–3', '0.125 mol/dm3'],
    ['0.125 mol/L', '0.125 mol/dm3'],
    ['0.5 M', '0.5 mol/dm3'],
    ['6.30 g dm-3', '6.30 g/dm3'],
    ['10 % w/v', '100 g/dm3'],
    ['M/20', '0.0500 mol/dm3'],
  ])('the strength %s', (text, is) => {
    const [strength] = thingsIn(plainSheet(`A is ${text} acid.`))
    expect(strength?.kind === 'strength' && `${strength.strength.value} ${strength.strength.unit}`).toBe(is)
  })

  it.each([
    ['between 5.20 g and 5.60 g', { of: 'mass', value: '5.20', most: '5.60', unit: 'g' }],
    ['a 250-mL beaker', { of: undefined, value: undefined }],
    ['two drops', { of: 'drops', value: '2' }],
    ['for 3 minutes', { of: 'time', value: '3', unit: 'min' }],
  ])('the quantity %s', (text, is) => {
    const found = thingsIn(text).find(({ kind }) => kind === 'quantity')
    expect(found ?? { of: undefined, value: undefined }).toMatchObject(is)
  })

  it('an equation with its charges, and no equation in an equals sign of a value', () => {
    expect(thingsIn(plainSheet('I2 + 2S2O32- → 2I- + S4O62-'))).toMatchObject([
      { kind: 'equation', equation: 'I2 + 2S2O32- -> 2I- + S4O62-' },
    ])
    expect(thingsIn('Fe = 55.8').some(({ kind }) => kind === 'equation')).toBe(false)
  })
})

describe('when something is read', () => {
  it.each([
    ['every 30 s for 5 minutes', { every: 30, until: 300 }],
    ['at half-minute intervals for six minutes', { every: 30, until: 360 }],
    ['at intervals of 15 seconds for four minutes', { every: 15, until: 240 }],
    ['every minute for a quarter of an hour', { every: 60 }],
  ])('%s', (text, is) => {
    expect(timingIn(text)).toEqual(is)
  })

  it.each([
    ['Add 5.00 cm3 portions until a total of 45.00 cm3 has been added', { by: '5.00', until: '45.00' }],
    ['add H, 3.0 cm³ at a time, up to 30.0 cm³', { by: '3.0', until: '30.0' }],
    ['in eight portions of 4.0 mL', { by: '4.0', until: '32' }],
  ])('%s', (text, is) => {
    expect(additionsIn(plainSheet(text))).toEqual(is)
  })

  it('places are typed as a range or one after another', () => {
    expect(placesTyped('0 to 2 by 0.5')).toEqual(['0.0', '0.5', '1.0', '1.5', '2.0'])
    expect(placesTyped('0, 20, 40; 60')).toEqual(['0', '20', '40', '60'])
    expect(placesTyped('often')).toEqual([])
  })
})

describe('text that is no sheet', () => {
  it.each([
    ['20 000 letters without a break', 'x'.repeat(20_000)],
    ['nothing but brackets', '('.repeat(20_000)],
    ['control characters', 'Weigh\u0000 2 g\u0007 of A\u001b[31m.'],
    ['right to left', '\u202eA is sodium chloride\u202c שלום'],
    ['markup', '<script>alert(1)</script> Titrate A with <b>B</b>.'],
    ['half a million characters', 'Add 5 cm3 of A to B. '.repeat(25_000)],
    ['nothing', ' \n\t '],
  ])('%s is read into a task all the same', (_, text) => {
    const { task, notRead } = readSheet(text)
    expect(readTask(JSON.parse(JSON.stringify(task)))).toEqual(task)
    // What is beyond the length of a sheet is marked, not dropped.
    expect(notRead.some(({ from }) => from >= 30_000)).toBe(text.length > 30_000)
  })
})

describe('a sheet that says how things are done', () => {
  const { conventions, minutes } = readSheet(
    'Time: 1 hour 15 minutes. Pipette 25.0 mL of A, 0.1 M HCl, into a flask. Titrate with B until three titres agree within 0.2 mL. ' +
      'Give answers to 4 significant figures. [Ar: Fe, 55.8; S, 32.1]',
  ).task

  it('sets units, agreement, figures, masses and time', () => {
    expect(minutes).toBe(75)
    expect(conventions).toMatchObject({
      volumeUnit: 'mL',
      concordance: { within: '0.20', runs: 3 },
      figures: 4,
      sheetMasses: 'Fe 55.8; S 32.1',
    })
  })
})
