import { gasReading } from '../gas/index.ts'
import type { DeniedFact, ObservedFact, SeenFact } from './facts.ts'

const words = (...parts: readonly (string | false | undefined)[]) => parts.filter(Boolean).join(' ')
const article = (word: string) => (/^[aeiou]/.test(word) ? 'an' : 'a')

/** Smells as they are said. */
const smellOf = (of: string) => (/eggs|vinegar|pools|petrol|caramel/.test(of) ? `smell of ${of}` : `${of} smell`)

/** Facts that have nothing to them but that they were seen. */
const PLAIN = {
  noPrecipitate: 'no precipitate',
  insoluble: 'precipitate insoluble',
  decolourised: 'decolourised',
  effervescence: 'effervescence',
  noGas: 'no gas',
  sublimes: 'sublimed',
  melts: 'melted',
  droplets: 'droplets of water',
  warmsUp: 'warmed up',
  burns: 'burns',
  smoky: 'smoky flame',
  mirror: 'silver mirror',
  mixes: 'mixes with it',
  noChange: 'no visible change',
} as const

function saySeen(fact: SeenFact): string {
  switch (fact.kind) {
    case 'precipitate':
      return words(fact.slight && 'slight', fact.colour, 'precipitate')
    case 'precipitateTurns':
      return `precipitate turned ${fact.to}`
    case 'dissolves':
      return words(
        fact.how === 'partly' ? 'precipitate partly dissolved' : 'precipitate dissolved',
        fact.giving && `giving ${article(fact.giving)} ${fact.giving} solution`,
      )
    case 'solution':
      return `${fact.to} solution`
    case 'gas':
      return gasReading(fact.test).says
    case 'smell':
      return smellOf(fact.of)
    case 'flame':
      return `${fact.colour} flame`
    case 'pH':
      return fact.from === fact.to ? `pH ${fact.from}` : `pH ${fact.from}-${fact.to}`
    case 'transient':
      return words(fact.colour, 'precipitate, gone on shaking')
    case 'ring':
      return `${fact.colour} ring`
    case 'layer':
      return fact.colour ? `${fact.colour} upper layer` : 'two layers'
    case 'solid':
      return `${fact.colour} crystals or powder`
    case 'solidTurns':
      return `turned ${fact.to} when ${fact.when}`
    default:
      return PLAIN[fact.kind]
  }
}

function sayDenied({ of }: DeniedFact): string {
  switch (of.kind) {
    case 'gas':
      return gasReading(of.test).denied
    case 'flame':
      return of.colour === undefined ? 'no colour in the flame' : `no ${of.colour} flame`
    case 'smell':
      return of.of === undefined ? 'no smell' : `no ${smellOf(of.of)}`
    case 'solution':
      return of.to === 'colourless' ? 'solution not colourless' : `no ${of.to} colour in the solution`
    case 'solidTurns':
      return `did not turn ${of.to} when ${of.when}`
    case 'precipitateTurns':
      return `precipitate did not turn ${of.to}`
    case 'pH':
      return saySeen(of).replace('pH', 'pH not')
    case 'decolourised':
      return 'not decolourised'
    case 'sublimes':
      return 'nothing sublimed'
    case 'melts':
      return 'did not melt'
    case 'warmsUp':
      return 'did not get warm'
    case 'burns':
      return 'does not burn'
    case 'smoky':
      return 'no soot'
    case 'mixes':
      return 'does not mix'
    default:
      return `no ${saySeen(of)}`
  }
}

/** A fact in plain words, which are read back as that fact. */
export const sayObserved = (fact: ObservedFact): string => (fact.kind === 'not' ? sayDenied(fact) : saySeen(fact))

/** All that was understood of a line, in plain words; empty where nothing was. */
export const sayAll = (facts: readonly ObservedFact[]): string => facts.map(sayObserved).join('; ')
