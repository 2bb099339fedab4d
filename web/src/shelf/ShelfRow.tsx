import type { ShelfLine } from '@hop-lark/contract'
import type { StageState } from '@hop-lark/core/stages'
import { format, isThisYear, isToday } from 'date-fns'
import { EllipsisVertical } from 'lucide-react'
import { Suspense, useState } from 'react'
import { Link } from 'react-router'
import { StageMark } from '../app/StageMark.tsx'
import { later } from '../ui/later.tsx'
import { Num } from '../ui/Num.tsx'
import { sayStages } from './sayStages.ts'

const TaskMenu = later(() => import('./TaskMenu.tsx').then((module) => module.TaskMenu))

interface ShelfRowProps {
  readonly line: ShelfLine
  readonly onChanged: () => void
}

/** A task on the shelf: its title, when it changed, how far its stages are, and its last answers. */
export function ShelfRow({ line, onChanged }: ShelfRowProps) {
  const { stages, answers } = line.summary
  return (
    <tr className="border-b border-hair align-top max-[699px]:grid max-[699px]:grid-cols-[1fr_auto] max-[699px]:py-3">
      <td className="py-3 pr-4 max-[699px]:py-0">
        <Title line={line} />
      </td>
      <td className="py-3 pr-4 whitespace-nowrap text-ink-soft max-[699px]:order-last max-[699px]:hidden">
        <time dateTime={line.updated}>{when(line.updated)}</time>
      </td>
      <td className="py-3 pr-4 max-[699px]:col-span-2 max-[699px]:py-1">
        <span className="sr-only">{sayStages(stages)}</span>
        <ol aria-hidden="true" className="flex gap-1">
          {stages.map(({ title, state }, index) => (
            <li key={`${index}${title}`} title={title} className="flex">
              <StageMark state={state as StageState} />
            </li>
          ))}
        </ol>
      </td>
      <td className="py-3 text-right max-[699px]:col-span-2 max-[699px]:py-0 max-[699px]:text-left">
        {answers.length === 0 && <span className="text-ink-soft">none yet</span>}
        <ul>
          {answers.slice(-2).map(({ says, value, unit }) => (
            <li key={says}>
              <span className="mr-2 text-sm text-ink-soft">{says}</span>
              <Num text={value} unit={unit} className="font-semibold" />
            </li>
          ))}
        </ul>
      </td>
      <td className="py-2 text-right max-[699px]:col-start-2 max-[699px]:row-start-1">
        <MoreOf line={line} onChanged={onChanged} />
      </td>
    </tr>
  )
}

function Title({ line: { id, title, archived } }: { readonly line: ShelfLine }) {
  const says = title || 'Untitled task'
  return archived === null ? (
    <Link to={`/task/${id}`} className="text-lg font-semibold break-words hover:text-hop">
      {says}
    </Link>
  ) : (
    <span className="text-lg font-semibold break-words">{says}</span>
  )
}

/** The menu of a line. One that is asked for before its code is there opens when it is. */
function MoreOf(props: ShelfRowProps) {
  const [wanted, setWanted] = useState(false)
  const waiting = (
    <button
      type="button"
      aria-label={`More for ${props.line.title}`}
      className="rounded p-2 hover:bg-hair"
      onClick={() => setWanted(true)}
    >
      <EllipsisVertical size={18} />
    </button>
  )
  return (
    <Suspense fallback={waiting}>
      <TaskMenu {...props} openAtOnce={wanted} />
    </Suspense>
  )
}

function when(iso: string): string {
  const date = new Date(iso)
  return isToday(date) ? format(date, 'HH:mm') : format(date, isThisYear(date) ? 'd MMM' : 'd MMM yyyy')
}
