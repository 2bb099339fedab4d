import { format } from 'date-fns'
import { CircleAlert, CloudOff, LoaderCircle } from 'lucide-react'
import { useNotebook } from '../notebook/store.ts'

/** What the save state really is. */
export function SaveLine() {
  const save = useNotebook((state) => state.save)
  return (
    <p role="status" aria-live="polite" data-save={save.kind} className="mt-1 flex items-center gap-1.5 text-sm text-ink-soft">
      {save.kind === 'saved' && (
        <>
          <span aria-hidden="true" className="size-2 rounded-full bg-hop" />
          {save.at ? (
            <span>
              saved <time dateTime={save.at}>{format(new Date(save.at), 'HH:mm')}</time>
            </span>
          ) : (
            'saved'
          )}
        </>
      )}
      {save.kind === 'saving' && (
        <>
          <LoaderCircle size={14} aria-hidden="true" className="motion-safe:animate-spin" />
          saving …
        </>
      )}
      {save.kind === 'kept' && (
        <span className="flex gap-1.5 font-semibold text-iodine">
          <CloudOff size={16} aria-hidden="true" className="mt-0.5 shrink-0" />
          kept on this device until the server is back
        </span>
      )}
      {save.kind === 'held' && (
        <span className="flex gap-1.5 font-semibold text-litmus">
          <CircleAlert size={16} aria-hidden="true" className="mt-0.5 shrink-0" />
          only in this window: do not close it
        </span>
      )}
      {save.kind === 'gone' && (
        <span className="flex gap-1.5 font-semibold text-litmus">
          <CircleAlert size={16} aria-hidden="true" className="mt-0.5 shrink-0" />
          this task was deleted
        </span>
      )}
    </p>
  )
}
