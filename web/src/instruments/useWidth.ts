import { type RefObject, useEffect, useState } from 'react'

/** Width of an element in pixels, at most `widest`; followed as the page is resized. */
export function useWidth(element: RefObject<HTMLElement | null>, widest: number): number {
  const [width, setWidth] = useState(widest)
  useEffect(() => {
    if (!element.current) return
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setWidth(Math.min(widest, Math.floor(entry.contentRect.width)))
    })
    observer.observe(element.current)
    return () => observer.disconnect()
  }, [element, widest])
  return width
}
