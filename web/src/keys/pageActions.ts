import { useEffect, useId } from 'react'
import { create } from 'zustand'
import { useStable } from '../ui/useStable.ts'
import type { KeyActionName } from './actions.ts'

/** Something that can be done where the student is, as it is found by its words. */
export interface PageAction {
  readonly says: string
  /** Other words a student may look for it by. */
  readonly words?: string
  readonly key?: KeyActionName
  readonly act: () => void
}

interface PageActions {
  readonly actions: Readonly<Record<string, PageAction>>
}

/** What can be done on the page that is shown, told by the page itself. */
export const usePageActions = create<PageActions>(() => ({ actions: {} }))

/** Tells what can be done here as long as the page is shown. */
export function usePageAction({ says, words, key, act }: PageAction, possible = true): void {
  const id = useId()
  const stable = useStable(act)
  useEffect(() => {
    if (!possible) return
    const action: PageAction = { says, act: stable, ...(words ? { words } : {}), ...(key ? { key } : {}) }
    usePageActions.setState(({ actions }) => ({ actions: { ...actions, [id]: action } }))
    return () =>
      usePageActions.setState(({ actions: { [id]: _, ...rest } }) => ({
        actions: rest,
      }))
  }, [id, says, words, key, stable, possible])
}
