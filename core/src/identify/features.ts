import type { GasTest, ObservedFact } from '../observe/index.ts'
import type { Fact } from '../tube/index.ts'

/** What is compared of a step: seen or foretold. */
export interface Features {
  readonly precipitate: 'none' | 'slight' | 'full'
  /** Colour of a new precipitate, if it was said. */
  readonly colour?: string | undefined
  readonly fate?: 'dissolves' | 'partly' | 'insoluble'
  /** Colour the solution has turned to, or has. */
  readonly solution?: string | undefined
  readonly decolourised: boolean
  /** Gases, as their tests show them. */
  readonly gases: readonly string[]
  /** Bubbles without a test. */
  readonly bubbles: boolean
  /** Colour of the flame; `none` where the student looked and saw none. */
  readonly flame?: string | undefined
  /** Colour of a dry solid. */
  readonly solid?: string | undefined
  /** Colours a dry solid turned to, hot or cold. */
  readonly turned: readonly string[]
  /** Melting, subliming, droplets, a ring. */
  readonly marks: readonly string[]
}

/** What each gas does in its own test, as students write it. */
const TEST_OF_GAS: Readonly<Record<string, GasTest>> = {
  CO2: 'limewater milky',
  NH3: 'red litmus blue',
  SO2: 'manganate paper decolourised',
  H2S: 'lead paper black',
  NO2: 'brown gas',
  NO: 'brown gas',
  H2: 'pops',
  O2: 'relights splint',
  Cl2: 'litmus bleached',
  HCl: 'steamy fumes',
  Br2: 'brown gas',
  I2: 'purple vapour',
}

/** The gas that a test tells of. */
export const GAS_OF_TEST: Readonly<Record<string, string>> = {
  ...Object.fromEntries(Object.entries(TEST_OF_GAS).map(([gas, test]) => [test, gas])),
  'brown gas': 'NO2',
  'cobalt paper pink': 'H2O',
}

const RESULTS: Readonly<Record<string, GasTest>> = {
  'damp red litmus paper turned blue': 'red litmus blue',
  'damp blue litmus paper turned red': 'blue litmus red',
  'damp blue litmus paper turned faintly red': 'blue litmus red',
  'limewater turned milky': 'limewater milky',
  'lighted splint burnt with a pop': 'pops',
  'lighted splint went out': 'splint out',
  'glowing splint relit': 'relights splint',
  'acidified manganate(VII) paper turned from purple to colourless': 'manganate paper decolourised',
  'lead(II) ethanoate paper turned black': 'lead paper black',
}

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

/** What the model and a student say in the same words. */
function withShared(sum: Features, fact: Fact | ObservedFact): Features {
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
      return { ...sum, flame: fact.colour }
    case 'solidTurns':
      return { ...sum, turned: [...sum.turned, fact.to] }
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
      return fact.gas === 'H2O'
        ? withMark(sum, 'droplets')
        : { ...withGas(sum, TEST_OF_GAS[fact.gas] ?? fact.gas), bubbles: sum.bubbles || fact.bubbles }
    case 'gasTest':
      return withGas(sum, RESULTS[`${fact.test} ${fact.result}`])
    case 'paper':
      return withGas(sum, `${fact.paper} ${fact.turns}`)
    case 'looks':
      return { ...sum, solution: fact.solution, solid: fact.solid }
    default:
      return withShared(sum, fact)
  }
}

/**
 * Features of what a student wrote; undefined where nothing was understood.
 *
 * @param act - what was done: nothing seen in a flame is a flame without colour
 */
export function featuresRead(facts: readonly ObservedFact[], act?: string): Features | undefined {
  if (facts.length === 0) return undefined
  const seen = facts.reduce(withSeen, NOTHING)
  return act === 'flame' && seen.flame === undefined ? { ...seen, flame: 'none' } : seen
}

function withSeen(sum: Features, fact: ObservedFact): Features {
  switch (fact.kind) {
    case 'gas':
      return fact.test === 'cobalt paper pink' ? withMark(sum, 'droplets') : withGas(sum, fact.test)
    case 'effervescence':
      return { ...sum, bubbles: true }
    case 'smell':
      return fact.of === 'rotten eggs' ? withGas(sum, 'lead paper black') : sum
    case 'solid':
      return { ...sum, solid: fact.colour }
    case 'droplets':
      return withMark(sum, fact.kind)
    default:
      return withShared(sum, fact)
  }
}
