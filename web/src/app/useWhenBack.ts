import { useEffect } from 'react'
import { api } from '../notebook/api.ts'

const MILLISECONDS_BETWEEN_QUESTIONS = 2000

/** Asks, while something waits for the server, whether it answers, and then does it. */
export function useWhenBack(waits: boolean, act: () => void): void {
  useEffect(() => {
    if (!waits) return undefined
    const ask = () => void api.health().then(act, () => undefined)
    const timer = setInterval(ask, MILLISECONDS_BETWEEN_QUESTIONS)
    window.addEventListener('online', ask)
    return () => {
      clearInterval(timer)
      window.removeEventListener('online', ask)
    }
  }, [waits, act])
}
