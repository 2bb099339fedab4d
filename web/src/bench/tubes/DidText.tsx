import { type Action, sayAction } from '@hop-lark/core/rack'
import { Fragment } from 'react'
import { Formula } from '../../ui/Chem.tsx'

const BOTTLE = /^([A-Z(][A-Za-z0-9()]*)(\((?:aq|s|l|g|conc)\))$/

/** A piece of what was done: plain words, or a formula with its state. */
interface Piece {
  readonly text: string
  readonly state?: string
}

/** What was done, cut where the formulae of its bottles stand. */
function piecesOf(action: Action): readonly Piece[] {
  const bottles = [...(action.with ?? []).map(({ reagent }) => reagent), action.reagent ?? '']
  let rest = sayAction(action)
  const pieces: Piece[] = []
  for (const bottle of bottles) {
    const [whole = '', formula = '', state = ''] = BOTTLE.exec(bottle) ?? []
    const at = whole === '' ? -1 : rest.indexOf(whole)
    if (at < 0) continue
    pieces.push({ text: rest.slice(0, at) }, { text: formula, state })
    rest = rest.slice(at + whole.length)
  }
  return [...pieces, { text: rest }]
}

/** What was done, with the formulae of its bottles set as chemists write them. */
export function DidText({ action }: { readonly action: Action }) {
  return piecesOf(action).map(({ text, state }, index) => (
    <Fragment key={`${index}${text}`}>
      {state === undefined ? (
        text
      ) : (
        <>
          <Formula text={text} />
          {state}
        </>
      )}
    </Fragment>
  ))
}
