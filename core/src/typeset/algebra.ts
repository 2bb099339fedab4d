import { formulaPieces } from '../substance/index.ts'
import { type Line, onLine } from './piece.ts'

const SPECIES = /\b([ncmMρ%a]|s)\(([A-Z][^()\s]*(?:\([^()]*\)\d*[^()\s]*)*)((?: [a-z]+)?)\)/g

/** A concentration in square brackets, perhaps to a power: [OH-]^2. */
const CONCENTRATION = /\[([A-Z][^\]\s]*)\](?:\^(\d))?/g

/** Replaces what a pattern finds by its setting, and sets the rest otherwise. */
function setFound(text: string, pattern: RegExp, found: (match: RegExpExecArray) => Line, rest: (text: string) => Line): Line {
  const pieces: Line[] = []
  let from = 0
  for (const match of text.matchAll(pattern)) {
    pieces.push(rest(text.slice(from, match.index)), found(match))
    from = match.index + match[0].length
  }
  return [...pieces, rest(text.slice(from))].flat()
}

/** a1M1V1 = a2M2V2 and CaVa/(CbVb) = na/nb. */
function subscripted(text: string): Line {
  return text
    .split(/(?<=[aMV])([12])(?=[MV\s]|$)|(?<=[CVn])([ab])(?=[V/)\s]|$)/)
    .filter((part) => part !== undefined)
    .flatMap((part, index) => (index % 2 === 1 ? [{ text: part, place: 'sub' as const }] : onLine(part)))
}

const bracketed = (text: string): Line =>
  setFound(
    text,
    CONCENTRATION,
    ([, species = '', power]) => [
      ...onLine('['),
      ...formulaPieces(species),
      ...onLine(']'),
      ...(power === undefined ? [] : [{ text: power, place: 'sup' as const }]),
    ],
    subscripted,
  )

/** A line of algebra: quantities of a species keep their letter and get a true formula, a1M1V1 its subscripts. */
export function setAlgebra(text: string): Line {
  return setFound(
    text,
    SPECIES,
    ([, letter = '', species = '', more = '']) => [...onLine(`${letter}(`), ...formulaPieces(species), ...onLine(`${more})`)],
    bracketed,
  )
}
