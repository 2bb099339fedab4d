import { describe, expect, it } from 'vitest'
import { denialsOf } from './testing/denials.ts'
import { ROUNDS, readShort, roundOf } from './testing/rounds.ts'

const POSITIVE = /^(?!-|i$|n$|f:none$)/

/** What a fact is when it is denied, in short. */
function deniedShort(fact: string): readonly string[] {
  const [kind = '', rest] = fact.split(':')
  if (/^p~?$/.test(kind)) return ['-p']
  // "Not completely" is partly; a colour that it did not go to is not the solution's.
  if (/^d~?$/.test(kind)) return ['i', 'd~', `d~:${rest}`, `-s:${rest}`, `-t:${rest}`]
  if (kind === 'e') return ['-g', 'n']
  if (kind === 'f') return [`-${fact}`, 'f:none']
  if (kind === 'h' || kind === 'c') return ['n', `-t:${rest}`, `-s:${rest}`, `-o:${rest}`, '-p']
  return [
    `-${fact}`,
    ...(kind === 's' || kind === 't' ? ['n', `-t:${rest}`, `-s:${rest}`, `-p`] : []),
    ...(kind === 'm' ? ['-m'] : []),
  ]
}

describe('every positive line of one clause, denied', () => {
  const denied = ROUNDS.flatMap((round) =>
    roundOf(round)
      .filter(({ facts }) => facts.length === 1 && facts.every((fact) => POSITIVE.test(fact)))
      .flatMap((line) => denialsOf(line).map((text) => ({ ...line, text }))),
  )

  it('there are many', () => expect(denied.length).toBeGreaterThan(700))

  it('is never read as its opposite', () => {
    const opposite = denied
      .map((line) => ({ ...line, found: readShort(line) }))
      .filter(({ facts, found }) => found.some((fact) => facts.includes(fact) || (/^p/.test(fact) && /^p/.test(facts[0] ?? ''))))
    expect(opposite.map(({ where, text, found }) => `${where} | ${text} | ${found.join()}`)).toEqual([])
  })

  it('is read as that denial, nineteen times out of twenty', () => {
    const missed = denied
      .map((line) => ({ ...line, found: readShort(line) }))
      .filter(({ facts, found }) => !found.some((fact) => deniedShort(facts[0] ?? '').includes(fact)))
    expect(
      missed.length / denied.length,
      missed.map(({ where, text, found }) => `${where} | ${text} | ${found.join()}`).join('\n'),
    ).toBeLessThan(0.05)
  })
})
