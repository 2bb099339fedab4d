import type { ShelfPage } from '@hop-lark/contract'
import { useCallback, useEffect, useState } from 'react'
import { ApiError, api, type ShelfQuery } from '../notebook/api.ts'

export type Shelf =
  | { readonly kind: 'loading'; readonly again: () => void }
  | { readonly kind: 'there'; readonly page: ShelfPage; readonly again: () => void }
  | { readonly kind: 'failed'; readonly error: ApiError; readonly again: () => void }

type Found = { readonly page: ShelfPage; readonly archived: ShelfQuery['archived'] } | { readonly error: ApiError } | undefined

/** Typing in the search field asks once it pauses. */
const MILLISECONDS_OF_PAUSE = 150

/**
 * One page of the shelf, fetched anew when something else is asked for; `asked` must be the same object until then. The
 * lines that were there stay meanwhile, but never those of the shelf as archived ones: what is pressed on them is another act.
 */
export function useShelf(asked: ShelfQuery): Shelf {
  const [found, setFound] = useState<Found>()
  const [turn, setTurn] = useState(0)
  const again = useCallback(() => setTurn((count) => count + 1), [])
  useEffect(() => {
    let wanted = true
    const timer = setTimeout(
      () => {
        api.list(asked).then(
          (result) => wanted && setFound({ page: result, archived: asked.archived }),
          (error: unknown) => {
            if (!(error instanceof ApiError)) throw error
            if (wanted) setFound({ error })
          },
        )
      },
      asked.search === '' || turn > 0 ? 0 : MILLISECONDS_OF_PAUSE,
    )
    return () => {
      wanted = false
      clearTimeout(timer)
    }
  }, [asked, turn])
  if (!found) return { kind: 'loading', again }
  if ('error' in found) return { kind: 'failed', error: found.error, again }
  return found.archived === asked.archived ? { kind: 'there', page: found.page, again } : { kind: 'loading', again }
}
