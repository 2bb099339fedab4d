import { Memory } from '../memory/index.ts'
import type { Clause } from './clause.ts'
import { clausesOf } from './clauses.ts'
import type { StepContext } from './context.ts'
import type { Observation, ObservedFact, Read } from './facts.ts'
import { readColourGone } from './heads/colourGone.ts'
import { readFlame } from './heads/flame.ts'
import { readBubbles, readFumes, readSmell, readSplint, readWarmth } from './heads/gasSigns.ts'
import { readCrystals, readHeated, readHeatMarks } from './heads/heated.ts'
import { readIndicator } from './heads/indicator.ts'
import { readMirror, readMixing } from './heads/liquids.ts'
import { readPapers, testOf } from './heads/papers.ts'
import { readClear, readFate, readPrecipitate } from './heads/precipitate.ts'
import { denied, type Head, type Scene } from './heads/scene.ts'
import { readLayer, readSolution, readUnchanged } from './heads/solution.ts'
import { type ClauseFact, merged } from './merge.ts'
import { tokensOf } from './tokens.ts'

/** Readers in the order in which they are asked: what has one meaning wherever it stands comes first. */
const HEADS: readonly Head[] = [
  readMirror,
  readMixing,
  readIndicator,
  readSplint,
  readFumes,
  readSmell,
  readBubbles,
  readPapers,
  readWarmth,
  readFlame,
  readHeatMarks,
  readHeated,
  readCrystals,
  readFate,
  readPrecipitate,
  readClear,
  readColourGone,
  readLayer,
  readSolution,
  readUnchanged,
]

/** Facts that are a colour or a default: beside a word that is not known, they are asked about. */
const WEAK: ReadonlySet<ObservedFact['kind']> = new Set([
  'solution',
  'precipitateTurns',
  'dissolves',
  'flame',
  'solidTurns',
  'solid',
  'layer',
  'precipitate',
  'decolourised',
  'noChange',
  'sublimes',
])
const isWeak = (fact: ObservedFact) => WEAK.has(fact.kind === 'not' ? fact.of.kind : fact.kind)

/** A step of which nothing is known. */
const NOWHERE: StepContext = { do: '' }

/** Texts that were read before: a record is read again at every keystroke. */
const MOST_KNOWN = 2000
const known = new Memory<string, Observation>(MOST_KNOWN)

/**
 * Reads an observation as a student typed it, where it stands.
 *
 * What it does not understand it says; it never guesses silently. Every fact has the span of text it was read from.
 *
 * @param given - what was done, what is held at the tube, and what is in it
 */
export function readObservation(text: string, given: StepContext = NOWHERE): Observation {
  const { do: act, reagent = '', amount = '', test = '', precipitate, dry } = given
  return known.recall(`${act}|${reagent}|${amount}|${test}|${precipitate}|${dry}|${text}`, () => read(text, given))
}

/** Signs of one observation that are read: what is longer is no line of a bench record. */
const LONGEST = 3000

/** Where reading ends: at the end of a clause, or of a word. */
function endOf(text: string): number {
  if (text.length <= LONGEST) return text.length
  const stops = [',', '.', ';'].map((stop) => text.lastIndexOf(stop, LONGEST))
  const end = Math.max(...stops)
  return end > 0 ? end : LONGEST
}

/** What stands beyond the signs that are read. */
const beyond = (text: string, end: number): Observation['notUnderstood'] =>
  end < text.length ? [{ text: text.slice(end), span: [end, text.length] }] : []

/** What was looked for and is not said to have been seen: "I was hoping for green". */
const HOPED = /^(?:hop(?:ed|ing)|expect(?:ed|ing)|supposed|should)\b/i
const deniedOf = (fact: ObservedFact): ObservedFact => (fact.kind === 'not' ? fact : denied(fact))
/** "But it didn't". */
const isBareDenial = ({ denies, tokens }: Clause) => denies && tokens.every(({ sort }) => sort === 'not' || sort === 'idle')

function read(text: string, given: StepContext): Observation {
  const end = endOf(text)
  const tokens = tokensOf(text.slice(0, end))
  const facts: ClauseFact[] = []
  let scene: Scene = {
    given,
    test: given.test,
    precipitate: given.precipitate ?? false,
    ofSolution: false,
    ofPrecipitate: false,
  }
  let hoped: readonly ObservedFact[] = []
  for (const clause of clausesOf(tokens)) {
    const told = readClause(clause, scene)
    const isHope = clause.tokens.some(({ text: word }) => HOPED.test(word)) && !clause.denies
    const seen = isHope ? [] : isBareDenial(clause) && hoped.length > 0 ? hoped.map(deniedOf) : told.facts
    hoped = isHope ? told.facts : []
    const strange = clause.tokens.some(({ sort, text: word }) => sort === 'unknown' && word.length > 1)
    for (const fact of seen)
      facts.push({
        fact,
        span: clause.span,
        relative: clause.relative,
        bare: clause.isBareColour,
        fated: clause.has('dissolve', 'insoluble', 'vanish'),
        doubtful: strange && isWeak(fact),
      })
    scene = told.scene
  }
  return {
    facts: merged(facts, given).map(({ fact, span, doubtful }): Read => ({ fact, span, ...(doubtful ? { doubtful } : {}) })),
    notUnderstood: [
      ...tokens
        .filter(({ sort, text: word }) => sort === 'unknown' && /\p{L}/u.test(word))
        .map(({ text: word, span }) => ({ text: word, span })),
      ...beyond(text, end),
    ],
  }
}

/** Things after which a test that was named before is no longer spoken of. */
const OTHER_THINGS = [
  'ppt',
  'solid',
  'crystals',
  'soln',
  'flame',
  'bubbles',
  'fumes',
  'upper',
  'lower',
  'layer',
  'ring',
  'droplets',
] as const

function readClause(whole: Clause, before: Scene): { readonly facts: readonly ObservedFact[]; readonly scene: Scene } {
  const isOther = whole.has(...OTHER_THINGS)
  const held = testOf(whole, isOther ? { ...before, test: before.given.test } : before)
  const scene: Scene = { ...before, test: held }
  const facts: ObservedFact[] = []
  let precipitate = scene.precipitate
  let clause = whole
  for (const head of HEADS) {
    const told = head(clause, scene, facts)
    if (!told) continue
    facts.push(...told.facts)
    precipitate = told.precipitate ?? precipitate
    clause = told.rest ?? clause
    if (told.done) break
  }
  return {
    facts,
    scene: {
      ...scene,
      precipitate,
      ofSolution: scene.ofSolution || clause.has('soln'),
      ofPrecipitate: clause.has('soln')
        ? false
        : scene.ofPrecipitate || clause.has('ppt', 'solid') || precipitate !== scene.precipitate,
    },
  }
}
