import { Suspense } from 'react'
import type { ShelfQuery } from '../notebook/api.ts'
import { Button } from '../ui/Button.tsx'
import { later } from '../ui/later.tsx'
import { HOW_FAR } from './howFar.ts'
import type { Grouping } from './shelfTable.ts'
import type { Shelf } from './useShelf.ts'

const ShelfLedger = later(() => import('./ShelfLedger.tsx').then((module) => module.ShelfLedger))

interface ShelfBodyProps {
  readonly shelf: Shelf
  readonly asked: ShelfQuery
  readonly grouping: Grouping
  readonly onAsk: (more: Partial<ShelfQuery>) => void
  readonly onNew: () => void
}

const KnownTasks = later(() => import('./KnownTasks.tsx').then((module) => module.KnownTasks))

const Fetching = () => <p className="text-ink-soft">Fetching the tasks …</p>

/** The lines of the shelf, or why there are none. */
export function ShelfBody({ shelf, asked, grouping, onAsk, onNew }: ShelfBodyProps) {
  if (shelf.kind === 'loading') return <Fetching />
  if (shelf.kind === 'failed') {
    return (
      <div role="alert" className="border-l-3 border-iodine pl-4">
        <p className="font-semibold">{shelf.error.message}</p>
        <p className="mb-3 text-ink-soft">The shelf is on the server. A task that is open in another window goes on working.</p>
        <Button onClick={shelf.again}>Try again</Button>
        <Suspense fallback={null}>
          <KnownTasks />
        </Suspense>
      </div>
    )
  }
  if (shelf.page.tasks.length === 0) return <EmptyShelf asked={asked} onAsk={onAsk} onNew={onNew} />
  return (
    <Suspense fallback={<Fetching />}>
      <ShelfLedger shelf={shelf.page} asked={asked} grouping={grouping} onAsk={onAsk} onChanged={shelf.again} />
    </Suspense>
  )
}

function EmptyShelf({ asked: { search, archived, progress }, onAsk, onNew }: Pick<ShelfBodyProps, 'asked' | 'onAsk' | 'onNew'>) {
  if (progress !== 'any')
    return (
      <p className="text-ink-soft">
        No task here is {HOW_FAR[progress]}
        {search !== '' && ` and has “${search}” in its title`}.{' '}
        <Button look="quiet" onClick={() => onAsk({ progress: 'any', page: 1 })}>
          Show all
        </Button>
      </p>
    )
  if (search !== '') return <p className="text-ink-soft">No task has “{search}” in its title.</p>
  if (archived === 'true')
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
