import { type RefCallback, useCallback, useState } from 'react'

/** How much larger than drawn a drawing gets, at most. */
const MOST_GROWTH = 1.6

interface Size {
  /** In pixels, as the drawing is drawn. */
  readonly width: number
  /** How many times as large it is shown where there is more room. */
  readonly growth: number
}

/**
 * Size of a drawing that is at most `widest` pixels wide as drawn, and is shown larger where there is more room; followed as the
 * page is resized, from when the element is drawn, which may be long after the page is.
 *
 * @returns the ref of the element around it, and its size
 */
export function useWidth(widest: number): readonly [RefCallback<HTMLElement>, Size] {
  const [room, setRoom] = useState(widest)
  const frame = useCallback((element: HTMLElement | null) => {
    if (!element) return undefined
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setRoom(Math.floor(entry.contentRect.width))
    })
    observer.observe(element)
    return () => observer.disconnect()
  }, [])
  return [frame, { width: Math.min(widest, room), growth: Math.min(MOST_GROWTH, Math.max(1, room / widest)) }]
}
