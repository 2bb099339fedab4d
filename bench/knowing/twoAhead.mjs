import { freshOf } from '../../core/dist/identify/foretell.js'
import { recordsOf } from '../../core/dist/identify/record.js'
import { posterior } from '../../core/dist/identify/scored.js'
import { scoreAll } from '../../core/dist/identify/scoring.js'
import { informationOf } from '../../core/dist/identify/tables/channel.js'
import { outcomesOf, stillOpen, weighTests } from '../../core/dist/identify/weighTests.js'

// The next test by a look two tests ahead: of the pair that tells most together, the one that tells more. It costs
// twenty times the plays of the advice, and is here to be measured against.

/** Tests that are tried in pairs: those that tell most by themselves. */
const PAIRED = 7
const LEAST_BITS = 0.006

function outcomeOf(running) {
  for (;;) {
    const { value, done } = running.next()
    if (done) return value
  }
}

/** Steps of the test to do next on a sample; undefined where none tells anything. */
export function chooseTwoAhead(tubes, form) {
  const [record] = recordsOf([{ material: 'P', tubes }], { forms: { P: form } })
  const { scored } = outcomeOf(scoreAll(record.tubes))
  const weights = posterior(scored)
  const tests = outcomeOf(weighTests(scored, weights, record.tubes))
    .filter(({ bits }) => bits > LEAST_BITS)
    .toSorted((a, b) => b.bits - a.bits)
    .slice(0, PAIRED)
  const open = stillOpen(scored, weights)
  const fresh = freshOf(record.tubes.every((tube) => tube.form === 'solid') ? 'solid' : 'solution')
  const pairs = tests.flatMap((one, place) =>
    tests.slice(place + 1).map((other) => {
      const together = [one.steps, other.steps]
      return { one, bits: informationOf(outcomesOf(open, fresh, together), together.flat()) }
    }),
  )
  const best = pairs.reduce((most, pair) => (most && most.bits >= pair.bits ? most : pair), undefined)
  return (best?.one ?? tests[0])?.steps
}
