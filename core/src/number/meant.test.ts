import { expect, it } from 'vitest'
import { meantOn } from './index.ts'

const BURETTE = { step: '0.05', most: '50.00' }

it.each([
  ['24.50', { kind: 'as typed' }],
  ['24.5', { kind: 'completed', text: '24.50' }],
  ['24', { kind: 'completed', text: '24.00' }],
  ['24.53', { kind: 'asked', text: '24.55', because: 'between the marks' }],
  ['245.0', { kind: 'asked', text: '24.50', because: 'off the scale' }],
  ['2450', { kind: 'asked', text: '24.50', because: 'off the scale' }],
  ['50.0', { kind: 'completed', text: '50.00' }],
  ['99999999', { kind: 'as typed' }],
])('%s on a burette of 50 cm³ read to 0.05 is %o', (text, meant) => expect(meantOn(text, BURETTE)).toEqual(meant))

it('too many noughts are the same number too', () => {
  expect(meantOn('24.500', BURETTE)).toEqual({ kind: 'completed', text: '24.50' })
})

it('a scale without marks takes everything', () => {
  expect(meantOn('3.14159', {})).toEqual({ kind: 'as typed' })
})

it('a scale whose step is not known moves only the point', () => {
  expect(meantOn('245', { most: '50' })).toEqual({ kind: 'asked', text: '24.5', because: 'off the scale' })
})
