import { FilePlus2, Search, Upload } from 'lucide-react'
import { Suspense, useRef, useState } from 'react'
import { useHotkeys } from 'react-hotkeys-hook'
import { useNavigate } from 'react-router'
import { Lark } from '../app/Lark.tsx'
import { ApiError, api } from '../notebook/api.ts'
import { Button } from '../ui/Button.tsx'
import { later } from '../ui/later.tsx'
import { SINGLE_KEY } from '../ui/singleKey.ts'
import { ShelfLedger } from './ShelfLedger.tsx'
import { useShelf } from './useShelf.ts'

const NewTaskDialog = later(() => import('./NewTaskDialog.tsx').then((module) => module.NewTaskDialog))

/** The tasks as entries in a ledger. */
export function ShelfPage() {
  const [search, setSearch] = useState('')
  const [archived, setArchived] = useState(false)
  const [page, setPage] = useState(1)
  const [making, setMaking] = useState(false)
  const shelf = useShelf(search, archived, page)
  const field = useRef<HTMLInputElement>(null)
  useHotkeys('n', () => setMaking(true), SINGLE_KEY)
  useHotkeys('slash', () => field.current?.focus(), SINGLE_KEY)
  return (
    <div className="min-h-full bg-sheet">
      <header className="border-b border-rule bg-paper">
        <div className="mx-auto flex max-w-5xl flex-wrap items-center justify-between gap-3 px-6 py-4">
          <p className="flex items-center gap-2 font-title text-xl font-bold">
            <Lark size={28} /> Hop Lark
          </p>
          <div className="flex flex-wrap gap-2">
            <ImportButton />
            <Button look="main" hotkey="N" icon={<FilePlus2 size={17} aria-hidden="true" />} onClick={() => setMaking(true)}>
              New task
            </Button>
          </div>
        </div>
      </header>
      <main className="mx-auto max-w-5xl px-6 py-6">
        <div className="mb-5 flex flex-wrap items-end justify-between gap-4">
          <h1 className="text-3xl font-bold">{archived ? 'Archived tasks' : 'Tasks'}</h1>
          <div className="flex flex-wrap items-center gap-4">
            <label className="flex items-center gap-2 rounded-lg border border-rule px-3">
              <Search size={16} aria-hidden="true" />
              <span className="sr-only">Search by title</span>
              <input
                ref={field}
                value={search}
                onChange={(event) => {
                  setSearch(event.target.value)
                  setPage(1)
                }}
                placeholder="Search by title"
                className="min-h-9 w-44 bg-transparent outline-none placeholder:text-ink-soft"
              />
            </label>
            <Button
              look="quiet"
              onClick={() => {
                setArchived(!archived)
                setPage(1)
              }}
            >
              {archived ? 'Back to the shelf' : 'Archived'}
            </Button>
          </div>
        </div>
        <ShelfLedger shelf={shelf} archived={archived} search={search} onNew={() => setMaking(true)} onPage={setPage} />
      </main>
      {making && <MakeTask onClose={() => setMaking(false)} />}
    </div>
  )
}

/** The dialog of a new task. Until its code is there, what is typed goes into the title and not to the page behind. */
function MakeTask({ onClose }: { readonly onClose: () => void }) {
  const [typed, setTyped] = useState('')
  const waiting = (
    <input
      // Whoever asked for a new task types its title next.
      ref={(input) => input?.focus()}
      aria-label="New task: its title"
      placeholder="Title of the new task"
      value={typed}
      onChange={(event) => setTyped(event.target.value)}
      className="fixed inset-x-0 top-[5vh] mx-auto w-72 rounded-lg border border-rule bg-sheet px-3 py-2 placeholder:text-ink-soft"
    />
  )
  return (
    <Suspense fallback={waiting}>
      <NewTaskDialog title={typed} onClose={onClose} />
    </Suspense>
  )
}

function ImportButton() {
  const navigate = useNavigate()
  const input = useRef<HTMLInputElement>(null)
  const take = async (file: File | undefined) => {
    if (!file) return
    try {
      const created = await api.create(JSON.parse(await file.text()))
      await navigate(`/task/${created.id}/brief`)
    } catch (error) {
      const { toast } = await import('sonner')
      toast(wordImport(file.name, error), { duration: 12_000 })
    }
  }
  return (
    <>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        aria-label="Task file"
        className="hidden"
        onChange={(event) => {
          void take(event.target.files?.[0])
          event.target.value = ''
        }}
      />
      <Button icon={<Upload size={17} aria-hidden="true" />} onClick={() => input.current?.click()}>
        From a file
      </Button>
    </>
  )
}

function wordImport(name: string, error: unknown): string {
  if (error instanceof SyntaxError) return `${name} is not JSON, so it is no task file.`
  if (!(error instanceof ApiError)) throw error
  const faults = error.faults.slice(0, 3).map(({ at, says }) => (at ? `${at}: ${says}` : says))
  return faults.length > 0 ? `${name} cannot be read. ${faults.join(' ')}` : `${error.message} ${error.mend}`
}
