import { execFileSync } from 'node:child_process'
import { identifyRack } from '@hop-lark/core/identify'
import { uniformFrom } from '@hop-lark/core/number'
import { freshTube, runSteps } from '@hop-lark/core/tube'
import { figure, quantile } from './figure.mjs'

const CATIONS = ['NH4+', 'Mg2+', 'Ca2+', 'Ba2+', 'Al3+', 'Zn2+', 'Pb2+', 'Cu2+', 'Fe2+', 'Fe3+', 'Cr3+', 'Mn2+', 'Ni2+']
const ANIONS = ['Cl-', 'Br-', 'I-', 'SO4^2-', 'NO3-', 'SO3^2-', 'CO3^2-']
const add = (reagent, amount = 'drops') => ({ do: 'add', reagent, amount })

/** The fixed routine of a school: each line a fresh portion. */
const ROUTINE = [
  [add('NaOH(aq)'), add('NaOH(aq)', 'excess'), { do: 'warm' }],
  [add('NH3(aq)'), add('NH3(aq)', 'excess')],
  [add('HCl(aq)', 'excess')],
  [add('HNO3(aq)'), add('AgNO3(aq)')],
  [add('HNO3(aq)'), add('Ba(NO3)2(aq)')],
  [add('NaOH(aq)', 'excess'), { do: 'boil' }, add('Al(s)'), { do: 'warm' }],
]

const WRONG_ONE_IN = 12
const MISSES_SLIGHT = 0.5
const WRONG = [
  'no visible change',
  'white precipitate',
  'solution turned yellow',
  'precipitate dissolved giving a colourless solution',
]
const NEAR = { white: 'off-white', cream: 'white', green: 'dirty green', 'pale blue': 'blue', 'red-brown': 'brown' }
const NEAR_ONE_IN = 6

/** What a student writes of a step: now and then something wrong, a near colour, or a slight precipitate missed. */
function written(saw, random, pick) {
  if (random() < 1 / WRONG_ONE_IN) return pick(WRONG)
  const said = saw.map((words) => {
    if (/^slight/.test(words) && random() < MISSES_SLIGHT) return 'no visible change'
    const [colour] = Object.keys(NEAR).filter((one) => words.startsWith(`${one} precipitate`))
    return colour && random() < 1 / NEAR_ONE_IN ? words.replace(colour, NEAR[colour]) : words
  })
  return said.join('; ')
}

/** Ions that make no salt to be had in a bottle: they react, or precipitate without more acid than a bottle holds. */
const NO_SALT = new Set([
  'Cu2+ I-',
  'Fe3+ I-',
  'Fe3+ SO3^2-',
  'Cr3+ SO3^2-',
  'Cr3+ CO3^2-',
  'Al3+ CO3^2-',
  'Al3+ SO3^2-',
  'Fe3+ CO3^2-',
])

/** A sample that can stand as a clear solution, 0.05 to 0.3 mol/dm³, or undefined. */
function sampleOf(pick, random) {
  const truth = [pick(CATIONS), pick(ANIONS)]
  if (NO_SALT.has(truth.join(' '))) return undefined
  const contains = Object.fromEntries(truth.map((ion) => [ion, 0.05 + 0.25 * random()]))
  try {
    return freshTube(contains, 1).view.solids.length > 0 ? undefined : { truth, contains }
  } catch {
    return undefined
  }
}

const tubeOf = (contains, steps, id, random, pick) => {
  const shown = runSteps(contains, 1, steps)
  return { id, steps: steps.map((step, place) => ({ ...step, saw: written(shown[place].saw, random, pick) })) }
}

const settled = (found, truth) => truth.every((ion) => found.ions.some((one) => one.ion === ion && one.verdict === 'present'))
const MOST_TUBES = 9

/** How many tubes until both ions are called present, choosing each by `next`. */
function tubesNeeded({ truth, contains }, next, random, pick) {
  const tubes = []
  let found
  while (tubes.length < MOST_TUBES) {
    const steps = next(tubes.length, found)
    if (!steps) break
    tubes.push(tubeOf(contains, steps, `P${tubes.length + 1}`, random, pick))
    found = identifyRack([{ material: 'P', tubes }])[0]
    if (settled(found, truth)) return tubes.length
  }
  return undefined
}

const mean = (numbers) => numbers.reduce((sum, value) => sum + value, 0) / numbers.length

/** Every beginning of a record, a line longer each time, as it grows on the page. */
function* growing(tubes) {
  for (const [index, tube] of tubes.entries()) {
    for (let lines = 1; lines <= tube.steps.length; lines++)
      yield [...tubes.slice(0, index), { ...tube, steps: tube.steps.slice(0, lines) }]
  }
}

function timed(act) {
  const begin = performance.now()
  const found = act()
  return { found, time: performance.now() - begin }
}

/** Identification of simulated records with honest noise, of strengths other than the model's own. */
export function benchIdentify(records = 300, followed = 30, seed = 4) {
  const random = uniformFrom(seed)
  const pick = (some) => some[Math.floor(random() * some.length)]
  const draw = () => {
    for (;;) {
      const sample = sampleOf(pick, random)
      if (sample) return sample
    }
  }
  let [first, given, right] = [0, 0, 0]
  const [whole, lines] = [[], []]
  for (let record = 0; record < records; record++) {
    const { truth, contains } = draw()
    const tubes = ROUTINE.map((steps, index) => tubeOf(contains, steps, `P${index + 1}`, random, pick))
    const { found, time } = timed(() => identifyRack([{ material: 'P', tubes }]))
    whole.push(time)
    const [{ ions }] = found
    const likeliest = ions.slice(0, 2).map(({ ion }) => ion)
    if (truth.every((ion) => likeliest.includes(ion))) first++
    for (const { ion, verdict } of ions) {
      if (verdict !== 'present') continue
      given++
      if (truth.includes(ion)) right++
    }
    if (record % 4 === 0)
      for (const begun of growing(tubes)) lines.push(timed(() => identifyRack([{ material: 'P', tubes: begun }])).time)
  }
  const [advised, routine] = [[], []]
  for (let record = 0; record < followed; record++) {
    const sample = draw()
    advised.push(tubesNeeded(sample, (count, found) => (count === 0 ? ROUTINE[0] : found.next[0]?.steps), random, pick))
    routine.push(tubesNeeded(sample, (count) => ROUTINE[count], random, pick))
  }
  const done = (some) => some.filter((count) => count !== undefined)
  const both = advised.flatMap((count, index) =>
    count !== undefined && routine[index] !== undefined ? [[count, routine[index]]] : [],
  )
  return [
    figure('a whole record of 14 steps: median', quantile(whole.slice(1), 0.5), 'ms'),
    figure('one new line: median', quantile(lines, 0.5), 'ms'),
    figure('one new line: p95', quantile(lines, 0.95), 'ms'),
    figure(
      `both ions the two likeliest, of ${records} records with one observation in ${WRONG_ONE_IN} wrong`,
      (100 * first) / records,
      '%',
    ),
    figure('verdicts "present" that are true', (100 * right) / given, '%', `${right} of ${given}`),
    figure(
      `settled by following the advice, of ${followed}`,
      done(advised).length,
      'samples',
      `the fixed routine: ${done(routine).length}`,
    ),
    figure(
      'tubes needed where both settled',
      mean(both.map(([count]) => count)),
      'tubes',
      `the fixed routine: ${mean(both.map(([, count]) => count)).toFixed(1)}`,
    ),
  ]
}

const COLD = `
const { identifying } = await import('@hop-lark/core/identify')
const [, record] = process.argv
const begin = performance.now()
const running = identifying([{ material: 'P', tubes: JSON.parse(record) }])
const found = {}
for (let step = running.next(); !step.done; step = running.next()) if (step.value.verdict) found.verdict = performance.now() - begin
process.stdout.write(JSON.stringify({ ...found, whole: performance.now() - begin }))`

/** The first record from nothing, in a process of its own: to the verdict, and with the advice. */
export function benchFirstRecord() {
  const random = uniformFrom(9)
  const pick = (some) => some[Math.floor(random() * some.length)]
  const tubes = ROUTINE.map((steps, index) => tubeOf({ 'Cu2+': 0.1, 'SO4^2-': 0.1 }, steps, `P${index + 1}`, random, pick))
  const cwd = new URL('..', import.meta.url)
  const times = Array.from({ length: 5 }, () =>
    JSON.parse(
      execFileSync(process.execPath, ['--input-type=module', '-e', COLD, JSON.stringify(tubes)], { cwd, encoding: 'utf8' }),
    ),
  )
  return [
    figure(
      'the first record from nothing, 14 steps: to the verdict',
      quantile(
        times.map(({ verdict }) => verdict),
        0.5,
      ),
      'ms',
    ),
    figure(
      'the first record from nothing, 14 steps: with the advice',
      quantile(
        times.map(({ whole }) => whole),
        0.5,
      ),
      'ms',
    ),
  ]
}
