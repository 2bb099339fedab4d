import { type GasTestName, gasTestNamed, inTest, readingOf } from '../gas/index.ts'
import type { DeniedFact, ObservedFact, SeenFact } from '../observe/index.ts'
import type { SeenColour } from '../palette/index.ts'
import { type Fact, reagentNamed, universalColourAt } from '../tube/index.ts'

/** What is compared of a step: seen or foretold. */
export interface Features {
  readonly precipitate: 'none' | 'slight' | 'full'
  /** Colour of a new precipitate, if it was said. */
  readonly colour?: string | undefined
  readonly fate?: 'dissolves' | 'partly' | 'insoluble'
  /** Colour of a precipitate that was there before the step and still is: it may be written down again. */
  readonly holds?: SeenColour
  /** Colour the solution has turned to, or has. */
  readonly solution?: string | undefined
  readonly decolourised: boolean
  /** Gases: by formula where they are foretold, as their tests are read where they were seen. */
  readonly gases: readonly string[]
  /** What was looked for and not seen: a gas by its test, `bubbles`, `decolourised`, `precipitate`, a flame by its colour, `solution` with one. */
  readonly denied?: readonly string[]
  /** Gases that came off in the step before and are at the mouth of the tube still. */
  readonly still?: readonly string[]
  /** Bubbles without a test. */
  readonly bubbles: boolean
  /** Colour of the flame; `none` where the student looked and saw none. */
  readonly flame?: string | undefined
  /** The colour of the flame behind blue glass, where another was seen without. */
  readonly beneath?: string
  /** Colour of a dry solid. */
  readonly solid?: string | undefined
  /** Colours a dry solid turned to, hot or cold. */
  readonly turned: readonly string[]
  /** Melting, subliming, droplets, a ring. */
  readonly marks: readonly string[]
  /** What a test paper or universal indicator turned; `stayed` where the student saw no change. */
  readonly paper?: string | undefined
  /** The model does not know what shows. */
  readonly unknown?: true
  /** A precipitate that comes where the drop falls and goes on shaking, by its colour; one of the step before that may go only now. */
  readonly passing?: SeenColour
  readonly passed?: true
  /** Where it was not said how much was added: what each of the usual amounts would show, in the order of `UNSAID`. */
  readonly either?: readonly Features[]
}

const UNIVERSAL = 'universal indicator'

export const NOTHING: Features = {
  precipitate: 'none',
  decolourised: false,
  gases: [],
  bubbles: false,
  turned: [],
  marks: [],
}

/** Features of what the model foretells. */
export function featuresOf(facts: readonly Fact[]): Features {
  return facts.reduce(withForetold, NOTHING)
}

const withGas = (sum: Features, test: string | undefined): Features =>
  test === undefined || sum.gases.includes(test) ? sum : { ...sum, gases: [...sum.gases, test] }
const withMark = (sum: Features, mark: string): Features =>
  sum.marks.includes(mark) ? sum : { ...sum, marks: [...sum.marks, mark] }

/** Other words for the colours of halogens in an upper layer. */
const LAYER_SHADES: Readonly<Record<string, string>> = {
  pink: 'purple',
  brown: 'orange',
  'yellow-brown': 'orange',
  'red-brown': 'orange',
  yellow: 'orange',
  green: 'pale green',
}

/** A second colour of a flame is what was seen through blue glass. */
function withFlame(sum: Features, colour: string, beneath: string | undefined): Features {
  const second = beneath ?? (sum.flame !== undefined && sum.flame !== colour ? colour : undefined)
  return { ...sum, flame: sum.flame ?? colour, ...(second === undefined ? {} : { beneath: second }) }
}

/** What the model and a student say in the same words. */
function withShared(sum: Features, fact: Fact | SeenFact): Features {
  switch (fact.kind) {
    case 'precipitate':
      return { ...sum, precipitate: fact.slight ? 'slight' : 'full', colour: fact.colour }
    case 'precipitateTurns':
      return { ...sum, precipitate: 'full', colour: fact.to }
    case 'dissolves':
      return { ...sum, fate: fact.how === 'partly' ? 'partly' : 'dissolves', solution: fact.giving ?? sum.solution }
    case 'insoluble':
      return { ...sum, fate: 'insoluble' }
    case 'solution':
      return { ...sum, solution: fact.to }
    case 'decolourised':
      return { ...sum, decolourised: true }
    case 'flame':
      return withFlame(sum, fact.colour, 'throughBlueGlass' in fact ? fact.throughBlueGlass : undefined)
    case 'solidTurns':
      return { ...sum, turned: [...sum.turned, fact.to] }
    case 'transient':
      return fact.colour === undefined ? sum : { ...sum, passing: fact.colour }
    case 'sublimes':
    case 'melts':
    case 'ring':
      return withMark(sum, fact.kind)
    case 'layer': {
      const colour = LAYER_SHADES[fact.colour ?? ''] ?? fact.colour
      return colour === undefined || colour === 'colourless' ? sum : withMark(sum, `${colour} layer`)
    }
    default:
      return sum
  }
}

function withForetold(sum: Features, fact: Fact): Features {
  switch (fact.kind) {
    case 'gas':
      return fact.gas === 'H2O' ? withMark(sum, 'droplets') : { ...withGas(sum, fact.gas), bubbles: sum.bubbles || fact.bubbles }
    case 'gasTest':
      return withGas(sum, readingOf(fact.test, fact.gas))
    case 'paper':
      return { ...sum, paper: fact.turns }
    case 'passing':
      return { ...sum, solution: fact.colour, decolourised: true }
    case 'notKnown':
      return { ...sum, unknown: true }
    case 'looks':
      return { ...sum, solution: fact.solution, solid: fact.solid }
    default:
      return withShared(sum, fact)
  }
}

/** What was done where something was seen. */
interface Act {
  readonly do: string
  readonly reagent?: string | undefined
}

/**
 * Features of what a student wrote; undefined where nothing was understood.
 *
 * @param act - what was done: nothing seen in a flame is a flame without colour, and smoke is smoke at that rod
 */
export function featuresRead(facts: readonly ObservedFact[], act?: Act): Features | undefined {
  if (facts.length === 0) return undefined
  if (act?.do === 'add' && isPaper(act.reagent)) return { ...NOTHING, paper: paperRead(facts, act.reagent) }
  const test = act?.do === 'gas' && act.reagent !== undefined ? gasTestNamed(act.reagent) : undefined
  const exact = facts.map((fact) => (test ? inThisTest(fact, test) : fact))
  const seen = exact.reduce(withSeen, NOTHING)
  return act?.do === 'flame' && seen.flame === undefined ? { ...seen, flame: 'none' } : seen
}

const isPaper = (reagent: string | undefined): reagent is string =>
  reagent !== undefined && reagentNamed(reagent)?.paper !== undefined

/** The colour that a paper or an indicator was seen to take, however it was put; undefined where nothing of it was said. */
function paperRead(facts: readonly ObservedFact[], paper: string): string | undefined {
  for (const fact of facts) {
    if (fact.kind === 'pH') return paper === UNIVERSAL ? universalColourAt((fact.from + fact.to) / 2) : undefined
    if (fact.kind === 'solution') return fact.to
    if (fact.kind === 'gas') return fact.test.split(' ').at(-1)
    if (fact.kind === 'noChange' || fact.kind === 'not') return paper === UNIVERSAL ? 'green' : 'stayed'
  }
  return undefined
}

/** A reading of a gas, made exact by the test it was made in. */
function inThisTest(fact: ObservedFact, test: GasTestName): ObservedFact {
  if (fact.kind === 'gas') return { ...fact, test: inTest(fact.test, test) }
  return fact.kind === 'not' && fact.of.kind === 'gas' ? { ...fact, of: { ...fact.of, test: inTest(fact.of.test, test) } } : fact
}

const withDenied = (sum: Features, what: string): Features => ({ ...sum, denied: [...(sum.denied ?? []), what] })

/** What was looked for and not seen, as far as the model can foretell it. */
function withDenial(sum: Features, { of }: DeniedFact): Features {
  switch (of.kind) {
    case 'gas':
      return withDenied(sum, of.test)
    case 'flame':
      return of.colour === undefined ? { ...sum, flame: sum.flame ?? 'none' } : withDenied(sum, `${of.colour} flame`)
    case 'solution':
      return withDenied(sum, `${of.to} solution`)
    case 'decolourised':
      return withDenied(sum, of.kind)
    default:
      return sum
  }
}

function withSeen(sum: Features, fact: ObservedFact): Features {
  switch (fact.kind) {
    case 'not':
      return withDenial(sum, fact)
    case 'noGas':
      return withDenied(sum, 'bubbles')
    case 'pH':
      return { ...sum, paper: universalColourAt((fact.from + fact.to) / 2) }
    case 'gas':
      return fact.test === 'cobalt paper pink' ? withMark(sum, 'droplets') : withGas(sum, fact.test)
    case 'effervescence':
      return { ...sum, bubbles: true }
    case 'smell':
      return fact.of === 'rotten eggs' ? withGas(sum, 'smell of rotten eggs') : sum
    case 'solid':
      return { ...sum, solid: fact.colour }
    case 'droplets':
      return withMark(sum, fact.kind)
    default:
      return withShared(sum, fact)
  }
}
