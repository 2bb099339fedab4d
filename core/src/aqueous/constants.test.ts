import { describe, expect, it } from 'vitest'
import { ROWS } from './testing/consequence.ts'
import { PUBLISHED } from './testing/published.ts'
import { UNPINNED } from './testing/unpinned.ts'

const holds = ({ found, published, within }: (typeof PUBLISHED)[number], moves: Readonly<Record<string, number>>) =>
  Math.abs(found(moves) - published) <= within

describe('what is published follows from the constants', () => {
  it.each(PUBLISHED.map((consequence) => [`${consequence.says} (${consequence.source})`, consequence] as const))(
    '%s',
    (_says, { found, published, within }) => {
      expect(Math.abs(found({}) - published)).toBeLessThanOrEqual(within)
    },
  )
})

describe('a constant moved by half a log unit', () => {
  it('breaks something published both ways, but for the rows that are listed', () => {
    const pinned = (row: string) =>
      [-0.5, 0.5].every((by) => PUBLISHED.some((one) => one.concerns(row) && !holds(one, { [row]: by })))
    expect([...ROWS.keys()].filter((row) => !pinned(row)).toSorted()).toEqual(UNPINNED.toSorted())
  })
})
