import type { SeenColour } from '../../palette/index.ts'
import { all, type Head, said } from './scene.ts'

/** Bottles whose colour goes when they are used up, with their colours. */
const COLOURED: Readonly<Record<string, readonly SeenColour[]>> = {
  'KMnO4(aq)': ['purple', 'pink', 'lilac', 'pale pink'],
  'Br2(aq)': ['orange', 'brown', 'yellow', 'red-brown', 'yellow-brown', 'bright yellow', 'pale yellow'],
  'I2(aq)': ['brown', 'yellow', 'orange', 'blue-black', 'red-brown', 'yellow-brown'],
}

/** The colours that a bottle loses when it is used up, or undefined. */
export const losesColour = (reagent: string | undefined): readonly SeenColour[] | undefined => COLOURED[reagent ?? '']

/** Colours that go, and coloured bottles that keep theirs. */
export const readColourGone: Head = (clause, { given }) => {
  const fact = { kind: 'decolourised' } as const
  const lost =
    clause.has('lose') && (clause.has('hue') || clause.colours.length > 0) ? clause.at('lose') : clause.at('decolourise')
  const toNone = clause.colours.some(({ is, at, denied }) => is === 'colourless' && at > lost && !denied)
  if (lost >= 0) return all(said(clause, fact, lost), ...(toNone ? [{ kind: 'solution', to: 'colourless' } as const] : []))
  const vanish = clause.at('vanish')
  if (vanish >= 0 && (clause.has('hue') || clause.colours.some(({ at }) => at < vanish) || losesColour(given.reagent)))
    return all(said(clause, fact, vanish))
  const shaded = clause.tokens.some(({ sort }) => sort === 'shade')
  // "The colour went".
  if (
    clause.has('hue') &&
    /^go|^went/i.test(clause.tokens[clause.at('become')]?.text ?? '') &&
    clause.colours.length === 0 &&
    !shaded &&
    !clause.has('clear', 'milky', 'cloudy')
  )
    return all(said(clause, fact, clause.at('become')))
  const own = losesColour(given.reagent)
  const become = clause.at('become')
  const wentAway = become > 0 && become === clause.tokens.length - 1 && clause.colours.some(({ at }) => at < become)
  const toNothing = own && become >= 0 && clause.at('nothing') > become
  if (toNothing) return all(fact)
  // "The purple colour went" says so itself, whatever was put in last.
  if (wentAway && (own || clause.has('hue'))) return all(said(clause, fact, become))
  if (!own || clause.has('upper', 'layer')) return undefined
  const ofOwn = clause.has('hue') || clause.colours.some(({ is }) => own.includes(is))
  const last = clause.lastColour
  if (clause.has('clear') && !clause.has('remain'))
    return all(
      ...(clause.denies ? [said(clause, fact, clause.at('clear'))] : [fact, { kind: 'solution', to: 'colourless' } as const]),
    )
  if (clause.has('remain', 'unchanged') && !clause.denies && ofOwn) return all({ kind: 'not', of: fact })
  if (last?.is === 'colourless')
    return last.denied || clause.has('remain')
      ? all({ kind: 'not', of: fact })
      : all(fact, { kind: 'solution', to: 'colourless' })
  const noLonger =
    clause.denies &&
    ofOwn &&
    (clause.has('form', 'remain') || clause.tokens.length <= 3 || /longer/.test(clause.tokens[clause.notAt]?.text ?? ''))
  return noLonger ? all(fact) : undefined
}
