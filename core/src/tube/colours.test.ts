import { describe, expect, it } from 'vitest'
import { SPECIES } from '../aqueous/data/index.ts'
import { COMPONENTS, equilibrate, TINTS, type Tint, totalsOf } from '../aqueous/index.ts'
import { readObservation } from '../observe/index.ts'
import { CHEMICAL_COLOURS, SHADES } from '../palette/index.ts'
import { colourOf } from './colours.ts'

describe('colours in water', () => {
  // Common practice: what students are taught to see.
  it.each<[Record<string, number>, string]>([
    [{ CuSO4: 0.1 }, 'blue'],
    [{ CuSO4: 0.05, NH3: 1 }, 'deep blue'],
    [{ KMnO4: 1e-4 }, 'purple'],
    [{ K2CrO4: 0.1 }, 'yellow'],
    [{ K2CrO4: 0.1, HNO3: 0.2 }, 'orange'],
    [{ 'Fe(NO3)3': 1e-3, KSCN: 1e-3 }, 'blood red'],
    [{ CoCl2: 0.1 }, 'pink'],
    [{ NaCl: 0.1 }, 'colourless'],
    [{ CuSO4: 1e-4 }, 'colourless'],
  ])('of %j: %s', (putIn, colour) => {
    expect(colourOf(equilibrate(totalsOf(putIn)))).toBe(colour)
  })

  it('belong each to something that is dissolved', () => {
    const borne = new Set([...Object.values(COMPONENTS), ...SPECIES].map(({ tint }) => tint))
    expect(Object.keys(TINTS).filter((name) => !borne.has(name as Tint))).toEqual([])
  })
})

describe('one vocabulary', () => {
  const seen = Object.keys(CHEMICAL_COLOURS).filter((name) => !Object.hasOwn(SHADES, name))

  it.each(seen)('%s is read as itself', (name) => {
    const { facts, notUnderstood } = readObservation(`${name} solution`)
    expect(facts.map(({ fact }) => fact)).toEqual([{ kind: 'solution', to: name }])
    expect(notUnderstood).toEqual([])
  })

  it.each(Object.entries(SHADES))('%s is read as %s', (shade, name) => {
    expect(readObservation(`${shade} solution`).facts[0]?.fact).toEqual({ kind: 'solution', to: name })
  })
})
