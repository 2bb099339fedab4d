import { readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { SUMS } from '../sums/index.ts'
import { CURED, cureOf } from './cures.ts'

/** Every text of the relations and sums in which something is taken for granted: what is cured must be said somewhere. */
const folder = new URL('./relations/', import.meta.url)
const sources = readdirSync(folder, { recursive: true, encoding: 'utf8' })
  .filter((file) => file.endsWith('.ts'))
  .map((file) => readFileSync(new URL(file, folder), 'utf8').replace(/\$\{[^}]*\}/g, 'X'))
  .join('\n')
const assumed = [...SUMS.flatMap(({ assumes = [] }) => assumes), ...sources.split('\n')]

describe('a cure', () => {
  it.each(CURED.map((pattern) => [pattern.source, pattern] as const))(
    'is for something that is taken for granted: %s',
    (_, pattern) => {
      expect(assumed.some((text) => pattern.test(text))).toBe(true)
    },
  )

  // Common practice of practical examinations.
  it.each([
    ['no heat is lost to the air or the vessel', /lid/],
    ['the gas is ideal and hardly dissolves', /gas syringe/],
    ['F2 was mixed evenly', /invert/],
    ['S is pure Na2CO3', /standardise/],
  ])('stands beside “%s”', (assumption, cure) => {
    expect(cureOf(assumption)).toMatch(cure)
  })

  it('is none where nothing can be done', () => {
    expect(cureOf('the volume cancels: as many molecules on either side')).toBeUndefined()
  })

  it('is known for most of what named calculations take for granted', () => {
    const all = [...new Set(SUMS.flatMap(({ assumes = [] }) => assumes))]
    expect(all.filter((one) => cureOf(one)).length / all.length).toBeGreaterThan(0.5)
  })
})
