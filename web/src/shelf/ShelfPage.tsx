import { FilePlus2 } from 'lucide-react'
import { Suspense, useRef, useState } from 'react'
import { Lark } from '../app/Lark.tsx'
import { useDocumentTitle } from '../app/useDocumentTitle.ts'
import { useKeyAction } from '../keys/useKeyAction.ts'
import type { ShelfQuery } from '../notebook/api.ts'
import { Button } from '../ui/Button.tsx'
import { later } from '../ui/later.tsx'
import { ImportButton } from './ImportButton.tsx'
import { MakeTask } from './MakeTask.tsx'
import { ShelfArchive } from './ShelfArchive.tsx'
import { ShelfBody } from './ShelfBody.tsx'
import { ShelfTools } from './ShelfTools.tsx'
import type { Grouping } from './shelfTable.ts'
import { useShelf } from './useShelf.ts'

const Everywhere = later(() => import('../app/Everywhere.tsx').then((module) => module.Everywhere))
const OtherAddresses = later(() => import('./OtherAddresses.tsx').then((module) => module.OtherAddresses))
const WaitingWork = later(() => import('./WaitingWork.tsx').then((module) => module.WaitingWork))

const NEWEST_FIRST: ShelfQuery = {
  search: '',
  archived: 'false',
  page: 1,
  sort: 'updated',
  order: 'desc',
  progress: 'any',
}

/** The tasks as entries in a ledger. */
export function ShelfPage() {
  const [asked, setAsked] = useState(NEWEST_FIRST)
  const [grouping, setGrouping] = useState<Grouping>('none')
  const [making, setMaking] = useState(false)
  const shelf = useShelf(asked)
  useDocumentTitle('Tasks')
  const field = useRef<HTMLInputElement>(null)
  const ask = (more: Partial<ShelfQuery>) => setAsked({ ...asked, ...more })
  useKeyAction('makeNew', { says: 'New task', words: 'start begin sheet titration unknowns' }, () => setMaking(true))
  useKeyAction('search', { says: 'Search the shelf', words: 'find a task' }, () => field.current?.focus())
  return (
    <div className="min-h-full bg-sheet">
      <header className="border-b border-rule bg-paper">
        <div className="mx-auto flex max-w-5xl flex-wrap items-center justify-between gap-3 px-6 py-4">
          <p className="flex items-center gap-2 font-title text-xl font-bold">
            <Lark size={28} /> Hop Lark
          </p>
          <div className="flex flex-wrap gap-2">
            <ImportButton onChange={shelf.again} />
            <Button
              look="main"
              action="makeNew"
              icon={<FilePlus2 size={17} aria-hidden="true" />}
              onClick={() => setMaking(true)}
            >
              New task
            </Button>
          </div>
        </div>
      </header>
      <main tabIndex={-1} className="mx-auto outline-none max-w-5xl px-6 py-6">
        <div className="mb-5 flex flex-wrap items-end justify-between gap-4">
          <h1 className="text-3xl font-bold">{asked.archived === 'true' ? 'Archived tasks' : 'Tasks'}</h1>
          <ShelfTools field={field} asked={asked} onAsk={ask} grouping={grouping} onGroup={setGrouping} />
        </div>
        <Suspense fallback={null}>
          <WaitingWork onSent={shelf.again} />
        </Suspense>
        <ShelfBody shelf={shelf} asked={asked} grouping={grouping} onAsk={ask} onNew={() => setMaking(true)} />
        {shelf.kind === 'there' && shelf.page.total > 0 && (
          <p className="mt-6">
            <ShelfArchive />
          </p>
        )}
        <Suspense fallback={null}>
          <OtherAddresses />
        </Suspense>
      </main>
      <Suspense fallback={null}>
        <Everywhere />
      </Suspense>
      {making && <MakeTask onClose={() => setMaking(false)} />}
    </div>
  )
}
