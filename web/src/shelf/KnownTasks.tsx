import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import { device } from '../notebook/outboxes.ts'

interface KnownTask {
  readonly taskId: string
  readonly title: string
}

/** Every task of which this device has a copy: what waits here, and what was open last. */
async function knownTasks(): Promise<readonly KnownTask[]> {
  const [kept, known] = await Promise.all([device.all(), device.allKnown()])
  const last = known.toSorted((one, other) => (one.at < other.at ? 1 : -1))
  const titles = new Map([
    ...last.map(({ taskId, document }) => [taskId, document.title] as const),
    ...kept.map(({ taskId, local }) => [taskId, local.title] as const),
  ])
  return [...titles].map(([taskId, title]) => ({ taskId, title }))
}

/** The tasks that can be opened while the server is away. */
export function KnownTasks() {
  const [tasks, setTasks] = useState<readonly KnownTask[]>([])
  useEffect(() => {
    // A device that keeps nothing has none.
    knownTasks().then(setTasks, () => setTasks([]))
  }, [])
  if (tasks.length === 0) return null
  return (
    <section aria-label="On this device" className="mt-6">
      <h2 className="mb-2 text-xl font-bold">On this device</h2>
      <p className="mb-2 text-ink-soft">These open without the server; what is entered is sent when it is back.</p>
      <ul>
        {tasks.map(({ taskId, title }) => (
          <li key={taskId} className="border-b border-hair py-2">
            <Link to={`/task/${taskId}`} className="text-lg font-semibold break-words hover:text-hop">
              {title || 'Untitled task'}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  )
}
