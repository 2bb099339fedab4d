import type { SeenColour } from '../../palette/index.ts'
import { all, denied, type Head, said } from './scene.ts'

/** Colours as they are called in a flame, where that differs from how they are called elsewhere (common practice). */
const IN_FLAME: Readonly<Partial<Record<SeenColour, SeenColour>>> = {
  'bright yellow': 'yellow',
  orange: 'yellow',
  'pale yellow': 'yellow',
  'blood red': 'red',
  purple: 'lilac',
  'yellow-green': 'green',
  'dirty green': 'green',
  'red-brown': 'brick-red',
  'pale pink': 'lilac',
  pink: 'lilac',
}

/** "Just the blue of the bunsen". */
const USUAL = /^(?:just|only|normal|usual|ordinary|bunsen)$/i

/** Everything that is seen of a flame. */
export const readFlame: Head = (clause, { given, test }) => {
  const atSplint = test === 'lighted splint' || test === 'glowing splint'
  const isFlame = given.do === 'flame' || (clause.has('flame') && !atSplint)
  if (!isFlame || (clause.has('out') && given.do !== 'flame')) return undefined
  const none = all({ kind: 'not', of: { kind: 'flame' } })
  const own = clause.colours.every(({ is }) => is === 'blue' || is === 'colourless')
  const named = clause.colours.length > 0 || clause.has('unchanged', 'hue', 'flame')
  const usual = clause.tokens.some(({ text }) => USUAL.test(text))
  const staysSo = !clause.denies && own && (clause.has('remain', 'unchanged') || usual) && named
  if (staysSo) return none
  const colours = clause.colours.map(({ is, at }) =>
    is === 'colourless' ? denied({ kind: 'flame' }) : said(clause, { kind: 'flame', colour: IN_FLAME[is] ?? is }, at),
  )
  if (colours.length > 0) return all(...colours)
  return clause.denies || clause.has('unchanged') ? none : undefined
}
