import { Play, RotateCcw } from 'lucide-react'
import { useState } from 'react'
import { useMoment } from '../ui/useMoment.ts'

/** A wait that a guide asks for, counted down while it is looked at. */
export function GuideTimer({ says, minutes }: { readonly says: string; readonly minutes: number }) {
  const [started, setStarted] = useState<string>()
  const now = useMoment(started !== undefined)
  const left = started === undefined ? minutes * 60 : minutes * 60 - (Date.parse(now) - Date.parse(started)) / 1000
  const seconds = Math.max(0, Math.round(left))
  return (
    <div className="mt-2 flex items-center gap-2">
      <button
        type="button"
        className="inline-flex min-h-9 items-center gap-1.5 rounded-lg border border-rule px-2 text-sm font-semibold hover:border-ink-soft"
        onClick={() => setStarted(started === undefined ? new Date().toISOString() : undefined)}
      >
        {started === undefined ? <Play size={14} aria-hidden="true" /> : <RotateCcw size={14} aria-hidden="true" />}
        {says}
      </button>
      <span role="timer" className="num text-lg">
        {seconds === 0 ? 'over' : `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`}
      </span>
    </div>
  )
}
