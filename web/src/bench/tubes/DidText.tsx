import { type Action, sayAction } from '@hop-lark/core/rack'
import { Formula } from '../../ui/Chem.tsx'

const BOTTLE = /^([A-Z(][A-Za-z0-9()]*)(\((?:aq|s|l|g|conc)\))$/

/** What was done, with the formula of the bottle set as chemists write it. */
export function DidText({ action }: { readonly action: Action }) {
  const says = sayAction(action)
  const [whole = '', formula = '', state] = BOTTLE.exec(action.reagent ?? '') ?? []
  const at = whole === '' ? -1 : says.indexOf(whole)
  if (at < 0) return says
  return (
    <>
      {says.slice(0, at)}
      <Formula text={formula} />
      {state}
      {says.slice(at + whole.length)}
    </>
  )
}
