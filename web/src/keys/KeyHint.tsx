import type { KeyActionName } from './actions.ts'
import { useCombination } from './keyStore.ts'
import { sayKeys } from './sayKeys.ts'

/** The picture of a key. Where there is no keyboard, none is shown. */
export function Key({ name }: { readonly name: string }) {
  return <kbd className="key-hint rounded border border-rule bg-sheet px-1.5 font-mono text-xs text-ink-soft">{name}</kbd>
}

/** The key that an act has on this device, if it has one. */
export function KeyOf({ action }: { readonly action: KeyActionName }) {
  const combination = useCombination(action)
  return combination === '' ? null : <Key name={sayKeys(combination)} />
}
