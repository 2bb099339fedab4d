import type { GasReading } from '../../gas/index.ts'
import type { SeenColour } from '../../palette/index.ts'
import type { Clause } from '../clause.ts'
import type { HeldTest } from '../context.ts'
import type { ObservedFact, SeenFact } from '../facts.ts'
import { all, denied, type Head, type Scene, said } from './scene.ts'

/** A test that is read by a colour: the colours that are its result, and its own. */
interface ColourTest {
  readonly reading: GasReading
  readonly turns: readonly SeenColour[]
  readonly own: readonly SeenColour[]
}

const BLUES: readonly SeenColour[] = ['blue', 'pale blue', 'deep blue', 'purple', 'blue-green', 'lilac']
const REDS: readonly SeenColour[] = ['red', 'pink', 'pale pink', 'blood red', 'red-brown', 'brick-red']

/** What each test turns (common practice). */
const TESTS: Readonly<Partial<Record<HeldTest, ColourTest>>> = {
  'red litmus': { reading: 'red litmus blue', turns: BLUES, own: REDS },
  'blue litmus': { reading: 'blue litmus red', turns: REDS, own: BLUES },
  'lead paper': { reading: 'lead paper black', turns: ['black', 'brown', 'grey'], own: ['white', 'colourless'] },
  'manganate paper': {
    reading: 'manganate paper decolourised',
    turns: ['colourless', 'white', 'brown'],
    own: ['purple', 'pink', 'lilac'],
  },
  // Sulfur dioxide reduces the one as the other: the reading is that of a paper it reduces.
  'dichromate paper': {
    reading: 'manganate paper decolourised',
    turns: ['green', 'grey-green', 'blue-green', 'pale green', 'dirty green'],
    own: ['orange', 'yellow'],
  },
  'anhydrous copper sulfate': { reading: 'cobalt paper pink', turns: ['blue', 'pale blue', 'deep blue'], own: ['white'] },
  'cobalt paper': { reading: 'cobalt paper pink', turns: ['pink', 'pale pink', 'red'], own: ['blue'] },
  limewater: { reading: 'limewater milky', turns: ['white'], own: ['colourless'] },
}

const SPLINTS: Readonly<Partial<Record<HeldTest, GasReading>>> = {
  'glowing splint': 'relights splint',
  'lighted splint': 'pops',
}

const gas = (test: GasReading): SeenFact => ({ kind: 'gas', test })

/** The litmus that is meant where only "litmus" is said: the one held, else the one that can turn so. */
function litmusMeant({ colours }: Clause, { given, test }: Scene, stays: boolean): HeldTest {
  for (const held of [given.test, test]) if (held === 'red litmus' || held === 'blue litmus') return held
  const isBlue = BLUES.includes(colours.at(-1)?.is ?? 'red')
  return isBlue !== stays ? 'red litmus' : 'blue litmus'
}

/** The test that a clause is about, or that is still held. */
export function testOf(clause: Clause, scene: Scene): HeldTest | undefined {
  const named = clause.first([
    'red litmus',
    'blue litmus',
    'limewater',
    'glowing splint',
    'lighted splint',
    'lead paper',
    'manganate paper',
    'dichromate paper',
    'cobalt paper',
    'anhydrous copper sulfate',
    'universal indicator',
    'rod',
  ])
  if (named) return named
  if (clause.has('litmus')) return litmusMeant(clause, scene, clause.has('remain', 'unchanged'))
  if (clause.has('splint')) return scene.test === 'glowing splint' || clause.has('relight') ? 'glowing splint' : 'lighted splint'
  return scene.test
}

/** Where a clause says that the test gave its result, or -1. */
function resultAt(clause: Clause, held: HeldTest, { turns }: ColourTest): number {
  if (held === 'limewater') {
    const clouded = clause.first(['milky', 'cloudy', 'ppt'])
    if (clouded) return clause.at(clouded)
  }
  const gone = held === 'manganate paper' ? clause.first(['decolourise', 'vanish', 'lose', 'bleach']) : undefined
  if (gone) return clause.at(gone)
  // "It did not darken".
  const darkens = held === 'lead paper' ? clause.tokens.findIndex(({ text }) => /^darken/i.test(text)) : -1
  if (darkens >= 0) return darkens
  const become = clause.at('become')
  // "The colour went".
  if (held === 'manganate paper' && clause.has('hue') && become >= 0 && clause.colours.length === 0) return become
  const hit = clause.colours.findLast(
    ({ is, at }) => turns.includes(is) && (become < 0 || at > become || clause.colours.length === 1),
  )
  return hit?.at ?? -1
}

function bleached(clause: Clause, held: HeldTest): ObservedFact | undefined {
  if (clause.has('bleach')) return said(clause, gas('litmus bleached'), clause.at('bleach'))
  if (held !== 'red litmus' && held !== 'blue litmus') return undefined
  const gone = clause.first(['lose', 'decolourise']) ?? (clause.has('hue') ? clause.first(['vanish']) : undefined)
  if (gone) return said(clause, gas('litmus bleached'), clause.at(gone))
  const white = clause.lastColour
  return white && (white.is === 'white' || white.is === 'colourless') ? said(clause, gas('litmus bleached'), white.at) : undefined
}

function colourResult(clause: Clause, held: HeldTest, test: ColourTest): readonly ObservedFact[] {
  const loss = bleached(clause, held)
  if (loss && held !== 'manganate paper') return [loss]
  const fact = gas(test.reading)
  const stays = clause.has('remain')
  const at = resultAt(clause, held, test)
  const colour = clause.colours.find((one) => one.at === at)
  if (at >= 0 && !(stays && colour && !test.turns.includes(colour.is))) return [said(clause, fact, at)]
  if (clause.has('positive') && !clause.denies) return [fact]
  const ownStays = clause.colours.some(({ is }) => test.own.includes(is)) || clause.has('clear')
  const keepsItsColour = stays && !clause.denies && clause.has('hue') && clause.colours.length === 0
  const nothing =
    clause.has('unchanged', 'nothing') ||
    keepsItsColour ||
    (clause.denies && (clause.has('change', 'hue', 'positive') || clause.tokens.length <= 2 || deniesAll(clause, held)))
  if (nothing || (stays && ownStays) || (held === 'limewater' && clause.has('clear'))) return [denied(fact)]
  // "Still red": its own colour, and nothing of turning.
  return clause.colours.length > 0 && clause.colours.every(({ is }) => test.own.includes(is)) && !clause.has('become')
    ? [denied(fact)]
    : []
}

/** "The paper never turned": nothing is spoken of but the test, and it is denied. */
const deniesAll = (clause: Clause, held: HeldTest) =>
  clause.tokens.every(
    ({ sort, is }) =>
      sort === 'not' ||
      sort === 'idle' ||
      sort === 'degree' ||
      (sort === 'verb' && (is === 'become' || is === 'form')) ||
      (sort === 'thing' && (is === 'paper' || is === 'litmus' || is === held)),
  )

const OTHER_LITMUS: Readonly<Record<string, HeldTest>> = { 'red litmus': 'blue litmus', 'blue litmus': 'red litmus' }

/** Papers, limewater and splints: they give colours and clouds their meaning. */
export const readPapers: Head = (clause, scene, before) => {
  const held = testOf(clause, scene)
  // A splint has a flame of its own.
  const isFlame = scene.given.do === 'flame' || (clause.has('flame') && !SPLINTS[held ?? 'rod'])
  if (held === undefined || isFlame) return undefined
  // "Blue litmus paper now", at the red one: that is what it has become.
  const other = OTHER_LITMUS[scene.given.test ?? '']
  const isNow =
    other !== undefined &&
    held === other &&
    !clause.denies &&
    !clause.tokens.some(({ sort }) => sort === 'verb' || sort === 'colour')
  if (isNow && scene.given.test) return all(gas(scene.given.test === 'red litmus' ? 'red litmus blue' : 'blue litmus red'))
  const test = TESTS[held]
  if (test) {
    const facts = colourResult(clause, held, test)
    return facts.length > 0 ? all(...facts) : undefined
  }
  if (held === 'rod') {
    const none = clause.has('unchanged', 'nothing') || (clause.denies && clause.has('change', 'form', 'positive'))
    return none && before.length === 0 ? all(denied(gas('white smoke'))) : undefined
  }
  const reading = SPLINTS[held]
  if (!reading) return undefined
  const told = before.some((fact) => fact.kind === 'gas' || (fact.kind === 'not' && fact.of.kind === 'gas'))
  if (told) return all()
  if (clause.has('positive') && !clause.denies) return all(gas(reading))
  const remains =
    clause.has('remain', 'burn') && !clause.denies && (clause.has('burn', 'died', 'remain') || held === 'glowing splint')
  const nothing =
    clause.has('unchanged', 'nothing') ||
    (clause.denies && (clause.has('change', 'form', 'kindle', 'hue', 'flame') || clause.tokens.length <= 2))
  return nothing || remains ? all(denied(gas(reading))) : undefined
}
