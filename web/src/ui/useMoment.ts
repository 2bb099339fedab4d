import { useEffect, useState } from 'react'

/** The moment, told again every second while something runs. */
export function useMoment(running: boolean): string {
  const [now, setNow] = useState(() => new Date().toISOString())
  useEffect(() => {
    if (!running) return
    setNow(new Date().toISOString())
    const timer = setInterval(() => setNow(new Date().toISOString()), 1000)
    return () => clearInterval(timer)
  }, [running])
  return now
}
