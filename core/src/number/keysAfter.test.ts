import { describe, expect, it } from 'vitest'
import { keysAfter } from './index.ts'

const BURETTE = { step: '0.05', most: '50.00' }
const after = (text: string, scale: Parameters<typeof keysAfter>[1]) => {
  const { digits, point } = keysAfter(text, scale)
  return [...digits].join('') + (point ? '.' : '')
}

describe('the keys that can come next', () => {
  it.each([
    ['', '0123456789'],
    ['0', '.'],
    ['4', '0123456789.'],
    ['5', '0.'],
    ['50', '.'],
    ['50.', '0'],
    ['50.0', '0'],
    ['24.', '0123456789'],
    ['24.5', '05'],
    ['24.50', ''],
  ])('on a burette of 50 cm³ read to 0.05, after %j: %s', (text, keys) => expect(after(text, BURETTE)).toBe(keys))

  it('on a thermometer read to halves are nought and five behind the point', () => {
    expect(after('21.', { step: '0.5' })).toBe('05')
    expect(after('21', { step: '0.5' })).toBe('0123456789.')
  })

  it('on a scale read to whole numbers there is no point', () => {
    expect(after('34', { step: '1' })).toBe('0123456789')
  })

  it('are all of them where nothing is known of the scale', () => {
    expect(after('31.4', {})).toBe('0123456789')
    expect(after('31.4567', {})).toBe('')
    expect(after('-', {})).toBe('0123456789')
  })

  it('lead to every reading of the scale, and to no other', () => {
    const found = new Set<string>()
    const scale = { step: '0.5', most: '3.0' }
    const go = (text: string) => {
      const { digits, point } = keysAfter(text, scale)
      if (digits.size === 0 && !point) found.add(text)
      for (const digit of digits) go(text + digit)
      if (point) go(`${text}.`)
    }
    go('')
    expect([...found].toSorted()).toEqual(['0.0', '0.5', '1.0', '1.5', '2.0', '2.5', '3.0'])
  })
})
