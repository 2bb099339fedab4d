import { describe, expect, it } from 'vitest'
import { knownOf } from '../../identify/index.ts'
import { readSheet } from '../index.ts'

const TESTS = `Use a fresh 1 cm depth of P in a test-tube for each test.
(a) Add aqueous sodium hydroxide drop by drop until it is in excess.
(b) Add aqueous ammonia drop by drop until it is in excess.
(c) Which ions are in P?`

function listedOf(said: string): readonly string[] | undefined {
  const [rack] = readSheet(`P is a solution.\n${said}\n${TESTS}`).task.parts
  return rack?.kind === 'rack' ? rack.listed : []
}

describe('ions that a sheet says may be there', () => {
  it.each([
    ['It contains one of the following cations: aluminium, zinc or magnesium.', 'Al3+ Zn2+ Mg2+'],
    ['P contains two of the ions aluminium, copper(II), iron(III), chloride and sulfate.', 'Al3+ Cu2+ Fe3+ Cl- SO4^2-'],
    ['P may contain ammonium ions, calcium ions or zinc ions.', 'NH4+ Ca2+ Zn2+'],
    ['The possible ions are Al3+, Ca2+, Zn2+, Cl-, NO3-.', 'Al3+ Ca2+ Zn2+ Cl- NO3-'],
    ['The only ions to look for are barium, sodium, chloride and bromide.', 'Ba2+ Na+ Cl- Br-'],
    ['The ions in P come from this list:\nsodium, potassium, calcium\nchloride, bromide, iodide', 'Na+ K+ Ca2+ Cl- Br- I-'],
    ['The ions in P are taken from these:\ncations: Na+, Mg2+\nanions: SO4^2-, CO3^2-', 'Na+ Mg2+ SO4^2- CO3^2-'],
    ['Its anion is one of chloride, bromide or iodide ions.', 'Cl- Br- I-'],
    ['The notes at the end cover the ions ammonium, iron(II), iron(III), carbonate, nitrate.', 'NH4+ Fe2+ Fe3+ CO3^2- NO3-'],
    ['One of the cations iron or aluminium is in it.', 'Fe2+ Fe3+ Al3+'],
  ])('%s', (said, ions) => {
    expect(listedOf(said)?.toSorted()).toEqual(ions.split(' ').toSorted())
  })

  it.each([
    'It contains one cation and one anion.',
    'Halide ions give precipitates of one of three colours: chloride white, bromide cream, iodide yellow.',
    'It may contain sodium ions.',
    'It was made from zinc sulfate and water.',
    'You may use only the following reagents: aqueous ammonia, barium nitrate, silver nitrate.',
    'Is one of the ions chloride or bromide?',
    'One of the tablets on the ferry is said to be made of iron(II) ions and chloride ions.',
    'All of it was made by a student who mixed zinc ions and sulfate ions.',
  ])('%s limits nothing', (said) => {
    expect(listedOf(said)).toBeUndefined()
  })

  it('a table of what ions do names them in its first column', () => {
    const table = `Reactions of cations
cation | with aqueous sodium hydroxide
aluminium, Al3+ | white precipitate, soluble in excess
zinc, Zn2+ | white precipitate, soluble in excess
magnesium, Mg2+ | white precipitate, insoluble in excess`
    const [rack] = readSheet(`P is a solution.\n${TESTS}\n${table}`).task.parts
    expect(rack?.kind === 'rack' && rack.listed).toEqual(['Al3+', 'Zn2+', 'Mg2+'])
  })

  it('is no step of the run, and nothing of it is asked about', () => {
    const { steps, gaps, notRead } = readSheet(
      `P is a solution.\nThe ions in P come from this list:\nzinc, chloride, sulfate\n${TESTS}`,
    )
    expect(steps.map(({ text }) => text).join(' ')).not.toContain('chloride')
    expect([gaps, notRead]).toEqual([[], []])
  })

  it('a list of cations alone limits no anions', () => {
    const { task } = readSheet(`P is a solution.\nIts cation is one of the ions aluminium, zinc or magnesium.\n${TESTS}`)
    const [rack] = task.parts
    const listed = (rack?.kind === 'rack' ? Object.values(knownOf(task, rack).stated ?? {}) : []).flatMap(
      (said) => said.listed ?? [],
    )
    expect(listed).toEqual(expect.arrayContaining(['Al3+', 'Zn2+', 'Mg2+', 'Cl-', 'SO4^2-', 'NO3-']))
    expect(listed).not.toContain('Cu2+')
  })
})
