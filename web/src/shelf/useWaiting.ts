import { useCallback, useEffect, useRef, useState } from 'react'
import { type Waiting, whatWaits } from '../notebook/waiting.ts'

const MILLISECONDS_BETWEEN_LOOKS = 1500

/**
 * What waits on this device, looked at again and again; `again` looks at once.
 *
 * @param onSent - called when some of it has been sent, which changes the lines of the shelf
 */
export function useWaiting(onSent: () => void): { readonly waiting: readonly Waiting[]; readonly again: () => void } {
  const [waiting, setWaiting] = useState<readonly Waiting[]>([])
  const before = useRef(0)
  const look = useCallback(async () => {
    const found = await whatWaits()
    setWaiting(found)
    if (found.length < before.current) onSent()
    before.current = found.length
  }, [onSent])
  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined
    let wanted = true
    const keepLooking = async () => {
      await look()
      if (wanted) timer = setTimeout(keepLooking, MILLISECONDS_BETWEEN_LOOKS)
    }
    void keepLooking()
    return () => {
      wanted = false
      clearTimeout(timer)
    }
  }, [look])
  return { waiting, again: () => void look() }
}
