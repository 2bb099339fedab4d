import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type PartOf, writePath } from '../record/index.ts'
import { assessHeating, checkHeating } from './index.ts'

const heating = (masses: string[], more: Partial<PartOf<'heating'>> = {}): PartOf<'heating'> => ({
  id: 'h1',
  kind: 'heating',
  of: 'W',
  container: '20.00',
  masses: masses.map((mass, index) => ({ id: `m${index + 1}`, mass })),
  ...more,
})
const codes = (part: PartOf<'heating'>) => checkHeating(part).map(({ code, at }) => `${code} ${writePath(at)}`)

describe('constant mass (common practice)', () => {
  it('is reached when two weighings after heating agree, not before', () => {
    expect(assessHeating(heating(['22.86'])).constant).toBe(false)
    expect(assessHeating(heating(['22.86', '22.86'])).constant).toBe(false)
    expect(assessHeating(heating(['22.86', '21.40', '21.07'])).constant).toBe(false)
    expect(assessHeating(heating(['22.86', '21.40', '21.07', '21.06'])).constant).toBe(true)
    expect(assessHeating(heating(['22.86', '21.40', '21.07', '21.06'], { within: '0.005' })).constant).toBe(false)
  })

  it('gives what was driven off, exactly', () => {
    expect(assessHeating(heating(['22.86', '21.40', '21.06'])).lost?.text).toBe('1.80')
    expect(assessHeating(heating([])).lost).toBeUndefined()
  })

  it('counts a difference of exactly the limit as agreement, wherever on the balance', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1000, max: 9000 }), (hundredths) => {
        const written = (value: number) => (value / 100).toFixed(2)
        return assessHeating(heating([written(hundredths + 200), written(hundredths + 1), written(hundredths)])).constant
      }),
    )
  })
})

describe('what looks wrong in a heating', () => {
  it.each([
    ['heating once only', heating(['22.86', '21.06']), ['heating.notConstant parts.h1.masses']],
    [
      'a mass that goes up',
      heating(['22.86', '21.06', '21.30']),
      ['heating.gained parts.h1.masses.m3.mass', 'heating.notConstant parts.h1.masses'],
    ],
    ['a solid lighter than its container', heating(['19.00']), ['heating.belowContainer parts.h1.masses.m1.mass']],
    ['nothing', heating(['22.86', '21.07', '21.06']), []],
    ['nothing yet', heating([]), []],
  ])('is seen: %s', (_, part, expected) => {
    expect(codes(part)).toEqual(expected)
  })
})
