import { readdirSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { actsOf, readShortActs } from '../testing/rounds.ts'

const ROUNDS = readdirSync(new URL('../testing/rounds/', import.meta.url))
  .filter((file) => file.startsWith('did-'))
  .map((file) => file.replace(/\.txt$/, ''))
  .toSorted()

/** What is asked of rounds that the rules were mended on, and of the last, which nothing was mended on; docs/chemistry.md has how each was read first. */
const [MENDED, UNTOUCHED] = [0.97, 0.9]
const LAST = 'did-twelfth'

describe.each(ROUNDS)('acts as students write them: %s', (round) => {
  it('are read line by line', () => {
    const lines = actsOf(round)
    const missed = lines.filter(({ text, acts }) => readShortActs(text) !== acts)
    const shown = missed.map(({ text, acts }) => `${text} | ${acts} | ${readShortActs(text)}`)
    expect(1 - missed.length / lines.length, shown.join('\n')).toBeGreaterThanOrEqual(round === LAST ? UNTOUCHED : MENDED)
  })
})
