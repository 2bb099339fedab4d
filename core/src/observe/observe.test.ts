import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { adviseWording, readObservation, readTubes } from './index.ts'
import { readShort } from './testing/rounds.ts'

/** The facts of a line that stands nowhere, in short. */
const short = (text: string) => readShort({ where: '-', text })

describe('what is not understood', () => {
  it.each([
    ['white ppt with wobbly edges', ['wobbly']],
    ['blue unicorns', ['unicorns']],
    ['white ppt', []],
  ])('%s: is said, not guessed', (line, words) => {
    expect(readObservation(line).notUnderstood.map(({ text }) => text)).toEqual(words)
  })

  it('spans point at the words', () => {
    const line = 'White ppt formed – sol. in xs'
    for (const { span } of readObservation(line).facts) expect(line.slice(...span).trim()).not.toBe('')
    const [first] = readObservation(line).facts
    expect(line.slice(...(first?.span ?? [0, 0]))).toBe('White ppt formed – sol')
  })

  const spans = (line: string) => readObservation(line).facts.map(({ span }) => line.slice(...span))

  it('facts stand in the order of the words, each with its own words and no blanks around them', () => {
    expect(spans('gas turned limewater milky, white ppt')).toEqual(['gas turned limewater milky', 'white ppt'])
    expect(spans('lilac flame  ,  effervescence ')).toEqual(['lilac flame', 'effervescence'])
  })

  it('a fact that is said twice is one fact, and no word is read twice', () => {
    expect(short('white ppt, white ppt')).toEqual(['p:white'])
    expect(short('white ppt, blue solution, white ppt')).toEqual(['p:white', 's:blue'])
  })

  // Typed on a phone or pasted from a document.
  it.each([
    ['off–white ppt', 'off-white ppt'],
    ['grey‑green ppt', 'grey-green ppt'],
    ['ppt doesn’t dissolve', "ppt doesn't dissolve"],
    ['yellow → orange', 'yellow -> orange'],
    ['yellow ⟶ orange solution', 'yellow -> orange solution'],
  ])('%s is read as %s', (typographic, plain) => {
    expect(short(typographic)).toEqual(short(plain))
    expect(short(plain)).not.toEqual([])
    expect(readObservation(typographic).notUnderstood).toEqual([])
  })

  it('signs of nobody’s alphabet are blanks', () => {
    expect(short('white\ue000ppt')).toEqual(short('white ppt'))
  })

  it('20 000 fuzzed lines never throw, and spans stay inside the line', () => {
    const word = fc.constantFrom(
      'white',
      'ppt',
      'sol',
      'in',
      'xs',
      'no',
      'gas',
      'limewater',
      'milky',
      'red',
      'litmus',
      'blue',
      '(',
      '–',
      'NaOH',
      'turned',
      '..',
      'ß',
      '\u0000',
      'decolourised',
    )
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string(),
          fc.array(word, { maxLength: 14 }).map((words) => words.join(' ')),
        ),
        (line) => {
          const { facts, notUnderstood } = readObservation(line)
          for (const { span } of [...facts, ...notUnderstood])
            expect(span[0] >= 0 && span[1] <= line.length && span[0] < span[1]).toBe(true)
          adviseWording(line)
        },
      ),
      { numRuns: Number(process.env.HOP_LARK_RUNS ?? 20_000) },
    )
  })
})

describe('advice on wording', () => {
  const codes = (line: string, amount?: string) =>
    adviseWording(line, { do: 'add', amount }).map(({ code }) => code.replace('wording.', ''))
  // Common practice of marking.
  it.each([
    ['nothing happened', undefined, ['nothing']],
    ['turned clear', undefined, ['clear']],
    ['clear solution', undefined, ['clear']],
    ['purple dissolves', undefined, ['dissolvesForDecolourised']],
    ['carbon dioxide given off', undefined, ['conclusion']],
    ['ammonia evolved', undefined, ['conclusion']],
    ['carbonate present', undefined, ['conclusion']],
    ['basic gas', undefined, ['conclusion']],
    ['gas turned red litmus blue', undefined, ['dryLitmus']],
    ['chlorine ions', undefined, ['halogenOrHalide']],
    ['ammonia ions', undefined, ['ammoniaOrAmmonium']],
    ['ppt formed', undefined, ['colourMissing']],
    ['effervescence', undefined, ['gasUntested']],
    ['white ppt', 'excess', ['solubilityMissing']],
    ['ppt dissolves', undefined, ['givingMissing']],
    ['white precipitate', 'drops', []],
    ['gas turned damp red litmus paper blue', undefined, []],
    ['white precipitate, insoluble in excess', 'excess', []],
    ['effervescence, gas turned limewater milky', undefined, []],
    ['no visible change', 'excess', []],
    ['precipitate dissolves giving a colourless solution', 'excess', []],
    ['clear colourless solution', undefined, []],
  ] as const)('%s (%s)', (line, amount, expected) => {
    expect(codes(line, amount)).toEqual(expected)
  })

  it.each([
    ['nothing happened', '“nothing happened” says less than was seen: a reaction could be invisible.'],
    ['turned clear', 'Clear means that one can see through it; a solution without colour is colourless.'],
    ['purple dissolves', 'A solid dissolves; a colour that goes is decolourised.'],
    ['ammonia evolved', '“ammonia evolved” is a conclusion. Write what the gas did in its test.'],
    ['carbonate present', '“carbonate present” is a conclusion: it belongs under what it means. Write what was seen.'],
    ['gas turned red litmus blue', 'Dry litmus shows nothing of a gas: say that it was damp.'],
    ['chlorine ions', 'The ion is a halide: chloride, bromide, iodide. Chlorine, bromine and iodine are the elements.'],
    ['ammonia ions', 'Ammonium is the ion, ammonia the gas.'],
    ['ppt formed', 'Which colour is the precipitate?'],
    ['effervescence', 'A gas is known by its test: which was done, and what was seen?'],
    ['ppt dissolves', 'Which colour is the solution it gives?'],
  ])('of %s: %s', (line, says) => {
    expect(adviseWording(line).map((one) => one.says)).toContain(says)
  })

  it('points at the words it is about', () => {
    const line = 'then nothing happened at all'
    expect(adviseWording(line).map(({ span }) => line.slice(...span))).toEqual(['nothing happened'])
    const [missing] = adviseWording('white ppt', { do: 'add', amount: 'excess' })
    expect(missing).toMatchObject({ says: 'After excess, say whether the precipitate dissolves or not.', span: [0, 9] })
  })

  it('is silent of nothing, and of what only partly dissolves', () => {
    expect(adviseWording('')).toEqual([])
    expect(adviseWording('  ')).toEqual([])
    expect(codes('ppt partly dissolved')).not.toContain('givingMissing')
    expect(codes('purple colour dissolves')).toEqual(['dissolvesForDecolourised'])
    expect(codes('effervescence, pungent smell')).toEqual([])
    expect(codes('white ppt soluble in xs giving a colourless solution', 'excess')).toEqual([])
  })

  // What is right where it stands is not corrected.
  it.each([
    ['red litmus turned blue', { do: 'warm', reagent: 'damp red litmus paper' }],
    ['red litmus went blue', { do: 'add', reagent: 'red litmus' }],
    ['a white precipitate is present', { do: 'add', reagent: 'AgNO3(aq)' }],
    ['bubbles are present, limewater milky', { do: 'add', reagent: 'HCl(aq)' }],
    ['colour went into the upper layer', { do: 'add', reagent: 'C6H12(l)' }],
    ['went clear', { do: 'gas', reagent: 'limewater', test: 'limewater' }],
    ['turned clear, colourless solution', { do: 'add', reagent: 'NaOH(aq)', precipitate: true }],
    ['fizzed', { do: 'gas', reagent: 'limewater', test: 'limewater' }],
  ] as const)('is silent of %s', (line, step) => {
    expect(adviseWording(line, step).map(({ code }) => code)).toEqual([])
  })

  it('is given once', () => {
    const said = adviseWording('ammonia evolved, carbonate present').map(({ code }) => code)
    expect(said).toEqual([...new Set(said)])
  })

  it('offers the better words', () => {
    expect(adviseWording('turned clear')[0]?.instead).toBe('turned colourless')
    expect(adviseWording('purple dissolved')[0]?.instead).toBe('purple decolourised')
    expect(adviseWording('chlorine ions')[0]?.instead).toBe('chloride ions')
    expect(adviseWording('bromine salt')[0]?.instead).toBe('bromide salt')
    expect(adviseWording('iodine ppt')[0]?.instead).toBe('iodide ppt')
    expect(adviseWording('ammonia ions')[0]?.instead).toBe('ammonium ions')
    expect(adviseWording('nothing happened')[0]?.instead).toBe('no visible change')
    expect(adviseWording('turned red litmus blue')[0]?.instead).toBe('damp red litmus')
    expect(adviseWording('ammonium gas')[0]?.instead).toBe('ammonia gas')
  })
})

describe('a bare colour over a precipitate', () => {
  const over = (line: string, act: string) =>
    readObservation(line, { do: act, precipitate: true }).facts.map(({ fact }) => fact.kind)

  it('that no clear solution has is that of the precipitate; any other is that of what it dissolved to', () => {
    expect(over('turns black', 'boil')).toEqual(['precipitateTurns'])
    expect(over('went grey', 'add')).toEqual(['precipitateTurns'])
    expect(over('turns blue', 'add')).toEqual(['dissolves'])
  })
})

describe('papers and filtrates', () => {
  // Sulfur dioxide turns acidified dichromate paper from orange to green (school data booklets, common practice).
  it.each([
    ['gas turned dichromate paper green', 'manganate paper decolourised'],
    ['acidified potassium dichromate(VI) paper went from orange to green', 'manganate paper decolourised'],
    ['choking gas, acidified dichromate paper turned green', 'manganate paper decolourised'],
  ])('%s', (line, test) => {
    expect(readObservation(line, { do: 'warm' }).facts.map(({ fact }) => fact)).toContainEqual({ kind: 'gas', test })
  })

  it('dichromate paper that stays orange denies the gas', () => {
    const facts = readObservation('dichromate paper stayed orange', { do: 'warm' }).facts.map(({ fact }) => fact)
    expect(facts).toEqual([{ kind: 'not', of: { kind: 'gas', test: 'manganate paper decolourised' } }])
  })

  it('what runs through a filter is the filtrate: nothing has dissolved', () => {
    const filtered = {
      steps: [
        { do: 'add', reagent: 'NaOH(aq)', amount: 'excess', saw: 'blue ppt' },
        { do: 'filter', saw: 'colourless solution' },
      ],
    }
    expect(readTubes([filtered], false).tubes[0]?.[1]?.observation.facts.map(({ fact }) => fact)).toEqual([
      { kind: 'solution', to: 'colourless' },
    ])
  })
})
