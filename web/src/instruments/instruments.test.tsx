import { cleanup, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it } from 'vitest'
import { layOutLine, stackLabels } from '../bench/titration/lineLayout.ts'
import { Algebra, EquationText } from '../ui/Chem.tsx'
import { Num } from '../ui/Num.tsx'
import { Burette } from './Burette.tsx'
import { divisionsAround, heightOf, marksOf } from './buretteScale.ts'

afterEach(cleanup)

describe('the burette is drawn to its scale', () => {
  const scale = { capacity: 50, top: 30, bottom: 530 }

  it('with equal volumes at equal distances, running downwards', () => {
    for (let reading = 0; reading < 50; reading++)
      expect(heightOf(reading + 1, scale) - heightOf(reading, scale)).toBeCloseTo(10, 9)
  })

  it('with readings off the scale at its ends', () => {
    expect([heightOf(-1, scale), heightOf(60, scale)]).toEqual([30, 530])
  })

  it('with a labelled mark every fifth of its capacity', () => {
    expect(
      marksOf(50)
        .filter(({ size }) => size === 'large')
        .map(({ reading }) => reading),
    ).toEqual([0, 10, 20, 30, 40, 50])
    expect(
      marksOf(25)
        .filter(({ size }) => size === 'large')
        .map(({ reading }) => reading),
    ).toEqual([0, 5, 10, 15, 20, 25])
  })

  it('and magnified to tenths around the level, on the scale only', () => {
    expect(divisionsAround(24.1, 0.2, 50)).toEqual([23.9, 24, 24.1, 24.2, 24.3])
    expect(divisionsAround(0, 0.2, 50)).toEqual([0, 0.1, 0.2])
    expect(divisionsAround(50, 0.15, 50)).toEqual([49.9, 50])
  })

  it('and says in words what it shows', () => {
    render(<Burette capacity={50} reading="21.80" quickTo="41.45" endNear="42.50" look={{ colour: 'deep purple', dark: true }} />)
    expect(screen.getByRole('img').getAttribute('aria-label')).toBe(
      'Burette, deep purple solution standing at 21.80, run quickly to 41.45, end expected near 42.50',
    )
  })
})

describe('the line of titres', () => {
  it('has room for every titre and ticks at round volumes', () => {
    const { from, to, ticks } = layOutLine([20.65, 20.7, 21.15], 0.1, 13)
    expect(from).toBeLessThan(20.51)
    expect(to).toBeGreaterThan(21.29)
    expect(ticks.length).toBeLessThanOrEqual(14)
    for (const { at } of ticks) expect(Math.abs(at * 10 - Math.round(at * 10))).toBeLessThan(1e-6)
  })

  it('puts labels that would cover one another on different heights', () => {
    expect(stackLabels([0, 10, 20, 100], 46)).toEqual([0, 1, 2, 0])
  })
})

describe('numbers and formulae', () => {
  const html = (element: React.ReactElement) =>
    render(element).container.innerHTML.replace(/<\/?span[^>]*>|&nbsp;|\u2009|\u00a0/g, '')

  it('are set as chemists write them', () => {
    expect(html(<Num text="2.29e-4" unit="mol" />)).toBe('2.29×10<sup>−4</sup>mol')
    expect(html(<Num text="12.2" unit="%" />)).toBe('12.2%')
  })

  it('with true subscripts and charges in equations', () => {
    expect(html(<EquationText text="MnO4- + 8H+ -> Mn2+" />)).toBe(
      'MnO<sub>4</sub><sup>−</sup> + 8H<sup>+</sup> → Mn<sup>2+</sup>',
    )
    expect(html(<Algebra text="n(Fe2+) = 5 × n(MnO4-)" />)).toBe('n(Fe<sup>2+</sup>) = 5 × n(MnO<sub>4</sub><sup>−</sup>)')
  })
})
