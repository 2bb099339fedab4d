// Unknowns identified by following the advice, beside a fixed routine, or beside a look two tests ahead:
// node bench/knowing/advising.mjs [COUNT] [SEED] [ahead]
// The observer is careful: writes down what the tube shows, in the words of the model. How an unknown came and how strong
// it is, is drawn as for the simulated records.
import { identifyRack } from '@hop-lark/core/identify'
import { uniformFrom } from '@hop-lark/core/number'
import { dryTube, freshTube, runStep, sayFact } from '@hop-lark/core/tube'
import { drawer, keeps } from './samples.mjs'
import { chooseTwoAhead } from './twoAhead.mjs'

const add = (reagent, amount = 'drops') => ({ do: 'add', reagent, amount })

/** The order in which courses of school go through an unknown (common practice). */
const ROUTINE = [
  [add('NaOH(aq)'), add('NaOH(aq)', 'excess'), { do: 'warm' }],
  [add('NH3(aq)'), add('NH3(aq)', 'excess')],
  [{ do: 'flame' }],
  [add('HCl(aq)', 'excess')],
  [add('HNO3(aq)'), add('AgNO3(aq)'), add('NH3(aq)', 'excess')],
  [add('HNO3(aq)'), add('Ba(NO3)2(aq)')],
  [add('NaOH(aq)', 'excess'), { do: 'boil' }, add('Al(s)', 'piece'), { do: 'warm' }],
  [add('KI(aq)')],
  [add('universal indicator')],
  [add('H2SO4(aq)')],
  [add('FeCl3(aq)')],
  [add('H2SO4(aq)', 'equal'), add('KMnO4(aq)')],
]
const MOST_TUBES = 12

/** A tube of a sample with what its steps show. */
function tubeOf(id, begin, steps) {
  let tube = begin()
  return {
    id,
    ...(tube.contents.volume > 0 ? { cm3: '1' } : {}),
    steps: steps.map((step, index) => {
      const next = runStep(tube, step)
      tube = next.tube
      return { id: `s${index}`, ...step, saw: next.shown.facts.map(sayFact).join('; ') }
    }),
  }
}

const presentIn = (found) => found.ions.filter(({ verdict }) => verdict === 'present').map(({ ion }) => ion)

const isSettled = (found, truth) => {
  const present = presentIn(found)
  return present.length === truth.length && truth.every((ion) => present.includes(ion))
}

/** Tubes until the unknown is settled, by tests that `choose` gives from what is found so far; undefined where it never is. */
function tubesUntilSettled({ begin, truth, form }, choose) {
  const tubes = [tubeOf('P1', begin, [{ do: 'look' }])]
  for (;;) {
    const [found] = identifyRack([{ material: 'P', tubes }], { forms: { P: form } })
    if (isSettled(found, truth)) return tubes.length - 1
    const steps = tubes.length > MOST_TUBES ? undefined : choose(found, tubes.length - 1, tubes)
    if (!steps) {
      wrong.push(presentIn(found).filter((ion) => !truth.includes(ion)).length)
      if (process.env.SHOW_UNSETTLED)
        console.log(
          truth.join(' '),
          '|',
          found.ions
            .filter(({ probability }) => probability > 0.1)
            .map(({ ion, probability }) => `${ion} ${probability.toFixed(2)}`)
            .join(', '),
          '|',
          tubes
            .map(({ steps: all }) => all.map(({ do: act, reagent = '', saw }) => `${act} ${reagent}: ${saw}`).join(' > '))
            .join(' || '),
        )
      return undefined
    }
    tubes.push(tubeOf(`P${tubes.length + 1}`, begin, steps))
  }
}

const [count = 500, seed = 5] = process.argv.slice(2, 4).map(Number)
const ahead = process.argv[4] === 'ahead'
const draw = drawer(uniformFrom(seed))
const advised = []
const besides = []
const missed = {}
const wrong = []
while (advised.length < count) {
  const { kind, contains, solid, ions } = draw()
  const truth = ions ?? Object.keys(contains)
  // What is called settled is a set of ions: water is none.
  if (truth.length === 0) continue
  const begin = () => (solid ? dryTube(solid) : freshTube(contains, 1))
  // What reacts on mixing, or stands in a tube as a suspension, is handed out by nobody.
  if (!solid && (!keeps(truth) || begin().view.solids.length > 0)) continue
  const unknown = { begin, truth, form: solid ? 'solid' : 'solution' }
  const found = tubesUntilSettled(unknown, ({ next }) => next[0]?.steps)
  advised.push(found)
  const beside = ahead
    ? ({ next }, _, tubes) => (next.length > 0 ? chooseTwoAhead(tubes, unknown.form) : undefined)
    : (_, done) => ROUTINE[done]
  // The routine is for what is dissolved.
  besides.push(solid && !ahead ? null : tubesUntilSettled(unknown, beside))
  if (found === undefined) missed[kind] = (missed[kind] ?? 0) + 1
}

const share = (some) => `${((100 * some.filter((one) => one !== undefined).length) / some.length).toFixed(1)} %`
const both = advised.flatMap((one, index) => (one !== undefined && besides[index] ? [[one, besides[index]]] : []))
const mean = (side) => (both.reduce((sum, pair) => sum + pair[side], 0) / Math.max(1, both.length)).toFixed(2)
const other = ahead ? 'two tests ahead' : 'routine'
console.log(`${count} unknowns, seed ${seed}: settled by the advice ${share(advised)}; not settled ${JSON.stringify(missed)}`)
console.log(
  `left off with something false: ${wrong.filter((count) => count > 0).length} of ${wrong.length} (by the ${other} among them)`,
)
console.log(`${ahead ? 'all' : 'dissolved ones'} by the ${other}: ${share(besides.filter((one) => one !== null))}`)
console.log(`tubes where both settle (${both.length}): advice ${mean(0)}, ${other} ${mean(1)}`)
