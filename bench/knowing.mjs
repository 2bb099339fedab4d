import { figure } from './figure.mjs'
import { judge, Tally } from './knowing/judge.mjs'
import { simulating } from './knowing/records.mjs'

/** Verdicts on hard simulated records; the tables of docs/chemistry.md are of 5 000 of them. */
export function benchKnowing(count = 200) {
  const tally = new Tally()
  const records = simulating()
  for (let record = 0; record < count; record++) tally.add(judge(records.next().value))
  const { is, isNot } = tally.confusion.present
  const absent = tally.confusion.absent
  return [
    figure(`all that was tested right, of ${count} records`, (100 * tally.testedRight) / count, '%'),
    figure('verdicts "present" that are false', tally.share('present', 'isNot'), '%', `${isNot} of ${is + isNot}`),
    figure('verdicts "absent" that are false', tally.share('absent', 'is'), '%', `${absent.is} of ${absent.is + absent.isNot}`),
  ]
}
