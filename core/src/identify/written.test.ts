import { describe, expect, it } from 'vitest'
import { identifyRack } from './index.ts'
import { type WrittenRecord, writtenRecords } from './testing/written.ts'

/** What is said of a record, beside what is so. */
function judged({ form, tubes, stated, truth }: WrittenRecord) {
  const [found] = identifyRack([{ material: 'P', tubes: [...tubes] }], { forms: { P: form }, stated: { P: stated } })
  const of = (verdict: string) => found?.ions.filter((one) => one.verdict === verdict).map(({ ion }) => ion) ?? []
  const present = of('present')
  return {
    right: truth.every((ion) => present.includes(ion)) && present.length === truth.length,
    falsePresent: present.filter((ion) => !truth.includes(ion)),
    falseAbsent: of('absent').filter((ion) => truth.includes(ion)),
  }
}

/*
 * Records of unknowns as students write them, with what a sheet states beside them, from the observation tables of school
 * data booklets (common practice). The rules were mended on the first round: it keeps what was reached, and proves no more.
 * The second was written after it and scored once before anything was mended: 28 of 43 all right, no false _present_, one
 * false _absent_ (sodium, under potassium seen through blue glass, which was then mended). The third, written after all
 * thresholds were chosen, was scored once: 65 of 91 all right, 2 of 154 _present_ false, none of 1 633 _absent_. One of the two
 * was then mended (copper carbonate of the jar is the basic one); that bismuth’s basic nitrate comes down in water is not
 * known to the model, so that it takes chloride for granted. The fourth, written after the tests, strengths and thresholds as
 * they now stand, was scored once: 45 of 62 all right, none of 108 _present_ false, 1 of 1 103 _absent_ (a sulfite whose
 * dichromate paper was not read; it is now, as limewater is thought of weak enough).
 */
const ROUNDS = [
  { round: 'first', right: 0.84, known: [] },
  { round: 'second', right: 0.64, known: [] },
  { round: 'third', right: 0.68, known: ['bismuth nitrate'] },
  { round: 'fourth', right: 0.72, known: [] },
] as const

describe.each(ROUNDS)('records written out by hand, $round round', ({ round, right, known }) => {
  const records = writtenRecords(round).map((record) => ({ name: record.name, ...judged(record) }))

  it('hold nothing false but what is named', () => {
    expect(records.length).toBeGreaterThan(40)
    expect(records.filter((one) => one.falsePresent.length > 0).map(({ name }) => name)).toEqual(known)
    expect(records.filter((one) => one.falseAbsent.length > 0).map(({ name }) => name)).toEqual([])
  })

  it('are named in full as often as they were', () => {
    const open = records.filter((one) => !one.right).map(({ name }) => name)
    expect(1 - open.length / records.length, open.join(', ')).toBeGreaterThan(right)
  })
})
