import { useEffect, useState } from 'react'
import { flushSync } from 'react-dom'

/** Whether the page is about to be printed: what only stands on paper is drawn just then. */
export function usePrinting(): boolean {
  const [printing, setPrinting] = useState(false)
  useEffect(() => {
    // The browser takes the page as it is when this returns.
    const begin = () => flushSync(() => setPrinting(true))
    const end = () => setPrinting(false)
    window.addEventListener('beforeprint', begin)
    window.addEventListener('afterprint', end)
    return () => {
      window.removeEventListener('beforeprint', begin)
      window.removeEventListener('afterprint', end)
    }
  }, [])
  return printing
}
