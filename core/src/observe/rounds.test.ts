import { describe, expect, it } from 'vitest'
import { readObservation } from './index.ts'
import { contextFrom, isDenial, ROUNDS, readShort, roundOf, scoreOf } from './testing/rounds.ts'

/** What is asked of rounds that the rules were mended on; docs/chemistry.md has how each was read first. */
const MENDED = { lines: 0.97, denials: 0.95, precision: 0.97, recall: 0.97 }
/** What is asked of the last round, which nothing was mended on. */
const UNTOUCHED = { lines: 0.9, denials: 0.95, precision: 0.95, recall: 0.92 }
const LAST = 'saw-twelfth'

describe.each(ROUNDS)('the language of observations: %s', (round) => {
  const lines = roundOf(round)
  const least = round === LAST ? UNTOUCHED : MENDED
  const isMissed = (line: (typeof lines)[number]) => [...line.facts].sort().join() !== [...readShort(line)].sort().join()

  it('is read line by line', () => {
    const missed = lines.filter(isMissed)
    const shown = missed.map((line) => `${line.where} | ${line.text} | ${line.facts.join()} | ${readShort(line).join()}`)
    expect(1 - missed.length / lines.length, shown.join('\n')).toBeGreaterThanOrEqual(least.lines)
  })

  it('its denials', () => {
    const denials = lines.filter(isDenial)
    expect(1 - denials.filter(isMissed).length / Math.max(1, denials.length)).toBeGreaterThanOrEqual(least.denials)
  })

  it('its facts with precision and recall', () => {
    const { precision, recall } = scoreOf(lines)
    expect(precision).toBeGreaterThanOrEqual(least.precision)
    expect(recall).toBeGreaterThanOrEqual(least.recall)
  })

  it('every span is of words of its line', () => {
    for (const { where, text } of lines)
      for (const { span } of readObservation(text, contextFrom(where)).facts)
        expect(text.slice(...span).trim()).toBe(text.slice(...span))
  })
})
