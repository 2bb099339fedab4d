import { useHotkeys } from 'react-hotkeys-hook'
import { SINGLE_KEY } from '../ui/singleKey.ts'
import { actionNamed, type KeyActionName } from './actions.ts'
import { useCombination, useKeyChoice } from './keyStore.ts'
import { type PageAction, usePageAction } from './pageActions.ts'

/** No key has this name: nothing listens. */
const NEVER = 'f24+f23'

interface KeyOptions {
  /** Whether the act can be done now; else the key does what it always does. */
  readonly possible?: boolean
  /** Whether a key press is meant for the act at all; what it is not meant for goes its usual way. */
  readonly meant?: (event: KeyboardEvent) => boolean
}

/**
 * Does something at its key, and tells the palette of it. The combination works from everywhere, also while something is
 * typed; the letter alone only where nothing is.
 */
export function useKeyAction(
  name: KeyActionName,
  told: Omit<PageAction, 'key' | 'act'>,
  act: () => void,
  { possible = true, meant = () => true }: KeyOptions = {},
): void {
  const combination = useCombination(name)
  const letters = useKeyChoice((choice) => choice.letters)
  const { letter } = actionNamed(name)
  const press = (event: KeyboardEvent) => {
    if (!meant(event)) return
    event.preventDefault()
    act()
  }
  useHotkeys(combination || NEVER, press, { enableOnFormTags: true, enabled: possible && combination !== '' })
  useHotkeys(letter ?? NEVER, press, { ...SINGLE_KEY, enabled: possible && letters && letter !== undefined })
  usePageAction({ ...told, key: name, act }, possible)
}
