import { describe, expect, it } from 'vitest'
import { FIRST_ONLY, NEITHER, NOUNS, ofBoth, SECOND_ONLY, TOGETHER, VERBS, withoutNoun, withoutVerb } from './testing/frames.ts'
import { readShort } from './testing/rounds.ts'

const read = (where: string, text: string) => [...readShort({ where, text })].sort().join()

describe('every way of denying', () => {
  it.each(NOUNS)('$where: that it was not seen is $denial', ({ where, denial, said }) => {
    const other = said.flatMap(withoutNoun).filter((text) => read(where, text) !== denial)
    expect(other).toEqual([])
  })

  it.each(VERBS)('$where: that it did not happen is $denial', ({ where, denial, said }) => {
    const other = said.flatMap(withoutVerb).filter((text) => read(where, text) !== denial)
    expect(other).toEqual([])
  })
})

describe('a line of two things denies what it denies, and no more', () => {
  it.each([
    ['the first only', FIRST_ONLY, 'fact', 'denial'],
    ['the second only', SECOND_ONLY, 'denial', 'fact'],
    ['neither', NEITHER, 'denial', 'denial'],
  ] as const)('%s', (_, ways, one, other) => {
    const missed = TOGETHER.flatMap((first) =>
      TOGETHER.filter((second) => second !== first).flatMap((second) =>
        ways
          .map((way) => ofBoth(way, first, second))
          .filter((text) => read('add HCl(aq)', text) !== [first[one], second[other]].sort().join()),
      ),
    )
    expect(missed).toEqual([])
  })
})
