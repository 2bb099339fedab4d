import type { Standing } from '@hop-lark/contract'
import { outboxOf } from './outboxes.ts'

/** Where the browser, or something between it and the server, lets no events through, the server is asked as often. */
const MILLISECONDS_BETWEEN_QUESTIONS = 2000
/** After which what a window of this browser has left that is gone is looked for again. */
const MILLISECONDS_BETWEEN_ADOPTIONS = 10_000
/** After which a stream that broke is tried anew. */
const MILLISECONDS_BETWEEN_STREAMS = 10_000

/**
 * Follows what others save of a task while the page is in sight, until the answer is called. A browser opens few
 * connections to one server, so a page that nobody looks at gives its own up; it asks once when it is looked at again.
 */
export function watchTask(taskId: string): () => void {
  let stream: EventSource | undefined
  let again: ReturnType<typeof setTimeout> | undefined
  const outbox = outboxOf(taskId)
  const ask = setInterval(() => {
    const isListening = stream?.readyState === EventSource.OPEN
    if (document.visibilityState === 'visible' && !isListening) outbox.refresh()
  }, MILLISECONDS_BETWEEN_QUESTIONS)
  const adopt = setInterval(() => void outbox.adopt(), MILLISECONDS_BETWEEN_ADOPTIONS)
  const close = () => {
    clearTimeout(again)
    stream?.close()
    stream = undefined
  }
  const listen = () => {
    close()
    if (document.visibilityState !== 'visible' || typeof EventSource === 'undefined') return
    const opened = new EventSource(`/api/tasks/${encodeURIComponent(taskId)}/events`)
    opened.onmessage = ({ data }) => outbox.heard(JSON.parse(data) as Standing)
    opened.onerror = () => {
      // A stream that is only interrupted opens itself again; one that was refused stays closed.
      if (opened.readyState === EventSource.CLOSED) again = setTimeout(listen, MILLISECONDS_BETWEEN_STREAMS)
    }
    stream = opened
  }
  const look = () => {
    listen()
    if (document.visibilityState === 'visible') outbox.refresh()
  }
  document.addEventListener('visibilitychange', look)
  listen()
  return () => {
    document.removeEventListener('visibilitychange', look)
    clearInterval(ask)
    clearInterval(adopt)
    close()
  }
}
