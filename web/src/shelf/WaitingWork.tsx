import { Link } from 'react-router'
import { toast } from 'sonner'
import { ApiError, api } from '../notebook/api.ts'
import { downloadTask } from '../notebook/download.ts'
import { abandon, outboxOf } from '../notebook/outboxes.ts'
import { seenInArchive, type Waiting } from '../notebook/waiting.ts'
import { Button } from '../ui/Button.tsx'
import { useWaiting } from './useWaiting.ts'

const SAYS: Readonly<Record<Waiting['state'], string>> = {
  saving: 'is being sent to the server …',
  kept: 'waits on this device until the server is back.',
  held: 'is in this window only: do not close it, or download the task.',
  gone: 'was deleted on the server while work on it waited here.',
  elsewhere: 'waits in another window of this browser, which sends it.',
  archived: 'is archived; what waited here has been saved in it.',
}

/** Work that the server has not got, of every task, and what can be done about it. It is sent from here. */
export function WaitingWork({ onSent }: { readonly onSent: () => void }) {
  const { waiting, again } = useWaiting(onSent)
  if (waiting.length === 0) return null
  return (
    <section aria-label="Waiting work" className="mb-6 rounded-xl border-l-4 border-iodine bg-iodine-wash px-4 py-3">
      <h2 className="mb-1 text-lg font-bold">Work that is not on the server yet</h2>
      <ul className="flex flex-col gap-2">
        {waiting.map((one) => (
          <li key={one.taskId} className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1" data-waiting={one.state}>
            <p>
              <strong className="font-semibold">{one.title || 'Untitled task'}</strong> {SAYS[one.state]}
            </p>
            <Actions
              waiting={one}
              onDone={() => {
                again()
                onSent()
              }}
            />
          </li>
        ))}
      </ul>
    </section>
  )
}

function Actions({ waiting: { taskId, state }, onDone }: { readonly waiting: Waiting; readonly onDone: () => void }) {
  const outbox = outboxOf(taskId)
  const act = async (does: () => Promise<unknown>) => {
    try {
      await does()
      onDone()
    } catch (error) {
      if (!(error instanceof ApiError)) throw error
      toast(`${error.message} ${error.mend}`)
    }
  }
  const restore = async () => {
    await api.restore(taskId)
    seenInArchive(taskId)
  }
  return (
    <div className="flex flex-wrap gap-2">
      {state === 'gone' && <Button onClick={() => void act(() => outbox.putBack())}>Put it back</Button>}
      {state === 'archived' && <Button onClick={() => void act(restore)}>Put it back on the shelf</Button>}
      {(state === 'kept' || state === 'held') && (
        <Link to={`/task/${taskId}`} className="rounded-lg px-2 py-1 font-semibold underline underline-offset-2">
          Open
        </Link>
      )}
      {state !== 'elsewhere' && state !== 'archived' && (
        <Button onClick={() => outbox.task && downloadTask(outbox.task)}>Download</Button>
      )}
      {state === 'gone' && (
        <Button look="danger" onClick={() => void act(() => abandon(taskId))}>
          Delete it here
        </Button>
      )}
    </div>
  )
}
