import { describe, expect, it } from 'vitest'
import { foretell, freshOf } from './foretell.ts'
import { areCompatible, freshPortion } from './hypothesis.ts'
import { CANDIDATES, type Candidate } from './ions.ts'
import { otherStrengths } from './strengths.ts'
import { identify, of, tube } from './testing/records.ts'

const ions = (...names: readonly string[]): readonly Candidate[] => CANDIDATES.filter(({ ion }) => names.includes(ion))
const solid = (some: readonly Candidate[]) => freshPortion({ ions: some }, { cm3: 1, form: 'solid' })

describe('how strong a sample is', () => {
  it.each([
    // Solubilities by CRC, from memory: lead(II) chloride 0.036, silver sulfate 0.027, silver chloride 1.3e-5 mol/dm³.
    ['Pb2+', 'Cl-', true],
    ['Ag+', 'SO4^2-', true],
    ['Ag+', 'Cl-', false],
    ['Ba2+', 'SO4^2-', false],
  ])('%s and %s stand together, if only when they are weak: %s', (one, other, may) => {
    const [first, second] = ions(one, other)
    expect(first && second && areCompatible(first, second)).toBe(may)
  })

  it('lead(II) chloride is thought of in a weak solution', () => {
    const found = identify(
      tube('P1', ['KI(aq)', 'bright yellow precipitate']),
      tube('P2', ['NH3(aq)', 'white precipitate'], ['NH3(aq) excess', 'precipitate insoluble in excess']),
      tube('P3', ['HNO3(aq)', 'no visible change'], ['AgNO3(aq)', 'white precipitate']),
    )
    expect(of(found, 'present')).toContain('Pb2+')
    expect(found.ions.find(({ ion }) => ion === 'Cl-')?.probability).toBeGreaterThan(0.3)
  })

  it('a spatula tip of a dry sample is small or large', () => {
    const salt = ions('Zn2+', 'SO4^2-')
    const dry = [salt, ...otherStrengths(salt)].map((some) => solid(some)?.contents.dry.ZnSO4 ?? 0)
    expect(dry[0]).toBeGreaterThan(0)
    expect(dry.map((amount) => amount / (dry[0] ?? 1))).toEqual([1, expect.closeTo(0.3), expect.closeTo(3.5)])
  })

  it('limewater is an alkali, as weak as it is', () => {
    const found = identify(
      tube('P1', ['universal indicator', 'purple']),
      tube('P2', ['CO2(g)', 'turns milky']),
      tube('P3', ['flame', 'brick red']),
    )
    const likeliest = found.ions.slice(0, 2).map(({ ion }) => ion)
    expect(likeliest.toSorted()).toEqual(['Ca2+', 'OH-'])
  })

  it('a carbonate that little acid did not use up still gives its silver salt', () => {
    const carbonate = { ...(ions('CO3^2-')[0] as Candidate), strength: 0.35 }
    const steps = [
      { do: 'add', reagent: 'HNO3(aq)', amount: 'drops' },
      { do: 'add', reagent: 'AgNO3(aq)', amount: 'drops' },
    ] as const
    expect(foretell({ ions: [carbonate] }, freshOf('solution'), steps)?.[1]?.colour).toBe('pale yellow')
    const found = identify(
      tube('P1', ['HNO3(aq)', 'effervescence; gas turned limewater milky'], ['AgNO3(aq)', 'pale yellow precipitate']),
      tube('P2', ['Ba(NO3)2(aq)', 'white precipitate'], ['HNO3(aq) excess', 'precipitate dissolved; effervescence']),
      tube('P3', ['flame', 'yellow flame']),
    )
    expect(found.ions.find(({ ion }) => ion === 'CO3^2-')?.probability).toBeGreaterThan(0.8)
  })
})

describe('a flame under the yellow of the wire', () => {
  it('is seen through blue glass, though no sodium is in the sample', () => {
    const found = identify(
      tube('P1', ['NH3(aq)', 'green precipitate'], ['NH3(aq) excess', 'precipitate dissolved giving a blue solution']),
      tube('P2', ['flame', 'yellow flame, lilac through blue glass']),
    )
    expect(found.doubtful).toEqual([])
    expect(found.ions.find(({ ion }) => ion === 'K+')?.probability).toBeGreaterThan(0.5)
  })
})
