import type { GasReading } from '../../gas/index.ts'
import type { Clause, ColourAt } from '../clause.ts'
import type { ObservedFact, SeenFact } from '../facts.ts'
import { all, besides, denied, type Head, said } from './scene.ts'

const gas = (test: GasReading): SeenFact => ({ kind: 'gas', test })

/** What is heard, lit and put out at a splint. */
export const readSplint: Head = (clause, { test, given }) => {
  const glowing = clause.has('glowing splint') || test === 'glowing splint'
  const atSplint = glowing || clause.has('lighted splint', 'splint') || test === 'lighted splint'
  const facts: ObservedFact[] = []
  if (clause.has('pop')) facts.push(said(clause, gas('pops'), clause.at('pop')))
  if (atSplint && !glowing && clause.has('sound') && clause.isDenied(clause.at('sound')) && !clause.has('pop'))
    facts.push(denied(gas('pops')))
  const lit = clause.first(['relight', ...(atSplint ? (['kindle', 'returns'] as const) : [])])
  const isLit = lit === 'kindle' && !glowing ? 'pops' : 'relights splint'
  if (lit) facts.push(said(clause, gas(isLit), clause.at(lit)))
  if (clause.has('out') && (atSplint || clause.has('flame') || given.do === 'gas'))
    facts.push(glowing ? denied(gas('relights splint')) : said(clause, gas('splint out'), clause.at('out')))
  const dulled = clause.has('died') || (clause.has('decolourise') && !clause.denies)
  if (glowing && dulled) facts.push(denied(gas('relights splint')))
  return facts.length > 0 ? besides(...facts) : undefined
}

/** Colours a gas has of its own, and what it is read as. */
function colouredGas(clause: Clause, colour: ColourAt | undefined): GasReading | undefined {
  if (clause.has('steamy')) return 'steamy fumes'
  if (!colour) return undefined
  if (/brown|orange/.test(colour.is)) return 'brown gas'
  if (/purple|lilac/.test(colour.is)) return 'purple vapour'
  return colour.is === 'white' && clause.has('fumes') ? 'white smoke' : undefined
}

/** White smoke at a rod is another with hydrochloric acid than with ammonia. */
function atRod(clause: Clause, reading: GasReading | undefined): GasReading | undefined {
  const bottle =
    reading === 'white smoke' ? clause.tokens.find(({ sort, is }) => sort === 'bottle' && /^(HCl|NH3)/.test(is))?.is : undefined
  if (bottle === undefined) return reading
  return bottle.startsWith('HCl') ? 'white smoke with hydrochloric acid' : 'white smoke with ammonia'
}

const ADJECTIVES: ReadonlySet<string> = new Set(['degree', 'state', 'shade', 'colour', 'bottle', 'join', 'unknown'])
const SMALL = /^(?:a|an|and|of|odou?rless|acidic|acid|coloured)$/i

/** Whether nothing but adjectives and small words stand between two places. */
const isBeside = (clause: Clause, from: number, to: number) =>
  clause.tokens.slice(from + 1, to).every(({ sort, text }) => ADJECTIVES.has(sort) || (sort === 'idle' && SMALL.test(text)))

/** The colour after a thing, with no other thing between: "the gas was brown". */
const colourSaidOf = (clause: Clause, at: number) =>
  clause.colours.find((one) => one.at > at && !clause.tokens.slice(at + 1, one.at).some(({ sort }) => sort === 'thing'))

/** Fumes and gases with their colour, and gas that only came off. */
export const readFumes: Head = (clause, { test }) => {
  const at = clause.has('fumes') ? clause.at('fumes') : clause.at('gas')
  if (at < 0)
    return clause.has('steamy') && !clause.has('cool part', 'standing')
      ? besides(said(clause, gas('steamy fumes'), clause.at('steamy')))
      : undefined
  const colour = clause.colours.findLast((one) => one.at < at && isBeside(clause, one.at, at)) ?? colourSaidOf(clause, at)
  const reading = atRod(clause, colouredGas(clause, colour))
  // Its colour is nothing else's.
  const rest = clause.withoutColours(
    (one) => (one.at < at && isBeside(clause, one.at, at)) || (one === colour && reading !== undefined),
  )
  if (reading) return { ...besides(said(clause, gas(reading), Math.max(at, colour?.at ?? at))), rest }
  return { ...besides(...plainGas(clause, at, test !== undefined)), rest }
}

/** Gas of which nothing is said but that it came off, or did not. */
function plainGas(clause: Clause, at: number, isTested: boolean): readonly ObservedFact[] {
  if (!clause.has('gas') || SMELLS.some((smell) => clause.has(smell)) || clause.has('smell', 'bubbles')) return []
  // The gas of a sentence about its test is no more than its subject.
  const isSubject = isTested || clause.tokens.some(({ sort, is }, index) => sort === 'verb' && index > at && is !== 'form')
  if (isSubject) return []
  return clause.isDenied(at) ? [{ kind: 'noGas' }] : clause.has('form') ? [{ kind: 'effervescence' }] : []
}

const SMELLS = [
  'rotten eggs',
  'vinegar',
  'swimming pools',
  'pungent',
  'choking',
  'sharp',
  'fruity',
  'alcoholic',
  'antiseptic',
  'petrol',
  'caramel',
] as const

/** Smells by their name, and that there was none. */
export const readSmell: Head = (clause, { given }) => {
  const named = clause.first(SMELLS)
  if (named) return besides(said(clause, { kind: 'smell', of: named }, clause.at(named)))
  const ofAmmonia = clause.has('smell') && clause.tokens.some(({ sort, is }) => sort === 'bottle' && is.startsWith('NH3'))
  if (ofAmmonia) return besides(said(clause, { kind: 'smell', of: 'pungent' }, clause.at('smell')))
  const none = clause.has('smell') && (clause.isDenied(clause.at('smell')) || clause.denies)
  const nothing = given.do === 'smell' && (clause.denies || clause.has('unchanged'))
  // "Odourless", but "a colourless, odourless gas" is what is tested.
  const odourless = clause.tokens.some(({ text }) => /^odou?rless$/i.test(text)) && !clause.has('gas', 'bubbles')
  if (!none && !nothing && !odourless) return undefined
  const noSmell: ObservedFact = { kind: 'not', of: { kind: 'smell' } }
  return clause.colours.length > 0 || clause.has('hue') ? besides(noSmell) : all(noSmell)
}

/** Bubbles: those that stopped were there. */
export const readBubbles: Head = (clause, { given }) => {
  // At the mouth of the tube the bubbles are those of the gas that is tested.
  if (!clause.has('bubbles') || (given.do === 'gas' && !clause.denies)) return undefined
  const denies = clause.isDenied(clause.at('bubbles')) && !clause.has('stopped')
  return besides({ kind: denies ? 'noGas' : 'effervescence' })
}

/** Warmth, and what burns by itself. */
export const readWarmth: Head = (clause, { given, test }) => {
  if (clause.has('warms')) return besides(said(clause, { kind: 'warmsUp' }, clause.at('warms')))
  const atSplint =
    test === 'lighted splint' || test === 'glowing splint' || clause.has('splint', 'lighted splint', 'glowing splint')
  const burning = clause.first(['burn', 'kindle'])
  if (!burning || clause.has('pop', 'smell') || given.do === 'gas' || atSplint) return undefined
  // In a flame, what colour it burns with is the flame's.
  if (given.do === 'flame' && clause.colours.length > 0) return undefined
  return all(said(clause, { kind: 'burns' }, clause.at(burning)))
}
