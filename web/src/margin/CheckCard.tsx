import type { Problem } from '@hop-lark/core/problem'
import { type EntryObject, isWithin, path, settleRival, slotAt, type Task, valueAt, writePath } from '@hop-lark/core/record'
import { memo } from 'react'
import { useNavigate, useParams } from 'react-router'
import { goTo } from '../app/goTo.ts'
import { derive, useSettledTask } from '../notebook/derived.ts'
import { useDraftPlaces } from '../notebook/drafts.ts'
import { useNotebook } from '../notebook/store.ts'
import { Button } from '../ui/Button.tsx'
import { highlightCell } from './highlight.ts'

const LEVELS = {
  error: { rule: 'border-litmus', text: 'text-litmus', word: 'Wrong' },
  query: { rule: 'border-iodine', text: 'text-iodine', word: 'Check' },
  advice: { rule: 'border-rule', text: 'text-lark', word: 'Note' },
} as const
const ORDER = ['error', 'query', 'advice'] as const
/** More would be a sermon; the rest is said when these are mended. */
const MOST_AT_ONCE = 4

/** What looks wrong and how to mend it: this page's things first, errors before questions before advice. */
export function CheckCard({ about }: { readonly about: readonly string[] }) {
  const task = useSettledTask()
  // Of a value that is being typed over nothing is said: it is no longer in sight.
  const typedOver = useDraftPlaces(task.id).map(({ place }) => place)
  return <Problems task={task} about={about} typedOver={typedOver} />
}

interface ProblemsProps {
  readonly task: Task
  readonly about: readonly string[]
  readonly typedOver: readonly string[]
}

const Problems = memo(
  function Problems({ task, about, typedOver }: ProblemsProps) {
    const problems = derive(task).problems.filter(({ at }) => !typedOver.includes(writePath(at)))
    const mine = (problem: Problem) => about.some((id) => isWithin(problem.at, path('parts', id)))
    const inOrder = problems.toSorted(
      (a, b) => Number(mine(b)) - Number(mine(a)) || ORDER.indexOf(a.level) - ORDER.indexOf(b.level),
    )
    const shown = eachOnce(inOrder.filter((problem) => mine(problem) || problem.level !== 'advice'))
    // What begins to be wrong is told once, when it comes; what was told stays as it is.
    return (
      <div aria-live="polite" aria-relevant="additions" className="contents">
        {shown.length > 0 && (
          <section aria-label="Check" className="flex flex-col gap-4">
            {shown.slice(0, MOST_AT_ONCE).map(({ problem, places }) => (
              <ProblemNote key={`${problem.code}${writePath(problem.at)}`} task={task} problem={problem} places={places} />
            ))}
            {shown.length > MOST_AT_ONCE && <p className="text-sm text-ink-soft">and {shown.length - MOST_AT_ONCE} more</p>}
          </section>
        )}
      </div>
    )
  },
  // Pages name what they are about anew each time they are drawn.
  (one, other) =>
    one.task === other.task && one.about.join() === other.about.join() && one.typedOver.join() === other.typedOver.join(),
)

interface Noted {
  readonly problem: Problem
  /** In how many places it is so. */
  readonly places: number
}

/** Advice of one wording once, at the first of its places; what has to be mended, each. */
function eachOnce(problems: readonly Problem[]): readonly Noted[] {
  const found = new Map<string, Noted>()
  for (const problem of problems) {
    const { level, code, says, mend, at } = problem
    const key = JSON.stringify(level === 'advice' ? [code, says, mend] : [code, at])
    const known = found.get(key)
    found.set(key, known ? { ...known, places: known.places + 1 } : { problem, places: 1 })
  }
  return [...found.values()]
}

interface ProblemProps {
  readonly task: Task
  readonly problem: Problem
}

function ProblemNote({ task, problem, places }: ProblemProps & Noted) {
  const { stages } = derive(task)
  const { taskId = '' } = useParams()
  const navigate = useNavigate()
  const look = LEVELS[problem.level]
  const point = (on: boolean) => () => highlightCell(problem.at, on)
  return (
    <div className={`border-l-3 pl-3 ${look.rule}`}>
      <button
        type="button"
        className="block w-full rounded text-left"
        title="Go there"
        onClick={() => goTo({ at: problem.at, taskId, stages, navigate })}
        onMouseEnter={point(true)}
        onMouseLeave={point(false)}
        onFocus={point(true)}
        onBlur={point(false)}
      >
        <span className={`eyebrow block ${look.text}`}>{look.word}</span>
        <span className="block text-[0.95rem]">{problem.says}</span>
        <span className="block text-sm text-ink-soft">{problem.mend}</span>
        {places > 1 && <span className="block text-sm text-ink-soft">Here and in {sayOthers(places - 1)}.</span>}
      </button>
      <Mends task={task} problem={problem} />
    </div>
  )
}

const sayOthers = (count: number) => (count === 1 ? 'one other place' : `${count} other places`)

/** The mends that one key can carry out. */
function Mends({ task, problem }: ProblemProps) {
  const { edit, write } = useNotebook.getState()
  const { offer, code, at } = problem
  if (code === 'reading.rival') {
    const entry = valueAt(task, at) as EntryObject
    const settle = (keep: string) =>
      edit(`keep ${keep}`, (draft) => {
        const { holder, key } = slotAt(draft, at)
        holder[key] = settleRival(entry, keep, new Date().toISOString())
      })
    return (
      <div className="mt-2 flex gap-2">
        {[entry.value, entry.rival?.value ?? entry.value].map((value) => (
          <Button key={value} onClick={() => settle(value)}>
            Keep {value}
          </Button>
        ))}
      </div>
    )
  }
  if (code === 'run.notCarriedOn') {
    const note = () =>
      edit('note the refill', (draft) => {
        slotAt(draft, [...at.slice(0, -1), 'refilled']).holder.refilled = true
      })
    return (
      <div className="mt-2">
        <Button onClick={note}>It was refilled</Button>
      </div>
    )
  }
  if (!offer) return null
  const take = () => {
    for (const { at: place, text } of offer.set) write(place, text)
  }
  return (
    <div className="mt-2">
      <Button onClick={take}>{offer.label}</Button>
    </div>
  )
}
