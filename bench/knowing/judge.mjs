import { identifying } from '@hop-lark/core/identify'

/** The verdict on the one sample of a record; the advice after it is not waited for. */
function verdictOn(tubes, options) {
  const running = identifying([{ material: 'P', tubes }], options)
  for (;;) {
    const { value, done } = running.next()
    if (done) return value[0]
    if (value.verdict) return value.verdict
  }
}

/** Identifies a record: what is said of every ion, and whether it is so. */
export function judge({ form, truth, trace, tubes, stated, looks }) {
  const options = { forms: { P: form }, ...(stated ? { stated: { P: stated } } : {}), ...(looks ? { looks: { P: looks } } : {}) }
  const found = verdictOn(tubes, options)
  const really = new Set(truth)
  const ions = found.ions.map(({ ion, verdict, probability }) => ({ ion, verdict, probability, is: really.has(ion) }))
  const present = ions.filter(({ verdict }) => verdict === 'present')
  const tested = ions.filter(({ verdict }) => verdict !== 'untested')
  const right = present.every(({ is }) => is) && truth.every((ion) => present.some((one) => one.ion === ion))
  return {
    found,
    ions,
    // A trace that the record shows is there, though the sample is none of it.
    traces: present.filter(({ ion }) => ion === trace).length,
    right,
    testedRight: present.every(({ is }) => is) && tested.every(({ is, verdict }) => !is || verdict === 'present'),
  }
}

const BOUNDS = [0.002, 0.01, 0.05, 0.2, 0.5, 0.8, 0.9, 0.95, 0.98, 0.995, 1.001]

/** Sums judgements up: verdicts by what is so, and how often what was said with a probability was so. */
export class Tally {
  records = 0
  right = 0
  testedRight = 0
  /** Verdict by truth. */
  confusion = Object.fromEntries(['present', 'possible', 'absent', 'untested'].map((verdict) => [verdict, { is: 0, isNot: 0 }]))
  /** Of ions that a test bore on: how many, what was said of them together, how many were there. */
  reliability = BOUNDS.map((below) => ({ below, count: 0, said: 0, is: 0 }))
  /** Verdicts _present_ that are false, of what is there as a trace. */
  traces = 0
  /** False verdicts by ion. */
  falsePresent = {}
  falseAbsent = {}

  add({ ions, right, testedRight, traces }) {
    this.records++
    this.traces += traces
    if (right) this.right++
    if (testedRight) this.testedRight++
    for (const { ion, verdict, probability, is } of ions) {
      this.confusion[verdict][is ? 'is' : 'isNot']++
      if (verdict === 'present' && !is) this.falsePresent[ion] = (this.falsePresent[ion] ?? 0) + 1
      if (verdict === 'absent' && is) this.falseAbsent[ion] = (this.falseAbsent[ion] ?? 0) + 1
      if (verdict === 'untested') continue
      const bin = this.reliability.find(({ below }) => probability < below)
      bin.count++
      bin.said += probability
      if (is) bin.is++
    }
  }

  share(verdict, what) {
    const { is, isNot } = this.confusion[verdict]
    return (100 * (what === 'is' ? is : isNot)) / Math.max(1, is + isNot)
  }
}
