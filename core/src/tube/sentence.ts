import { gasOf } from '../gas/index.ts'
import { unhandled } from '../problem/index.ts'
import type { Fact } from './facts.ts'

/** A fact as a student should write it: what was seen, never what is concluded. */
export function sayFact(fact: Fact): string {
  switch (fact.kind) {
    case 'precipitate':
      return `${fact.slight ? 'slight ' : ''}${fact.colour} precipitate`
    case 'precipitateTurns':
      return `${fact.from} precipitate turned ${fact.to}`
    case 'dissolves':
      return fact.how === 'partly'
        ? `precipitate partly dissolved, solution ${fact.giving}`
        : `precipitate dissolved giving ${article(fact.giving)} ${fact.giving} solution`
    case 'insoluble':
      return 'precipitate insoluble in excess'
    case 'transient':
      return `${fact.colour} precipitate where the drop fell, gone on shaking`
    case 'solution':
      return solutionTurned(fact.from, fact.to)
    case 'passing':
      return `solution turned ${fact.colour}, then the colour faded`
    case 'decolourised':
      return `${fact.colour} colour of the reagent disappeared`
    case 'gas':
      return `${fact.bubbles ? 'effervescence; ' : ''}${gasOf(fact.gas)?.wording ?? `${fact.gas} came off`}`
    case 'gasTest':
      return fact.test === 'smell' ? `${fact.result} smell` : `gas: ${fact.test} ${fact.result}`
    case 'flame':
      return `${fact.colour} flame${fact.throughBlueGlass ? `, ${fact.throughBlueGlass} through blue glass` : ''}`
    case 'paper':
      return fact.paper === 'universal indicator'
        ? `${fact.paper} turned ${fact.turns}`
        : `turned ${fact.paper} paper ${fact.turns}`
    case 'ring':
      return `${fact.colour} ring where the liquids meet`
    case 'layer':
      return fact.colour === 'colourless' ? 'two colourless layers' : `${fact.colour} upper layer`
    case 'solidTurns':
      return `solid turned from ${fact.from} to ${fact.to}${fact.hot ? ' while hot' : ' on cooling'}`
    case 'sublimes':
      return `${fact.colour} solid appeared on the cooler part of the tube`
    case 'melts':
      return 'solid melted'
    case 'heard':
      return `solid ${fact.sound}`
    case 'looks':
      return looks(fact.solution, fact.solid)
    case 'notKnown':
      return 'not known to the model'
    case 'noChange':
      return 'no visible change'
    default:
      return unhandled(fact, 'sayFact')
  }
}

const solutionTurned = (from: string, to: string) =>
  from === 'colourless' && to !== 'colourless' ? `solution turned ${to}` : `solution turned from ${from} to ${to}`

function looks(solution: string | undefined, solid: string | undefined): string {
  if (solution === undefined) return `${solid ?? 'colourless'} solid`
  return solid === undefined ? `${solution} solution` : `${solid} precipitate in ${article(solution)} ${solution} solution`
}

const article = (word: string) => (/^[aeiou]/.test(word) ? 'an' : 'a')
