import { describe, expect, it } from 'vitest'
import type { PartOf } from '../record/index.ts'
import { foretell, freshOf } from './foretell.ts'
import { identifyRack } from './index.ts'
import { CANDIDATES } from './ions.ts'
import { UNSAID } from './unsaid.ts'

type Step = PartOf<'rack'>['samples'][number]['tubes'][number]['steps'][number]
type Did = Omit<Step, 'id' | 'saw'>

/** How likely an ion is after tubes of steps with what was seen. */
function probabilityOf(ion: string, ...tubes: readonly (readonly (readonly [Did, string])[])[]): number {
  const rack = tubes.map((steps, tube) => ({
    id: `P${tube + 1}`,
    cm3: '1',
    steps: steps.map(([did, saw], index): Step => ({ id: `s${index + 1}`, ...did, saw })),
  }))
  const [found] = identifyRack([{ material: 'P', tubes: rack }])
  return found?.ions.find((one) => one.ion === ion)?.probability ?? 0
}

const add = (reagent: string, amount?: string): Did => ({ do: 'add', reagent, ...(amount === undefined ? {} : { amount }) })
const copper = CANDIDATES.filter(({ ion }) => ion === 'Cu2+')

describe('an amount that was not said', () => {
  it('may have been few drops or an excess: both of what they show fit', () => {
    // Svehla's edition of Vogel's textbook, from memory: copper(II) with a little ammonia, and with much.
    const blue = (amount?: string) => probabilityOf('Cu2+', [[add('NH3(aq)', amount), 'deep blue solution']])
    const precipitate = (amount?: string) => probabilityOf('Cu2+', [[add('NH3(aq)', amount), 'pale blue precipitate']])
    expect(blue()).toBeGreaterThan(3 * blue('drops'))
    expect(precipitate()).toBeGreaterThan(0.5)
    expect(precipitate('excess')).toBeLessThan(precipitate())
  })

  it('is played in every way, and each way is kept to', () => {
    const [first, second] = foretell({ ions: copper }, freshOf('solution'), [add('NH3(aq)'), add('NH3(aq)')]) ?? []
    expect(first?.either).toHaveLength(UNSAID.length)
    expect(first?.either?.map(({ precipitate }) => precipitate !== 'none')).toEqual([true, true, true])
    expect(first?.either?.map(({ fate }) => fate)).toEqual([undefined, undefined, 'dissolves'])
    expect(second?.either).toHaveLength(UNSAID.length)
  })

  it('is one thing where every amount shows the same', () => {
    const sodium = CANDIDATES.filter(({ ion }) => ion === 'Na+')
    expect(foretell({ ions: sodium }, freshOf('solution'), [add('NaOH(aq)')])?.[0]?.either).toBeUndefined()
  })
})

describe('what was looked for and not seen', () => {
  const withCarbonate = (saw: string) => probabilityOf('CO3^2-', [[add('HCl(aq)', 'excess'), saw]])

  it('speaks against what would have shown it, more than silence does', () => {
    expect(withCarbonate('did not fizz')).toBeLessThan(withCarbonate('solution stays colourless'))
    expect(withCarbonate('fizzed')).toBeGreaterThan(4 * withCarbonate('did not fizz'))
  })

  it('a precipitate that did not dissolve is magnesium’s, not zinc’s', () => {
    const [drops, excess] = [add('NaOH(aq)', 'drops'), add('NaOH(aq)', 'excess')]
    const tube = [
      [drops, 'wh ppt'],
      [excess, 'ppt doesnt dissolve'],
    ] as const
    expect(probabilityOf('Mg2+', tube)).toBeGreaterThan(5 * probabilityOf('Zn2+', tube))
  })

  it('a flame that was looked for', () => {
    const flame = (saw: string) => probabilityOf('Na+', [[{ do: 'flame' }, saw]])
    expect(flame('no yellow')).toBeLessThan(flame('lilac'))
    expect(flame('yellow')).toBeGreaterThan(0.8)
  })
})

describe('a test noted tersely', () => {
  it('is of the paper that was held: nitrate by aluminium in alkali', () => {
    const nitrate = (saw: string) =>
      probabilityOf('NO3-', [
        [add('NaOH(aq)', 'excess'), 'no ppt'],
        [{ do: 'boil' }, 'no smell'],
        [add('Al(s)', 'piece'), 'fizzes'],
        [{ do: 'warm', reagent: 'damp red litmus paper' }, saw],
      ])
    expect(nitrate('turned blue')).toBeGreaterThan(0.5)
    // One test may be a slip: nitrate is unlikely, not impossible.
    expect(nitrate('stayed red')).toBeLessThan(0.1)
  })

  it('of what was soaked in acid with silver nitrate: one act of two bottles', () => {
    const acidified: Did = { ...add('AgNO3(aq)', 'drops'), with: [{ reagent: 'HNO3(aq)' }] }
    expect(probabilityOf('Cl-', [[acidified, 'goes milky white']])).toBeGreaterThan(0.5)
    expect(probabilityOf('Cl-', [[acidified, 'no ppt']])).toBeLessThan(0.05)
  })
})
