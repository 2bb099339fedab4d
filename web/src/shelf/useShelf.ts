import type { ShelfPage } from '@hop-lark/contract'
import { useCallback, useEffect, useState } from 'react'
import { ApiError, api, type ShelfQuery } from '../notebook/api.ts'

export type Shelf =
  | { readonly kind: 'loading'; readonly again: () => void }
  | { readonly kind: 'there'; readonly page: ShelfPage; readonly again: () => void }
  | { readonly kind: 'failed'; readonly error: ApiError; readonly again: () => void }

type Found = { readonly page: ShelfPage } | { readonly error: ApiError } | undefined

/** Typing in the search field asks once it pauses. */
const MILLISECONDS_OF_PAUSE = 150

/** One page of the shelf, fetched anew when something else is asked for; `asked` must be the same object until then. */
export function useShelf(asked: ShelfQuery): Shelf {
  const [found, setFound] = useState<Found>()
  const [turn, setTurn] = useState(0)
  const again = useCallback(() => setTurn((count) => count + 1), [])
  useEffect(() => {
    let wanted = true
    const timer = setTimeout(
      () => {
        api.list(asked).then(
          (result) => wanted && setFound({ page: result }),
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
  return 'page' in found ? { kind: 'there', page: found.page, again } : { kind: 'failed', error: found.error, again }
}
