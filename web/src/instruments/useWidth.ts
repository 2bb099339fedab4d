import { type RefCallback, useCallback, useState } from 'react'

/**
 * Width of an element in pixels, at most `widest`; followed as the page is resized, from when the element is drawn, which may
 * be long after the page is.
 *
 * @returns the ref of the element, and its width
 */
export function useWidth(widest: number): readonly [RefCallback<HTMLElement>, number] {
  const [width, setWidth] = useState(widest)
  const frame = useCallback(
    (element: HTMLElement | null) => {
      if (!element) return undefined
      const observer = new ResizeObserver(([entry]) => {
        if (entry) setWidth(Math.min(widest, Math.floor(entry.contentRect.width)))
      })
      observer.observe(element)
      return () => observer.disconnect()
    },
    [widest],
  )
  return [frame, width]
}
