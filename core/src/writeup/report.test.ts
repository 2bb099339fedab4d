import { describe, expect, it } from 'vitest'
import { plainText } from '../typeset/index.ts'
import { factsOf, reportOf, type Section } from './index.ts'
import { DEMOS, demo, factsWithTubes } from './testing/demo.ts'

/** Blanks that tie a number to its unit, as blanks. */
const plain = (text: string) => text.replaceAll('\u00a0', ' ')
const LAWN_SAND = demo('iron-in-lawn-sand')
const sectionsOf = (name: string, change?: Parameters<typeof demo>[1]) =>
  reportOf(factsOf(demo(name, change)), 'notebook').sections
const section = (sections: readonly Section[], id: Section['id']) => sections.find((one) => one.id === id)
const saidIn = (sections: readonly Section[], id: Section['id']) =>
  section(sections, id)?.blocks.flatMap((block) =>
    block.kind === 'sentences' ? block.sentences.map(({ text }) => plain(text)) : [],
  ) ?? []
const tablesIn = (sections: readonly Section[]) =>
  sections.flatMap(({ blocks }) => blocks.flatMap((block) => (block.kind === 'table' ? [block.table] : [])))
const cellsOf = (table: ReturnType<typeof tablesIn>[number] | undefined) =>
  table && [table.head.map(plainText), ...table.rows.map(({ cells }) => cells.map(({ line }) => plainText(line)))]

describe('the report of a titration', () => {
  const sections = reportOf(factsOf(LAWN_SAND), 'notebook').sections

  it('has the sections of a notebook in their order', () => {
    expect(sections.map(({ id }) => id)).toEqual([
      'aim',
      'apparatus',
      'chemicals',
      'method',
      'results',
      'working',
      'errors',
      'assumptions',
      'precautions',
    ])
  })

  it('says when it was done and what for', () => {
    expect(reportOf(factsOf(LAWN_SAND), 'notebook').when).toMatch(/^12 May 2026, \d+:12 to \d+:07$/)
    expect(saidIn(sections, 'aim')).toEqual([
      'To find the amount of iron(II) in the 250 cm³ flask and the percentage by mass of iron in F1 by titration with potassium manganate(VII).',
    ])
  })

  it('without questions says what was done; a sheet has questions, asked or not', () => {
    const aim = (text?: string) =>
      saidIn(
        sectionsOf('iron-in-lawn-sand', (task) => {
          task.questions = []
          task.brief = text === undefined ? undefined : { text }
        }),
        'aim',
      )
    expect(aim()).toEqual(['To record what was measured and seen by titration with potassium manganate(VII).'])
    expect(aim('Titrate F4 with F2.')).toEqual([
      'To answer the questions of the sheet by titration with potassium manganate(VII).',
    ])
  })

  it('names the apparatus with its sizes', () => {
    const [list] = section(sections, 'apparatus')?.blocks ?? []
    expect(list?.kind === 'list' && list.items.map(plain)).toEqual(
      expect.arrayContaining([
        'balance reading to 0.01 g',
        '250.0 cm³ volumetric flask',
        '50.00 cm³ burette, class B, read to 0.05 cm³',
        '25.0 cm³ pipette and filler',
      ]),
    )
  })

  it('tells the method in the passive past, from what was done', () => {
    expect(saidIn(sections, 'method')).toEqual([
      'F1 was weighed by difference, with its container before and after it was tipped out, with the lid on both times: 4.74 g was taken.',
      'The 4.74 g of F1 was brought into solution and made up to the mark in a 250.0 cm³ volumetric flask; this was F4 (F1 in dilute acid, filtered).',
      '25.0 cm³ of F4 was pipetted into a conical flask, 10 cm³ of dilute sulfuric acid (1.0 mol/dm³) was added from a measuring cylinder, and the mixture was titrated with F2 (0.0100 mol/dm³ potassium manganate(VII)) to the first lasting pink.',
      'One rough run and three accurate runs were made, until titres agreed within 0.10 cm³; the burette was read to 0.05 cm³.',
    ])
  })

  it('reports what was ticked before the runs, and nothing of what was not', () => {
    const ticked = sectionsOf('iron-in-lawn-sand', (task) => {
      for (const part of task.parts) if (part.kind === 'titration') part.ready = ['burette-rinsed', 'white-tile']
    })
    expect(saidIn(ticked, 'method')).toContain('The burette was rinsed with water and then with F2.')
    expect(saidIn(ticked, 'precautions')).toContain(
      'The burette was rinsed with water and then with F2: water left in it would dilute F2, and every titre would be too large.',
    )
    expect(saidIn(sections, 'method').join(' ')).not.toContain('rinsed')
  })

  it('keeps every reading to its decimals, the struck ones in sight, and says which runs are in the mean', () => {
    const table = tablesIn(sections).find(({ id }) => id === 'runs t1')
    expect(cellsOf(table)).toEqual([
      ['Run', 'rough', '1', '2', '3', '4'],
      ['Final reading / cm³', '21.30', '21.05', '42.20', '21.80', '–'],
      ['Initial reading / cm³', '0.00', '0.40', '21.05', '1.10', '21.80'],
      ['Titre / cm³', '21.30', '20.65', '21.15', '20.70', '–'],
      ['Taken into the mean', 'no, rough', 'yes', 'no', 'yes', 'unfinished'],
    ])
    expect(table?.rows[0]?.cells[4]?.struck).toEqual([{ text: '21.08', why: 'misread' }])
    expect(table?.notes).toEqual(['21.08 was struck through: misread.'])
    expect(saidIn(sections, 'results')).toEqual([
      'Runs 1 and 3 agree within 0.10 cm³.',
      'Mean titre: (20.65 + 20.70) ÷ 2 = 20.68 cm³.',
    ])
  })

  it('puts runs below each other when there are too many for a sheet', () => {
    const long = sectionsOf('iron-in-lawn-sand', (task) => {
      for (const part of task.parts)
        if (part.kind === 'titration')
          part.runs = Array.from({ length: 40 }, (_, index) => ({
            id: `run${index + 1}`,
            kind: 'accurate',
            initial: '0.00',
            final: '20.65',
          }))
    })
    const table = tablesIn(long).find(({ id }) => id === 'runs t1')
    expect(table?.rows).toHaveLength(40)
    expect(table?.head.map(plainText)).toContain('Titre / cm³')
  })

  it('does not write the same lines of working twice', () => {
    const answers = section(sections, 'working')?.blocks.flatMap((block) => (block.kind === 'answer' ? [block.answer] : [])) ?? []
    expect(answers[1]?.from).toEqual({ answer: 'Amount of iron(II) in the 250 cm³ flask', lines: 3 })
    expect(answers[1]?.result && plainText(answers[1].result)).toBe('12.2 ± 0.1\u00a0%')
  })

  it('names the sources of error that this record has, with their size, and what would help most', () => {
    const said = saidIn(sections, 'errors').join(' ')
    expect(said).toContain('50 cm³ burette, class B (±0.10 cm³): ±0.20')
    expect(said).toContain('What would help most is a balance that shows 0.001 g')
    expect(said).toContain('Run 2 is 0.45 cm³ from the others and is left out.')
    // The record says that the lid was on both times, so it cannot have been forgotten.
    expect(said).not.toContain('the lid was left off')
  })

  it('is only tables and working in an examination', () => {
    expect(reportOf(factsOf(LAWN_SAND), 'exam').sections.map(({ id }) => id)).toEqual(['results', 'working'])
  })
})

describe('the report of unknowns', () => {
  const report = reportOf(factsWithTubes(demo('four-jars')), 'exam')

  it('reads as an inorganic table: test, observation, inference, in the order of the work', () => {
    const table = tablesIn(report.sections).find(({ caption }) => caption === 'Tests on Jar G')
    const cells = cellsOf(table)
    expect(cells?.[0]).toEqual(['No.', 'Test', 'Observation', 'Inference'])
    expect(cells?.[1]?.slice(0, 3)).toEqual(['', 'Appearance', 'green crystals'])
    expect(cells?.[2]).toEqual(['G1.1', 'A few drops of NaOH(aq)', 'green precipitate', expect.stringContaining('nickel(II)')])
  })

  it('gives the student’s conclusion as it is, and the evidence with the tests it rests on', () => {
    const blocks = section(report.sections, 'observations')?.blocks ?? []
    const sentences = blocks.flatMap((block) => (block.kind === 'sentences' ? block.sentences : []))
    expect(sentences[0]).toMatchObject({
      state: 'own',
      text: expect.stringMatching(/^Jar G is nickel\(II\) chloride: green precipitate/),
    })
    expect(sentences[1]?.text).toMatch(/^Jar G contains nickel\(II\) ions: .*\(tests G3\.3 and G2\.2\)\.$/)
  })

  it('tells nothing of what the board keeps back until there is a conclusion', () => {
    const shut = demo('four-jars', (task) => {
      for (const part of task.parts) if (part.kind === 'rack') part.board = 'after conclusion'
    })
    const sections = reportOf(factsWithTubes(shut), 'exam').sections
    const table = tablesIn(sections).find(({ caption }) => caption === 'Tests on Jar H')
    expect(table?.rows.map(({ cells }) => cells[3] && plainText(cells[3].line)).join('')).toBe('')
    expect(saidIn(sections, 'observations').join(' ')).not.toContain('Jar H contains')
  })
})

describe('reports of other kinds', () => {
  it('draws the graph of a run with its lines, crossing and squares', () => {
    const blocks = section(sectionsOf('kiln-wash-alkali'), 'results')?.blocks ?? []
    const drawing = blocks.find((block) => block.kind === 'drawing')
    expect(drawing?.kind === 'drawing' && drawing.caption).toBe(
      'Temperature of K with H. One small square is 0.5 across and 0.2 up.',
    )
    expect(
      drawing?.kind === 'drawing' && drawing.drawing.shapes.filter((shape) => 'stroke' in shape && shape.stroke === 'line'),
    ).toHaveLength(2)
    expect(saidIn(sectionsOf('kiln-wash-alkali'), 'results')).toContain(
      'The two lines cross at 22.1 cm³, where the temperature is 27.3 °C.',
    )
  })

  it('tells a back titration with its weighed portions', () => {
    expect(saidIn(sectionsOf('chalk-in-oyster-shell'), 'method')).toEqual([
      '1.012 g and 0.987 g of S were weighed on the tared balance.',
      'For each run a weighed portion was put into a conical flask, 25.0 cm³ of A (1.00 mol/dm³ hydrochloric acid) was pipetted into it, and the mixture was titrated with B (0.500 mol/dm³ sodium hydroxide) with methyl orange as indicator, to the change from red to orange.',
      'Two accurate runs were made, until titres agreed within 0.10 cm³; the burette was read to 0.05 cm³.',
    ])
  })

  it('says nothing of what was only laid out', () => {
    const sections = sectionsOf('plan-of-a-rate')
    expect(sections.map(({ id }) => id)).not.toContain('method')
    expect(sections.map(({ id }) => id)).not.toContain('results')
  })
})

describe('every demo task', () => {
  it.each(DEMOS)('%s: sentences begin with a capital, end with a stop, and hold no slip of the pen', (name) => {
    const { sections } = reportOf(factsOf(demo(name)), 'notebook')
    const sentences = sections.flatMap(({ id }) => saidIn(sections, id))
    for (const sentence of sentences) {
      expect(sentence).toMatch(/^[\p{Lu}\d“]/u)
      expect(sentence).toMatch(/[.!?)]$/)
      expect(sentence).not.toMatch(/undefined|NaN|null|\b(\w+) \1\b| ,|\.\.|\s{2}|\bthe the\b|\ba [aeiou]\w+ion\b/)
    }
  })

  it.each(DEMOS)('%s: every sentence has a name of its own', (name) => {
    const { sections } = reportOf(factsWithTubes(demo(name)), 'notebook')
    const ids = sections.flatMap(({ blocks }) =>
      blocks.flatMap((block) => (block.kind === 'sentences' ? block.sentences.map(({ id }) => id) : [])),
    )
    expect(new Set(ids).size).toBe(ids.length)
  })
})
