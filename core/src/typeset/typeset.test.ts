import { describe, expect, it } from 'vitest'
import { plainText, setAlgebra, setEquation, setMeasured, setNumber, setSubstituted, setText } from './index.ts'

describe('setting', () => {
  it.each([
    ['2.29e-4', '2.29 × 10⁻⁴'],
    ['-0.35', '−0.35'],
    ['12.2', '12.2'],
  ])('sets the number %s', (text, set) => expect(plainText(setNumber(text))).toBe(set))

  it('ties a number to its unit', () => expect(plainText(setMeasured('20.68', 'cm3'))).toBe('20.68\u00a0cm³'))

  it('sets substituted lines', () => expect(plainText(setSubstituted('5 × 2.288e-4 / 25.0'))).toBe('5 × 2.288 × 10⁻⁴ ÷ 25.0'))

  it('sets equations with their counts', () =>
    expect(plainText(setEquation('MnO4- + 8H+ + 5Fe2+ -> Mn2+ + 5Fe3+ + 4H2O')).replaceAll('\u202f', '')).toBe(
      'MnO₄⁻ + 8H⁺ + 5Fe²⁺ → Mn²⁺ + 5Fe³⁺ + 4H₂O',
    ))

  it.each([
    ['n(Fe2+) = 5 × n(MnO4-)', 'n(Fe²⁺) = 5 × n(MnO₄⁻)'],
    ['Ksp = [Ca2+][OH-]^2', 'Ksp = [Ca²⁺][OH⁻]²'],
    ['a1M1V1 = a2M2V2', 'a₁M₁V₁ = a₂M₂V₂'],
    ['c(Ca^2+ dissolved) + added', 'c(Ca²⁺ dissolved) + added'],
  ])('sets the algebra %s', (text, set) => expect(plainText(setAlgebra(text))).toBe(set))

  it.each([
    ['All of it is Fe2+, not Fe3+.', 'All of it is Fe²⁺, not Fe³⁺.'],
    ['pure KHC8H4O4 (dry)', 'pure KHC₈H₄O₄ (dry)'],
    ['3 drops NH3(aq), then Ba(NO3)2(aq)', '3 drops NH₃(aq), then Ba(NO₃)₂(aq)'],
    ['SO4^2- ions', 'SO₄²⁻ ions'],
    ['gives 4.8e-5 or 3.2e-5.', 'gives 4.8 × 10⁻⁵ or 3.2 × 10⁻⁵.'],
    // Labels of bottles and tubes are no formulae.
    ['F1 and F2 from FA2, in tube K1 and H2.3', 'F1 and F2 from FA2, in tube K1 and H2.3'],
    ['Run A1 - B2', 'Run A1 - B2'],
    ['a (b) and [c]', 'a (b) and [c]'],
  ])('sets what is a formula in “%s”', (text, set) => expect(plainText(setText(text))).toBe(set))
})
