import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { REAGENTS } from '../tube/index.ts'
import { readAction, sayAction, splitActs } from './index.ts'

const BOTTLES = Object.entries(REAGENTS).flatMap(([formula, { says, paper }]) => (paper ? [] : [{ formula, says }]))
// Limewater by its name alone is a test of the gas, not an addition.
const bottle = fc.constantFrom(...BOTTLES.filter(({ says }) => says !== 'limewater'))
const joint = fc.constantFrom(' then ', ' and then ', ' followed by ', ' + ', '; ', ' & ', ', then ')
const amount = fc.constantFrom('', '3 drops ', '2 cm3 ', 'excess ')

const formulaOf = (text: string) => {
  const read = readAction(text)
  return read.kind === 'action' ? read.action.reagent : undefined
}

describe('two bottles in one line', () => {
  it('are two acts, however they are joined and named', () => {
    fc.assert(
      fc.property(bottle, bottle, joint, amount, fc.boolean(), (one, other, joined, much, byName) => {
        const nameOf = ({ formula, says }: (typeof BOTTLES)[number]) => (byName ? says : formula)
        const acts = splitActs(`${much}${nameOf(one)}${joined}${much}${nameOf(other)}`)
        expect(acts.map(formulaOf)).toEqual([one.formula, other.formula])
      }),
      { numRuns: 500 },
    )
  })

  it('and an act after them is a third', () => {
    fc.assert(
      fc.property(bottle, bottle, fc.constantFrom('warm', 'boil', 'shake', 'filter', 'cool'), (one, other, act) => {
        const acts = splitActs(`${one.formula} + ${other.formula}, ${act}`)
        expect(acts.slice(0, 2).map(formulaOf)).toEqual([one.formula, other.formula])
        expect(readAction(acts[2] ?? '')).toMatchObject({ kind: 'action', action: { do: act } })
      }),
      { numRuns: 300 },
    )
  })
})

describe('a line of one act', () => {
  it('stays one: what an act is called in the record is read as the same act', () => {
    for (const { formula } of BOTTLES) {
      for (const much of ['drops', 'excess', '2 cm3']) {
        const says = sayAction({ do: 'add', reagent: formula, amount: much })
        expect(splitActs(says), says).toEqual([says])
      }
    }
  })

  it.each([
    'warm, damp red litmus',
    'warmed gently, damp red litmus paper',
    'heated, limewater',
    'smelt, by wafting',
    'universal indicator paper',
    'flame test',
    'left to stand',
    'dissolved in water',
  ])('%s', (text) => {
    expect(splitActs(text)).toEqual([text])
  })
})

describe('any text', () => {
  it('is split into at least one act, and each is read without an error', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (text) => {
        const acts = splitActs(text)
        expect(acts.length).toBeGreaterThan(0)
        for (const act of acts) expect(() => readAction(act, 'NaOH(aq)')).not.toThrow()
      }),
      { numRuns: 2000 },
    )
  })

  it('of bench words, too', () => {
    const word = fc.constantFrom(
      ...['NaOH', 'xs', 'excess', 'drops', '3', '2 cm3', 'warm', 'boil', 'with', 'and', 'then', '+', ',', ';', 'acidified'],
      ...['silver nitrate', 'damp', 'red litmus', 'litmus', 'limewater', 'gas', 'solid', 'conc', 'into', 'sample', 'wibble'],
    )
    fc.assert(
      fc.property(fc.array(word, { maxLength: 9 }), (words) => {
        for (const act of splitActs(words.join(' '))) {
          const read = readAction(act, 'NaOH(aq)')
          // Whatever is read can be said, and what is said of an act is read again as an act.
          if (read.kind !== 'notUnderstood') expect(readAction(sayAction(read.action)).kind).not.toBe('notUnderstood')
        }
      }),
      { numRuns: 2000 },
    )
  })
})
