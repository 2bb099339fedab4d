import { describe, expect, it } from 'vitest'
import { identifyRack } from './index.ts'
import { HUNDRED, recordOf } from './testing/hurried.ts'

/** Salts that are tried of the hundred: every so manieth, all of them when asked. docs/chemistry.md has the numbers of all. */
const EVERY = process.env.HOP_LARK_RUNS === undefined ? 5 : 1

/** How a record of a salt is identified: all of it right, ions said to be present that are not, absent that are there. */
function judged(cation: string, anion: string, manner: 'hurried' | 'clean', turn: number) {
  const { ions, tubes } = recordOf(cation, anion, manner, turn)
  const [found] = identifyRack([
    { material: 'P', tubes: tubes.map(({ steps, ...tube }) => ({ ...tube, steps: steps.map((step) => ({ ...step })) })) },
  ] as never)
  const of = (verdict: string) => found?.ions.filter((one) => one.verdict === verdict).map(({ ion }) => ion) ?? []
  const present = of('present')
  return {
    right: ions.every((ion) => present.includes(ion)) && present.length === ions.length,
    falsePresent: present.filter((ion) => !ions.includes(ion)).length,
    falseAbsent: of('absent').filter((ion) => ions.includes(ion)).length,
  }
}

describe('a record in hurried words', () => {
  const salts = HUNDRED.filter((_, index) => index % EVERY === 0)
  const count = (manner: 'hurried' | 'clean') =>
    salts
      .map(([cation, anion], turn) => judged(cation, anion, manner, turn))
      .reduce(
        (sum, one) => ({
          right: sum.right + Number(one.right),
          falsePresent: sum.falsePresent + one.falsePresent,
          falseAbsent: sum.falseAbsent + one.falseAbsent,
        }),
        { right: 0, falsePresent: 0, falseAbsent: 0 },
      )

  it('says nothing false that the same in clean words does not, and is identified about as often', { timeout: 240_000 }, () => {
    const [clean, hurried] = [count('clean'), count('hurried')]
    if (EVERY === 1) process.stdout.write(`${JSON.stringify({ clean, hurried, of: salts.length })}\n`)
    expect(hurried.falsePresent).toBeLessThanOrEqual(clean.falsePresent)
    expect(hurried.falseAbsent).toBeLessThanOrEqual(clean.falseAbsent + Math.ceil(salts.length / 50))
    expect(hurried.right).toBeGreaterThanOrEqual(0.8 * clean.right)
  })
})
