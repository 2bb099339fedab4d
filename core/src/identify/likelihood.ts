import { givesReading } from '../gas/index.ts'
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
  nearColour: 0.11,
  otherColour: 0.02,
  colourNotSaid: 0.5,
  missed: { full: 0.02, slight: 0.4 },
  /** A precipitate that came and went within the step, of which nothing was said: in an excess at once it is hardly seen. */
  passedUnsaid: 0.35,
  imagined: 0.02,
  slightForFull: 0.5,
  fateNear: 0.25,
  fateOpposite: 0.03,
  fateNotSaid: 0.4,
  fateOfNothing: 0.08,
  solutionNotSaid: 0.4,
  solutionImagined: 0.1,
  gasTested: 0.95,
  gasBubblesOnly: 0.45,
  gasMissed: { bubbles: 0.08, quiet: 0.35 },
  /** Looked for, and said not to be there, though it is foretold. */
  gasDenied: 0.04,
  bubblesDenied: 0.08,
  colourDenied: 0.1,
  gasImagined: 0.008,
  bubblesImagined: 0.05,
  decolourisedMissed: 0.25,
  decolourisedImagined: 0.06,
  flameOther: 0.01,
  flameMissed: 0.12,
  markMissed: 0.25,
  markImagined: 0.02,
  turnedMissed: 0.2,
  turnedImagined: 0.05,
} as const

/** Words for one colour, as one student and another use them. */
const SHADES: readonly (readonly string[])[] = [
  ['green', 'dirty green', 'pale green'],
  ['pale blue', 'blue'],
  ['red-brown', 'brown', 'rust'],
  ['yellow', 'bright yellow'],
  ['yellow', 'pale yellow'],
  ['orange', 'yellow-brown', 'brown'],
  ['white', 'off-white'],
]

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

function colourLikelihood(seen: string | undefined, foretold: string | undefined): number {
  if (seen === undefined || foretold === undefined) return LIKELY.colourNotSaid
  if (seen === foretold) return LIKELY.same
  const among = (groups: readonly (readonly string[])[]) =>
    groups.some((group) => group.includes(seen) && group.includes(foretold))
  if (among(SHADES)) return LIKELY.otherShade
  return among(NEAR) ? LIKELY.nearColour : LIKELY.otherColour
}

/** Whether a precipitate came and went within a step, and was not spoken of. */
const passedUnsaid = (seen: Features, foretold: Features) =>
  foretold.precipitate !== 'none' && foretold.fate === 'dissolves' && seen.precipitate === 'none' && seen.fate === undefined

function precipitateLikelihood(seen: Features, foretold: Features): number {
  if (passedUnsaid(seen, foretold)) return LIKELY.passedUnsaid
  if (foretold.precipitate === 'none') return seen.precipitate === 'none' ? LIKELY.same : LIKELY.imagined
  if (seen.precipitate === 'none') return LIKELY.missed[foretold.precipitate]
  const size = seen.precipitate === foretold.precipitate ? 1 : LIKELY.slightForFull
  return size * colourLikelihood(seen.colour, foretold.colour)
}

function fateLikelihood(seen: Features, foretold: Features): number {
  if (passedUnsaid(seen, foretold)) return 1
  if (seen.fate === undefined) return foretold.fate === undefined || foretold.fate === 'insoluble' ? 1 : LIKELY.fateNotSaid
  if (foretold.fate === undefined) {
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

function gasLikelihood(seen: Features, foretold: Features): number {
  let likelihood = 1
  const isDenied = (gas: string) => seen.denied?.some((reading) => tells(reading, gas)) ?? false
  for (const gas of foretold.gases) {
    if (isDenied(gas)) likelihood *= LIKELY.gasDenied
    else if (seen.gases.some((reading) => tells(reading, gas))) likelihood *= LIKELY.gasTested
    else if (seen.bubbles && foretold.bubbles) likelihood *= LIKELY.gasBubblesOnly
    else likelihood *= foretold.bubbles ? LIKELY.gasMissed.bubbles : LIKELY.gasMissed.quiet
  }
  for (const reading of seen.gases) if (!foretold.gases.some((gas) => tells(reading, gas))) likelihood *= LIKELY.gasImagined
  if (seen.bubbles && foretold.gases.length === 0) likelihood *= LIKELY.bubblesImagined
  if (foretold.bubbles && seen.denied?.includes('bubbles')) likelihood *= LIKELY.bubblesDenied
  return likelihood
}

/** ln of how likely a record of a step is, if the model is right about what is in the tube. */
export function logLikelihood(seen: Features, foretold: Features): number {
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
  if (seen.flame !== undefined)
    likelihood *= seen.flame === foretold.flame ? LIKELY.same : flameLikelihood(seen.flame, foretold.flame)
  if (seen.solid !== undefined && foretold.solid !== undefined) likelihood *= colourLikelihood(seen.solid, foretold.solid)
  return Math.log(
    likelihood * markLikelihood(seen, foretold) * turnedLikelihood(seen, foretold) * denialLikelihood(seen, foretold),
  )
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
  return Math.max(...seen.turned.flatMap((colour) => foretold.turned.map((other) => colourLikelihood(colour, other))))
}

function flameLikelihood(seen: string, foretold: string | undefined): number {
  if (seen === 'none') return foretold === undefined ? LIKELY.same : LIKELY.flameMissed
  return foretold === undefined ? LIKELY.flameOther : Math.max(LIKELY.flameOther, colourLikelihood(seen, foretold) / 2)
}
