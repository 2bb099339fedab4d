import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { adviseWording, readObservation } from './index.ts'
import { CORPUS } from './testing/corpus.ts'

/** The facts of a line in the short form of the corpus. */
function short(text: string): readonly string[] {
  return readObservation(text).facts.map(({ fact }) => {
    switch (fact.kind) {
      case 'precipitate':
        return `p${fact.slight ? '~' : ''}${fact.colour ? `:${fact.colour}` : ''}`
      case 'dissolves':
        return `d${fact.how === 'partly' ? '~' : ''}${fact.giving ? `:${fact.giving}` : ''}`
      case 'transient':
        return `v${fact.colour ? `:${fact.colour}` : ''}`
      case 'solution':
        return `s:${fact.to}`
      case 'precipitateTurns':
        return `t:${fact.to}`
      case 'gas':
        return `g:${fact.test}`
      case 'smell':
        return `m:${fact.of}`
      case 'flame':
      case 'solid':
      case 'ring':
        return `${{ flame: 'f', solid: 'o', ring: 'r' }[fact.kind]}:${fact.colour}`
      case 'layer':
        return `y${fact.colour ? `:${fact.colour}` : ''}`
      case 'solidTurns':
        return `${fact.when === 'hot' ? 'h' : 'c'}:${fact.to}`
      default:
        return SHORT[fact.kind]
    }
  })
}

const SHORT = {
  noPrecipitate: '-p',
  insoluble: 'i',
  decolourised: 'x',
  effervescence: 'e',
  noGas: '-g',
  sublimes: 'u',
  melts: 'l',
  droplets: 'w',
  warmsUp: 'k',
  burns: 'b',
  noChange: 'n',
} as const

const expectedOf = (facts: string) => facts.split(/ (?=[a-z]~?:|-?[a-z]~?(?: |$))/)

describe.each(Object.entries(CORPUS))('the language of observations: %s', (_subject, lines) => {
  it.each(lines)('%s', (line, facts) => {
    expect(short(line).join(' ')).toBe(facts)
  })
})

const LINES = Object.values(CORPUS).flat()
const [said, right, expected] = LINES.reduce(
  (sum, [line, facts]) => {
    const [found, wanted] = [short(line), expectedOf(facts)]
    return [sum[0] + found.length, sum[1] + found.filter((fact) => wanted.includes(fact)).length, sum[2] + wanted.length]
  },
  [0, 0, 0],
)
const [precision, recall] = [right / said, right / expected]

it(`${LINES.length} lines: precision ${precision.toFixed(3)}, recall ${recall.toFixed(3)}`, () => {
  expect(LINES.length).toBeGreaterThanOrEqual(250)
  expect(precision).toBeGreaterThanOrEqual(0.98)
  expect(recall).toBeGreaterThanOrEqual(0.98)
})

describe('what is not understood', () => {
  it.each([
    ['white ppt with wobbly bits', ['wobbly', 'bits']],
    ['chlorine gas', ['chlorine']],
    ['white ppt', []],
  ])('%s: is said, not guessed', (line, words) => {
    expect(readObservation(line).notUnderstood.map(({ text }) => text)).toEqual(words)
  })

  it('spans point at the words', () => {
    const line = 'White ppt formed – sol. in xs'
    for (const { span } of readObservation(line).facts) expect(line.slice(...span).trim()).not.toBe('')
    const [first] = readObservation(line).facts
    expect(line.slice(...(first?.span ?? [0, 0]))).toBe('White ppt formed')
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

  it('offers the better words', () => {
    expect(adviseWording('nothing happened')[0]?.instead).toBe('no visible change')
    expect(adviseWording('turned red litmus blue')[0]?.instead).toBe('damp red litmus')
    expect(adviseWording('ammonium gas')[0]?.instead).toBe('ammonia gas')
  })
})
