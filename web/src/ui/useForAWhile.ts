import { useCallback, useEffect, useState } from 'react'

/** How long a thing that was done is told, ms: long enough to be read once in passing. */
const A_WHILE = 6000

/** Something that is told for a while, and then no longer. */
export function useForAWhile<Value>(): readonly [Value | undefined, (value: Value) => void] {
  const [told, setTold] = useState<{ readonly value: Value }>()
  useEffect(() => {
    if (told === undefined) return
    const timer = setTimeout(() => setTold(undefined), A_WHILE)
    return () => clearTimeout(timer)
  }, [told])
  return [told?.value, useCallback((value: Value) => setTold({ value }), [])]
}
