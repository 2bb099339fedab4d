import { describe, expect, it } from 'vitest'
import { COMPONENTS, readMadeOf } from '../aqueous/index.ts'
import { formulaOfSpecies } from '../aqueous/speciesFormula.ts'
import { SPECIES } from '../aqueous/speciesTable.ts'
import { readObservation } from '../observe/index.ts'
import { CHEMICAL_COLOURS, SHADES } from '../palette/index.ts'
import { COLOURED } from './colours.ts'

describe('colours in water', () => {
  const known = new Set([
    ...Object.values(COMPONENTS).map(({ formula }) => formula),
    ...SPECIES.map(([name, madeOf]) => formulaOfSpecies(name, readMadeOf(madeOf))),
  ])

  it.each(COLOURED.flatMap(({ of }) => of))('%s is a species of the model', (species) => {
    expect(known).toContain(species)
  })

  it('has each species in one row', () => {
    const all = COLOURED.flatMap(({ of }) => of)
    expect(new Set(all).size).toBe(all.length)
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
