import { describe, expect, it } from 'vitest'
import { GAS_READINGS } from '../gas/index.ts'
import { CHEMICAL_COLOURS, type ChemicalColour, seenAs } from '../palette/index.ts'
import { type DeniedFact, type ObservedFact, readObservation, type SeenFact, sayAll, sayObserved } from './index.ts'
import { shortFact } from './testing/short.ts'

const COLOURS = [...new Set((Object.keys(CHEMICAL_COLOURS) as ChemicalColour[]).map(seenAs))]
/** Colours that a flame has (common practice). */
const FLAMES = ['yellow', 'lilac', 'brick-red', 'red', 'green', 'blue-green', 'blue', 'white'] as const

const coloured: readonly SeenFact[] = COLOURS.flatMap((colour): readonly SeenFact[] => [
  { kind: 'precipitate', colour, slight: false },
  { kind: 'precipitate', colour, slight: true },
  { kind: 'precipitateTurns', to: colour },
  { kind: 'solution', to: colour },
  { kind: 'dissolves', how: 'completely', giving: colour },
  { kind: 'dissolves', how: 'partly', giving: colour },
  { kind: 'transient', colour },
  { kind: 'ring', colour },
  { kind: 'layer', colour },
  { kind: 'solid', colour },
  { kind: 'solidTurns', to: colour, when: 'hot' },
  { kind: 'solidTurns', to: colour, when: 'cold' },
])
const deniable: readonly (SeenFact & DeniedFact['of'])[] = [
  ...COLOURS.flatMap((to) => [{ kind: 'solution', to } as const, { kind: 'precipitateTurns', to } as const]),
  ...FLAMES.map((colour) => ({ kind: 'flame', colour }) as const),
  ...['pungent', 'choking', 'sharp', 'rotten eggs', 'vinegar', 'swimming pools'].map((of) => ({ kind: 'smell', of }) as const),
  ...GAS_READINGS.filter(({ reading }) => reading !== 'smell of rotten eggs').map(
    ({ reading: test }) => ({ kind: 'gas', test }) as const,
  ),
  { kind: 'decolourised' },
  { kind: 'sublimes' },
  { kind: 'melts' },
  { kind: 'droplets' },
  { kind: 'warmsUp' },
  { kind: 'burns' },
  { kind: 'pH', from: 1, to: 1 },
  { kind: 'pH', from: 3, to: 4 },
]
const plain: readonly ObservedFact[] = [
  { kind: 'precipitate', slight: false },
  { kind: 'precipitate', slight: true },
  { kind: 'noPrecipitate' },
  { kind: 'insoluble' },
  { kind: 'dissolves', how: 'completely' },
  { kind: 'dissolves', how: 'partly' },
  { kind: 'effervescence' },
  { kind: 'noGas' },
  { kind: 'transient' },
  { kind: 'layer' },
  { kind: 'noChange' },
  { kind: 'not', of: { kind: 'flame' } },
  { kind: 'not', of: { kind: 'smell' } },
]

describe('what was read, in plain words', () => {
  const facts = [...coloured, ...deniable, ...plain, ...deniable.map((of): DeniedFact => ({ kind: 'not', of }))]

  it('is read back as the same fact', () => {
    const others = facts.filter((fact) => {
      const found = readObservation(sayObserved(fact)).facts.map((one) => shortFact(one.fact))
      return found.join() !== shortFact(fact)
    })
    expect(others.map((fact) => `${sayObserved(fact)}: ${shortFact(fact)}`)).toEqual([])
  })

  it('of several facts is one line', () => {
    expect(sayAll([{ kind: 'precipitate', colour: 'white', slight: true }, { kind: 'insoluble' }])).toBe(
      'slight white precipitate; precipitate insoluble',
    )
    expect(sayAll([])).toBe('')
  })
})
