import { Timer } from 'lucide-react'
import { useEffect, useState } from 'react'
import { useKeyAction } from '../../keys/useKeyAction.ts'
import { Button } from '../../ui/Button.tsx'

/** How long a colour must stay to count, in seconds: twenty in quick schools, thirty in most (common practice). */
const PERSISTENCE = [20, 30] as const

const TICK_IN_MILLISECONDS = 200

/** Times how long a colour stays. */
export function EndPointTimer() {
  const [end, setEnd] = useState<number>()
  const [now, setNow] = useState(0)
  const start = (seconds: number) => {
    setNow(Date.now())
    setEnd(Date.now() + seconds * 1000)
  }
  useKeyAction('timeColour', { says: 'Time how long the colour stays', words: 'end-point timer fades' }, () =>
    start(PERSISTENCE[1]),
  )
  const left = end === undefined ? undefined : Math.max(0, Math.ceil((end - now) / 1000))
  const running = left !== undefined && left > 0
  useEffect(() => {
    if (!running) return
    const ticking = setInterval(() => setNow(Date.now()), TICK_IN_MILLISECONDS)
    return () => clearInterval(ticking)
  }, [running])
  return (
    <div className="flex items-center gap-2" role="timer" aria-label="How long the colour stays">
      {running ? (
        <>
          <span className="num min-w-14 text-right text-xl font-semibold">{left} s</span>
          <Button onClick={() => setEnd(undefined)}>It faded</Button>
        </>
      ) : (
        <>
          {left === 0 && <span className="font-semibold text-hop">It stayed: end-point.</span>}
          {PERSISTENCE.map((seconds) => (
            <Button
              key={seconds}
              icon={<Timer size={16} />}
              {...(seconds === PERSISTENCE[1] ? { action: 'timeColour' } : {})}
              onClick={() => start(seconds)}
            >
              {seconds} s
            </Button>
          ))}
        </>
      )}
    </div>
  )
}
