import { gasToldBy, givesReading } from '../gas/index.ts'
import type { Features } from './features.ts'
import { ifAmount, UNSAID } from './unsaid.ts'

/**
 * How likely something is to be written down when something else was foretold: a small confusion model, so that one
 * wrong observation lowers a verdict without destroying it (judgement; all in one place).
 */
const LIKELY = {
  same: 0.93,
  /** The same colour in other words. */
  otherShade: 0.45,
  offWhite: 0.2,
  nearColour: 0.07,
  /** White and cream, by which halides are told apart, are taken for one another oftener. */
  whiteForCream: 0.12,
  otherColour: 0.004,
  colourNotSaid: 0.5,
  missed: { full: 0.006, slight: 0.4 },
  /** A precipitate that came and went within the step, of which nothing was said: in an excess at once it is hardly seen. */
  passedUnsaid: 0.35,
  /** A precipitate that goes on shaking: passed over, or written down as it came. */
  passingUnsaid: 0.5,
  passingSaid: 0.5,
  /** It was written down in the step before, and dissolves in this. */
  passedDissolves: 0.5,
  /** Nothing is foretold: a trace of another ion, or a slip of the eye. */
  imagined: { full: 0.003, slight: 0.12 },
  /** A precipitate that stays is written down again. */
  writtenAgain: 0.25,
  slightForFull: 0.5,
  fateNear: 0.15,
  fateOpposite: 0.008,
  fateNotSaid: 0.4,
  fateOfNothing: 0.03,
  solutionNotSaid: 0.4,
  solutionImagined: 0.03,
  gasTested: 0.95,
  gasOtherTest: 0.25,
  gasBubblesOnly: 0.45,
  gasMissed: { bubbles: 0.03, quiet: 0.3 },
  /** Of several gases one is tested, seldom all: one of them found, or only bubbles seen. */
  oneOfGases: 0.6,
  /** Looked for, and said not to be there, though it is foretold. */
  gasDenied: 0.02,
  bubblesDenied: 0.04,
  colourDenied: 0.06,
  gasImagined: 0.002,
  bubblesImagined: 0.012,
  /** So little that no bubbles are foretold, and bubbles were seen; or enough was got of it for a pop. */
  bubblesOfLittle: 0.12,
  bubblesOfSulfurDioxide: 0.35,
  popOfLittle: 0.3,
  /** A gas of the step before that was tested only now. */
  gasTestedLate: 0.4,
  decolourisedMissed: 0.25,
  decolourisedImagined: 0.015,
  flameOther: 0.004,
  /** A solid that turned another colour than is foretold: looked at too early, or beside its crust. */
  turnedOther: 0.05,
  /** Sodium is on every wire and in every dust. */
  flameOfSodium: 0.022,
  flameMissed: 0.06,
  onlyThroughGlass: 0.3,
  glassImagined: 0.01,
  glassNotUsed: 0.7,
  markMissed: 0.4,
  markImagined: 0.005,
  turnedMissed: 0.2,
  turnedImagined: 0.01,
  paperUnread: 0.2,
} as const

/** Words for one colour, as one student and another use them. */
const SHADES: readonly (readonly string[])[] = [
  ['green', 'dirty green', 'pale green'],
  ['green', 'blue-green'],
  ['blue', 'blue-green'],
  ['pale blue', 'blue'],
  ['red-brown', 'brown', 'rust'],
  ['yellow', 'bright yellow'],
  ['yellow', 'pale yellow'],
  ['orange', 'yellow-brown', 'brown'],
]

/** White and off-white, which is how manganese(II) hydroxide is told from magnesium hydroxide (common practice). */
const OFF_WHITE = new Set(['white', 'off-white'])

/** Colours that are taken for one another. */
const NEAR: readonly (readonly string[])[] = [
  ['white', 'off-white', 'cream'],
  ['cream', 'pale yellow', 'off-white'],
  ['pale yellow', 'yellow', 'bright yellow'],
  ['yellow', 'yellow-brown', 'orange'],
  ['brown', 'red-brown', 'yellow-brown'],
  ['red-brown', 'brick-red', 'orange', 'rust'],
  ['green', 'dirty green', 'grey-green', 'pale green'],
  ['grey-green', 'blue-green', 'green', 'grey'],
  ['pale blue', 'blue', 'blue-green'],
  ['blue', 'deep blue'],
  ['deep blue', 'blue-black', 'purple'],
  ['red', 'blood red', 'brick-red', 'orange'],
  ['pink', 'pale pink', 'colourless'],
  ['off-white', 'pale pink', 'white'],
  ['black', 'brown', 'grey'],
  ['pale green', 'colourless', 'green', 'blue-green'],
  ['yellow', 'pale yellow', 'colourless'],
  ['orange', 'brown'],
]

const HALIDES = new Set(['white', 'cream'])

function colourLikelihood(seen: string | undefined, foretold: string | undefined): number {
  if (seen === undefined || foretold === undefined) return LIKELY.colourNotSaid
  if (seen === foretold) return LIKELY.same
  const among = (groups: readonly (readonly string[])[]) =>
    groups.some((group) => group.includes(seen) && group.includes(foretold))
  if (among(SHADES)) return LIKELY.otherShade
  if (OFF_WHITE.has(seen) && OFF_WHITE.has(foretold)) return LIKELY.offWhite
  if (HALIDES.has(seen) && HALIDES.has(foretold)) return LIKELY.whiteForCream
  return among(NEAR) ? LIKELY.nearColour : LIKELY.otherColour
}

/** Whether a precipitate came and went within a step, and was not spoken of. */
const passedUnsaid = (seen: Features, foretold: Features) =>
  foretold.precipitate !== 'none' && foretold.fate === 'dissolves' && seen.precipitate === 'none' && seen.fate === undefined

/** A precipitate that comes where the drop falls and goes: written as such, passed over, or written as one that came. */
function passingLikelihood(seen: Features, passing: string): number {
  if (seen.passing === passing) return LIKELY.same
  return seen.precipitate === 'none' ? LIKELY.passingUnsaid : LIKELY.passingSaid * colourLikelihood(seen.colour, passing)
}

function precipitateLikelihood(seen: Features, foretold: Features): number {
  if (passedUnsaid(seen, foretold)) return LIKELY.passedUnsaid
  if (foretold.precipitate === 'none' && foretold.passing !== undefined) return passingLikelihood(seen, foretold.passing)
  if (foretold.precipitate === 'none' && foretold.holds !== undefined && seen.precipitate !== 'none')
    return LIKELY.writtenAgain * colourLikelihood(seen.colour, foretold.holds)
  if (foretold.precipitate === 'none') return seen.precipitate === 'none' ? LIKELY.same : LIKELY.imagined[seen.precipitate]
  if (seen.precipitate === 'none') return LIKELY.missed[foretold.precipitate]
  const size = seen.precipitate === foretold.precipitate ? 1 : LIKELY.slightForFull
  return size * colourLikelihood(seen.colour, foretold.colour)
}

function fateLikelihood(seen: Features, foretold: Features): number {
  if (passedUnsaid(seen, foretold)) return 1
  if (seen.fate === undefined) return foretold.fate === undefined || foretold.fate === 'insoluble' ? 1 : LIKELY.fateNotSaid
  if (foretold.fate === undefined) {
    if (foretold.passed && seen.fate === 'dissolves') return LIKELY.passedDissolves
    // A precipitate that forms only now is insoluble in so much of it.
    return foretold.precipitate !== 'none' && seen.fate === 'insoluble' ? LIKELY.same : LIKELY.fateOfNothing
  }
  if (seen.fate === foretold.fate) return LIKELY.same
  return seen.fate === 'partly' || foretold.fate === 'partly' ? LIKELY.fateNear : LIKELY.fateOpposite
}

function solutionLikelihood(seen: Features, foretold: Features): number {
  if (seen.solution === undefined)
    return foretold.solution === undefined || foretold.solution === 'colourless' ? 1 : LIKELY.solutionNotSaid
  if (foretold.solution === undefined) return seen.solution === 'colourless' ? 0.5 : LIKELY.solutionImagined
  return colourLikelihood(seen.solution, foretold.solution)
}

/** Whether what was read of a gas may be what was foretold: that gas, or the very result of a test. */
const tells = (reading: string, foretold: string) => reading === foretold || givesReading(foretold, reading)

/** Of one gas that is foretold: found, denied, seen as bubbles only, or missed. */
function oneGasLikelihood(gas: string, seen: Features, foretold: Features): number {
  if (isDenied(gas, seen)) return LIKELY.gasDenied
  if (isFound(gas, seen)) return byItsTest(gas, seen) ? LIKELY.gasTested : LIKELY.gasOtherTest
  if (seen.bubbles && foretold.bubbles) return LIKELY.gasBubblesOnly
  return foretold.bubbles ? LIKELY.gasMissed.bubbles : LIKELY.gasMissed.quiet
}

const isDenied = (gas: string, { denied }: Features) => denied?.some((reading) => tells(reading, gas)) ?? false
/** Whether a gas was found by the test that tells it from others: limewater turns milky with sulfur dioxide, too. */
const byItsTest = (gas: string, { gases }: Features) => gases.some((reading) => reading === gas || gasToldBy(reading) === gas)
const isFound = (gas: string, { gases }: Features) => gases.some((reading) => tells(reading, gas))

/** Of several gases one is tested, seldom all; of those not tested there is nothing to miss. */
function severalGasesLikelihood(seen: Features, foretold: Features): number {
  const denied = foretold.gases.filter((gas) => isDenied(gas, seen))
  const rest = foretold.gases.filter((gas) => !denied.includes(gas))
  const open = rest.length === 0 || rest.some((gas) => isFound(gas, seen)) ? LIKELY.oneOfGases : undefined
  const [first = ''] = rest
  return LIKELY.gasDenied ** denied.length * (open ?? oneGasLikelihood(first, seen, foretold))
}

/** Gases that leave without bubbles: what bubbles tell of their amount is nothing. */
const QUIET = new Set(['NH3', 'HCl'])

/** How likely bubbles or a pop are of a gas of which there is hardly any. */
function littleLikelihood(seen: Features, { gases, bubbles }: Features): number {
  if (bubbles || gases.length === 0 || gases.some((gas) => QUIET.has(gas))) return 1
  if (gases.includes('SO2')) return seen.bubbles ? LIKELY.bubblesOfSulfurDioxide : 1
  return (seen.bubbles ? LIKELY.bubblesOfLittle : 1) * (gases.includes('H2') && isFound('H2', seen) ? LIKELY.popOfLittle : 1)
}

/** How likely a reading is that no gas foretold in this step explains. */
const unexplained = (reading: string, { still }: Features) =>
  still?.some((gas) => tells(reading, gas)) ? LIKELY.gasTestedLate : LIKELY.gasImagined

function gasLikelihood(seen: Features, foretold: Features): number {
  const [only] = foretold.gases
  let likelihood = 1
  if (foretold.gases.length > 1) likelihood *= severalGasesLikelihood(seen, foretold)
  else if (only !== undefined) likelihood *= oneGasLikelihood(only, seen, foretold)
  for (const reading of seen.gases)
    if (!foretold.gases.some((gas) => tells(reading, gas))) likelihood *= unexplained(reading, foretold)
  likelihood *= littleLikelihood(seen, foretold)
  if (seen.bubbles && foretold.gases.length === 0) likelihood *= LIKELY.bubblesImagined
  if (foretold.bubbles && seen.denied?.includes('bubbles')) likelihood *= LIKELY.bubblesDenied
  return likelihood
}

/** Colours of universal indicator along its scale, and how likely one is read for another by how far they are apart. */
const SCALE = ['red', 'orange', 'yellow', 'green', 'blue', 'purple']
const OFF_BY = [0.8, 0.14, 0.03, 0.01, 0.005, 0.005] as const
/** Litmus turns or stays. */
const LITMUS = { right: 0.96, turned: 0.04, stayed: 0.1 } as const

function paperLikelihood(seen: string, foretold: string | undefined): number {
  if (seen === 'stayed') return foretold === undefined ? LITMUS.right : LITMUS.stayed
  const [own, other] = [SCALE.indexOf(seen), SCALE.indexOf(foretold ?? '')]
  if (foretold === undefined) return LITMUS.turned
  return own < 0 || other < 0 ? LIKELY.paperUnread : (OFF_BY[Math.abs(own - other)] ?? LIKELY.paperUnread)
}

/** ln of how likely a record of a step is, if the model is right about what is in the tube. */
export function logLikelihood(seen: Features, foretold: Features): number {
  if (foretold.unknown) return Math.log(byChance(seen))
  if (foretold.either)
    return Math.log(
      UNSAID.reduce((sum, { share }, place) => sum + share * Math.exp(logLikelihood(seen, ifAmount(foretold, place))), 0),
    )
  let likelihood =
    precipitateLikelihood(seen, foretold) *
    fateLikelihood(seen, foretold) *
    solutionLikelihood(seen, foretold) *
    gasLikelihood(seen, foretold)
  if (foretold.decolourised !== seen.decolourised)
    likelihood *= foretold.decolourised ? LIKELY.decolourisedMissed : LIKELY.decolourisedImagined
  if (seen.flame !== undefined) likelihood *= flamesLikelihood(seen, foretold)
  if (seen.solid !== undefined && foretold.solid !== undefined) likelihood *= colourLikelihood(seen.solid, foretold.solid)
  if (seen.paper !== undefined) likelihood *= paperLikelihood(seen.paper, foretold.paper)
  return Math.log(
    likelihood * markLikelihood(seen, foretold) * turnedLikelihood(seen, foretold) * denialLikelihood(seen, foretold),
  )
}

/** How often a precipitate of a colour is written down whatever is in the tube (judgement). */
const CHANCE_COLOUR: Readonly<Record<string, number>> = { white: 0.45, yellow: 0.08, blue: 0.06, green: 0.06, brown: 0.06 }
const RARE_COLOUR = 0.03
/** The same of flames: nothing and sodium are seen often, potassium only where it is. */
const CHANCE_FLAME: Readonly<Record<string, number>> = { none: 0.3, yellow: 0.3, lilac: 0.04 }
const RARE_FLAME = 0.1

/** How likely a record of a step is whatever is in the tube: what a slip leaves on paper (judgement). */
export function byChance(seen: Features): number {
  let chance = seen.precipitate === 'none' ? 0.55 : 0.3 * (CHANCE_COLOUR[seen.colour ?? 'white'] ?? RARE_COLOUR)
  if (seen.fate !== undefined) chance *= seen.fate === 'dissolves' ? 0.25 : 0.15
  if (seen.solution !== undefined) chance *= seen.solution === 'colourless' ? 0.25 : 0.1
  chance *= 0.08 ** seen.gases.length * 0.1 ** seen.marks.length
  if (seen.bubbles) chance *= 0.12
  if (seen.decolourised) chance *= 0.1
  for (const flame of [seen.flame, seen.beneath]) if (flame !== undefined) chance *= CHANCE_FLAME[flame] ?? RARE_FLAME
  if (seen.turned.length > 0) chance *= 0.15
  if (seen.paper !== undefined) chance *= 0.3
  return chance
}

/** Colours that were denied though they are foretold. A gas that was denied is weighed with the gases. */
function denialLikelihood({ denied = [] }: Features, foretold: Features): number {
  const shown = [`${foretold.flame} flame`, `${foretold.solution} solution`, ...(foretold.decolourised ? ['decolourised'] : [])]
  return denied.reduce((likelihood, what) => (shown.includes(what) ? likelihood * LIKELY.colourDenied : likelihood), 1)
}

function markLikelihood(seen: Features, foretold: Features): number {
  let likelihood = 1
  for (const mark of foretold.marks) if (!seen.marks.includes(mark)) likelihood *= LIKELY.markMissed
  for (const mark of seen.marks) if (!foretold.marks.includes(mark)) likelihood *= LIKELY.markImagined
  return likelihood
}

function turnedLikelihood(seen: Features, foretold: Features): number {
  if (seen.turned.length === 0) return foretold.turned.length === 0 ? 1 : LIKELY.turnedMissed
  if (foretold.turned.length === 0) return LIKELY.turnedImagined
  // Hot and cold each have a colour: every one that was seen wants one that is foretold.
  return seen.turned.reduce(
    (likelihood, colour) =>
      likelihood * Math.max(LIKELY.turnedOther, ...foretold.turned.map((other) => colourLikelihood(colour, other))),
    1,
  )
}

/** A flame, and what was seen of it through blue glass. */
function flamesLikelihood({ flame = 'none', beneath }: Features, foretold: Features): number {
  // Only what the glass showed was written down.
  if (beneath === undefined && flame === foretold.beneath) return LIKELY.onlyThroughGlass
  const own = flame === foretold.flame ? LIKELY.same : flameLikelihood(flame, foretold.flame)
  // Sodium of the wire hides a flame that is foretold as it is.
  const hidden = foretold.beneath ?? foretold.flame
  if (beneath !== undefined) return own * (beneath === hidden ? LIKELY.same : LIKELY.glassImagined)
  return own * (foretold.beneath === undefined ? 1 : LIKELY.glassNotUsed)
}

function flameLikelihood(seen: string, foretold: string | undefined): number {
  if (seen === 'none') return foretold === undefined ? LIKELY.same : LIKELY.flameMissed
  if (seen === 'yellow') return LIKELY.flameOfSodium
  return foretold === undefined ? LIKELY.flameOther : Math.max(LIKELY.flameOther, colourLikelihood(seen, foretold) / 2)
}
