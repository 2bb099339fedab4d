import { describe, expect, it } from 'vitest'
import { parseFormula } from '../substance/index.ts'
import { endPointOf, indicatorNamed, kindWanted, natureOf, suitableIndicators } from './index.ts'

const reacting = (burette: string, ...flask: readonly string[]) => ({
  burette: parseFormula(burette),
  flask: flask.map((one) => parseFormula(one)),
})

describe('the colours of an end-point', () => {
  // Common practice; handbook colours from memory.
  it.each([
    [
      'phenolphthalein',
      'NaOH',
      'CH3COOH',
      'colourless',
      'very pale pink',
      'pink',
      'the first very pale pink that stays while you swirl',
    ],
    ['phenolphthalein', 'HCl', 'NaOH', 'pink', 'colourless', 'colourless', 'the pink just gone, and gone while you swirl'],
    ['methyl orange', 'HCl', 'Na2CO3', 'yellow', 'orange', 'red', 'orange'],
    ['methyl orange', 'NaOH', 'HCl', 'red', 'orange', 'yellow', 'orange'],
    ['bromothymol blue', 'H2SO4', 'KOH', 'blue', 'green', 'yellow', 'green'],
    ['starch', 'Na2S2O3', 'I2', 'blue-black', 'colourless', 'colourless', 'the blue-black just gone, and gone while you swirl'],
    ['starch', 'I2', 'Na2S2O3', 'colourless', 'blue-black', 'blue-black', 'the first blue-black that stays while you swirl'],
    ['eriochrome black T', 'Na2H2Y', 'Ca2+', 'wine red', 'purple', 'blue', 'the last wine red gone: blue'],
    [
      undefined,
      'KMnO4',
      'Fe2+',
      'colourless',
      'very pale pink',
      'very pale pink',
      'the first very pale pink that stays while you swirl',
    ],
    [
      undefined,
      'FeSO4',
      'KMnO4',
      'very pale pink',
      'colourless',
      'colourless',
      'the very pale pink just gone, and gone while you swirl',
    ],
  ])('%s, %s into %s: %s, %s, %s', (named, burette, flask, before, at, past, stop) => {
    expect(endPointOf(named, reacting(burette, flask))).toMatchObject({ before, at, past, stopAt: stop })
  })

  it.each([
    ['NaOH', 'HCl', '30 s', 'palest', 'the first very pale pink that stays for 30 s'],
    ['NaOH', 'HCl', '20 s', 'any', 'any pink that stays for 20 s'],
    ['HCl', 'NaOH', '30 s', 'palest', 'the pink just gone, and gone for 30 s'],
  ] as const)('%s into %s last as the school has it: %s, %s', (burette, flask, lasts, tint, stop) => {
    expect(endPointOf('phenolphthalein', reacting(burette, flask), { lasts, tint })?.stopAt).toBe(stop)
  })

  it('are the same when the flask is told by the equation, which names the titrant too', () => {
    expect(endPointOf(undefined, reacting('KMnO4', 'MnO4-', 'H+', 'Fe2+'))?.before).toBe('colourless')
    expect(endPointOf('EBT', reacting('Na2H2Y', 'H2Y^2-', 'Ca2+'))?.before).toBe('wine red')
    expect(endPointOf('starch', reacting('Na2S2O3', 'I2', 'S2O3^2-'))?.before).toBe('blue-black')
  })

  it('are not guessed for an indicator that is not known', () => {
    expect(endPointOf('beetroot juice', reacting('NaOH', 'HCl'))).toBeUndefined()
    expect(endPointOf(undefined, reacting('NaOH', 'HCl'))).toBeUndefined()
  })
})

describe('an indicator', () => {
  it.each([
    ['phenolphthalein, to the first lasting pink', 'phenolphthalein'],
    ['Screened methyl orange', 'screened methyl orange'],
    ['2 drops of methyl orange', 'methyl orange'],
    ['EBT', 'eriochrome black T'],
    ['self-indicating: first lasting pink', 'manganate(VII) itself'],
  ])("'%s' names %s", (text, name) => {
    expect(indicatorNamed(text)?.name).toBe(name)
  })

  it('is none where none is named', () => {
    expect(indicatorNamed('first lasting colour')).toBeUndefined()
  })

  it.each([
    [reacting('NaOH', 'HCl'), 'acid-base'],
    [reacting('KMnO4', 'Fe2+'), 'manganate'],
    [reacting('Na2S2O3', 'I2'), 'iodine'],
    [reacting('Na2H2Y', 'Ca2+'), 'metal'],
    [reacting('NaCl', 'KNO3'), undefined],
  ])('of the right kind is offered (%#)', (given, kind) => {
    expect(kindWanted(given)).toBe(kind)
    for (const one of suitableIndicators(given)) expect(one.kind).toBe(kind)
  })
})

it.each([
  ['CH3COOH', 'acid'],
  ['HCl', 'acid'],
  ['H2SO4', 'acid'],
  ['KHC8H4O4', 'acid'],
  ['NaOH', 'base'],
  ['Ca(OH)2', 'base'],
  ['Na2CO3.10H2O', 'base'],
  ['NH3', 'base'],
  ['NaCl', undefined],
  ['H2O', undefined],
])('%s is %s', (formula, nature) => {
  expect(natureOf(parseFormula(formula))).toBe(nature)
})
