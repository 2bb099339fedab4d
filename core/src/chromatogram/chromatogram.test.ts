import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { type PartOf, path, type Spot } from '../record/index.ts'
import { checkChromatogram, laneSentence, readChromatogram } from './index.ts'

const part = (front: string | undefined, spots: readonly Omit<Spot, 'id'>[]): PartOf<'chromatogram'> => ({
  id: 'c1',
  kind: 'chromatogram',
  ...(front === undefined ? {} : { front }),
  spots: spots.map((spot, index) => ({ id: `s${index + 1}`, ...spot })),
})

/** Three references and a mixture of two of them with something else. */
const INK = part('8.0', [
  { label: 'K', distance: '3.6', known: true },
  { label: 'M', distance: '5.8', known: true },
  { label: 'N', distance: '6.9', known: true },
  { label: 'L', distance: '1.0' },
  { label: 'L', distance: '3.5' },
  { label: 'L', distance: '5.7' },
])

describe('a chromatogram', () => {
  it('has Rf = spot / front, to two decimals', () => {
    // By hand: 3.6/8.0 = 0.45, 5.8/8.0 = 0.725, 6.9/8.0 = 0.8625, 1.0/8.0 = 0.125 (half rounds up).
    expect(readChromatogram(INK).spots.map(({ rf }) => rf?.text)).toEqual(['0.45', '0.73', '0.86', '0.13', '0.44', '0.71'])
  })

  it('matches spots to references within 0.03, and says what a sample contains', () => {
    const { lanes, spots } = readChromatogram(INK)
    expect(spots.map(({ matches }) => matches)).toEqual([[], [], [], [], ['K'], ['M']])
    expect(lanes.map(({ label }) => label)).toEqual(['K', 'M', 'N', 'L'])
    expect(lanes.map(laneSentence)).toEqual([
      undefined,
      undefined,
      undefined,
      'L contains K (Rf 0.44) and M (Rf 0.71); its spot at Rf 0.13 matches no reference.',
    ])
  })

  it('names every reference that a spot may be, the nearest first', () => {
    const near = part('10.0', [
      { label: 'A', distance: '5.0', known: true },
      { label: 'B', distance: '5.3', known: true },
      { label: 'X', distance: '5.2' },
    ])
    expect(readChromatogram(near).spots[2]?.matches).toEqual(['B', 'A'])
    expect(readChromatogram({ ...near, within: '0.01' }).spots[2]?.matches).toEqual(['B'])
    expect(readChromatogram({ ...near, within: '0.005' }).lanes.map(laneSentence)[2]).toBe(
      'In X, its spot at Rf 0.52 matches no reference.',
    )
  })

  it('has no Rf while the front is not measured', () => {
    const { spots, lanes } = readChromatogram(part(undefined, INK.spots))
    expect(spots.every(({ rf }) => rf === undefined)).toBe(true)
    expect(lanes.map(laneSentence).every((sentence) => sentence === undefined)).toBe(true)
  })

  it('is the same in cm and mm: Rf is a ratio', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 200 }), fc.integer({ min: 1, max: 100 }), (spot, beyond) => {
        const front = spot + beyond
        const inMm = readChromatogram(part(String(front), [{ label: 'A', distance: String(spot) }])).spots[0]?.rf?.value
        const inCm = readChromatogram(part((front / 10).toFixed(1), [{ label: 'A', distance: (spot / 10).toFixed(1) }])).spots[0]
        expect(inMm?.toNumber()).toBeCloseTo(inCm?.rf?.value.toNumber() ?? Number.NaN, 12)
      }),
    )
  })
})

describe('a spot outside the way of the solvent', () => {
  it('has no Rf, and nothing is told from it', () => {
    const read = readChromatogram(
      part('8.0', [
        { label: 'red', distance: '3.3', known: true },
        { label: 'ink', distance: '9.1' },
      ]),
    )
    expect(read.spots.map(({ rf }) => rf?.text)).toEqual(['0.41', undefined])
    expect(read.lanes.map(laneSentence)).toEqual([undefined, undefined])
  })
})

describe('what looks wrong', () => {
  it.each([
    [part('8.0', [{ label: 'A', distance: '8.4' }]), 'chromatogram.beyondFront'],
    [part('0', [{ label: 'A', distance: '3.0' }]), 'chromatogram.front'],
    [part('8.0', [{ label: 'A', distance: '0.1' }]), 'chromatogram.tellsLittle'],
    [part('8.0', [{ label: 'A', distance: '7.9' }]), 'chromatogram.tellsLittle'],
  ])('%#: is said, with the place', (wrong, code) => {
    const [problem] = checkChromatogram(wrong)
    expect(problem).toMatchObject({ code })
    expect(problem?.at.slice(0, 2)).toEqual(path('parts', 'c1'))
  })

  it('is nothing in a good one', () => {
    expect(checkChromatogram(INK)).toEqual([])
  })
})
