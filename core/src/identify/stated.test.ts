import { expect, it } from 'vitest'
import { identifyRack } from './index.ts'
import { statedIn } from './stated.ts'
import { tube } from './testing/records.ts'

it.each([
  ['P is a solution. It contains one cation and one anion.', { cations: 1, anions: 1 }],
  ['Q contains two cations and one anion.', { cations: 2, anions: 1 }],
  ['R is a mixture of two salts.', { mixture: true }],
  ['S is a hydrated salt.', { hydrated: true }],
  ['T is a single salt with a metal ion.', { cations: 1, anions: 1 }],
  ['It is a pale green solution.', {}],
])('reads what %s states', (text, stated) => {
  expect(statedIn(text)).toEqual(stated)
})

const green = [
  tube('P1', ['NaOH(aq)', 'green precipitate'], ['NaOH(aq) excess', 'insoluble in excess']),
  tube('P2', ['HNO3(aq)', 'no visible change'], ['Ba(NO3)2(aq)', 'white precipitate']),
]
const verdictsOf = (stated?: Parameters<typeof identifyRack>[1]) =>
  identifyRack([{ material: 'P', tubes: green }], stated)[0]?.ions ?? []

it('tells iron(II) from nickel by the list of the sheet alone', () => {
  const open = verdictsOf()
  expect(open.find(({ ion }) => ion === 'Fe2+')?.verdict).toBe('possible')
  expect(open.find(({ ion }) => ion === 'Ni2+')?.verdict).toBe('possible')
  const listed = verdictsOf({ stated: { P: { listed: ['Fe2+', 'Fe3+', 'Cu2+', 'Al3+', 'SO4^2-', 'Cl-', 'NO3-'] } } })
  expect(listed.find(({ ion }) => ion === 'Fe2+')?.verdict).toBe('present')
  expect(listed.map(({ ion }) => ion)).not.toContain('Ni2+')
})

it('takes a salt that the sheet calls hydrated to have lost its water when none came', () => {
  const heated = tube('P1', ['look', 'white solid'], ['heat', 'no visible change'])
  const flame = tube('P2', ['flame', 'pale green flame'])
  const barium = (stated: object) =>
    identifyRack([{ material: 'P', tubes: [heated, flame] }], { forms: { P: 'solid' }, stated: { P: stated } })[0]
  const chloride = (stated: object) => barium(stated)?.ions.find(({ ion }) => ion === 'Cl-')?.probability ?? 0
  // Barium chloride stands in its jar as a hydrate, and would have given droplets.
  expect(chloride({ hydrated: true })).toBeLessThan(chloride({}))
})

it('takes what the sheet says of their number for likely', () => {
  const chance = (stated: object, ion: string) =>
    verdictsOf({ stated: { P: stated } }).find((one) => one.ion === ion)?.probability ?? 0
  expect(chance({ cations: 1, anions: 1 }, 'NO3-')).toBeLessThan(chance({ anions: 2 }, 'NO3-'))
})

it('says of the steps of a called liquid nothing that is true of ions only', () => {
  const silver = [{ material: 'P', tubes: [tube('P1', ['HNO3(aq)', 'no visible change'], ['AgNO3(aq)', 'no visible change'])] }]
  const [solution] = identifyRack(silver)
  const [liquid] = identifyRack(silver, { liquids: ['P'] })
  expect(solution?.steps.flatMap(({ rulesOut }) => rulesOut)).toContain('Cl-')
  expect(liquid?.steps.flatMap(({ rulesOut, explains }) => [...rulesOut, ...explains])).toEqual([])
})
