import { uniformFrom } from '@hop-lark/core/number'
import { dryTube, freshTube, REAGENTS, runStep, sayFact } from '@hop-lark/core/tube'
import { drawer, keeps } from './samples.mjs'

// Simulated records with a known truth. What is written down follows rules that identification does not have: bottles,
// drops, excess and portions of other sizes, sodium in the flame, a trace of another anion, gases left untested, shades,
// silence, and a rate of slips that differs from student to student.

const add = (reagent, amount = 'drops') => ({ do: 'add', reagent, amount })

/** Tests with the share of students who do them. */
const TESTS = [
  [0.92, [add('NaOH(aq)'), add('NaOH(aq)', 'excess'), { do: 'warm' }]],
  [0.6, [add('NH3(aq)'), add('NH3(aq)', 'excess')]],
  [0.75, [add('HCl(aq)', 'excess')]],
  [0.85, [add('HNO3(aq)'), add('AgNO3(aq)'), add('NH3(aq)', 'excess')]],
  [0.55, [add('HNO3(aq)'), add('Ba(NO3)2(aq)')]],
  [0.3, [add('BaCl2(aq)'), add('HCl(aq)', 'excess')]],
  [0.5, [add('NaOH(aq)', 'excess'), { do: 'boil' }, add('Al(s)', 'piece'), { do: 'warm' }]],
  [0.65, [{ do: 'flame' }]],
  [0.3, [add('Na2CO3(aq)')]],
  [0.3, [add('Pb(NO3)2(aq)')]],
  [0.35, [add('universal indicator')]],
  [0.2, [add('blue litmus'), add('red litmus')]],
  [0.15, [add('Mg(s)', 'piece')]],
  [0.15, [add('KI(aq)')]],
  [0.25, [add('H2SO4(aq)', 'excess')]],
  [0.5, [{ do: 'look' }]],
  [0.15, [add('K4Fe(CN)6(aq)')]],
  [0.1, [add('KSCN(aq)')]],
  [0.15, [add('H2SO4(aq)'), add('KMnO4(aq)')]],
  [0.1, [add('K2CrO4(aq)')]],
]
const OF_SOLIDS = [
  [0.8, [{ do: 'look' }]],
  [0.7, [{ do: 'heat' }]],
  [0.5, [add('HCl(aq)', 'excess')]],
]
/** What is done with a solid that does not dissolve in water. */
const INTO_ACID = [
  [add('HNO3(aq)', 'excess'), add('NaOH(aq)', 'excess')],
  [add('HCl(aq)', 'excess'), add('NH3(aq)', 'excess')],
]
const NEAR = {
  white: 'off-white',
  cream: 'white',
  'pale yellow': 'cream',
  green: 'dirty green',
  'pale blue': 'blue',
  'red-brown': 'brown',
  yellow: 'pale yellow',
  'brick-red': 'orange',
  'pale green': 'green',
}
const WRONG = [
  'no visible change',
  'white precipitate',
  'solution turned yellow',
  'precipitate dissolved giving a colourless solution',
  'effervescence',
  'slight white precipitate',
]
const SLIPS = [0.015, 0.015, 0.03, 0.03, 0.03, 0.06, 0.06, 0.12]
const TRACE = 0.0015

/** What a student writes of one fact; nothing where it is passed over. */
function wordsOf(fact, random) {
  const words = sayFact(fact)
  switch (fact.kind) {
    case 'transient':
      return []
    case 'precipitate': {
      if (fact.slight && random() < 0.4) return []
      const colour = Object.keys(NEAR).find((one) => words.startsWith(`${one} precipitate`))
      return [colour && random() < 0.15 ? words.replace(colour, NEAR[colour]) : words]
    }
    case 'gas':
      if (fact.bubbles) return random() < 0.45 ? ['effervescence'] : [words]
      return random() < 0.3 ? [] : [words.replace('effervescence; ', '')]
    case 'solution':
      return random() < 0.12 ? [] : [words]
    case 'dissolves':
      return random() < 0.3 ? [fact.how === 'partly' ? 'precipitate partly dissolved' : 'precipitate dissolved'] : [words]
    case 'flame':
      return [`${fact.colour} flame`]
    default:
      return [words]
  }
}

function written(facts, slip, random) {
  if (random() < slip) return WRONG[Math.floor(random() * WRONG.length)]
  const said = facts.flatMap((fact) => wordsOf(fact, random))
  return said.length > 0 ? said.join('; ') : 'no visible change'
}

/** A bottle with a solution in it, whose strength may be another than it says. */
const isSolution = (bottle) => bottle?.state === 'aq' && Object.keys(bottle.putIn ?? {}).length > 0

/** Plays a step with the bottle as strong as it really is. */
function playReally(tube, step, strengthOf) {
  const bottle = step.reagent && REAGENTS[step.reagent]
  if (!isSolution(bottle)) return runStep(tube, step)
  const kept = bottle.putIn
  bottle.putIn = Object.fromEntries(Object.entries(kept).map(([name, much]) => [name, much * strengthOf(step.reagent)]))
  try {
    return runStep(tube, step)
  } finally {
    bottle.putIn = kept
  }
}

/** Whether a solution of ions is one that may be handed out. */
function standsClear(ions, fresh) {
  const alkaline = !ions.includes('OH-') || fresh.view.equilibrium.pH > 9
  return fresh.view.solids.length === 0 && alkaline
}

const COVERED = ['Ag+', 'Ba2+', 'Pb2+']

/** Makes records one after another; each `{ name, kind, form, truth, tubes }`. */
export function* simulating(seed = 11) {
  const random = uniformFrom(seed)
  const pick = (some) => some[Math.floor(random() * some.length)]
  const draw = drawer(random)
  let count = 0

  function record(made) {
    const contains = { ...made.contains }
    const ions = made.ions ?? Object.keys(contains)
    let trace
    if (random() < 0.05 && !COVERED.some((ion) => ions.includes(ion))) {
      trace = pick(['Cl-', 'SO4^2-'])
      contains[trace] = (contains[trace] ?? 0) + TRACE
    }
    const slip = pick(SLIPS)
    const strengths = {}
    const strengthOf = (reagent) => {
      strengths[reagent] ??= 2 ** (2 * random() - 1)
      return strengths[reagent]
    }
    const tubes = []
    const keep = (steps, start, cm3) => {
      let tube = start
      const told = steps.map((step, place) => {
        const really =
          step.amount === 'drops' ? { ...step, amount: `${(0.05 * (2 + Math.floor(random() * 5))).toFixed(2)} cm3` } : step
        const next = playReally(tube, really, strengthOf)
        tube = next.tube
        let { facts } = next.shown
        const hidden = facts.some((fact) => fact.kind === 'flame' && fact.colour !== 'lilac')
        if (step.do === 'flame' && !hidden && random() < 0.1) facts = [{ kind: 'flame', colour: 'yellow' }]
        return { id: `s${place + 1}`, ...step, saw: written(facts, slip, random) }
      })
      tubes.push({ id: `P${tubes.length + 1}`, ...(cm3 ? { cm3 } : {}), steps: told })
    }
    if (!made.ions) {
      const fresh = freshTube(contains, 0.6 + random())
      if (!standsClear(ions, fresh)) return undefined
      for (const [share, steps] of TESTS) if (random() < share) keep(steps, fresh, made.solid ? '1' : undefined)
    }
    if (made.solid) for (const [share, steps] of OF_SOLIDS) if (random() < share) keep(steps, dryTube(made.solid))
    if (made.ions && tubes.length < 3) for (const steps of INTO_ACID) keep(steps, dryTube(made.solid))
    if (tubes.length < 2) return undefined
    return {
      name: `${count} ${made.kind}: ${ions.join(' ')}`,
      kind: made.kind,
      form: made.solid ? 'solid' : 'solution',
      truth: ions,
      ...(trace && !ions.includes(trace) ? { trace } : {}),
      tubes,
    }
  }

  for (;;) {
    const made = draw()
    const ions = made.ions ?? Object.keys(made.contains)
    if (!keeps(ions) || (ions.includes('Ag+') && ions.some((ion) => ['Cl-', 'Br-', 'I-', 'OH-'].includes(ion)))) continue
    try {
      const found = record(made)
      if (!found) continue
      count++
      yield found
    } catch (error) {
      if (error.name !== 'ChemistryError') throw error
    }
  }
}
