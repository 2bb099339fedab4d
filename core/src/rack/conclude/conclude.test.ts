import { describe, expect, it } from 'vitest'
import { coachConclusion, readConclusion } from '../index.ts'
import { claimsOf, readShortClaims } from '../testing/claims.ts'

const ROUNDS = [
  'concludes-first',
  'concludes-second',
  'concludes-third',
  'concludes-fourth',
  'concludes-fifth',
  'concludes-sixth',
  'concludes-seventh',
  'concludes-eighth',
  'concludes-ninth',
  'concludes-tenth',
  'concludes-eleventh',
]

describe.each(ROUNDS)('conclusions as students write them: %s', (round) => {
  it.each(claimsOf(round).map(({ text, claims }) => [text, claims] as const))('%s', (text, claims) => {
    expect([...readShortClaims(text)].sort()).toEqual([...claims].sort())
  })
})

it('the last round, which nothing was mended on', () => {
  const lines = claimsOf('concludes-twelfth')
  const missed = lines.filter(({ text, claims }) => [...readShortClaims(text)].sort().join() !== [...claims].sort().join())
  expect(1 - missed.length / lines.length, missed.map(({ text }) => text).join('\n')).toBeGreaterThanOrEqual(0.85)
})

describe('a conclusion', () => {
  it.each([
    ['Sulfate absent.', ['-SO4^2-']],
    ['either zinc or aluminium', ['?Zn^2+', '?Al^3+']],
    ['not zinc, lead', ['-Zn^2+', '+Pb^2+']],
    ['no chloride, bromide or iodide', ['-Cl^-', '-Br^-', '-I^-']],
    ['ZnSO4', ['+Zn^2+', '+SO4^2-']],
    ['White precipitate with silver nitrate, so chloride', ['+Cl^-']],
    ['nothing can be said yet', []],
    ['', []],
  ] as const)('%s', (text, claims) => {
    expect([...readShortClaims(text)].sort()).toEqual([...claims].sort())
  })

  it('what is said of an ion last holds', () => {
    expect(readConclusion('maybe zinc. It is zinc.')).toEqual([{ ion: 'Zn2+', says: 'present' }])
  })

  // Common practice of marking.
  it.each([
    ['It contains chlorine ions', ['halogen']],
    ['P contains bromine.', ['halogen']],
    ['contains ammonia', ['ammonia']],
    ['ammonium gas was given off', ['ammonium']],
    ['sulfur ions', ['sulfur']],
    ['it smelt fruity so it is an ester', ['ester']],
    ['It contains chloride: white precipitate with silver nitrate, soluble in ammonia.', []],
    ['iodide, since chlorine water set iodine free', []],
    ['ammonium, because ammonia turned litmus blue', []],
    ['it is an ester', []],
  ] as const)('is put better: %s', (text, codes) => {
    expect(coachConclusion(text).map(({ code }) => code.replace('conclusion.', ''))).toEqual(codes)
  })
})

describe('an ion that the board does not weigh', () => {
  const OTHERS =
    'iodide iodate, bromide bromate, chloride chlorate, chloride chlorite, sulfite sulfide, nitrite nitride, manganese manganate'
  const pairs = OTHERS.split(', ').map((pair) => pair.split(' ') as [string, string])

  it.each(pairs)('%s is not what %s was meant to be', (near, named) => {
    const [ion] = readConclusion(`contains ${near}`).map((claim) => claim.ion)
    expect(ion).toBeTruthy()
    for (const says of [`contains ${named}`, `${named} absent`, `sodium ${named}`, `it may be ${named}`])
      expect(readConclusion(says).map((claim) => claim.ion)).not.toContain(ion)
  })

  it('is claimed all the same, and nothing of the record shows it', () => {
    expect(readConclusion('contains phosphate, no oxalate')).toEqual([
      { ion: 'PO4^3-', says: 'present' },
      { ion: 'C2O4^2-', says: 'absent' },
    ])
    expect(readConclusion('white precipitate with ammonium oxalate so calcium')).toEqual([{ ion: 'Ca2+', says: 'present' }])
  })
})
