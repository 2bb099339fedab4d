import { useTask } from '../notebook/derived.ts'
import { tellField, useNotebook } from '../notebook/store.ts'
import { Button } from '../ui/Button.tsx'
import { Dialog } from '../ui/Dialog.tsx'
import { ONWARD } from '../ui/nextAsked.ts'
import { TextField } from '../ui/TextField.tsx'
import { ring } from './bell.ts'
import { pauseClock, resetClock, resumeClock, setMinutesLeft, startClock, useClockChoice } from './examClock.ts'

interface ClockDialogProps {
  /** Seconds left, once the clock was started. */
  readonly left: number | undefined
  readonly onClose: () => void
}

/** Most minutes a clock is set to: more than any task has. */
const MOST = 100_000

/** Minutes as they are typed, whole or broken; the field is told of what is none. */
function minutesIn(text: string): number | undefined {
  const minutes = Number(text.replace(',', '.'))
  if (text !== '' && minutes >= 0 && minutes <= MOST) return minutes
  tellField(`${text === '' ? 'Nothing' : text} is no number of minutes: write for example 75.`)
}

/** Marks as they are typed: `10, 5, 1`; the field is told of what is none. */
function marksIn(text: string): readonly number[] | undefined {
  const marks = text.split(/[\s,;]+/).filter((one) => one !== '')
  const wrong = marks.find((one) => !(Number(one) > 0 && Number(one) <= MOST))
  if (wrong === undefined) return [...new Set(marks.map(Number))].toSorted((one, other) => other - one)
  tellField(`${wrong} is no number of minutes: write for example 10, 5, 1.`)
}

/** The exam clock: how long, how much is left, when it speaks up and whether it is heard. */
export function ClockDialog({ left, onClose }: ClockDialogProps) {
  const { minutes, started, paused } = useTask()
  const edit = useNotebook((state) => state.edit)
  const { marks, sound, setMarks, setSound } = useClockChoice()
  return (
    <Dialog open onOpenChange={onClose} title="The clock">
      <div className="flex flex-wrap gap-3">
        <TextField
          label="Minutes allowed"
          value={minutes === undefined ? '' : String(minutes)}
          inputMode="decimal"
          mono
          asked
          className="w-40"
          onCommit={(text) => {
            const allowed = text === '' ? 0 : minutesIn(text)
            if (allowed === undefined) return
            edit('set the time', (task) => {
              if (allowed === 0) delete task.minutes
              else task.minutes = allowed
            })
          }}
        />
        {left !== undefined && (
          <TextField
            label="Minutes left now"
            value={String(Math.max(0, Math.round(left / 60)))}
            inputMode="decimal"
            mono
            hint="by the clock on the wall"
            className="w-40"
            onCommit={(text) => {
              const now = minutesIn(text)
              if (now !== undefined) setMinutesLeft(now)
            }}
          />
        )}
      </div>
      <div className="mt-4 flex flex-wrap gap-2">
        {minutes !== undefined && started === undefined && <Button onClick={startClock}>Start it</Button>}
        {started !== undefined && paused === undefined && <Button onClick={pauseClock}>Stop it for a while</Button>}
        {paused !== undefined && <Button onClick={resumeClock}>Let it run on</Button>}
        {started !== undefined && <Button onClick={resetClock}>Not started after all</Button>}
      </div>
      <TextField
        label="Speak up at so many minutes before the end"
        value={marks.join(', ')}
        mono
        className="mt-5"
        hint="in minutes, as 10, 5, 1; at the end it speaks up in any case"
        onCommit={(text) => {
          const asked = marksIn(text)
          if (asked) setMarks(asked)
        }}
      />
      <label className="mt-3 flex min-h-11 cursor-pointer items-center gap-3">
        <input
          type="checkbox"
          className="size-5 accent-(--hop)"
          checked={sound}
          onChange={({ target }) => {
            setSound(target.checked)
            if (target.checked) ring()
          }}
        />
        With a sound, also for the timers of steps (ask whether the room allows it)
      </label>
      <Button look="main" className="mt-4" {...{ [ONWARD]: '' }} onClick={onClose}>
        Done
      </Button>
    </Dialog>
  )
}
