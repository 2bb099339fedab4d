import { expect, it } from 'vitest'
import { marksPassed, remaining, secondsLeft } from './remaining.ts'

const started = '2026-05-12T09:00:00.000Z'
const moment = (time: string) => `2026-05-12T${time}.000Z`
const at = (time: string, paused?: string) =>
  remaining({ minutes: 75, started, now: Date.parse(moment(time)), paused: paused && moment(paused) })

it('counts down, and on past the end', () => {
  expect(at('09:00:00')).toEqual({ text: '1:15:00', over: false })
  expect(at('10:14:59')).toEqual({ text: '0:00:01', over: false })
  expect(at('10:16:05')).toEqual({ text: '0:01:05', over: true })
})

it('stands still while it is paused', () => {
  expect(at('10:14:59', '09:15:00')).toEqual({ text: '1:00:00', over: false })
  expect(secondsLeft({ minutes: 75, started, paused: moment('10:20:00'), now: Date.parse(moment('11:00:00')) })).toBe(-300)
})

it('passes the marks that the student set, each once', () => {
  expect(marksPassed([10, 5, 1], 601, 600)).toEqual([10])
  expect(marksPassed([10, 5, 1], 600, 599)).toEqual([])
  // A window that slept has all of them to tell.
  expect(marksPassed([1, 5, 10], 700, 20)).toEqual([10, 5, 1])
})
