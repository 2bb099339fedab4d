import type { ObservedFact } from '../index.ts'

const withWord = (letter: string, word: string | undefined) => (word === undefined ? letter : `${letter}:${word}`)

const PLAIN = {
  noPrecipitate: '-p',
  insoluble: 'i',
  decolourised: 'x',
  effervescence: 'e',
  noGas: '-g',
  sublimes: 'u',
  melts: 'l',
  droplets: 'w',
  warmsUp: 'k',
  burns: 'b',
  smoky: 'z',
  mirror: 'q',
  mixes: 'j',
  noChange: 'n',
} as const

/** A fact in the short form of the corpus; see there. */
export function shortFact(fact: ObservedFact): string {
  switch (fact.kind) {
    case 'not':
      return fact.of.kind === 'flame' && fact.of.colour === undefined
        ? 'f:none'
        : fact.of.kind === 'smell' && fact.of.of === undefined
          ? '-m'
          : `-${shortFact(fact.of as ObservedFact)}`
    case 'precipitate':
      return withWord(fact.slight ? 'p~' : 'p', fact.colour)
    case 'dissolves':
      return withWord(fact.how === 'partly' ? 'd~' : 'd', fact.giving)
    case 'transient':
      return withWord('v', fact.colour)
    case 'layer':
      return withWord('y', fact.colour)
    case 'solution':
      return `s:${fact.to}`
    case 'precipitateTurns':
      return `t:${fact.to}`
    case 'gas':
      return `g:${fact.test}`
    case 'smell':
      return `m:${fact.of}`
    case 'flame':
      return `f:${fact.colour}`
    case 'solid':
      return `o:${fact.colour}`
    case 'ring':
      return `r:${fact.colour}`
    case 'solidTurns':
      return `${fact.when === 'hot' ? 'h' : 'c'}:${fact.to}`
    case 'pH':
      return `ph:${fact.from === fact.to ? fact.from : `${fact.from}-${fact.to}`}`
    default:
      return PLAIN[fact.kind]
  }
}
