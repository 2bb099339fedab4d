import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { contentsBefore, playedStep } from '../identify/foretell.ts'
import { CANDIDATES } from '../identify/index.ts'
import { TESTS } from '../identify/tests.ts'
import { type Fact, sayFact } from '../tube/index.ts'
import { contextOf, readObservation } from './index.ts'
import { contextFrom, ROUNDS, readShort, roundOf } from './testing/rounds.ts'

/** Clauses that have nothing to do with one another. */
const INDEPENDENT = [
  'white ppt',
  'effervescence',
  'pungent smell',
  'limewater turned milky',
  'tube gets hot',
  'brown fumes',
  'no smell of chlorine',
]

describe('clauses that have nothing to do with one another', () => {
  it('say the same in any order', () => {
    const lines = fc.shuffledSubarray(INDEPENDENT, { minLength: 2, maxLength: 4 })
    fc.assert(
      fc.property(lines, fc.constantFrom('. ', '; ', ', '), (clauses, joint) => {
        const read = (line: readonly string[]) => [...readShort({ where: '-', text: line.join(joint) })].sort()
        expect(read(clauses)).toEqual(read(clauses.toReversed()))
        expect(read(clauses)).toEqual(clauses.flatMap((clause) => readShort({ where: '-', text: clause })).sort())
      }),
      { numRuns: 500 },
    )
  })
})

/** Every different sentence that the model says of an ion in the usual tests, with the step it is said of. */
function sentences(): readonly {
  readonly fact: Fact
  readonly says: string
  readonly where: Parameters<typeof contextOf>[0]
  readonly held: boolean
}[] {
  const found = new Map<string, { fact: Fact; says: string; where: Parameters<typeof contextOf>[0]; held: boolean }>()
  for (const one of CANDIDATES)
    for (const { steps } of TESTS) {
      let tube = contentsBefore({ ions: [one] }, { cm3: 1, form: 'solution', before: [] })
      for (const step of steps) {
        const held = (tube?.view.solids.length ?? 0) > 0
        const next = tube && playedStep(tube, step)
        tube = next?.tube ?? tube
        for (const fact of next?.shown.facts ?? [])
          found.set(`${step.do} ${step.reagent} ${held} ${sayFact(fact)}`, { fact, says: sayFact(fact), where: step, held })
      }
    }
  return [...found.values()]
}

describe('every sentence that a prediction says', () => {
  const all = sentences()

  it('is understood whole where it stands', () => {
    expect(all.length).toBeGreaterThan(100)
    const missed = all.filter(({ says, where, held }) => {
      const { facts, notUnderstood } = readObservation(says, contextOf(where, { precipitate: held }))
      return facts.length === 0 || notUnderstood.length > 0
    })
    expect(missed.map(({ says }) => says)).toEqual([])
  })

  it('is read back as a fact of the same kind', () => {
    const KINDS: Readonly<Partial<Record<Fact['kind'], readonly string[]>>> = {
      gas: ['gas', 'effervescence', 'smell'],
      gasTest: ['gas'],
      decolourised: ['decolourised'],
      passing: ['decolourised'],
      looks: ['solution', 'solid'],
      paper: ['gas', 'pH'],
      // Over a precipitate, nothing seen in an excess is that it stays; in a flame it is a flame without colour.
      noChange: ['noChange', 'insoluble', 'not'],
    }
    const other = all.filter(({ fact, says, where, held }) => {
      const read = readObservation(says, contextOf(where, { precipitate: held })).facts.map((one) => one.fact.kind)
      return !read.some((kind) => (KINDS[fact.kind] ?? [fact.kind]).includes(kind))
    })
    expect(other.map(({ fact, says, where }) => `${fact.kind} at ${JSON.stringify(where)}: ${says}`)).toEqual([])
  })
})

describe('any line', () => {
  it('is read without an error, and a long one is read as far as it is one', () => {
    const word = fc.constantFrom(...ROUNDS.flatMap((round) => roundOf(round).flatMap(({ text }) => text.split(' '))))
    fc.assert(
      fc.property(
        fc.array(word, { maxLength: 30 }),
        fc.constantFrom('-', 'flame', 'add AgNO3(aq)', 'gas limewater', 'heat'),
        (words, where) => {
          const line = words.join(' ')
          for (const { span } of readObservation(line, contextFrom(where)).facts)
            expect(span[0] < span[1] && span[1] <= line.length).toBe(true)
        },
      ),
      { numRuns: 2000 },
    )
    const long = 'white ppt, '.repeat(2000)
    const { facts, notUnderstood } = readObservation(long)
    expect(facts).toHaveLength(1)
    expect(notUnderstood.at(-1)?.span[1]).toBe(long.length)
  })
})
