import { useEffect } from 'react'
import { Outlet, useNavigate, useParams } from 'react-router'
import type { ApiError } from '../notebook/api.ts'
import { useNotebook } from '../notebook/store.ts'
import { watchTask } from '../notebook/watchTask.ts'
import { Button } from '../ui/Button.tsx'
import { useStable } from '../ui/useStable.ts'
import { Everywhere } from './Everywhere.tsx'
import { Spine } from './Spine.tsx'
import { useWhenBack } from './useWhenBack.ts'

/** Opens the task of the address and lays out spine, sheet and margin; each page brings its own margin. */
export function TaskShell() {
  const { taskId = '' } = useParams()
  const opening = useNotebook((state) => state.opening)
  const hasTask = useNotebook((state) => state.task !== undefined)
  const { open, close } = useNotebook.getState()
  useEffect(() => {
    void open(taskId)
    const stop = watchTask(taskId)
    return () => {
      stop()
      close()
    }
  }, [taskId, open, close])
  if (opening.kind === 'failed') return <NotOpened error={opening.error} again={() => void open(taskId)} />
  if (opening.kind !== 'open' || !hasTask) return <p className="p-8 text-ink-soft">Opening the task …</p>
  return <OpenTask />
}

function OpenTask() {
  return (
    <div className="page-frame grid min-h-full bg-sheet max-[899px]:grid-cols-[minmax(0,1fr)] max-[899px]:grid-rows-[auto_1fr] min-[900px]:h-full min-[900px]:grid-cols-[13rem_1fr]">
      <Spine />
      <Outlet />
      <Everywhere />
    </div>
  )
}

function NotOpened({ error, again }: { readonly error: ApiError; readonly again: () => void }) {
  const navigate = useNavigate()
  useWhenBack(error.away, useStable(again))
  return (
    <main className="mx-auto max-w-xl p-8">
      <h1 className="mb-3 text-2xl font-bold">
        {error.status === 404 ? 'There is no such task.' : 'The task could not be opened.'}
      </h1>
      <p className="mb-1">{error.message}</p>
      <p className="mb-5 text-ink-soft">
        {error.away
          ? 'This task was never open on this device, or too long ago, so there is no copy of it here. It opens as soon as the server answers.'
          : error.mend}
      </p>
      <div className="flex gap-2">
        <Button look="main" onClick={again}>
          Try again
        </Button>
        <Button onClick={() => void navigate('/')}>To the shelf</Button>
      </div>
    </main>
  )
}
