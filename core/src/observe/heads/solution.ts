import { BRINGS } from './precipitate.ts'
import { all, type Head, said } from './scene.ts'

/** The layer that floats; what is said of the lower is said of the solution. */
export const readLayer: Head = (clause, { given }) => {
  const floats = /^C6H1/.test(given.reagent ?? '') && clause.tokens.some(({ text }) => /\btop\b/i.test(text))
  if (!clause.has('upper') && !floats && (!clause.has('layer') || clause.has('lower'))) return undefined
  if (!clause.lastColour && clause.has('hue') && clause.isDenied(clause.at('hue')) && !clause.has('become'))
    return all({ kind: 'layer', colour: 'colourless' })
  const colour = clause.lastColour
  // What went into the layer stands before it: "the colour did not go into the upper layer".
  const at = Math.max(colour?.at ?? -1, clause.at('layer'), clause.at('upper'))
  return all(said(clause, { kind: 'layer', ...(colour ? { colour: colour.is } : {}) }, at))
}

/** Colours that no clear solution has: it is the precipitate that turned so. */
const OF_SOLIDS: ReadonlySet<string> = new Set(['black', 'grey', 'white', 'off-white', 'cream'])

/** The colour of what is in the tube: of the solution, or of what a precipitate dissolved to. */
export const readSolution: Head = (clause, scene, before) => {
  const colour = clause.lastColour
  // "No colour" is colourless.
  if (!colour && clause.has('hue') && clause.isDenied(clause.at('hue')) && !clause.has('change', 'become'))
    return all({ kind: 'solution', to: 'colourless' })
  // A clear liquid that is looked at has no colour.
  if (!colour && scene.given.do === 'look' && clause.has('clear') && !clause.denies)
    return all({ kind: 'solution', to: 'colourless' })
  if (!colour) return undefined
  const { given } = scene
  if (clause.has('remain') && !clause.denies && !clause.has('lower'))
    return given.do === 'add' && colour.is !== 'colourless' ? all({ kind: 'noChange' }) : all({ kind: 'solution', to: colour.is })
  const fact = { kind: 'solution', to: colour.is } as const
  if (colour.denied) return all(said(clause, fact, colour.at))
  const stays = scene.precipitate && given.precipitate && given.do !== 'filter'
  const goneTo = stays && before.length === 0 && !scene.ofPrecipitate && !clause.has('lower')
  if (goneTo && OF_SOLIDS.has(colour.is)) return { ...all({ kind: 'precipitateTurns', to: colour.is }), precipitate: true }
  return goneTo ? { ...all({ kind: 'dissolves', how: 'completely', giving: colour.is }), precipitate: false } : all(fact)
}

/** Nothing seen: over a precipitate in excess it stays; "nothing forms" is no precipitate. */
export const readUnchanged: Head = (clause, { given, precipitate }, before) => {
  // "Bubbles didn't happen" is said already.
  if (before.length > 0) return undefined
  const alone = clause.denies && clause.tokens.every(({ sort }) => sort === 'not' || sort === 'idle')
  if (alone && precipitate && given.precipitate && given.amount === 'excess') return all({ kind: 'insoluble' })
  if (alone && given.do === 'add') return all({ kind: BRINGS.test(given.reagent ?? '') ? 'noPrecipitate' : 'noChange' })
  const nothing = clause.has('unchanged', 'nothing') || (clause.denies && clause.has('change'))
  if (!nothing) return undefined
  if (precipitate && given.precipitate && given.amount === 'excess') return all({ kind: 'insoluble' })
  const forms =
    clause.has('form') &&
    clause.has('nothing') &&
    /form|precip|came (?:down|out)/i.test(clause.tokens.map(({ text }) => text).join(' '))
  return all({ kind: forms && !clause.has('change') && given.do === 'add' ? 'noPrecipitate' : 'noChange' })
}
