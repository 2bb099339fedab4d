import type { SeenColour } from '../../palette/index.ts'
import { all, type Head, said } from './scene.ts'

/** pH at which universal indicator has a colour (common practice). */
const RANGES: Readonly<Partial<Record<SeenColour, readonly [from: number, to: number]>>> = {
  red: [0, 3],
  'blood red': [0, 3],
  'brick-red': [0, 3],
  pink: [3, 4],
  'pale pink': [3, 4],
  orange: [3, 4],
  'red-brown': [3, 4],
  'yellow-brown': [5, 6],
  yellow: [5, 6],
  'pale yellow': [5, 6],
  'bright yellow': [5, 6],
  'yellow-green': [6, 7],
  green: [7, 7],
  'pale green': [7, 7],
  'dirty green': [7, 8],
  'blue-green': [8, 10],
  blue: [8, 10],
  'pale blue': [8, 10],
  'deep blue': [10, 11],
  'blue-black': [11, 14],
  purple: [11, 14],
  lilac: [11, 14],
}

const NUMBER = /(\d+(?:[.,]\d+)?)(?:\s?-\s?(\d+(?:[.,]\d+)?))?/
const numberIn = (text: string) => Number(text.replace(',', '.'))

/** pH: a number outdoes the colour of the indicator. */
export const readIndicator: Head = (clause, { given, test }) => {
  const here = clause.has('ph') || clause.has('universal indicator') || test === 'universal indicator'
  if (!here) return undefined
  const number = clause.tokens.findIndex(({ sort }) => sort === 'number')
  if (number >= 0) {
    const [, from = '', to = from] = NUMBER.exec(clause.tokens[number]?.is ?? '') ?? []
    if (numberIn(to) <= 14) return all(said(clause, { kind: 'pH', from: numberIn(from), to: numberIn(to) }, number))
  }
  const isIndicator = clause.has('universal indicator') || given.test === 'universal indicator' || test === 'universal indicator'
  const shown = clause.lastColour
  const range = isIndicator && shown ? RANGES[shown.is] : undefined
  if (range && shown) return all(said(clause, { kind: 'pH', from: range[0], to: range[1] }, shown.at))
  return isIndicator && clause.tokens.some(({ sort }) => sort === 'colour' || sort === 'verb') ? all() : undefined
}
