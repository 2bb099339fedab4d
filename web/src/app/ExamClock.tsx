import { Pause, Play } from 'lucide-react'
import { Suspense, useEffect, useState } from 'react'
import { usePageAction } from '../keys/pageActions.ts'
import { useTask } from '../notebook/derived.ts'
import { later } from '../ui/later.tsx'
import { pauseClock, resumeClock, startClock } from './examClock.ts'
import { remaining, secondsLeft } from './remaining.ts'
import { useClockMarks } from './useClockMarks.ts'

const ClockDialog = later(() => import('./ClockDialog.tsx').then((module) => module.ClockDialog))

/** The moment, told again every second while the clock runs. */
function useNow(running: boolean): number {
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    if (!running) return
    setNow(Date.now())
    const timer = setInterval(() => setNow(Date.now()), 1000)
    return () => clearInterval(timer)
  }, [running])
  return now
}

/** The exam clock: counts down from the task's minutes once it is started, and on past the end; it can be stopped and set. */
export function ExamClock() {
  const { minutes, started, paused } = useTask()
  const [setting, setSetting] = useState(false)
  const now = useNow(started !== undefined && paused === undefined)
  const clock = minutes === undefined || started === undefined ? undefined : { minutes, started, paused, now }
  useClockMarks(clock && secondsLeft(clock))
  usePageAction({ says: 'Set the clock', words: 'minutes time left warnings sound', act: () => setSetting(true) })
  usePageAction({ says: 'Start the clock', words: 'time exam', act: startClock }, minutes !== undefined && started === undefined)
  usePageAction({ says: 'Stop the clock', words: 'pause time', act: pauseClock }, clock !== undefined && paused === undefined)
  usePageAction({ says: 'Let the clock run on', words: 'resume time', act: resumeClock }, paused !== undefined)
  return (
    <>
      {minutes !== undefined && started === undefined && (
        <button
          type="button"
          className="min-h-9 rounded text-sm font-semibold underline underline-offset-2 hover:text-hop"
          onClick={startClock}
        >
          Start the clock ({minutes} min)
        </button>
      )}
      {clock && (
        <Running {...remaining(clock)} minutes={clock.minutes} paused={paused !== undefined} onSet={() => setSetting(true)} />
      )}
      {setting && (
        <Suspense fallback={null}>
          <ClockDialog left={clock && secondsLeft(clock)} onClose={() => setSetting(false)} />
        </Suspense>
      )}
    </>
  )
}

interface RunningProps {
  readonly text: string
  readonly over: boolean
  readonly minutes: number
  readonly paused: boolean
  readonly onSet: () => void
}

function Running({ text, over, minutes, paused, onSet }: RunningProps) {
  const says = paused ? 'stands still' : over ? 'over time' : `left of ${minutes} min`
  return (
    <div className="flex items-center gap-1.5 leading-tight">
      <button type="button" title="Set the clock" className="rounded text-left hover:text-hop" onClick={onSet}>
        <span role="timer" className={`num text-2xl max-[899px]:text-base ${over ? 'font-semibold text-litmus' : ''}`}>
          {text}
        </span>{' '}
        <span className="block text-sm text-ink-soft max-[899px]:inline">{says}</span>
      </button>
      <button
        type="button"
        aria-label={paused ? 'Let the clock run on' : 'Stop the clock'}
        className="rounded p-2.5 text-ink-soft hover:bg-hair"
        onClick={paused ? resumeClock : pauseClock}
      >
        {paused ? <Play size={16} /> : <Pause size={16} />}
      </button>
    </div>
  )
}
