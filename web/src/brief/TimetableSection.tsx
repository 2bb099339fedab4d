import { type Bar, type During, duringWaits, expendable, lanesOf, type RunStep, type SheetReading } from '@hop-lark/core/brief'
import { useTask } from '../notebook/derived.ts'
import { useNotebook } from '../notebook/store.ts'
import { Segments } from '../ui/Segments.tsx'
import { TextField } from '../ui/TextField.tsx'
import { minutesTyped } from './stepTimes.ts'
import { usePlan } from './usePlan.ts'

const PAIRS = [
  { value: '1', says: 'one pair of hands' },
  { value: '2', says: 'two pairs' },
] as const

/** The timetable of a sheet: what to do during each wait, as bars on a time axis. */
export function TimetableSection({ reading }: { readonly reading: SheetReading }) {
  const { brief, minutes } = useTask()
  const edit = useNotebook((state) => state.edit)
  const pairs = brief?.hands ?? 1
  const { planned, found, progress } = usePlan(reading)
  if (planned.length < 2) return null
  const stepOf = (id: string) => reading.steps.find((one) => one.id === id)
  const { hands, waits } = lanesOf(planned, found)
  const lanes = [
    ...hands.map((bars, index) => ({ says: index === 0 ? 'hands' : 'hands, too', bars, busy: true })),
    ...waits.map((bars, index) => ({ says: index === 0 ? 'waiting' : '', bars, busy: false })),
  ]
  return (
    <section aria-label="Timetable" className="mt-8">
      <div className="flex flex-wrap items-end justify-between gap-x-4 gap-y-2 border-b-[1.5px] border-ink pb-2">
        <h2 className="text-xl font-bold">{Math.round(found.ends)} minutes, if the waits are used</h2>
        <TextField
          label="Queue at the balance"
          at={['brief', 'queue']}
          value={brief?.queue === undefined ? '' : String(brief.queue)}
          placeholder="none"
          unit="min"
          mono
          inputMode="decimal"
          className="w-40"
          onCommit={(text) =>
            edit('queue at the balance', (task) => {
              if (!task.brief) return
              const queue = minutesTyped(text, 60)
              if (queue === undefined) delete task.brief.queue
              else task.brief.queue = queue
            })
          }
        />
        <Segments
          label="Pairs of hands"
          value={pairs === 2 ? '2' : '1'}
          choices={PAIRS}
          onChange={(chosen) =>
            edit('choose the pairs of hands', (task) => {
              if (task.brief) task.brief.hands = Number(chosen)
            })
          }
        />
      </div>
      <Slack reading={reading} ends={found.ends} minutes={minutes} />
      {/* biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reached by keyboard */}
      <section aria-label="Bars of the timetable" tabIndex={0} className="mt-3 overflow-x-auto">
        <div className="min-w-[34rem]">
          {lanes.map(({ says, bars, busy }, index) => (
            <div key={`${says}${index}`} className="mb-1.5 grid grid-cols-[4.5rem_1fr] items-center gap-2">
              <span className="text-sm text-ink-soft">{says}</span>
              <div className="relative h-9">
                {bars.map((bar) => (
                  <BarOf
                    key={bar.id}
                    bar={bar}
                    ends={found.ends}
                    step={stepOf(bar.id)}
                    busy={busy}
                    done={progress.begun.some(({ id, end }) => id === bar.id && end <= progress.now)}
                  />
                ))}
              </div>
            </div>
          ))}
          <Axis ends={found.ends} now={progress.begun.length > 0 ? progress.now : undefined} />
        </div>
      </section>
      <Waits reading={reading} waits={duringWaits(planned, found)} />
      {!found.proved && (
        <p className="mt-1 text-sm text-ink-soft">
          Not every order was looked at: none can end before {Math.round(found.atLeast)} minutes.
        </p>
      )}
    </section>
  )
}

/** What is done while something goes on by itself, in words. */
function Waits({ reading, waits }: { readonly reading: SheetReading; readonly waits: readonly During[] }) {
  const number = (id: string) => reading.steps.find((one) => one.id === id)?.n
  const used = waits.filter(({ does }) => does.length > 0)
  if (used.length === 0) return null
  return (
    <ul aria-label="What to do while waiting" className="mt-2 text-[0.95rem]">
      {used.map(({ id, minutes, does }) => (
        <li key={id}>
          While step <span className="num">{number(id)}</span> waits <span className="num">{minutes}</span> min: do step
          {does.length > 1 ? 's' : ''} <span className="font-semibold">{does.map(number).join(', ')}</span>.
        </li>
      ))}
    </ul>
  )
}

interface SlackProps {
  readonly reading: SheetReading
  readonly ends: number
  readonly minutes: number | undefined
}

/** What is to spare of the time allowed; where it is too short, what can be done without first. */
function Slack({ reading, ends, minutes }: SlackProps) {
  if (minutes === undefined) return null
  const spare = Math.round(minutes - ends)
  if (spare >= 0)
    return (
      <p className="mt-2 text-[0.95rem] text-ink-soft">
        {spare} min to spare of {minutes}.
      </p>
    )
  const [first] = expendable(reading.steps)
  return (
    <p className="mt-2 border-l-3 border-iodine pl-3 text-[0.95rem]">
      {-spare} min more than the {minutes} allowed.
      {first && ` First do without step ${first.n}, “${first.text.slice(0, 60)}” (${first.minutes.hands} min).`}
    </p>
  )
}

/** Share of the axis below which a bar has no room for a number. */
const NARROW = 0.025

interface BarOfProps {
  readonly bar: Bar
  readonly ends: number
  readonly step: RunStep | undefined
  readonly busy: boolean
  readonly done: boolean
}

function BarOf({ bar, ends, step, busy, done }: BarOfProps) {
  const share = (minutes: number) => `${(100 * minutes) / Math.max(ends, 1)}%`
  const look = busy ? (done ? 'bg-hop-wash text-ink' : 'bg-hop text-sheet') : 'border border-lark bg-lark-wash text-ink'
  const says = `Step ${step?.n}: ${step?.text}, from minute ${Math.round(bar.from)} to ${Math.round(bar.to)}${busy ? '' : ', waiting'}`
  return (
    <span
      role="img"
      aria-label={says}
      title={says}
      className={`absolute inset-y-0 flex items-center overflow-hidden rounded-md px-1.5 text-sm whitespace-nowrap ${look}`}
      style={{ left: share(bar.from), width: `calc(${share(bar.to - bar.from)} - 2px)` }}
    >
      {(bar.to - bar.from) / Math.max(ends, 1) > NARROW && step?.n}
    </span>
  )
}

/** A step of the axis that leaves about eight marks. */
const stepOfAxis = (ends: number) => [1, 2, 5, 10, 15, 20, 30, 60].find((step) => ends / step <= 9) ?? 120

function Axis({ ends, now }: { readonly ends: number; readonly now: number | undefined }) {
  const step = stepOfAxis(ends)
  const marks = Array.from({ length: Math.floor(ends / step) + 1 }, (_, index) => index * step)
  const at = (minutes: number) => ({ left: `${(100 * minutes) / Math.max(ends, 1)}%` })
  return (
    <div className="grid grid-cols-[4.5rem_1fr] gap-2">
      <span className="text-sm text-ink-soft">minutes</span>
      <div className="relative h-7 border-t border-ink">
        {marks.map((mark) => (
          <span
            key={mark}
            // The last one would stick out of what scrolls.
            className={`num absolute top-1 text-sm ${mark > 0.97 * ends ? '-translate-x-full' : '-translate-x-1/2'}`}
            style={at(mark)}
          >
            {mark}
          </span>
        ))}
        {now !== undefined && now <= ends && (
          <span
            role="img"
            aria-label="now"
            title="now"
            className="absolute -top-2 h-4 w-1 -translate-x-1/2 bg-litmus"
            style={at(now)}
          />
        )}
      </div>
    </div>
  )
}
