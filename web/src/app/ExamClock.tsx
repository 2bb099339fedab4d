import { useEffect, useState } from 'react'
import { useTask } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'
import { remaining } from './remaining.ts'

/** The exam clock: counts down from the task's minutes once it is started, and on past the end. */
export function ExamClock() {
  const { minutes, started } = useTask()
  const edit = useNotebook((state) => state.edit)
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    if (started === undefined) return
    const timer = setInterval(() => setNow(Date.now()), 1000)
    return () => clearInterval(timer)
  }, [started])
  if (minutes === undefined) return null
  if (started === undefined) {
    return (
      <button
        type="button"
        className="rounded text-sm font-semibold underline underline-offset-2 hover:text-hop"
        onClick={() =>
          edit('start the clock', (task) => {
            task.started = new Date().toISOString()
          })
        }
      >
        Start the clock ({minutes} min)
      </button>
    )
  }
  const { text, over } = remaining({ minutes, started, now })
  return (
    <p className="leading-tight">
      <span role="timer" className={`num text-2xl max-[899px]:text-base ${over ? 'font-semibold text-litmus' : ''}`}>
        {text}
      </span>{' '}
      <span className="block text-sm text-ink-soft max-[899px]:inline">{over ? 'over time' : `left of ${minutes} min`}</span>
    </p>
  )
}
