import { expect, it } from 'vitest'
import { remaining } from './remaining.ts'

it('counts down, and on past the end', () => {
  const started = '2026-05-12T09:00:00.000Z'
  const at = (time: string) => remaining({ minutes: 75, started, now: Date.parse(`2026-05-12T${time}.000Z`) })
  expect(at('09:00:00')).toEqual({ text: '1:15:00', over: false })
  expect(at('10:14:59')).toEqual({ text: '0:00:01', over: false })
  expect(at('10:16:05')).toEqual({ text: '0:01:05', over: true })
})
