import { useCallback, useRef } from 'react'

/** A function that stays the same for what it is handed to, and does what it was last given to do. */
export function useStable<Given extends readonly unknown[], Result>(
  act: (...given: Given) => Result,
): (...given: Given) => Result {
  const latest = useRef(act)
  latest.current = act
  return useCallback((...given: Given) => latest.current(...given), [])
}
