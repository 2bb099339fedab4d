import { Suspense, useState } from 'react'
import { later } from '../ui/later.tsx'

const NewTaskDialog = later(() => import('./NewTaskDialog.tsx').then((module) => module.NewTaskDialog))

/** The dialog of a new task. Until its code is there, what is typed goes into the title and not to the page behind. */
export function MakeTask({ onClose }: { readonly onClose: () => void }) {
  const [typed, setTyped] = useState('')
  const [entered, setEntered] = useState(false)
  const waiting = (
    <input
      // Whoever asked for a new task types its title next.
      ref={(input) => input?.focus()}
      aria-label="New task: its title"
      placeholder="Title of the new task"
      value={typed}
      onChange={(event) => setTyped(event.target.value)}
      onKeyDown={(event) => event.key === 'Enter' && setEntered(true)}
      className="fixed inset-x-0 top-[5vh] mx-auto w-72 rounded-lg border border-rule bg-sheet px-3 py-2 placeholder:text-ink-soft"
    />
  )
  return (
    <Suspense fallback={waiting}>
      <NewTaskDialog title={typed} entered={entered} onClose={onClose} />
    </Suspense>
  )
}
