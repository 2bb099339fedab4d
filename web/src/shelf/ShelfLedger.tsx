import type { ShelfLine } from '@hop-lark/contract'
import type { StageState } from '@hop-lark/core/stages'
import { format, isThisYear, isToday } from 'date-fns'
import { EllipsisVertical } from 'lucide-react'
import { Suspense, useState } from 'react'
import { Link } from 'react-router'
import { StageMark } from '../app/StageMark.tsx'
import { Button } from '../ui/Button.tsx'
import { ColumnHeads } from '../ui/ColumnHeads.tsx'
import { later } from '../ui/later.tsx'
import { Num } from '../ui/Num.tsx'
import type { Shelf } from './useShelf.ts'

const TaskMenu = later(() => import('./TaskMenu.tsx').then((module) => module.TaskMenu))

interface ShelfLedgerProps {
  readonly shelf: Shelf
  readonly archived: boolean
  readonly search: string
  readonly onNew: () => void
  readonly onPage: (page: number) => void
}

/** The lines of the shelf, or why there are none. */
export function ShelfLedger({ shelf, archived, search, onNew, onPage }: ShelfLedgerProps) {
  if (shelf.kind === 'loading') return <p className="text-ink-soft">Fetching the tasks …</p>
  if (shelf.kind === 'failed') {
    return (
      <div role="alert" className="border-l-3 border-iodine pl-4">
        <p className="font-semibold">{shelf.error.message}</p>
        <p className="mb-3 text-ink-soft">The shelf is on the server. A task that is open in another window goes on working.</p>
        <Button onClick={shelf.again}>Try again</Button>
      </div>
    )
  }
  const { tasks, total, page, size } = shelf.page
  if (tasks.length === 0) return <EmptyShelf archived={archived} search={search} onNew={onNew} />
  const pages = Math.ceil(total / size)
  return (
    <>
      <table className="w-full border-collapse">
        <ColumnHeads
          className="max-[699px]:sr-only"
          columns={[
            { says: 'Task', width: 'pr-4!' },
            { says: 'Changed', width: 'pr-4!' },
            { says: 'How far', width: 'pr-4!' },
            { says: 'Answers so far', align: 'right', width: 'pr-0!' },
            { says: 'More', unseen: true, width: 'w-10' },
          ]}
        />
        <tbody>
          {tasks.map((line) => (
            <Line key={line.id} line={line} onChanged={shelf.again} />
          ))}
        </tbody>
      </table>
      {pages > 1 && (
        <nav aria-label="Pages" className="mt-5 flex items-center gap-3">
          <Button disabled={page <= 1} onClick={() => onPage(page - 1)}>
            Newer
          </Button>
          <span className="text-ink-soft">
            page {page} of {pages}
          </span>
          <Button disabled={page >= pages} onClick={() => onPage(page + 1)}>
            Older
          </Button>
        </nav>
      )}
    </>
  )
}

/** The menu of a line. One that is asked for before its code is there opens when it is. */
function MoreOf(props: { readonly line: ShelfLine; readonly onChanged: () => void }) {
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

function Line({ line, onChanged }: { readonly line: ShelfLine; readonly onChanged: () => void }) {
  const { stages, answers } = line.summary
  return (
    <tr className="border-b border-hair align-top max-[699px]:grid max-[699px]:grid-cols-[1fr_auto] max-[699px]:py-3">
      <td className="py-3 pr-4 max-[699px]:py-0">
        {line.archived === null ? (
          <Link to={`/task/${line.id}`} className="text-lg font-semibold break-words hover:text-hop">
            {line.title || 'Untitled task'}
          </Link>
        ) : (
          <span className="text-lg font-semibold break-words">{line.title || 'Untitled task'}</span>
        )}
      </td>
      <td className="py-3 pr-4 whitespace-nowrap text-ink-soft max-[699px]:order-last max-[699px]:hidden">
        <time dateTime={line.updated}>{when(line.updated)}</time>
      </td>
      <td className="py-3 pr-4 max-[699px]:col-span-2 max-[699px]:py-1">
        <ol className="flex gap-1">
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

function EmptyShelf({
  archived,
  search,
  onNew,
}: {
  readonly archived: boolean
  readonly search: string
  readonly onNew: () => void
}) {
  if (search !== '') return <p className="text-ink-soft">No task has “{search}” in its title.</p>
  if (archived)
    return <p className="text-ink-soft">Nothing is archived. An archived task comes off the shelf and loses nothing.</p>
  return (
    <div className="max-w-xl">
      <p className="mb-2 text-lg">The shelf is empty.</p>
      <p className="mb-4 text-ink-soft">
        Start a task from a starting sheet, enter each reading as you take it, and the titres, the mean and the answer follow. To
        look round first, start the app with <code className="font-mono whitespace-nowrap">./hop-lark demo</code>: it puts
        filled-in tasks here.
      </p>
      <Button look="main" onClick={onNew}>
        New task
      </Button>
    </div>
  )
}
