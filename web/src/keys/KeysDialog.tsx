import { useState } from 'react'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { KEY_ACTIONS, type KeyActionName } from './actions.ts'
import { Key, KeyOf } from './KeyHint.tsx'
import { useCombination, useKeyChoice } from './keyStore.ts'
import { combinationOf, sayKeys } from './sayKeys.ts'

/** Keys that belong to the place where the cursor is, and are as everywhere. */
const IN_PLACE: readonly (readonly [string, string])[] = [
  ['Enter', 'keep what is typed and go on to the next thing that is asked for'],
  ['Esc', 'put back what the field held; once more, leave it'],
  ['↑ ↓ ← →', 'move between the cells of a table'],
  ['-', 'no visible change, in the empty field of what you see'],
  ['1 … 9', 'take one of what is offered'],
  ['Tab', 'take the name or wording that is offered (tubes)'],
  ['Alt 1 … 9', 'go to a stage'],
]
const NAMES = Object.keys(KEY_ACTIONS) as KeyActionName[]

interface KeysDialogProps {
  readonly open: boolean
  readonly onOpenChange: (open: boolean) => void
}

/** Which keys there are, and which of them the student wants otherwise, or not at all. */
export function KeysDialog({ open, onOpenChange }: KeysDialogProps) {
  const { letters, setLetters } = useKeyChoice()
  return (
    <Dialog open={open} onOpenChange={onOpenChange} title="Keys" wide>
      <dl className="mb-5 grid grid-cols-[auto_1fr] gap-x-5 gap-y-2">
        {IN_PLACE.map(([keys, does]) => (
          <div key={keys} className="contents">
            <dt>
              <Key name={keys} />
            </dt>
            <dd>{does}</dd>
          </div>
        ))}
      </dl>
      <h3 className="mb-1 text-lg font-bold">Keys of acts</h3>
      <label className="mb-2 flex min-h-11 cursor-pointer items-center gap-3">
        <input
          type="checkbox"
          className="size-5 accent-(--hop)"
          checked={letters}
          onChange={({ target }) => setLetters(target.checked)}
        />
        The letter alone does the same while nothing is typed
      </label>
      <ul className="border-t border-rule">
        {NAMES.map((name) => (
          <KeyLine key={name} name={name} />
        ))}
      </ul>
      <p className="mt-5 text-sm text-ink-soft">Hop Lark {__VERSION__}</p>
    </Dialog>
  )
}

/** One act, its key, and how to give it another. */
function KeyLine({ name }: { readonly name: KeyActionName }) {
  const { says, usual } = KEY_ACTIONS[name]
  const combination = useCombination(name)
  const choose = useKeyChoice((choice) => choice.choose)
  const [asking, setAsking] = useState(false)
  const shared = useSharedWith(name)
  return (
    <li className="flex min-h-11 flex-wrap items-center gap-x-3 border-b border-hair py-1">
      <span className="w-32">{combination === '' ? <span className="text-ink-soft">no key</span> : <KeyOf action={name} />}</span>
      <span className="min-w-48 flex-1">{says}</span>
      {asking ? (
        <input
          // Whoever asked for another key presses it next.
          ref={(field) => field?.focus()}
          aria-label={`New key for: ${says}`}
          placeholder="press the keys"
          readOnly
          className="w-36 rounded-lg border border-hop bg-sheet px-2 py-1 placeholder:text-ink-soft"
          onBlur={() => setAsking(false)}
          onKeyDown={(event) => {
            if (event.key === 'Tab') return
            event.preventDefault()
            event.stopPropagation()
            const pressed = combinationOf(event.nativeEvent)
            if (pressed !== undefined && event.key !== 'Escape') choose(name, pressed)
            if (pressed !== undefined || event.key === 'Escape') setAsking(false)
          }}
        />
      ) : (
        <>
          <Button look="quiet" aria-label={`Change the key for: ${says}`} onClick={() => setAsking(true)}>
            Change
          </Button>
          {combination === usual ? (
            <Button look="quiet" aria-label={`No key for: ${says}`} onClick={() => choose(name, '')}>
              Off
            </Button>
          ) : (
            <Button look="quiet" aria-label={`The usual key for: ${says}`} onClick={() => choose(name, undefined)}>
              {sayKeys(usual)} again
            </Button>
          )}
        </>
      )}
      {shared !== '' && (
        <p role="status" className="basis-full text-sm text-iodine">
          Also the key for: {shared}. Where both can be done, only one gets it.
        </p>
      )}
    </li>
  )
}

/** Other acts that have the same key since one of them was given it; usual keys are shared only by acts of different pages. */
const useSharedWith = (name: KeyActionName): string =>
  useKeyChoice(({ chosen }) => {
    const keyOf = (one: KeyActionName) => chosen[one] ?? KEY_ACTIONS[one].usual
    const shares = (other: KeyActionName) => other !== name && keyOf(other) === keyOf(name) && (name in chosen || other in chosen)
    return keyOf(name) === ''
      ? ''
      : NAMES.filter(shares)
          .map((other) => KEY_ACTIONS[other].says)
          .join('; ')
  })
